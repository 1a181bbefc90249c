import { z } from "zod";
import type { Outing } from "@/data";
import { editEvent, shiftEvents, type Edit } from "../edits";
import { timedProgramme } from "../programme/event-times";
import { courseOf } from "../programme/runs-late";
import { entriesOf } from "../people/entries";

const id = z.string().regex(/^[a-z0-9-]{1,40}$/);
const at = z.number().min(0).max(1e14);

/** What a meet says; docs/stand-ins.md tells the protocol. */
export const meetMessages = {
  clock: z.object({ at }),
  call: z.object({ eventId: id, number: z.int().min(1).max(3) }),
  start: z.object({ eventId: id, at }),
  delay: z.object({ eventIds: z.array(id).max(400), minutes: z.number().min(-600).max(600) }),
  scratch: z.object({ eventId: id, name: z.string().min(1).max(80) }),
  result: z.object({ eventId: id, places: z.array(z.string().max(80)).max(40) }),
  over: z.object({ results: z.number(), lateMinutes: z.number() }),
} as const;
export type MeetMessageName = keyof typeof meetMessages;
export type MeetMessage = {
  [Name in MeetMessageName]: { readonly name: Name; readonly data: z.infer<(typeof meetMessages)[Name]> };
}[MeetMessageName];

/** A message as it came over the line; nothing where it cannot be read. */
export function readMeetMessage(name: MeetMessageName, text: string): MeetMessage | undefined {
  try {
    const read = meetMessages[name].safeParse(JSON.parse(text));
    return read.success ? ({ name, data: read.data } as MeetMessage) : undefined;
  } catch {
    return undefined;
  }
}

/** The change of the outing that a message asks for; nothing for what is only told. */
export function editOfMeet({ name, data }: MeetMessage): Edit | undefined {
  switch (name) {
    case "delay":
      return shiftEvents(data.eventIds, data.minutes);
    case "scratch":
      return (outing) => {
        const who = outing.programme?.find((e) => e.id === data.eventId)?.who;
        if (who === undefined) return outing;
        // Struck out of the list, so that neither a lane nor a heat names them.
        const left = who.split(/[;\n]/).filter((line) => entriesOf(line)[0]?.name !== data.name);
        return editEvent(data.eventId, { who: left.map((l) => l.trim()).join("; ") })(outing);
      };
    case "result":
      return editEvent(data.eventId, {
        result: data.places
          .map((p, i) => `${i + 1} ${p}`)
          .join("; ")
          .slice(0, 300),
      });
    default:
      return undefined;
  }
}

/** The programme as it is handed to a meet: as announced, without what ran late before. */
export const programmeForMeet = (outing: Outing) =>
  timedProgramme(outing).map((event) => ({
    id: event.id,
    starts: event.starts,
    minutes: event.minutes,
    calls: event.calls,
    course: courseOf(event),
    who: entriesOf(event.who)
      .map((e) => e.name)
      .slice(0, 40),
  }));
