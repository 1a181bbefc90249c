import { firstTrue } from "../units";
import type { Anchor, Obstacle, Vector } from "../ground";
import { sunCourse } from "./sun-course";
import { shadedBy } from "./shade";

/** How the sun stands to a spot. */
export type SpotLight = "sun" | "shaded" | "sun-down";

export interface ShadeStretch {
  /** Epoch milliseconds. */
  readonly from: number;
  /** Epoch milliseconds, after `from`. */
  readonly until: number;
  readonly state: SpotLight;
  /** The obstacle that shades it. */
  readonly by?: string;
}

export interface SpotShadeInput {
  readonly point: Vector;
  readonly place: Anchor;
  readonly obstacles: readonly Obstacle[];
  /** Epoch milliseconds. */
  readonly from: number;
  /** Epoch milliseconds, after `from`. */
  readonly until: number;
  /** Milliseconds between two looks, above 0; a minute when left out. */
  readonly step?: number;
}

const MINUTE = 60_000;
const SECOND = 1000;

/**
 * Sun and shade of a spot over a day, looked at by the step; each change is then found to a second. A gap of less
 * than a step between two obstacles may be missed.
 */
export function shadeOverDay({
  point,
  place,
  obstacles,
  from,
  until,
  step = MINUTE,
}: SpotShadeInput): ShadeStretch[] {
  const course = sunCourse(place);
  const stateAt = (at: number): { state: SpotLight; by?: string } => {
    const sun = course(at);
    if (sun.apparentAltitude <= 0) return { state: "sun-down" };
    const obstacle = shadedBy(point, sun, obstacles);
    return obstacle ? { state: "shaded", by: obstacle.id } : { state: "sun" };
  };
  const same = (a: { state: SpotLight; by?: string }, b: { state: SpotLight; by?: string }): boolean =>
    a.state === b.state && a.by === b.by;
  const stretches: ShadeStretch[] = [];
  let [began, state] = [from, stateAt(from)];
  for (let at = from; at < until; at += step) {
    const next = Math.min(until, at + step);
    const then = stateAt(next);
    if (same(state, then)) continue;
    const before = state;
    const edge = firstTrue({ from: at, until: next, within: SECOND }, (t) => !same(stateAt(t), before));
    stretches.push({ from: began, until: edge, ...state });
    [began, state] = [edge, then];
  }
  return [...stretches, { from: began, until, ...state }];
}
