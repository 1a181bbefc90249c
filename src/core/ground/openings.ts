import { cosDeg, tanDeg, toDegrees, turnBetween } from "../units";
import { bearingTo, heightAngle } from "./bearing";
import type { Slit } from "./ground";
import type { Vector } from "./vector";

/** Nobody looks along a wall: degrees from square beyond which no opening is looked through. */
const WIDEST = 85;

/** Degrees by which a line misses an opening. */
export interface SlitMiss {
  /** To the side, 0 or more. */
  readonly aside: number;
  /** Up (above the upper edge) or, below 0, down under the sill. */
  readonly above: number;
}

/** Degrees on either side to which an opening lets the lens look, 0 … 85. */
export const slitReach = ({ width, back }: Pick<Slit, "width" | "back">): number =>
  Math.min(WIDEST, toDegrees(Math.atan2(width / 2, back)));

/**
 * By how much the line from a lens to its aim misses the opening that it looks out of; `undefined` where it passes. The lens
 * stands `back` metres behind the middle of the opening; its own breadth is left out. `floor` is the height in metres of
 * the ground at the lens, from which sill and top count.
 */
export function missOfSlit(slit: Slit, lens: Vector, aim: Vector, floor: number): SlitMiss | undefined {
  const turn = turnBetween(slit.facing, bearingTo(lens, aim));
  const aside = Math.max(0, Math.abs(turn) - slitReach(slit));
  if (aside > 0) return { aside, above: 0 };
  const away = slit.back / Math.max(1e-6, cosDeg(turn));
  const angle = heightAngle(lens, aim);
  const at = lens.z - floor + away * tanDeg(angle);
  if (at >= slit.sill && at <= slit.top) return undefined;
  const edge = at < slit.sill ? slit.sill : slit.top;
  const limit = toDegrees(Math.atan2(edge - (lens.z - floor), Math.max(1e-6, away)));
  return { aside: 0, above: angle - limit };
}
