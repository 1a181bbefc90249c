import { angleBetween, toRadians } from "../units";
import { bearingTo, toVenue, type Vector, type WindowOpening } from "../ground";
import type { Daylight } from "./daylight";
import { skySide } from "./sky-side";

/** Clean double glazing lets so much through (common practice). */
const GLAZING = 0.7;

/**
 * Configuration factor of a rectangle seen from a point opposite its corner, the point's plane parallel to it; sides over
 * distance. Odd in each side, so that four corners add up to any rectangle.
 */
function fromCorner(a: number, b: number): number {
  const [ra, rb] = [Math.sqrt(1 + a * a), Math.sqrt(1 + b * b)];
  return ((a / ra) * Math.atan(b / ra) + (b / rb) * Math.atan(a / rb)) / (2 * Math.PI);
}

/** Share 0 … 1 of a vertical plane's sky that a window takes, seen from a point in the room; 0 behind its wall. */
export function windowFactor({ at, facing, width, height, sill }: WindowOpening, point: Vector): number {
  const { x: aside, y: out } = toVenue({ bearing: facing, centre: at }, point);
  const away = -out;
  if (away <= 0) return 0;
  const [left, right] = [(-width / 2 - aside) / away, (width / 2 - aside) / away];
  const [low, high] = [(sill - point.z) / away, (sill + height - point.z) / away];
  return fromCorner(right, high) - fromCorner(left, high) - fromCorner(right, low) + fromCorner(left, low);
}

export interface WindowLightInput {
  readonly windows: readonly WindowOpening[];
  /** Daylight out of doors, and where its sun stands. */
  readonly outside: Daylight;
  readonly sun: {
    /** Degrees from true north, clockwise. */ readonly azimuth: number;
    /** Degrees above the horizon. */ readonly altitude: number;
  };
  readonly point: Vector;
  /** Bearing in degrees from the subject to the camera. */
  readonly toCamera: number;
  /** Reflectance 0 … 1 of the ground outside. */
  readonly reflectance: number;
}

/**
 * Lux on the side of an upright subject that the camera sees, by the light of windows: sky and ground on the window's plane
 * times its configuration factor (textbook) and the glazing, thrown on the seen half from the window's side. A beam of sun
 * through it is left out.
 */
export function windowLux({ windows, outside, sun, point, toCamera, reflectance }: WindowLightInput): number {
  let sum = 0;
  for (const window of windows) {
    const side = skySide({
      altitude: sun.altitude,
      turn: angleBetween(sun.azimuth, window.facing),
      cloud: outside.cloud,
      form: "upright",
    });
    const onPlane = outside.sky * side + 0.5 * reflectance * outside.horizontal;
    const phi = toRadians(angleBetween(bearingTo(point, window.at), toCamera));
    const seen = ((Math.PI - phi) * Math.cos(phi) + Math.sin(phi)) / 4;
    sum += GLAZING * windowFactor(window, point) * onPlane * seen;
  }
  return sum;
}
