import { asBearing, tanDeg, turnBetween, sinDeg, cosDeg } from "../units";
import { alongBearing, bearingTo, planDistance, type Point, type Vector } from "../ground";

/** The photographer as a thing that throws a shadow: metres (assumed: a person, and the head above the lens). */
const BODY = { tall: 1.8, halfWidth: 0.4, headAboveLens: 0.2 };

export interface OwnShadowInput {
  /** The lens: its place, and its height in metres above the ground, whether held or on a tier or tower. */
  readonly lens: Vector;
  readonly subject: Vector;
  readonly sun: {
    /** Degrees from true north, clockwise. */ readonly azimuth: number;
    /** Degrees above the horizon as seen. */ readonly apparentAltitude: number;
  };
}

/**
 * The photographer's own shadow on level ground as an outline in metres of the plan, from the feet to the head's; nothing with the
 * sun down. On a tier the shadow of feet and head lies as much farther out.
 */
export function ownShadowOutline({ lens, sun }: Omit<OwnShadowInput, "subject">): Point[] {
  if (sun.apparentAltitude <= 0) return [];
  const top = lens.z + BODY.headAboveLens;
  const feet = Math.max(0, top - BODY.tall);
  const along = alongBearing(sun.azimuth + 180);
  const aside = { x: along.y, y: -along.x };
  const corner = (height: number, side: number): Point => {
    const far = height / tanDeg(sun.apparentAltitude);
    return {
      x: lens.x + along.x * far + aside.x * side * BODY.halfWidth,
      y: lens.y + along.y * far + aside.y * side * BODY.halfWidth,
    };
  };
  return [corner(feet, -1), corner(top, -1), corner(top, 1), corner(feet, 1)];
}

/**
 * Whether the photographer's own shadow falls on the subject's aim: whether the line from there to the sun meets the
 * person behind the lens, who reaches from the head down to the feet, on the ground or on a tier. Level ground; the sun
 * above the horizon.
 */
export function ownShadowFalls({ lens, subject, sun }: OwnShadowInput): boolean {
  if (sun.apparentAltitude <= 0) return false;
  const away = planDistance(lens, subject);
  const turn = away === 0 ? 0 : turnBetween(asBearing(sun.azimuth + 180), bearingTo(lens, subject));
  const along = away * cosDeg(turn);
  if (along < 0 || Math.abs(away * sinDeg(turn)) > BODY.halfWidth) return false;
  const top = lens.z + BODY.headAboveLens;
  const feet = Math.max(0, top - BODY.tall);
  const met = subject.z + along * tanDeg(sun.apparentAltitude);
  return met >= feet && met <= top;
}
