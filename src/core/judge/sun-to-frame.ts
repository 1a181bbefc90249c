import { cosDeg, sinDeg, toDegrees } from "../units";
import { cameraAxes, dot, type Vector } from "../ground";
import { angleOfViewAt, heldSidesMm } from "../optics";
import { shadedBy, type Sun } from "../light";
import type { AssessInput, SightingFound } from "./assessment";
import { sightOf } from "./sight-of";

/** Degrees about the frame's edge inside which the sun still glares. */
const GLARE_MARGIN = 5;
/** Half the sun's disc: its upper limb still dazzles while its middle has set. */
const HALF_DISC = 0.27;
/** Direct light in lux under which the disc cannot be seen through cloud (assumed). */
const DISC_SEEN = 1;

export interface SunToFrame {
  /** Whether a sun that can be seen stands in the frame or within 5° of its edge. */
  readonly inFrame: boolean;
  /** Degrees in the camera's own frame from the lens axis: to the side, and up or down. */
  readonly aside: number;
  /** Degrees above the lens axis in the camera's own frame; below is negative. */
  readonly above: number;
}

const AWAY: SunToFrame = { inFrame: false, aside: 180, above: 180 };

/** Unit vector toward the sun as seen. */
export const towardSun = ({ azimuth, apparentAltitude }: Sun): Vector => ({
  x: cosDeg(apparentAltitude) * sinDeg(azimuth),
  y: cosDeg(apparentAltitude) * cosDeg(azimuth),
  z: sinDeg(apparentAltitude),
});

/**
 * Where the sun stands in the camera's own frame, however it is tilted: never to be looked at through an optical finder.
 * Only of a sun that can be seen from the lens: not under a roof, through a closed sky, or behind something solid; leaves
 * let it through.
 */
export function sunToFrame(input: AssessInput, sighting: SightingFound): SunToFrame {
  const { rig, shot, scene } = input;
  const { sun, ground } = scene;
  const seen = sun.apparentAltitude > -HALF_DISC && scene.cover !== "roof" && scene.directOutside > DISC_SEEN;
  if (!seen) return AWAY;
  const { lens, aim } = sightOf(input);
  const { right, up, ahead } = cameraAxes(lens, aim);
  const ray = towardSun(sun);
  const depth = dot(ray, ahead);
  const aside = toDegrees(Math.atan2(Math.abs(dot(ray, right)), depth));
  const above = toDegrees(Math.atan2(Math.abs(dot(ray, up)), depth));
  const sides = heldSidesMm(rig.body.format, shot.orientation);
  const half = (sideMm: number): number =>
    angleOfViewAt(sighting.frame.focalLengthMm, sideMm, sighting.distance) / 2 + GLARE_MARGIN;
  const near = depth > 0 && aside < half(sides.across) && above < half(sides.up);
  const hidden = near && shadedBy(lens, sun, ground.obstacles) !== undefined;
  return { inFrame: near && !hidden, aside, above };
}
