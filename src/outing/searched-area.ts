import { boxOutline, fromVenue, venueParts, type Ground, type Point } from "@/core/ground";

/** Metres round the venue in which candidates are looked for. */
const AROUND = 14;
/** Where no field bounds the search: as far about the spot as one would walk for a picture, by the distance now. */
const ABOUT_SPOT = { least: 3, most: 80, timesDistance: 1.6 };

/** Where candidates are looked for: within a hall's walls; all round a venue; in open ground about the spot. */
export function searchedArea({ venue, spots, hall }: Ground, spotId: string, distance: number): Point[] {
  if (hall) return [...hall.outline];
  const parts = venueParts(venue.template).flatMap((part) => part.outline);
  if (parts.length === 0) {
    const { at } = spots.find((s) => s.id === spotId)!;
    const { least, most, timesDistance } = ABOUT_SPOT;
    const half = Math.min(most, Math.max(least, distance * timesDistance));
    return boxOutline({ middle: at, length: 2 * half, width: 2 * half, bearing: 0 });
  }
  const [xs, ys] = [parts.map((p) => Math.abs(p.x)), parts.map((p) => Math.abs(p.y))];
  const [x, y] = [Math.max(...xs) + AROUND, Math.max(...ys) + AROUND];
  const corner = (a: number, b: number): Point => fromVenue(venue, { x: a, y: b });
  return [corner(-x, -y), corner(x, -y), corner(x, y), corner(-x, y)];
}
