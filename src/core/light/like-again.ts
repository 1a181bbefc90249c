import { angleBetween } from "../units";
import type { Anchor, Obstacle, Vector } from "../ground";
import { shadedBy } from "./shade";
import { sunCourse } from "./sun-course";
import { lightSide, type LightSide } from "./subject-light";

export interface LikeAgainInput {
  readonly place: Anchor;
  /** The spot, and what may shade it. */
  readonly point: Vector;
  readonly obstacles: readonly Obstacle[];
  /** Bearing in degrees from the spot to the camera. */
  readonly toCamera: number;
  /** The side from which the sun should come. */
  readonly side: LightSide;
  /** Altitudes of the sun as seen, degrees: from the first up to the second. */
  readonly altitudes: readonly [number, number];
  /** Days to look at, each from its beginning to its end. */
  readonly days: readonly {
    /** Epoch milliseconds. */ readonly from: number;
    /** Epoch milliseconds, after `from`. */ readonly until: number;
  }[];
}

/** A stretch in which the light is as it was wished. */
export interface LikeThis {
  /** Epoch milliseconds. */
  readonly from: number;
  /** Epoch milliseconds, after `from`. */
  readonly until: number;
}

const STEP = 5 * 60_000;

/**
 * When the sun shines on a spot again from a wished side and height, whatever the sky will be: stretches of at least five minutes,
 * told to five minutes.
 */
export function likeAgain({
  place,
  point,
  obstacles,
  toCamera,
  side,
  altitudes,
  days,
}: LikeAgainInput): LikeThis[] {
  const [low, high] = altitudes;
  return days.flatMap(({ from, until }) => {
    const course = sunCourse(place);
    const isLike = (at: number): boolean => {
      const sun = course(at);
      const { apparentAltitude: up } = sun;
      if (up <= 0 || up < low || up > high) return false;
      if (lightSide(angleBetween(sun.azimuth, toCamera)) !== side) return false;
      return shadedBy(point, sun, obstacles) === undefined;
    };
    const found: { from: number; until: number }[] = [];
    let open: { from: number; until: number } | undefined;
    for (let at = from; at < until; at += STEP) {
      if (!isLike(at)) {
        open = undefined;
        continue;
      }
      if (open) open.until = at + STEP;
      else found.push((open = { from: at, until: at + STEP }));
    }
    return found;
  });
}
