import { absent, present, type Maybe } from "../../units";
import { ARENAS } from "./arenas";
import { COURTS } from "./courts";
import { FIELDS } from "./fields";
import type { PitchMark, VenueTemplate } from "./mark";

/** Every venue that can be laid on a plan, fields first. */
export const VENUES: readonly VenueTemplate[] = Object.freeze([...FIELDS, ...COURTS, ...ARENAS]);

/** Ground on which nothing is painted: a place in nature, a road, a course. Its extent is only the first look at it. */
export const OPEN_GROUND: VenueTemplate = Object.freeze({
  id: "open-ground",
  name: "Open ground, no markings",
  width: 100,
  length: 100,
  runOff: { side: 0, end: 0 },
  marks: () => [],
  source: "no rules: nothing is painted",
  known: "invented",
});

/** The template of a venue by its id; absent when there is none of that name. */
export function venueTemplate(id: string): Maybe<VenueTemplate, "no-such-venue"> {
  const found = id === OPEN_GROUND.id ? OPEN_GROUND : VENUES.find((v) => v.id === id);
  return found ? present(found) : absent("no-such-venue");
}

/** Marks of a venue in its own axes; none for a template that is not known. */
export function venueMarks(id: string): PitchMark[] {
  const found = venueTemplate(id);
  return found.ok ? found.value.marks() : [];
}

export type { PitchMark, VenueTemplate } from "./mark";
