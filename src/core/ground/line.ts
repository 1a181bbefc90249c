import { bearingTo } from "./bearing";
import { planDistance, type Point } from "./vector";

/** A line from place to place, walked by its metres. */
export interface Line {
  /** Metres from its first place to each of them, the last its length. */
  readonly upTo: readonly number[];
  /** The place so many metres along it; straight on beyond its ends. */
  readonly at: (metres: number) => Point;
  /** Bearing in degrees of its side there. */
  readonly bearingAt: (metres: number) => number;
}

/** The line through two places of the plan or more. */
export function lineThrough(points: readonly Point[]): Line {
  const lengths = points.slice(1).map((p, i) => planDistance(points[i]!, p));
  const upTo = lengths.reduce<number[]>((sums, l) => [...sums, sums.at(-1)! + l], [0]);
  const sideAt = (metres: number): number =>
    Math.max(
      0,
      Math.min(
        lengths.length - 1,
        upTo.findLastIndex((u) => u <= metres),
      ),
    );
  return {
    upTo,
    at: (metres) => {
      const i = sideAt(metres);
      const [a, b] = [points[i]!, points[i + 1]!];
      const t = lengths[i]! > 0 ? (metres - upTo[i]!) / lengths[i]! : 0;
      return { x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t };
    },
    bearingAt: (metres) => {
      const i = sideAt(metres);
      return bearingTo(points[i]!, points[i + 1]!);
    },
  };
}
