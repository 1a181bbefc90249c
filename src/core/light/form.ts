import { angleBetween, cosDeg, sinDeg, toDegrees, toRadians } from "../units";

/** A direction from the subject: bearing in degrees, and height angle above the horizontal. */
export interface Direction {
  /** Degrees from true north, clockwise. */
  readonly bearing: number;
  /** Degrees above the horizontal, −90 … 90. */
  readonly height: number;
}

/**
 * How a subject takes the light: standing (a cylinder with a sphere for head and shoulders), round (a bird, a ball), or
 * lying along the ground (an ellipsoid; metres, and the bearing of its length).
 */
export type Form =
  | { readonly kind: "upright" }
  | { readonly kind: "round" }
  | {
      readonly kind: "lying";
      /** Metres along `facing`, above 0. */
      readonly length: number;
      /** Metres across, above 0. */
      readonly width: number;
      /** Metres from below to above, above 0. */
      readonly height: number;
      /** Bearing in degrees of its length. */
      readonly facing: number;
    };

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

/** Angle in degrees at the subject between two directions, 0 … 180. */
function angleBetweenDirections(a: Direction, b: Direction): number {
  const cosine =
    sinDeg(a.height) * sinDeg(b.height) + cosDeg(a.height) * cosDeg(b.height) * cosDeg(a.bearing - b.bearing);
  return toDegrees(Math.acos(Math.max(-1, Math.min(1, cosine))));
}

/** A fifth of a standing figure that is seen level is head and shoulders (assumed); from above it is all that is seen. */
const SHOULDERS = 0.2;
const shouldersSeen = (height: number): number =>
  SHOULDERS / (SHOULDERS + (1 - SHOULDERS) * Math.max(0, cosDeg(height)));

/** Mean illuminance of the side that the camera sees, lit by a far source of normal illuminance 1. */
export function litShare(form: Form, source: Direction, camera: Direction): number {
  if (form.kind === "lying") return ellipsoidLit(form, source, camera);
  const sphere = sphereShare(angleBetweenDirections(source, camera));
  if (form.kind === "round") return sphere;
  const s = shouldersSeen(camera.height);
  return (1 - s) * cylinderShare(source.height, angleBetween(source.bearing, camera.bearing)) + s * sphere;
}

/**
 * By how much the side that is seen looks up at the sky rather than down at the ground: half the mean of the upward part
 * of its normals, −0.5 … 0.5. A cylinder seen from anywhere looks level; a ball a third of the sine of the height angle.
 */
export function upwardTilt(form: Form, camera: Direction): number {
  if (form.kind === "lying") return ellipsoidTilt(form, camera);
  const sphere = sinDeg(camera.height) / 3;
  return form.kind === "round" ? sphere : shouldersSeen(camera.height) * sphere;
}

type Lying = Extract<Form, { kind: "lying" }>;

/** Points of an ellipsoid's surface in its own axes (ahead, right, up): area normals, and unit normals. */
interface Skin {
  readonly area: Float64Array;
  readonly normal: Float64Array;
}

/** Points on the skin: the sphere's closed form is met within half a percent. */
const SKIN_POINTS = 600;
const GOLDEN = Math.PI * (3 - Math.sqrt(5));

const skins = new Map<string, Skin>();
/** A ground has some dozens of subjects; a slider that changes one makes many skins, of which the latest matter. */
const MOST_SKINS = 64;

/** Quadrature of an ellipsoid, kept by its geometry. */
function skinOf({ length, width, height }: Lying): Skin {
  const key = `${length}/${width}/${height}`;
  const known = skins.get(key);
  if (known) return known;
  const area = new Float64Array(3 * SKIN_POINTS);
  const normal = new Float64Array(3 * SKIN_POINTS);
  for (let i = 0; i < SKIN_POINTS; i++) {
    const up = 1 - (2 * i + 1) / SKIN_POINTS;
    const out = Math.sqrt(1 - up * up);
    // A sphere's evenly spread points (Fibonacci's spiral), stretched: areas go as the normals over the half axes.
    const n = [
      (out * Math.cos(GOLDEN * i)) / length,
      (out * Math.sin(GOLDEN * i)) / width,
      up / height,
    ] as const;
    const size = Math.hypot(...n);
    n.forEach((value, k) => {
      area[3 * i + k] = value;
      normal[3 * i + k] = value / size;
    });
  }
  if (skins.size >= MOST_SKINS) skins.clear();
  const skin = { area, normal };
  skins.set(key, skin);
  return skin;
}

/** A direction in the axes of something that lies along a bearing. */
function inAxes({ facing }: Lying, { bearing, height }: Direction): readonly [number, number, number] {
  const level = cosDeg(height);
  return [level * cosDeg(bearing - facing), level * sinDeg(bearing - facing), sinDeg(height)];
}

/** Mean over the seen side, each piece weighed by what of it the camera sees, of something told by its normal. */
function meanSeen(form: Lying, camera: Direction, of: (x: number, y: number, z: number) => number): number {
  const { area, normal } = skinOf(form);
  const [cx, cy, cz] = inAxes(form, camera);
  let [sum, seen] = [0, 0];
  for (let i = 0; i < area.length; i += 3) {
    const weight = area[i]! * cx + area[i + 1]! * cy + area[i + 2]! * cz;
    if (weight <= 0) continue;
    seen += weight;
    sum += weight * of(normal[i]!, normal[i + 1]!, normal[i + 2]!);
  }
  return sum / seen;
}

function ellipsoidLit(form: Lying, source: Direction, camera: Direction): number {
  const [lx, ly, lz] = inAxes(form, source);
  return meanSeen(form, camera, (x, y, z) => Math.max(0, x * lx + y * ly + z * lz));
}

const ellipsoidTilt = (form: Lying, camera: Direction): number =>
  meanSeen(form, camera, (_x, _y, z) => z) / 2;
