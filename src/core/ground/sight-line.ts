import type { Hall, Obstacle } from "./ground";
import { OBSTACLE_KINDS } from "./obstacle-kinds";
import { rayThrough } from "./polygon";
import { isInsideThing, throughThing } from "./solids";
import { planDistance, subtract, type Point, type Vector } from "./vector";

/** What cuts the line from the lens to the aim, and how far from the lens in metres. */
export interface Blockage {
  readonly obstacleId: string;
  /** Metres from the lens along the line, 0 or more. */
  readonly at: number;
  /** Metres by which the lens has to go up to look over all that stands in the way; absent where no height clears it. */
  readonly raise?: number;
}

/** Netting and open fences are looked through; what they cost the picture is another matter. */
export const seenThrough = ({ kind }: Pick<Obstacle, "kind">): boolean => !OBSTACLE_KINDS[kind].opaque;

/** A thing that is no body one bumps into, as a crowd, does not hide what somebody within it looks at. */
const hides = (obstacle: Obstacle, lens: Vector): boolean =>
  !seenThrough(obstacle) && (OBSTACLE_KINDS[obstacle.kind].solid || !isInsideThing(lens, obstacle));

/** Whether an obstacle hides a point from a lens: it cuts the line between the two, and is not looked through. */
export function hidesFrom(lens: Vector, point: Vector, obstacle: Obstacle): boolean {
  const stretch = throughThing(lens, subtract(point, lens), obstacle);
  return stretch !== undefined && stretch.enter < 1 && hides(obstacle, lens);
}

/**
 * The first obstacle that cuts the straight line between lens and aim, or `undefined` for a clear view. A line that grazes
 * a top passes, and netting is looked through.
 */
export function firstBlockage(
  lens: Vector,
  aim: Vector,
  obstacles: readonly Obstacle[],
): Blockage | undefined {
  const run = subtract(aim, lens);
  const length = planDistance(lens, aim);
  let first: { readonly obstacleId: string; readonly at: number } | undefined;
  let raise = 0;
  for (const obstacle of obstacles) {
    const stretch = throughThing(lens, run, obstacle);
    if (!stretch || stretch.enter >= 1 || !hides(obstacle, lens)) continue;
    const at = stretch.enter * length;
    if (!first || at < first.at) first = { obstacleId: obstacle.id, at };
    raise = Math.max(raise, lensOver(lens, aim, obstacle) - lens.z);
  }
  return (
    first && { obstacleId: first.obstacleId, at: first.at, raise: Number.isFinite(raise) ? raise : undefined }
  );
}

/** Nobody is lifted higher than this over the ground to look over a thing: metres. */
const HIGHEST = 1000;

/**
 * Height of the lens from which the line to the aim just clears a thing that cuts it, Infinity where none does. Of an
 * upright body from the ground in closed form; of any other by halving, since the heights that a convex body hides from
 * make one stretch.
 */
function lensOver(lens: Vector, aim: Vector, obstacle: Obstacle): number {
  if ("outline" in obstacle && !obstacle.rise) {
    const { enter, leave } = rayThrough(lens, subtract(aim, lens), obstacle.outline)!;
    const { height } = obstacle;
    return Math.max(over(height, aim.z, enter), over(height, aim.z, Math.min(1, leave)));
  }
  const cuts = (z: number): boolean => {
    const from = { ...lens, z };
    const stretch = throughThing(from, subtract(aim, from), obstacle);
    return stretch !== undefined && stretch.enter < 1;
  };
  let [hidden, clear] = [lens.z, lens.z + HIGHEST];
  if (cuts(clear)) return Infinity;
  while (clear - hidden > 1e-4) {
    const middle = (hidden + clear) / 2;
    if (cuts(middle)) hidden = middle;
    else clear = middle;
  }
  return clear;
}

/** Height of the lens from which the line to the aim just clears a height at a share of the way. */
function over(height: number, aim: number, share: number): number {
  if (share >= 1) return height > aim ? Infinity : -Infinity;
  return (height - aim * share) / (1 - share);
}

/** What is seen behind the aim: its kind, and its distance in metres beyond the subject's plane along the lens axis. */
export interface Background {
  readonly kind: Obstacle["kind"] | "wall" | "ground" | "skyline" | "sky";
  readonly obstacleId?: string;
  /** Metres from the aim to it along the line, 0 or more. */
  readonly beyond: number;
  /** Where on the plan the line ends. */
  readonly at: Point;
}

/** What may stand behind a subject. */
export interface Behind {
  readonly obstacles: readonly Obstacle[];
  readonly hall?: Hall;
}

/** Beyond this the background is called the skyline; the disc differs from that at infinity by less than a tenth. */
const SKYLINE = 400;
/** Up to this elevation in degrees hills and far trees stand behind, above it the sky (assumed). */
const SKYLINE_UP_TO = 2;
const RISE_OF_SKYLINE = Math.tan((SKYLINE_UP_TO * Math.PI) / 180);

/**
 * What ends the line from the lens through a point of the subject's plane: the first obstacle beyond it, the ground, a
 * hall's wall or roof, the skyline 400 m out, or the sky. `away` is the distance in metres of that plane from the lens.
 * Distances go along the lens axis, so a tilted camera and the frame's corners are told right. Level ground but for banks.
 */
export function backgroundBehind(
  lens: Vector,
  through: Vector,
  away: number,
  { obstacles, hall }: Behind,
): Background {
  // One unit of this step is one `away` along the axis.
  const step = subtract(through, lens);
  const upward = step.z > RISE_OF_SKYLINE * planDistance(lens, through);
  let met = SKYLINE / away;
  let kind: Background["kind"] = upward ? "sky" : "skyline";
  let obstacleId: string | undefined;
  const meet = (at: number, what: Background["kind"], id?: string): void => {
    if (at >= met) return;
    [met, kind, obstacleId] = [at, what, id];
  };
  if (step.z < 0) meet(Math.max(0, through.z) / -step.z, "ground");
  const level = planDistance(lens, through) > 1e-9;
  if (hall) meet(hallMet(through, step, hall, level), "wall");
  if (level)
    for (const obstacle of obstacles) {
      if (OBSTACLE_KINDS[obstacle.kind].clear) continue;
      const stretch = throughThing(through, step, obstacle);
      if (stretch && stretch.leave > 0) meet(stretch.enter, obstacle.kind, obstacle.id);
    }
  const at = { x: through.x + step.x * met, y: through.y + step.y * met };
  return { kind, obstacleId, beyond: met * away, at };
}

/** Where a line meets the walls or the roof of a hall. */
function hallMet(from: Vector, step: Vector, { outline, height }: Hall, level: boolean): number {
  const wall = (level && rayThrough(from, step, outline)?.leave) || Infinity;
  const roof = step.z > 0 ? Math.max(0, height - from.z) / step.z : Infinity;
  return Math.min(wall, roof);
}
