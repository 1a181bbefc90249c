import type { Scenery, Staging } from "@/core/catalogue";
import {
  fromVenue,
  OPEN_GROUND,
  venueTemplate,
  type Ground,
  type Point,
  type VenueTemplate,
} from "@/core/ground";
import type { StoredSubject } from "@/data";
import { toCentimetre } from "../rounded";

/** Where and how a subject is met on a venue. */
export interface Met {
  readonly at: Point;
  /** Bearing on the plan. */
  readonly facing: number;
  readonly aimHeight: number;
  readonly scenery: Scenery;
}

/** A place of the usual venue laid on another one of the same sport, by the measures of the two. */
function laidOver({ x, y }: Point, usual: VenueTemplate, venue: VenueTemplate): Point {
  return { x: (x * venue.width) / usual.width, y: (y * venue.length) / usual.length };
}

/** How a subject is met: as the library has it on its venues, else a quarter from the far end, going across. */
export function metOn(
  { subject, staging }: { readonly subject: Pick<StoredSubject, "height">; readonly staging?: Staging },
  venue: VenueTemplate,
  lie: Ground["venue"],
  onItsOwn = false,
): Met {
  const known = staging?.venues.includes(venue.id) || onItsOwn ? staging : undefined;
  const usual = known && venueTemplate(known.venues[0]!);
  const open = venue.id === OPEN_GROUND.id;
  const elsewhere = known?.elsewhere?.[venue.id];
  const own = elsewhere
    ? { x: elsewhere[0], y: elsewhere[1] }
    : known && onItsOwn
      ? known
      : known && usual?.ok
        ? laidOver(known, usual.value, venue)
        : { x: 0, y: open ? 0 : venue.length / 4 };
  return {
    at: toCentimetre(fromVenue(lie, own)),
    facing: Math.round((elsewhere?.[2] ?? known?.facing ?? 90) + lie.bearing) % 360,
    aimHeight: Math.round(100 * Math.max(0.02, (known?.z ?? 0) + subject.height / 2)) / 100,
    scenery: open || onItsOwn ? (known?.scenery ?? "plain") : "venue",
  };
}
