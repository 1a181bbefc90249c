import { distance } from "./bearing";
import { backgroundBehind, type Background, type Behind } from "./sight-line";
import { add, cross, norm, planDistance, scale, subtract, type Vector } from "./vector";

export interface FrameRays extends Behind {
  readonly lens: Vector;
  readonly aim: Vector;
  /** Width and height in metres of the frame at the aim, camera level. */
  readonly frameAcross: number;
  /** Height of the frame at the aim in metres, above 0. */
  readonly frameUp: number;
}

/** What ends the line of sight behind the subject at the frame's middle and at its four corners. */
export interface FrameBackground {
  readonly centre: Background;
  /** Upper left, upper right, lower right, lower left as the picture is seen. */
  readonly corners: readonly Background[];
}

const CORNERS = [
  [-1, 1],
  [1, 1],
  [1, -1],
  [-1, -1],
] as const;

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

/** Points of the frame's corners in the plane of the subject. */
export function frameCorners({
  lens,
  aim,
  frameAcross,
  frameUp,
}: Omit<FrameRays, "obstacles" | "hall">): Vector[] {
  const { right, up } = cameraAxes(lens, aim);
  return CORNERS.map(([across, above]) =>
    add(aim, add(scale(right, (across * frameAcross) / 2), scale(up, (above * frameUp) / 2))),
  );
}

/**
 * Background by ray in three dimensions through the middle and the corners of the frame: obstacle, ground or skyline, with
 * its distance beyond the subject's plane in metres along the lens axis. From low down the lower corners meet the ground late.
 */
export function frameBackground(rays: FrameRays): FrameBackground {
  const { lens, aim } = rays;
  const away = distance(lens, aim);
  return {
    centre: backgroundBehind(lens, aim, away, rays),
    corners: frameCorners(rays).map((corner) =>
      corner.z <= 0 ? { kind: "ground", beyond: 0, at: corner } : backgroundBehind(lens, corner, away, rays),
    ),
  };
}
