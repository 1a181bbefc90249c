import { angleBetween, cosDeg, METER_CONSTANTS, sinDeg, toDegrees, toRadians } from "../units";

/**
 * Mean illuminance of the half of a vertical cylinder that the camera sees, lit by a far source of normal
 * illuminance 1: cos h·((π − φ)·cos φ + sin φ)/4. `turn` is the horizontal angle in degrees between the source and
 * the camera as seen from the subject, 0 (source behind the camera) … 180. Geometry; no source needed.
 */
export function cylinderShare(altitude: number, turn: number): number {
  if (altitude >= 90) return 0;
  const phi = toRadians(Math.abs(turn));
  return (cosDeg(altitude) * ((Math.PI - phi) * Math.cos(phi) + Math.sin(phi))) / 4;
}

/**
 * Mean illuminance of the half of a ball that the camera sees, lit by a far source of normal illuminance 1:
 * (2/3π)·(sin ψ + (π − ψ)·cos ψ). `turn` is the full angle in degrees between source and camera at the subject, 0 … 180:
 * for birds in flight and balls. Geometry; no source needed.
 */
export function sphereShare(turn: number): number {
  const psi = toRadians(Math.abs(turn));
  return (2 / (3 * Math.PI)) * (Math.sin(psi) + (Math.PI - psi) * Math.cos(psi));
}

/** Angle in degrees at the subject between the sun and the camera, each by its bearing and height angle. */
function angleBetweenSights(
  a: { readonly bearing: number; readonly height: number },
  b: { readonly bearing: number; readonly height: number },
): number {
  const cosine =
    sinDeg(a.height) * sinDeg(b.height) + cosDeg(a.height) * cosDeg(b.height) * cosDeg(a.bearing - b.bearing);
  return toDegrees(Math.acos(Math.max(-1, Math.min(1, cosine))));
}

export type LightSide = "front" | "side" | "back";

/** Front to 60°, back from 120°, side between: thirds of the half turn (common practice). */
export const lightSide = (turn: number): LightSide => (turn < 60 ? "front" : turn <= 120 ? "side" : "back");

export interface SubjectLightInput {
  readonly sunAzimuth: number;
  /** Altitude of the sun as seen, degrees. */
  readonly sunAltitude: number;
  /** Lux. */
  readonly directNormal: number;
  readonly sky: number;
  /** 0 … 1, see `Daylight`. */
  readonly overcast: number;
  /** Bearing in degrees from the subject to the camera. */
  readonly bearingToCamera: number;
  /** Whether direct sun reaches the subject. */
  readonly sunReaches: boolean;
  /** Share 0 … 1 of the sky that the subject sees over the obstacles. */
  readonly skyOpen: number;
  /** Reflectance of the ground about the subject: grass 0.2, track 0.15, sand 0.35, snow 0.8. */
  readonly reflectance: number;
  /** Set for a round subject: the height angle in degrees at which it sees the camera. Upright when left out. */
  readonly roundFrom?: number;
}

/** Lux on the side of an upright subject that the camera sees, by where it comes from. */
export interface SubjectLight {
  readonly sun: number;
  readonly sky: number;
  readonly ground: number;
  /** Horizontal angle in degrees between sun and camera as seen from the subject: 0 front … 180 back. */
  readonly turn: number;
}

/** Sky on an upright cylinder over the horizontal: a half when even, 0.396 under an overcast (CIE gradation). */
const SKY_UPRIGHT = { even: 0.5, overcast: 0.396 };

/**
 * Daylight on the subject as the camera sees it: the visible half of a vertical cylinder. Over grass at 40° this
 * gives EV 14.7 front, 13.5 side, 12.3 back, as the published guide has it (side light opens one stop, back two).
 * In the shade the sun is lost, the ground about the subject is shaded too, and the sky is less by the obstacle.
 */
export function subjectLight(input: SubjectLightInput): SubjectLight {
  const turn = angleBetween(input.sunAzimuth, input.bearingToCamera);
  const direct = input.sunReaches && input.sunAltitude > 0 ? input.directNormal : 0;
  const upright = SKY_UPRIGHT.even + (SKY_UPRIGHT.overcast - SKY_UPRIGHT.even) * input.overcast;
  const openSky = input.sky * input.skyOpen;
  const onGround = direct * Math.sin(toRadians(Math.max(0, input.sunAltitude))) + openSky;
  const share =
    input.roundFrom === undefined
      ? cylinderShare(Math.max(0, input.sunAltitude), turn)
      : sphereShare(
          angleBetweenSights(
            { bearing: input.sunAzimuth, height: input.sunAltitude },
            { bearing: input.bearingToCamera, height: input.roundFrom },
          ),
        );
  return {
    sun: direct * share,
    sky: upright * openSky,
    ground: 0.5 * input.reflectance * onGround,
    turn,
  };
}

/** EV at ISO 100 from lux on the subject, flat receptor: log2(E·100/(C·100)), ISO 2720. Lux above 0. */
export const evFromLux = (lux: number): number => Math.log2((lux * 100) / METER_CONSTANTS.incidentC);

/** Lux on the subject from EV at ISO 100: the inverse of `evFromLux`. */
export const luxFromEv = (ev: number): number => (2 ** ev * METER_CONSTANTS.incidentC) / 100;
