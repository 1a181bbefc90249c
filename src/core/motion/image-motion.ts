import { toDegrees } from "../units";
import { atHeight, dot, norm, scale, subtract, type Vector } from "../ground";
import { imageVelocity, type Camera } from "./projection";
import { BODY_PART, type Subject, type SubjectPart } from "./subject";

/** How the camera follows: held still on the spot, following the subject, or panned through it on purpose. */
export type Technique = "pre-framed" | "tracked" | "panned";

/** What a photographer's hands leave of the transverse speed: a following hand, and the spread of a practised pan. */
export interface Hands {
  /** Share 0 … 1 of the transverse speed that a following hand leaves. */
  readonly trackingResidual: number;
  /** Standard deviation of a practised pan as a share of the transverse speed, 0 or more. */
  readonly panSpread: number;
}

/** Hands nobody has measured yet: 15 % (assumed) and 5 % (common practice; 3 % skilled). The log learns better ones. */
export const USUAL_HANDS: Hands = Object.freeze({ trackingResidual: 0.15, panSpread: 0.05 });

function shareLeft(technique: Technique, hands: Hands): number {
  if (technique === "pre-framed") return 1;
  return technique === "tracked" ? hands.trackingResidual : hands.panSpread;
}

export interface MotionInput {
  readonly camera: Camera;
  readonly subject: Subject;
  /** Velocity of the body in m/s. */
  readonly bodyVelocity: Vector;
  readonly technique: Technique;
  /** `USUAL_HANDS` when left out. */
  readonly hands?: Hands;
}

/** How fast the body's image runs, and what it is made of; m/s at the subject unless said. */
export interface BodyMotion {
  /** Speed across the line of sight, and toward (+) or away from (−) the camera. */
  readonly transverseSpeed: number;
  /** m/s toward (+) or away from (−) the camera. */
  readonly radialSpeed: number;
  /** What the camera does not follow, across. */
  readonly residual: number;
  /** Growth of the figure at its edge by coming nearer, as a speed across. */
  readonly growth: number;
  /** All of it, as a speed across the line of sight. */
  readonly speed: number;
  /** Direction in degrees in which the image crosses: 0 to the right of the picture, 90 up. */
  readonly direction: number;
  /** Micrometres on the sensor per second and m/s at the subject. */
  readonly umPerMetre: number;
}

/**
 * Motion of the body in the picture. Pre-framed: all of the transverse speed. Tracked: √((0.15·transverseSpeed)² + bob²); panned
 * likewise by the spread of the turn, the usual miss of a frame.
 * Coming nearer makes the figure grow: r·v/s at half its height, taken from the derivative of the projection there.
 */
export function bodyMotion(input: MotionInput): BodyMotion {
  const { camera, subject, bodyVelocity, technique, hands = USUAL_HANDS } = input;
  const sight = subtract(camera.aim, camera.lens);
  const length = norm(sight);
  const away = dot(bodyVelocity, sight) / length;
  const transverseSpeed = Math.sqrt(Math.max(0, dot(bodyVelocity, bodyVelocity) - away * away));
  const residual = rootOfSquares(shareLeft(technique, hands) * transverseSpeed, subject.bob);
  const umPerMetre = umPerMetreAt(camera.imageDistanceMm, length);
  const growth = edgeGrowth(camera, subject, scale(sight, away / length)) / umPerMetre;
  return {
    transverseSpeed,
    radialSpeed: 0 - away,
    residual,
    growth,
    speed: rootOfSquares(residual, growth),
    direction: directionOf(sight, bodyVelocity),
    umPerMetre,
  };
}

/** Root of the sum of squares; `Math.hypot` guards against overflow that speeds in m/s never meet, and is slow. */
const rootOfSquares = (a: number, b: number): number => Math.sqrt(a * a + b * b);

/** Direction on the sensor of a velocity at the aim, for a level camera. */
function directionOf(sight: Vector, velocity: Vector): number {
  const plan = Math.sqrt(sight.x * sight.x + sight.y * sight.y);
  if (plan === 0) return 0;
  const right = (velocity.x * sight.y - velocity.y * sight.x) / plan;
  const rise = velocity.z * plan - ((velocity.x * sight.x + velocity.y * sight.y) / plan) * sight.z;
  const up = rise / Math.sqrt(plan * plan + sight.z * sight.z);
  return right === 0 && up === 0 ? 0 : toDegrees(Math.atan2(up, right));
}

/** µm/s at which the figure's upper edge moves by the part of the velocity along the line of sight. */
function edgeGrowth(camera: Camera, subject: Subject, along: Vector): number {
  const edge = atHeight(camera.aim, camera.aim.z + subject.height / 2);
  const image = imageVelocity(camera, edge, along);
  return image ? 1000 * Math.hypot(image.x, image.y) : 0;
}

/** µm on the sensor for a metre across the view, at the distance of the subject in metres. */
export const umPerMetreAt = (imageDistanceMm: number, distance: number): number =>
  (1000 * imageDistanceMm) / distance;

/** µm a second on the sensor of what moves across the view with so many m/s. */
export const imageSpeedUm = (speed: number, umPerMetre: number): number => speed * umPerMetre;

/**
 * Speed of a part across the line of sight in m/s. A limb's speed is against the body, direction unknown: root of
 * the sum of squares. A tool or ball is stored over the ground and carries the residual of the following hand.
 */
export const partSpeed = (body: BodyMotion, part: SubjectPart): number =>
  part.id === BODY_PART.id ? body.speed : rootOfSquares(body.speed, part.speed);
