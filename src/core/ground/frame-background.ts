import { distance } from "./bearing";
import type { Obstacle } from "./ground";
import { backgroundBehind, type Background, type Behind } from "./sight-line";
import { roundOf } from "./solids";
import { add, cross, norm, planDistance, scale, subtract, type Vector } from "./vector";

/** A frame in the plane of the subject, as a camera that is held level sees it. */
export interface FrameAtAim {
  readonly lens: Vector;
  readonly aim: Vector;
  /** Width in metres of the frame at the aim, camera level; above 0. */
  readonly frameAcross: number;
  /** Height of the frame at the aim in metres, above 0. */
  readonly frameUp: number;
}

/** What ends the lines of sight behind the subject. */
export interface FrameBackground {
  /** Behind the frame's middle. */
  readonly centre: Background;
  /** What else shows behind over the whole of the frame, each thing once where it is nearest; the ground left out. */
  readonly around: readonly Background[];
}

/** Where the frame is looked through, from edge to edge, in shares of its half sides. */
const OVER = [-1, -0.5, 0, 0.5, 1];

/** The camera's own axes as unit vectors: to the right of the picture, up in it, and the way it looks. */
export interface CameraAxes {
  readonly right: Vector;
  readonly up: Vector;
  readonly ahead: Vector;
}

/** Axes of a camera that is held level and looks at the aim; aimed straight up or down it has north on top. */
export function cameraAxes(lens: Vector, aim: Vector): CameraAxes {
  const run = subtract(aim, lens);
  const side = planDistance(lens, aim) < 1e-9 ? { x: 1, y: 0, z: 0 } : { x: run.y, y: -run.x, z: 0 };
  const right = scale(side, 1 / norm(side));
  const rise = cross(right, run);
  return { right, up: scale(rise, 1 / norm(rise)), ahead: scale(run, 1 / norm(run)) };
}

const inFrame = ({ aim, frameAcross, frameUp }: FrameAtAim, { right, up }: CameraAxes) => {
  const across = scale(right, frameAcross / 2);
  const above = scale(up, frameUp / 2);
  return (x: number, y: number): Vector => add(aim, add(scale(across, x), scale(above, y)));
};

/** Points of the frame's corners in the plane of the subject: upper left, upper right, lower right, lower left. */
export function frameCorners(frame: FrameAtAim): readonly Vector[] {
  const at = inFrame(frame, cameraAxes(frame.lens, frame.aim));
  return [at(-1, 1), at(1, 1), at(1, -1), at(-1, -1)];
}

/**
 * The things of which some part may show in a frame or before it: those that the wedge of its sight meets on the plan. Everything
 * where the camera looks so steeply that its frame lies about it.
 */
export function thingsAbout(frame: FrameAtAim, obstacles: readonly Obstacle[]): readonly Obstacle[] {
  const { lens, aim } = frame;
  const ahead = subtract(aim, lens);
  const length = Math.hypot(ahead.x, ahead.y);
  // The steepest of the frame's edges on the plan: metres aside for a metre ahead.
  let widest = 0;
  for (const corner of frameCorners(frame)) {
    const [x, y] = [corner.x - lens.x, corner.y - lens.y];
    const along = x * ahead.x + y * ahead.y;
    if (along <= 1e-9) return obstacles;
    widest = Math.max(widest, Math.abs(x * ahead.y - y * ahead.x) / along);
  }
  const edge = Math.hypot(1, widest) * length;
  return obstacles.filter((obstacle) => {
    const { centre, radius } = roundOf(obstacle);
    const [x, y] = [centre.x - lens.x, centre.y - lens.y];
    const along = x * ahead.x + y * ahead.y;
    const aside = Math.abs(x * ahead.y - y * ahead.x);
    return aside - widest * along <= radius * edge;
  });
}

/**
 * Background by rays in three dimensions over the whole frame: obstacle, ground, wall, skyline or sky, with its distance beyond the
 * subject's plane in metres along the lens axis. `among` are the things that may stand there.
 */
export function frameBackground(frame: FrameAtAim, among: Behind): FrameBackground {
  const { lens, aim } = frame;
  const away = distance(lens, aim);
  const at = inFrame(frame, cameraAxes(lens, aim));
  const nearest = new Map<string, Background>();
  for (const x of OVER)
    for (const y of OVER) {
      const through = at(x, y);
      if (through.z <= 0) continue;
      const behind = backgroundBehind(lens, through, away, among);
      if (behind.kind === "ground") continue;
      const thing = behind.obstacleId ?? behind.kind;
      const known = nearest.get(thing);
      if (!known || behind.beyond < known.beyond) nearest.set(thing, behind);
    }
  return { centre: backgroundBehind(lens, aim, away, among), around: [...nearest.values()] };
}
