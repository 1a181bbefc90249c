import { grownOf, stagingOf, TRADE_PLACES, type TradePlace } from "@/core/catalogue";
import {
  alongBearing,
  fromVenue,
  toVenue,
  venueTemplate,
  type Ground,
  type Point,
  type Spot,
} from "@/core/ground";
import { isMirrored, sidedBy } from "@/core/judge";
import type { Subject } from "@/core/motion";
import type { Side } from "@/core/scene";
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
  const met = stagingOf(subjectId);
  const otherEnd = met !== undefined && met.y * toVenue(venue, spot.at).y < 0;
  return fromVenue(venue, otherEnd ? { x: -scaled.x, y: -scaled.y } : scaled);
}

/** Who or what a place is wanted for. */
export interface WantedFor {
  readonly subject: Pick<Subject, "id" | "figure">;
  /** As the shot tells it. */
  readonly side?: Side;
}

/** The mirror of a place: to the other side of the way the subject faces, or of the venue's length through the spot. */
function mirrored(lies: TradePlace["lies"], { x }: Point): TradePlace["lies"] {
  return lies.of === "spot" ? { ...lies, turn: -lies.turn } : { ...lies, x: 2 * x - lies.x };
}

/** How a place lies for one who acts with a side; nothing where the trade has another place for that side. */
function liesFor(
  place: TradePlace,
  of: readonly TradePlace[],
  side: Side | undefined,
  isMirror: boolean,
  spot: Point,
) {
  if (!side || place.side === side) return place.lies;
  if (place.side) {
    const own = of.some((o) => o.side === side && o.subjects.some((s) => place.subjects.includes(s)));
    return own ? undefined : mirrored(place.lies, spot);
  }
  // What lies about the subject is told of most.
  return isMirror && place.lies.of === "spot" ? mirrored(place.lies, spot) : place.lies;
}

/** Where the trade stands for a subject at a spot, as it lies on this ground; none where the catalogue has no place for it. */
export function tradePlacesFor(ground: Ground, { subject, side }: WantedFor, spot: Spot): LaidPlace[] {
  const here = TRADE_PLACES.filter((place) => place.subjects.includes(grownOf(subject.id)));
  const isMirror = isMirrored(sidedBy(subject), side);
  const own = toVenue(ground.venue, spot.at);
  return here.flatMap((place) => {
    const lies = liesFor(place, here, side, isMirror, own);
    if (!lies) return [];
    const step = lies.of === "spot" ? alongBearing(spot.facing + lies.turn) : undefined;
    const at =
      lies.of === "venue"
        ? inVenue(ground, place, lies, spot, subject.id)
        : { x: spot.at.x + step!.x * lies.distance, y: spot.at.y + step!.y * lies.distance };
    if (!at) return [];
    return [{ place, at: toCentimetre(at), lensHeight: place.height ?? Math.max(0.05, spot.aimHeight) }];
  });
}
