import { angleBetween, METER_CONSTANTS, sinDeg } from "../units";
import { litShare, upwardTilt, type Direction, type Form } from "./form";
import { skySide } from "./sky-side";

export type LightSide = "front" | "side" | "back";

/** Front to 60°, back from 120°, side between: thirds of the half turn (common practice). */
export const lightSide = (turn: number): LightSide => (turn < 60 ? "front" : turn <= 120 ? "side" : "back");

export interface SubjectLightInput {
  /** Sun or moon: its bearing and its altitude as seen, degrees. */
  readonly source: Direction;
  /** Lux of it on a surface square to it, and of the sky on the horizontal. */
  readonly directNormal: number;
  /** Lux of the sky on the horizontal, 0 or more. */
  readonly sky: number;
  /** Share 0 … 1 of the sky under cloud; "even" under a roof or leaves. */
  readonly cloud: number | "even";
  /** From the subject to the camera. */
  readonly camera: Direction;
  /** Whether direct light reaches the subject; if not, the ground about it lies in the shade too. */
  readonly reaches: boolean;
  /** What obstacles leave of the sky's light, 0 … 1: on the side that is seen, and on the ground. */
  readonly skyLeft: number;
  /** Share 0 … 1 of the sky's light that obstacles leave on the ground. */
  readonly skyOnGround: number;
  /** Reflectance of the ground about the subject: grass 0.2, track 0.15, sand 0.35, snow 0.8. */
  readonly reflectance: number;
  readonly form: Form;
}

/** Lux on the side of a subject that the camera sees, by where it comes from. */
export interface SubjectLight {
  /** Lux of the sun or the moon, 0 or more. */
  readonly direct: number;
  /** Lux of the sky, 0 or more. */
  readonly sky: number;
  /** Lux that the ground throws back, 0 or more. */
  readonly ground: number;
  /** Horizontal angle in degrees between sun and camera as seen from the subject: 0 front … 180 back. */
  readonly turn: number;
}

/**
 * Light of sun or moon on the subject as the camera sees it: E_dn·C + (a + m)·E_sky + (½ − m)·ρ·E_h, with C what the seen
 * side takes of the direct light, a what it takes of the sky, m by how much it looks up. Over grass with the sun 40° up
 * this gives EV 14.7 front, 13.6 side, 12.2 back: side light opens one stop, back light two and a half, as the
 * published guide has it for a middling sun (ANSI PH2.7, from memory: one and two).
 */
export function subjectLight(input: SubjectLightInput): SubjectLight {
  const { source, camera, form, cloud, reflectance } = input;
  const turn = angleBetween(source.bearing, camera.bearing);
  const direct = input.reaches && source.height > -1 ? input.directNormal : 0;
  const side = skySide({
    altitude: source.height,
    turn,
    cloud,
    form: form.kind === "upright" ? "upright" : "round",
  });
  const tilt = upwardTilt(form, camera);
  const onGround = direct * Math.max(0, sinDeg(source.height)) + input.sky * input.skyOnGround;
  return {
    direct: direct === 0 ? 0 : direct * litShare(form, source, camera),
    sky: input.sky * Math.max(0, side * input.skyLeft + tilt * input.skyOnGround),
    ground: (0.5 - tilt) * reflectance * onGround,
    turn,
  };
}

/** EV at ISO 100 from lux on the subject, flat receptor: log2(E·100/(C·100)), ISO 2720. Lux above 0. */
export const evFromLux = (lux: number): number => Math.log2((lux * 100) / METER_CONSTANTS.incidentC);

/** Lux on the subject from EV at ISO 100: the inverse of `evFromLux`. */
export const luxFromEv = (ev: number): number => (2 ** ev * METER_CONSTANTS.incidentC) / 100;

/** Lux of all that lights the subject together, never below the `night` under which no sky falls. */
export const totalLux = (
  of: Readonly<Record<"sun" | "moon" | "sky" | "ground" | "lamps" | "night", number>>,
): number => Math.max(of.night, of.sun + of.moon + of.sky + of.ground + of.lamps);
