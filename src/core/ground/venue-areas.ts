import type { Venue } from "./ground";
import { isInside } from "./polygon";
import { fromVenue } from "./venue-frame";
import type { Point } from "./vector";
import { venueParts, type AreaKind, type VenuePart } from "./venues";

/** A part of a venue as it lies on the plan. */
export interface VenueArea extends VenuePart {
  /** Index of the part in its template, 0 or more. */
  readonly part: number;
  /** In plan metres. */
  readonly outline: readonly Point[];
  readonly holds: (at: Point) => boolean;
}

const laid = new WeakMap<Pick<Venue, "template" | "bearing" | "centre">, readonly VenueArea[]>();

/** The parts of a venue in plan metres, the lowest first; kept for each venue that was laid. */
export function venueAreasOf(venue: Venue): readonly VenueArea[] {
  const known = laid.get(venue);
  if (known) return known;
  const areas = venueParts(venue.template).flatMap((part, i) => {
    const changed = venue.changed?.find((c) => c.part === i);
    if (changed && !changed.outline) return [];
    return [areaOf(venue, i, changed?.outline ? { ...part, outline: [...changed.outline] } : part)];
  });
  laid.set(venue, areas);
  return areas;
}

function areaOf(venue: Venue, index: number, part: VenuePart): VenueArea {
  const outline = part.outline.map((p) => fromVenue(venue, p));
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  const [west, east, south, north] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  return {
    part: index,
    kind: part.kind,
    surface: part.surface,
    outline,
    // Most places lie far from most parts: the box is asked first.
    holds: (at) => at.x >= west && at.x <= east && at.y >= south && at.y <= north && isInside(at, outline),
  };
}

/** The uppermost part of the venue that holds a place; absent outside all of them. */
export const venueAreaAt = (venue: Venue, at: Point): AreaKind | undefined =>
  venueAreasOf(venue).findLast((area) => area.holds(at))?.kind;
