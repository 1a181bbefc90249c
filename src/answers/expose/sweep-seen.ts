import type { Point } from "@/core/ground";
import { cosDeg, sinDeg } from "@/core/units";

/** A place of the plan as it lies to a camera that looks along a bearing: metres to the right of the view, and along it. */
export function seenFrom(camera: Point, bearing: number, { x, y }: Point): Point {
  const [dx, dy] = [x - camera.x, y - camera.y];
  const [c, s] = [cosDeg(bearing), sinDeg(bearing)];
  return { x: dx * c - dy * s, y: dx * s + dy * c };
}
