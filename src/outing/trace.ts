import { bearingTo, planDistance, type Point } from "@/core/ground";
import { asBearing, cosDeg, sinDeg } from "@/core/units";
import type { PictureLie } from "@/data/beside";

/** What is known of a line that is laid over the picture: how long it is and where it runs. */
export interface KnownLine {
  /** Metres, above 0. */
  readonly length: number;
  /** Degrees from true north, clockwise. */
  readonly bearing: number;
}

export interface Fitted {
  readonly lie: PictureLie;
  /** Where the line's end lies now; its beginning stays. */
  readonly end: Point;
}

/**
 * Scales and turns a picture about the beginning of a line over it, so that the line gets its known length and bearing.
 * The line's ends lie apart.
 */
export function fitPicture(lie: PictureLie, [from, to]: readonly [Point, Point], known: KnownLine): Fitted {
  const scale = known.length / planDistance(from, to);
  const turn = known.bearing - bearingTo(from, to);
  const [c, s] = [cosDeg(turn), sinDeg(turn)];
  const carried = ({ x, y }: Point): Point => {
    const [dx, dy] = [(x - from.x) * scale, (y - from.y) * scale];
    return { x: from.x + dx * c + dy * s, y: from.y - dx * s + dy * c };
  };
  return {
    lie: {
      ...lie,
      at: carried(lie.at),
      bearing: asBearing(lie.bearing + turn),
      metresPerPx: lie.metresPerPx * scale,
    },
    end: carried(to),
  };
}

/** Moves a picture as a whole: what lies at a line's beginning comes to lie at its end. */
export const movePicture = (lie: PictureLie, [from, to]: readonly [Point, Point]): PictureLie => ({
  ...lie,
  at: { x: lie.at.x + to.x - from.x, y: lie.at.y + to.y - from.y },
});
