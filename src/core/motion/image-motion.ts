import { dot, norm, scale, subtract, type Vector } from "../ground";
import { imageVelocity, type Camera } from "./projection";
import { BODY_PART, type Subject, type SubjectPart } from "./subject";

/** How the camera follows: held still on the spot, or following the subject. */
export type Technique = "pre-framed" | "tracked";

/** Share of the crossing speed that a following hand leaves (assumed; learnt from the log later). */
export const TRACKING_RESIDUAL = 0.15;

export interface MotionInput {
  readonly camera: Camera;
  readonly subject: Subject;
  /** Velocity of the body in m/s. */
  readonly bodyVelocity: Vector;
  readonly technique: Technique;
}

/** How fast the body's image runs, and what it is made of; m/s at the subject unless said. */
export interface BodyMotion {
  /** Speed across the line of sight, and toward (+) or away from (−) the camera. */
  readonly crossing: number;
  readonly approach: number;
  /** What the camera does not follow, across. */
  readonly residual: number;
  /** Growth of the figure at its edge by coming nearer, as a speed across. */
  readonly growth: number;
  /** All of it, as a speed across the line of sight. */
  readonly speed: number;
  /** Micrometres on the sensor per second and m/s at the subject. */
  readonly umPerMetre: number;
}

/**
 * Motion of the body in the picture. Pre-framed: all of the crossing speed. Tracked: √((0.15·crossing)² + bob²).
 * Coming nearer makes the figure grow: r·v/s at half its height, taken from the derivative of the projection there.
 */
export function bodyMotion({ camera, subject, bodyVelocity, technique }: MotionInput): BodyMotion {
  const sight = subtract(camera.aim, camera.lens);
  const away = dot(bodyVelocity, scale(sight, 1 / norm(sight)));
  const crossing = Math.sqrt(Math.max(0, dot(bodyVelocity, bodyVelocity) - away * away));
  const residual =
    technique === "tracked"
      ? Math.hypot(TRACKING_RESIDUAL * crossing, subject.bob)
      : Math.hypot(crossing, subject.bob);
  const umPerMetre = (1000 * camera.imageDistanceMm) / norm(sight);
  const growth = edgeGrowth(camera, subject, scale(sight, away / norm(sight))) / umPerMetre;
  return {
    crossing,
    approach: 0 - away,
    residual,
    growth,
    speed: Math.hypot(residual, growth),
    umPerMetre,
  };
}

/** µm/s at which the figure's upper edge moves by the part of the velocity along the line of sight. */
function edgeGrowth(camera: Camera, subject: Subject, along: Vector): number {
  const edge = { ...camera.aim, z: camera.aim.z + subject.height / 2 };
  const image = imageVelocity(camera, edge, along);
  return image ? 1000 * Math.hypot(image.x, image.y) : 0;
}

/**
 * Speed of a part across the line of sight in m/s. A limb's speed is against the body, direction unknown: root of
 * the sum of squares. A tool or ball is stored over the ground and carries the residual of the following hand.
 */
export const partSpeed = (body: BodyMotion, part: SubjectPart): number =>
  part.id === BODY_PART.id ? body.speed : Math.hypot(body.speed, part.speed);
