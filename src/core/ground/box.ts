import { alongBearing, bearingTo } from "./bearing";
import { planDistance, type Point } from "./vector";

/** A rectangle on the plan: its middle, its sides in metres, and the bearing in degrees of its length. */
export interface Box {
  readonly middle: Point;
  /** Metres along the bearing, above 0. */
  readonly length: number;
  /** Metres across the bearing, above 0. */
  readonly width: number;
  /** Degrees from true north, clockwise, 0 … 360. */
  readonly bearing: number;
}

/** Corners of a box, counter to the clock from the far left one as one looks along its length. */
export function boxOutline({ middle, length, width, bearing }: Box): Point[] {
  const ahead = alongBearing(bearing);
  const right = alongBearing(bearing + 90);
  const corner = (along: number, aside: number): Point => ({
    x: middle.x + (ahead.x * along * length + right.x * aside * width) / 2,
    y: middle.y + (ahead.y * along * length + right.y * aside * width) / 2,
  });
  return [corner(1, -1), corner(-1, -1), corner(-1, 1), corner(1, 1)];
}

/** How far two diagonals or two sides may differ, as a share, in what still counts as a rectangle. */
const SQUARE = 0.02;

/** The box that an outline is; absent for an outline of another form. The longer side is its length. */
export const boxFrom = (outline: readonly Point[]): Box | undefined => {
  const box = boxAsDrawn(outline);
  if (!box || box.length >= box.width) return box;
  const { middle, length, width, bearing } = box;
  return { middle, length: width, width: length, bearing: (bearing + 90) % 180 };
};

/** The same with its first side as its length, whichever is longer: sizes that are typed one after the other do not turn it. */
export function boxAsDrawn(outline: readonly Point[]): Box | undefined {
  if (outline.length !== 4) return undefined;
  const [a, b, c, d] = outline as readonly [Point, Point, Point, Point];
  const near = (x: number, y: number): boolean => Math.abs(x - y) <= SQUARE * Math.max(x, y);
  const [ab, bc] = [planDistance(a, b), planDistance(b, c)];
  const square =
    near(ab, planDistance(c, d)) &&
    near(bc, planDistance(d, a)) &&
    near(planDistance(a, c), planDistance(b, d));
  if (!square || ab === 0 || bc === 0) return undefined;
  const middle = { x: (a.x + b.x + c.x + d.x) / 4, y: (a.y + b.y + c.y + d.y) / 4 };
  return { middle, length: ab, width: bc, bearing: bearingTo(b, a) % 180 };
}
