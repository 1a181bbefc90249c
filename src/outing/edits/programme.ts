import { idFromName, LIMITS, type ProgrammeEvent } from "@/data";
import { edited, put, type Edit } from "./edit";

/** Adds events to the programme. */
export const addEvents =
  (events: readonly ProgrammeEvent[]): Edit =>
  (outing) => ({ ...outing, programme: [...(outing.programme ?? []), ...events] });

/** Writes an event: a new one, or in place of the one with its id. */
export const putEvent =
  (event: ProgrammeEvent): Edit =>
  (outing) => ({ ...outing, programme: put(outing.programme ?? [], event) });

export const editEvent =
  (id: string, edit: Partial<Omit<ProgrammeEvent, "id">>): Edit =>
  (outing) => ({ ...outing, programme: edited(outing.programme ?? [], id, edit) });

/** Changes the same of several events. */
export const editEvents =
  (ids: readonly string[], edit: Partial<Omit<ProgrammeEvent, "id">>): Edit =>
  (outing) => ({
    ...outing,
    programme: (outing.programme ?? []).map((e) => (ids.includes(e.id) ? { ...e, ...edit } : e)),
  });

export const removeEvents =
  (ids: readonly string[]): Edit =>
  (outing) => ({ ...outing, programme: (outing.programme ?? []).filter((e) => !ids.includes(e.id)) });

export const removeEvent = (id: string): Edit => removeEvents([id]);

/** Several events once more, so many minutes after themselves; what would begin after midnight is left out. */
export const repeatEvents =
  (ids: readonly string[], minutes: number): Edit =>
  (outing) => {
    const programme = [...(outing.programme ?? [])];
    for (const event of outing.programme ?? []) {
      const minute = Number(event.at.slice(0, 2)) * 60 + Number(event.at.slice(3)) + minutes;
      if (!ids.includes(event.id) || minute >= 1440 || programme.length >= LIMITS.events) continue;
      const at = `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
      programme.push({
        ...event,
        id: idFromName(event.name, programme, "event"),
        at,
        late: undefined,
        result: undefined,
      });
    }
    return { ...outing, programme };
  };

/** Everything of these runs so many minutes later than it did, or earlier. */
export const shiftEvents =
  (ids: readonly string[], minutes: number): Edit =>
  (outing) => ({
    ...outing,
    programme: (outing.programme ?? []).map((e) =>
      ids.includes(e.id) ? { ...e, late: Math.max(-600, Math.min(1440, (e.late ?? 0) + minutes)) } : e,
    ),
  });
