import { angleBetween, toRadians } from "../units";
import {
  add,
  alongBearing,
  bearingTo,
  distance,
  planDistance,
  signedArea,
  type Hall,
  type Vector,
  type WindowOpening,
} from "../ground";
import type { Daylight } from "./daylight";
import { skySide } from "./sky-side";

/** Clean double glazing lets so much through (common practice). */
const GLAZING = 0.7;

/** A piece of a window that shines like a small flat lamp. */
interface Patch {
  readonly at: Vector;
  /** Square metres. */
  readonly area: number;
}

/** Pieces along a side of a window: the sum is then within a hundredth from half its own width on. */
const PIECES = 8;

/** A window in small pieces. */
function patchesOf({ at, facing, width, height, sill }: WindowOpening): Patch[] {
  const along = alongBearing(facing + 90);
  const [wide, high] = [width / PIECES, height / PIECES];
  return Array.from({ length: PIECES * PIECES }, (_, i): Patch => {
    const aside = ((i % PIECES) + 0.5) * wide - width / 2;
    const z = sill + (Math.floor(i / PIECES) + 0.5) * high;
    return { at: { x: at.x + along.x * aside, y: at.y + along.y * aside, z }, area: wide * high };
  });
}

/** How much of a window's luminance falls on a point from each of its pieces, by the way a piece lies from there; nothing from outside. */
function overWindow(
  window: WindowOpening,
  point: Vector,
  taken: (toPatch: Vector, away: number) => number,
): number {
  const out = alongBearing(window.facing);
  return patchesOf(window).reduce((sum, { at, area }) => {
    const away = distance(point, at);
    const to = { x: (at.x - point.x) / away, y: (at.y - point.y) / away, z: (at.z - point.z) / away };
    const cosWindow = to.x * out.x + to.y * out.y;
    return cosWindow <= 0 ? sum : sum + ((cosWindow * area) / (away * away)) * taken(to, away);
  }, 0);
}

/**
 * Configuration factor 0 … 1 of a window for a flat face at a point that looks toward another point (Lambert; textbook): times the lux
 * on the window's plane it is the lux on the face. 0 from outside.
 */
export function windowFactor(window: WindowOpening, point: Vector, toward: Vector): number {
  const reach = distance(point, toward);
  const normal = add(toward, { x: -point.x, y: -point.y, z: -point.z });
  return (
    overWindow(window, point, (to) =>
      Math.max(0, (to.x * normal.x + to.y * normal.y + to.z * normal.z) / reach),
    ) / Math.PI
  );
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
  /** The room, which throws light back; nothing comes back where it is not told. */
  readonly hall?: Hall;
}

/**
 * Lux on the side of an upright subject that the camera sees, by the light of windows: each piece of a window shines with the sky's
 * and the ground's lux on its plane through the glazing, and reaches the seen half by its own bearing and height; what the room
 * returns comes from all sides. A beam of sun through a window is left out.
 */
export function windowLux(input: WindowLightInput): number {
  const { windows, outside, sun, point, toCamera, reflectance } = input;
  let sum = 0;
  for (const window of windows) {
    const side = skySide({
      altitude: sun.altitude,
      turn: angleBetween(sun.azimuth, window.facing),
      cloud: outside.cloud,
      form: "upright",
    });
    const onPlane = outside.sky * side + 0.5 * reflectance * outside.horizontal;
    const seen = overWindow(window, point, (to) => {
      const phi = toRadians(angleBetween(bearingTo({ x: 0, y: 0 }, to), toCamera));
      return (Math.hypot(to.x, to.y) * ((Math.PI - phi) * Math.cos(phi) + Math.sin(phi))) / 4;
    });
    sum += ((GLAZING * onPlane) / Math.PI) * seen;
  }
  return sum + returned(input);
}

/** Mean reflectance of a room, of its floor and lower walls, and of its ceiling and upper walls; sky seen by an unobstructed window. */
const ROOM = { mean: 0.5, low: 0.3, high: 0.6, sky: 39 };

/**
 * Lux that a room returns: 0.85·W/(A·(1 − R))·(C·R_f + 5·R_c) per cent of the diffuse horizontal lux outside (split flux; Hopkinson,
 * Petherbridge and Longmore 1966, from memory), the same to all sides.
 */
function returned({ windows, outside, hall }: WindowLightInput): number {
  if (!hall) return 0;
  const glass = windows.reduce((sum, w) => sum + w.width * w.height, 0);
  const { outline, height } = hall;
  const round = outline.reduce((sum, p, i) => sum + planDistance(p, outline[(i + 1) % outline.length]!), 0);
  const surfaces = 2 * Math.abs(signedArea(outline)) + round * height;
  const percent = ((0.85 * glass) / (surfaces * (1 - ROOM.mean))) * (ROOM.sky * ROOM.low + 5 * ROOM.high);
  return (outside.sky * percent) / 100;
}
