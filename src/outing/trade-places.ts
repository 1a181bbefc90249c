import { grownOf, STAGINGS, TRADE_PLACES, type TradePlace } from "@/core/catalogue";
import {
  alongBearing,
  fromVenue,
  toVenue,
  venueTemplate,
  type Ground,
  type Point,
  type Spot,
} from "@/core/ground";
import { toCentimetre } from "./rounded";

/** A place of practice as it lies on a ground. */
export interface LaidPlace {
  readonly place: TradePlace;
  readonly at: Point;
  /** Metres of the lens above the ground. */
  readonly lensHeight: number;
}

/** Places of a discipline are told for its usual venue and the end where its subject is usually met. */
function inVenue(
  { venue }: Ground,
  place: TradePlace,
  at: Point,
  spot: Spot,
  subjectId: string,
): Point | undefined {
  const [own, usual] = [venueTemplate(venue.template), venueTemplate(place.venues[0]!)];
  if (!place.venues.includes(venue.template) || !own.ok || !usual.ok) return undefined;
  const scaled = {
    x: (at.x * own.value.width) / usual.value.width,
    y: (at.y * own.value.length) / usual.value.length,
  };
  const met = STAGINGS.get(subjectId);
  const otherEnd = met !== undefined && met.y * toVenue(venue, spot.at).y < 0;
  return fromVenue(venue, otherEnd ? { x: -scaled.x, y: -scaled.y } : scaled);
}

/** Where the trade stands for a subject at a spot, as it lies on this ground; none where the catalogue has no place for it. */
export function tradePlacesFor(ground: Ground, subjectId: string, spot: Spot): LaidPlace[] {
  return TRADE_PLACES.filter((place) => place.subjects.includes(grownOf(subjectId))).flatMap((place) => {
    const { lies } = place;
    const step = lies.of === "spot" ? alongBearing(spot.facing + lies.turn) : undefined;
    const at =
      lies.of === "venue"
        ? inVenue(ground, place, lies, spot, subjectId)
        : { x: spot.at.x + step!.x * lies.distance, y: spot.at.y + step!.y * lies.distance };
    if (!at) return [];
    return [{ place, at: toCentimetre(at), lensHeight: place.height ?? Math.max(0.05, spot.aimHeight) }];
  });
}
