import type { Coverage, CoverageInput } from "@/core/schedule";
import type { Outing, ProgrammeEvent } from "@/data";
import { editEvents, type Edit } from "../edits";

/** Whose events of a day that two photographers share. */
export type Whose = "all" | "mine" | "second";

/** The share of an event's time that the first has to be there for it to be theirs (assumed). */
const MOST_OF = 0.5;

/**
 * What of a day is left for a second photographer, who begins where the first does: the question without what the first has whole or for the
 * most part.
 */
export function leftForSecond(asked: CoverageInput, first: Coverage): CoverageInput {
  const attended = new Map<string, number>();
  for (const { eventId, from, until } of first.visits)
    attended.set(eventId, (attended.get(eventId) ?? 0) + until - from);
  const isTaken = ({ id, from, until }: CoverageInput["events"][number]): boolean =>
    (attended.get(id) ?? -1) >= MOST_OF * (until - from);
  return { ...asked, events: asked.events.filter((e) => !isTaken(e)) };
}

/** Gives the second photographer what an order of theirs covers, and takes back everything else. */
export const shareOut =
  (second: Coverage | undefined): Edit =>
  (outing) => {
    const all = (outing.programme ?? []).map((e) => e.id);
    const theirs = second?.visits.map((v) => v.eventId) ?? [];
    return editEvents(theirs, { by: "second" })(editEvents(all, { by: undefined })(outing));
  };

/** The outing with the events of one of them. */
export const withEventsOf = (outing: Outing, whose: Whose): Outing =>
  whose === "all" ? outing : { ...outing, programme: outing.programme?.filter((e) => isOf(e, whose)) };

const isOf = ({ by }: ProgrammeEvent, whose: Whose): boolean => (by === "second") === (whose === "second");
