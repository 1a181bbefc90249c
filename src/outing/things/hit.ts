import { isInside, nearestOnSide, planDistance, signedArea, type Point } from "@/core/ground";
import type { Outing } from "@/data";
import type { Shape } from "./sorts";
import { thingsOf, type Ref } from "./thing";

/** Ends of the sides of a shape; none of a point. */
export function sidesOf({ corners, form }: Shape): (readonly [Point, Point])[] {
  const sides = corners.slice(1).map((p, i) => [corners[i]!, p] as const);
  return form === "outline" ? [...sides, [corners.at(-1)!, corners[0]!]] : sides;
}

/** Metres from a place to the nearest of a shape's corners or sides. */
export const distanceTo = (at: Point, shape: Shape): number =>
  Math.min(
    ...(shape.form === "point" ? shape.corners : sidesOf(shape).map((side) => nearestOnSide(at, side))).map(
      (p) => planDistance(at, p),
    ),
  );

const RANK = { point: 0, line: 1, outline: 2 } as const;

/** What lies under a place, within a distance in metres: a point before a line, a line before the smallest outline. */
export function thingAt(outing: Pick<Outing, "ground">, at: Point, within: number): Ref | undefined {
  const met = thingsOf(outing).flatMap(({ ref, shape }) => {
    const away = distanceTo(at, shape);
    const holds = shape.form === "outline" && isInside(at, shape.corners);
    return away <= within || holds
      ? [{ ref, rank: RANK[shape.form], size: Math.abs(signedArea(shape.corners)), away }]
      : [];
  });
  return met.sort((a, b) => a.rank - b.rank || (a.rank === 2 ? a.size - b.size : a.away - b.away))[0]?.ref;
}
