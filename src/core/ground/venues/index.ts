import { absent, present, type Maybe } from "../../units";
import { ARENAS } from "./arenas";
import { COURTS } from "./courts";
import { FIELDS } from "./fields";
import type { PitchMark, VenueTemplate } from "./mark";

/** Every venue that can be laid on a plan, fields first. */
export const VENUES: readonly VenueTemplate[] = Object.freeze([...FIELDS, ...COURTS, ...ARENAS]);

/** The template of a venue by its id; absent when there is none of that name. */
export function venueTemplate(id: string): Maybe<VenueTemplate, "no-such-venue"> {
  const found = VENUES.find((v) => v.id === id);
  return found ? present(found) : absent("no-such-venue");
}

/** Marks of a venue in its own axes; none for a template that is not known. */
export function venueMarks(id: string): PitchMark[] {
  const found = venueTemplate(id);
  return found.ok ? found.value.marks() : [];
}

export type { PitchMark, VenueTemplate } from "./mark";
