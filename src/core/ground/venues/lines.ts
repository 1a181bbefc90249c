import { ARENA_LINES } from "./arenas";
import { COURT_LINES } from "./courts";
import { FIELD_LINES } from "./fields";
import { grown, part, type PitchMark, type VenueLines, type VenuePart } from "./mark";
import { NATURE_LINES } from "./nature";
import { SNOW_AND_WHEELS_LINES } from "./snow-and-wheels";
import { venueTemplate, type VenueTemplate } from "./rows";

const LINES: Readonly<Record<string, VenueLines | undefined>> = {
  ...FIELD_LINES,
  ...COURT_LINES,
  ...ARENA_LINES,
  ...SNOW_AND_WHEELS_LINES,
  ...NATURE_LINES,
};

/** Marks of a venue in its own axes; none for open ground, a place in nature or a template that is not known. */
export const venueMarks = (id: string): PitchMark[] => LINES[id]?.marks() ?? [];

/**
 * The parts of a venue in its own axes, the lowest first: its own list, or the run-off and on it the field of play. None
 * for open ground or a template that is not known.
 */
export function venueParts(id: string): VenuePart[] {
  const [found, lines] = [venueTemplate(id), LINES[id]];
  if (!found.ok || !lines) return [];
  return lines.parts?.() ?? fieldAndRunOff(found.value, lines);
}

function fieldAndRunOff({ width, length, runOff }: VenueTemplate, { marks }: VenueLines): VenuePart[] {
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
