import type { Ground } from "./ground";
import { isInside } from "./polygon";
import type { Surface } from "./surface";
import type { Point } from "./vector";
import { venueAreasOf } from "./venue-areas";

/**
 * What the ground is made of at a place: that of the last area that holds it, else of the venue there (the water of a
 * pool, the lanes of a track), else of the ground at large.
 */
export function surfaceAt(
  { areas, surface = "grass", venue }: Pick<Ground, "areas" | "surface" | "venue">,
  at: Point,
): Surface {
  const drawn = areas.findLast((area) => area.surface && isInside(at, area.outline));
  if (drawn?.surface) return drawn.surface;
  const built = venueAreasOf(venue).findLast((area) => area.surface && area.holds(at));
  return built?.surface ?? surface;
}
