import type { Coverage, CoverageInput } from "@/core/schedule";
import type { Outing, ProgrammeEvent } from "@/data";
import { editEvents, type Edit } from "../edits";

/** Whose events of a day that two photographers share. */
export type Whose = "all" | "mine" | "second";

/** What of a day is left for a second photographer, who begins where the first does: the question without what the first is at. */
export const leftForSecond = (asked: CoverageInput, first: Coverage): CoverageInput => {
  const taken = new Set(first.visits.map((v) => v.eventId));
  return { ...asked, events: asked.events.filter((e) => !taken.has(e.id)) };
};

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
