import type { Obstacle } from "./ground";
import { backgroundBehind, type Background } from "./sight-line";
import { add, cross, norm, planDistance, scale, subtract, type Vector } from "./vector";

export interface FrameRays {
  readonly lens: Vector;
  readonly aim: Vector;
  /** Width and height in metres of the frame at the aim, camera level. */
  readonly frameAcross: number;
  readonly frameUp: number;
  readonly obstacles: readonly Obstacle[];
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

/** Points of the frame's corners in the plane of the subject; a camera aimed straight down has north on top. */
export function frameCorners({ lens, aim, frameAcross, frameUp }: Omit<FrameRays, "obstacles">): Vector[] {
  const run = subtract(aim, lens);
  const side = planDistance(lens, aim) < 1e-9 ? { x: 1, y: 0, z: 0 } : { x: run.y, y: -run.x, z: 0 };
  const right = scale(side, 1 / norm(side));
  const rise = cross(right, run);
  const up = scale(rise, 1 / norm(rise));
  return CORNERS.map(([across, above]) =>
    add(aim, add(scale(right, (across * frameAcross) / 2), scale(up, (above * frameUp) / 2))),
  );
}

/**
 * Background by ray in three dimensions through the middle and the corners of the frame: obstacle, ground or skyline, with
 * its distance beyond the subject's plane in metres. From low down the lower corners meet the ground late.
 */
export function frameBackground(rays: FrameRays): FrameBackground {
  const { lens, aim, obstacles } = rays;
  return {
    centre: backgroundBehind(lens, aim, obstacles),
    corners: frameCorners(rays).map((corner) =>
      corner.z <= 0 ? { kind: "ground", beyond: 0 } : backgroundBehind(lens, corner, obstacles),
    ),
  };
}
