import { absent, present, type Maybe } from "../../units";
import { ARENAS } from "./arenas";
import type { Point } from "../vector";
import { COURTS } from "./courts";
import { FIELDS } from "./fields";
import { grown, part, type PitchMark, type VenuePart, type VenueTemplate } from "./mark";

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
  official: "stewards",
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

/**
 * The parts of a venue in its own axes, the lowest first: its own list, or the run-off and on it the field of play. None
 * for open ground or a template that is not known.
 */
export function venueParts(id: string): VenuePart[] {
  const found = venueTemplate(id);
  if (!found.ok || found.value === OPEN_GROUND) return [];
  return found.value.parts?.() ?? fieldAndRunOff(found.value);
}

function fieldAndRunOff({ marks, width, length, runOff }: VenueTemplate): VenuePart[] {
  const { points } = marks().find((m) => m.kind === "boundary")!;
  const field: VenuePart = { kind: "field-of-play", outline: points };
  const { side, end } = runOff;
  if (side === 0 && end === 0) return [field];
  const square = points.length === 4;
  const around: VenuePart = square
    ? part("run-off", [0, 0, width + 2 * side, length + 2 * end])
    : { kind: "run-off", outline: grown(points, Math.max(side, end)) };
  return [around, field];
}

/** The walls of a venue's hall in its own axes, as wide as its run-off and what lies beyond; absent outdoors. */
export function venueHall(
  id: string,
): { readonly outline: readonly Point[]; readonly height: number } | undefined {
  const found = venueTemplate(id);
  if (!found.ok || !found.value.hall) return undefined;
  const { width, length, runOff, hall } = found.value;
  const across = width + 2 * (runOff.side + hall.beyond);
  const along = length + 2 * (runOff.end + hall.beyond);
  return { outline: part("run-off", [0, 0, across, along]).outline, height: hall.height };
}

export {
  LEAVE_KINDS,
  type AreaKind,
  type LeaveKind,
  type Official,
  type PitchMark,
  type VenuePart,
  type VenueTemplate,
} from "./mark";
