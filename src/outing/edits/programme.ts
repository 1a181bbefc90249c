import type { ProgrammeEvent } from "@/data";
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

export const removeEvent =
  (id: string): Edit =>
  (outing) => ({ ...outing, programme: (outing.programme ?? []).filter((e) => e.id !== id) });

/** Everything of these runs so many minutes later than it did, or earlier. */
export const shiftEvents =
  (ids: readonly string[], minutes: number): Edit =>
  (outing) => ({
    ...outing,
    programme: (outing.programme ?? []).map((e) =>
      ids.includes(e.id) ? { ...e, late: Math.max(-600, Math.min(1440, (e.late ?? 0) + minutes)) } : e,
    ),
  });
