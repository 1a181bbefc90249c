import {
  alongBearing,
  boxAsDrawn,
  boxFrom,
  boxOutline,
  detailOf,
  fromCoordinates,
  isInside,
  snap,
  type Anchor,
  type Box,
  type Obstacle,
  type Point,
  type SnapTo,
} from "@/core/ground";
import { toCentimetre } from "@/outing/rounded";
import { wayBetween } from "./way";

/** Where a dragged place comes to rest: on what it snaps to within so many metres, else where it is. */
export const restingPlace = (at: Point, to: SnapTo, within: number): Point => snap(at, to, within).at;

/** Whether a place lies within an outline. */
export const liesWithin = (at: Point, outline: readonly Point[]): boolean => isInside(at, outline);

/** Metres along a line of points. */
export const lengthAlong = (points: readonly Point[]): number =>
  points.slice(1).reduce((sum, p, i) => sum + wayBetween(points[i]!, p).metres, 0);

/** Metres from a place to the farthest corner of an outline. */
export const farthest = (from: Point, corners: readonly Point[]): number =>
  Math.max(...corners.map((p) => wayBetween(from, p).metres));

/** A step of so many metres along a bearing, east and north. */
export function stepOf(bearing: number, metres: number): Point {
  const way = alongBearing(bearing);
  return { x: way.x * metres, y: way.y * metres };
}

/** The rectangle that an outline makes: as it is drawn from its first side, or with its long side first. Absent where it makes none. */
export const rectangleOf = (corners: readonly Point[], first: "as-drawn" | "long-side"): Box | undefined =>
  first === "as-drawn" ? boxAsDrawn(corners) : boxFrom(corners);

/** The corners of a rectangle otherwise than it is. */
export const reshaped = (box: Box, part: Partial<Box>): readonly Point[] => boxOutline({ ...box, ...part });

/** Metres of what one makes out of a thing as a background; 0 where there is nothing to make out. */
export const detailIn = (thing: Obstacle): number => detailOf(thing) ?? 0;

/** Where coordinates lie on a plan, to a centimetre. */
export const onPlan = (
  anchor: Anchor,
  here: { readonly latitude: number; readonly longitude: number },
): Point => toCentimetre(fromCoordinates(anchor, here));
