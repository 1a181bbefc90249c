import {
  alongBearing,
  bearingTo,
  atHeight,
  headingOf,
  lineThrough,
  type Point,
  type Spot,
  type Track,
} from "../ground";
import type { Path } from "../motion";
import { turnBetween } from "../units";

/** Places of a way by metres from the spot, the way the subject moves positive. */
export type Way = (metres: number) => Point;

/** Seconds to either side over which the bend of a way is read. */
const BEND = 0.5;
/** Metres of sagitta under which it is straight. */
const STRAIGHT = 0.02;

/** The way about a place of it, `height` metres up, as a path with its own clock: a circle through three places, straight where they are in line. */
export function pathAt(way: Way, metres: number, speed: number, height: number): Path {
  const step = BEND * speed;
  const [a, b, c] = [way(metres - step), way(metres), way(metres + step)];
  const [ux, uy, vx, vy] = [b.x - a.x, b.y - a.y, c.x - b.x, c.y - b.y];
  const cross = ux * vy - uy * vx;
  const chord = Math.hypot(c.x - a.x, c.y - a.y);
  if (chord < 1e-9 || Math.abs(cross) / chord < STRAIGHT)
    return {
      kind: "straight",
      from: atHeight(b, height),
      velocity: { x: ((c.x - a.x) / (2 * step)) * speed, y: ((c.y - a.y) / (2 * step)) * speed, z: 0 },
    };
  const radius = (Math.hypot(ux, uy) * Math.hypot(vx, vy) * chord) / (2 * Math.abs(cross));
  // The centre lies square to the chord, to the left of the way where it bends to the left.
  const side = Math.sign(cross);
  const centre = {
    x: b.x - (side * radius * (c.y - a.y)) / chord,
    y: b.y + (side * radius * (c.x - a.x)) / chord,
  };
  return {
    kind: "arc",
    centre: atHeight(centre, height),
    radius,
    startBearing: bearingTo(centre, b),
    speed: -side * speed,
  };
}

/** Metres within which a track runs through a spot, and degrees by which it may part from the way that the subject moves. */
const THROUGH = 3;
const SAME_WAY = 60;

/** The drawn track through a spot, as places by metres from the spot the way the subject moves; straight on beyond its ends. */
export function trackThrough(
  tracks: readonly Track[],
  spot: Spot,
): { readonly name: string; readonly at: Way } | undefined {
  for (const { name, points } of tracks) {
    const { upTo, at: on } = lineThrough(points);
    const places = points.slice(1).map((b, i) => {
      const a = points[i]!;
      const length = upTo[i + 1]! - upTo[i]!;
      const t =
        length > 0 ? ((spot.at.x - a.x) * (b.x - a.x) + (spot.at.y - a.y) * (b.y - a.y)) / length ** 2 : 0;
      const here = upTo[i]! + Math.max(0, Math.min(1, t)) * length;
      const at = on(here);
      return { here, off: Math.hypot(at.x - spot.at.x, at.y - spot.at.y), bearing: bearingTo(a, b) };
    });
    const best = places.reduce((a, b) => (b.off < a.off ? b : a), { here: 0, off: Infinity, bearing: 0 });
    const turn = turnBetween(headingOf(spot), best.bearing);
    if (best.off > THROUGH || (Math.abs(turn) > SAME_WAY && Math.abs(turn) < 180 - SAME_WAY)) continue;
    const way = Math.abs(turn) <= 90 ? 1 : -1;
    return { name, at: (metres) => on(best.here + way * metres) };
  }
  return undefined;
}

/** Straight on the way the subject moves. */
export function straightWay(spot: Pick<Spot, "at" | "facing" | "heading">): Way {
  const unit = alongBearing(headingOf(spot));
  return (metres) => ({ x: spot.at.x + unit.x * metres, y: spot.at.y + unit.y * metres });
}
