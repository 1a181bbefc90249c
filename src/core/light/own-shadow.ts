import { asBearing, tanDeg, turnBetween, sinDeg, cosDeg } from "../units";
import { bearingTo, planDistance, type Point, type Vector } from "../ground";

/** The photographer as a thing that throws a shadow: metres (assumed: a standing person with a camera). */
const BODY = { height: 1.8, halfWidth: 0.4 };

export interface OwnShadowInput {
  readonly photographer: Point;
  /** Top of the photographer above the ground in metres; 1.8 standing when left out. */
  readonly top?: number;
  readonly subject: Vector;
  readonly sun: { readonly azimuth: number; readonly apparentAltitude: number };
}

/** Whether the photographer's own shadow falls on the subject's aim. Level ground; the sun above the horizon. */
export function ownShadowFalls({ photographer, top = BODY.height, subject, sun }: OwnShadowInput): boolean {
  if (sun.apparentAltitude <= 0) return false;
  const away = planDistance(photographer, subject);
  if (away === 0) return true;
  const turn = turnBetween(asBearing(sun.azimuth + 180), bearingTo(photographer, subject));
  const along = away * cosDeg(turn);
  if (along <= 0 || Math.abs(away * sinDeg(turn)) > BODY.halfWidth) return false;
  return top - along * tanDeg(sun.apparentAltitude) >= subject.z;
}
