import {
  fromVenue,
  isClosed,
  needsLeave,
  venueAreasOf,
  venueMarks,
  venueParts,
  venueTemplate,
  type Area,
  type Official,
  type Point,
  type Venue,
  type VenueArea,
} from "@/core/ground";

type Mark = ReturnType<typeof venueMarks>[number];

const drawn = new WeakMap<Venue, readonly Mark[]>();

/** The painted marks of a venue in metres of the plan; the same object for the same venue. */
export function marksOf(venue: Venue): readonly Mark[] {
  const known = drawn.get(venue);
  if (known) return known;
  const marks = venueMarks(venue.template).map((m) => ({
    ...m,
    points: m.points.map((p) => fromVenue(venue, p)),
  }));
  drawn.set(venue, marks);
  return marks;
}

/** Corners of what is played on; none in open ground. */
export const boundaryOf = (venue: Venue): Point[] =>
  marksOf(venue)
    .filter((m) => m.kind === "boundary")
    .flatMap((m) => m.points);

/** A part of a venue, and whether one stands there by leave alone. */
export interface VenuePartSeen extends VenueArea {
  readonly byLeave: boolean;
}

/** The official who gives leave and opens crossings at a venue. */
export function officialAt({ template }: Venue): Official {
  const found = venueTemplate(template);
  return found.ok ? found.value.official : "stewards";
}

/** Whether a game of attempts to gain ground is played at a venue. */
export function isPlayedByDowns({ template }: Venue): boolean {
  const found = venueTemplate(template);
  return found.ok && found.value.downs !== undefined;
}

/** The parts of a venue as they are drawn, and the official who gives leave there. */
export function venueSeen(venue: Venue) {
  return {
    official: officialAt(venue),
    parts: venueAreasOf(venue).map((area): VenuePartSeen => ({ ...area, byLeave: needsLeave(area.kind) })),
  };
}

/** What a venue is played on; nothing in open ground. */
export const playedOn = (venue: Venue) => venueParts(venue.template).findLast((p) => p.surface)?.surface;

/** Whether nobody may stand in an area. */
export const isClosedTo = (area: Area): boolean => isClosed(area);
