import type { Obstacle } from "./ground";
import { rayThrough, type Stretch } from "./polygon";
import { scale, subtract, planDistance, type Vector } from "./vector";

/** What cuts the line from the lens to the aim, and how far from the lens in metres. */
export interface Blockage {
  readonly obstacleId: string;
  readonly at: number;
  /** Height in metres by which the line would have to rise there. */
  readonly short: number;
}

/**
 * The first obstacle that cuts the straight line between lens and aim, or `undefined` for a clear view.
 * Obstacles are upright prisms on level ground; a line that grazes the top passes.
 */
export function firstBlockage(
  lens: Vector,
  aim: Vector,
  obstacles: readonly Obstacle[],
): Blockage | undefined {
  const run = subtract(aim, lens);
  const length = planDistance(lens, aim);
  let first: Blockage | undefined;
  for (const obstacle of obstacles) {
    const stretch = rayThrough(lens, run, obstacle.outline);
    if (!stretch || stretch.enter >= 1) continue;
    const lowest = lowestHeight(lens, run, stretch.enter, Math.min(1, stretch.leave));
    if (lowest >= obstacle.height) continue;
    const at = stretch.enter * length;
    if (!first || at < first.at) first = { obstacleId: obstacle.id, at, short: obstacle.height - lowest };
  }
  return first;
}

const lowestHeight = (from: Vector, run: Vector, a: number, b: number): number =>
  Math.min(from.z + run.z * a, from.z + run.z * b);

/** What is seen behind the aim: its kind, and its distance beyond the aim in metres. */
export interface Background {
  readonly kind: Obstacle["kind"] | "ground" | "skyline";
  readonly obstacleId?: string;
  readonly beyond: number;
}

/** Beyond this the background is called the skyline; the disc differs from that at infinity by less than a tenth. */
const SKYLINE = 400;

/**
 * What ends the line of sight beyond the aim: the first obstacle, the ground, or the skyline 400 m out.
 * Level ground, upright prisms.
 */
export function backgroundBehind(lens: Vector, aim: Vector, obstacles: readonly Obstacle[]): Background {
  const reach = planDistance(lens, aim);
  if (reach === 0) return { kind: "ground", beyond: aim.z };
  const step = scale(subtract(aim, lens), 1 / reach);
  let nearest: Background =
    step.z < 0
      ? { kind: "ground", beyond: Math.min(SKYLINE, aim.z / -step.z) }
      : { kind: "skyline", beyond: SKYLINE };
  if (nearest.beyond === SKYLINE) nearest = { kind: "skyline", beyond: SKYLINE };
  for (const obstacle of obstacles) {
    const stretch = rayThrough(aim, step, obstacle.outline);
    if (!stretch || stretch.leave <= 0) continue;
    const met = meets(aim.z, step.z, stretch, obstacle.height);
    if (met === undefined || met >= nearest.beyond) continue;
    nearest = { kind: obstacle.kind, obstacleId: obstacle.id, beyond: met };
  }
  return nearest;
}

/** Where a line over a prism meets its front or, coming down, its top; `undefined` when it clears it. */
function meets(from: number, rise: number, stretch: Stretch, height: number): number | undefined {
  if (from + rise * stretch.enter < height) return stretch.enter;
  const top = (height - from) / rise;
  return rise < 0 && top < stretch.leave ? top : undefined;
}
