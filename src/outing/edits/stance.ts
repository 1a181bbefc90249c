import { fromVenue, toVenue, type Spot, type Venue } from "@/core/ground";
import { sinDeg } from "@/core/units";
import { freeId, type Outing, type StoredShot, type StoredSubject } from "@/data";
import { toCentimetre } from "../rounded";

/** Sine of the turn from the venue's length within which somebody stands along it, and has no other side of it to stand on. */
const ALONG = 0.1;
/** Metres within which a spot of the other side counts as the one that is there. */
const SAME = 0.3;

/** A spot on the other side of the venue's length, facing the other way across it. */
function mirrorOf(spot: Spot, venue: Venue): Spot {
  const { x, y } = toVenue(venue, spot.at);
  return {
    ...spot,
    at: toCentimetre(fromVenue(venue, { x: -x, y })),
    facing: Math.round((2 * venue.bearing - spot.facing + 720) % 360),
  };
}

/** Which hand a batter's spot is for; none for one who faces along the venue. A right-hander's chest is turned to the right of the field. */
function handOf({ facing }: Spot, { bearing }: Venue): "left" | "right" | undefined {
  const across = sinDeg(facing - bearing);
  if (Math.abs(across) < ALONG) return undefined;
  return across > 0 ? "right" : "left";
}

/** The name of the spot on the other side: the hand that stands in it changed, or said. */
function otherSideOf(name: string, side: "left" | "right"): string {
  const own = side === "left" ? /\bright-handed\b/i : /\bleft-handed\b/i;
  if (!own.test(name)) return `${name}, ${side}-handed`;
  return name.replace(
    own,
    (was) => (/^[A-Z]/.test(was) ? side.replace(/^./, (c) => c.toUpperCase()) : side) + "-handed",
  );
}

/**
 * An outing whose batter stands where the hand told of them has them stand: a left-hander on the other side of the plate, turned the
 * other way, on a spot of their own. Whoever stands right already, or does not bat, stays.
 */
export function onTheirSide(
  outing: Outing,
  shot: StoredShot,
  subject: Pick<StoredSubject, "figure">,
): Outing {
  const { venue, spots } = outing.ground;
  const spot = spots.find((s) => s.id === shot.spotId);
  if (subject.figure !== "batting" || !spot || !shot.side) return outing;
  const hand = handOf(spot, venue);
  if (hand === undefined || hand === shot.side) return outing;
  const mirror = mirrorOf(spot, venue);
  const known = spots.find(
    (s) => Math.hypot(s.at.x - mirror.at.x, s.at.y - mirror.at.y) < SAME && handOf(s, venue) === shot.side,
  );
  const id = known?.id ?? freeId("spot", spots);
  const name = otherSideOf(spot.name, shot.side);
  return {
    ...outing,
    ground: known ? outing.ground : { ...outing.ground, spots: [...spots, { ...mirror, id, name }] },
    shots: outing.shots.map((s) => (s.id === shot.id ? { ...s, spotId: id } : s)),
  };
}
