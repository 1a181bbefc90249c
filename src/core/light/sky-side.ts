import { cosDeg } from "../units";

/**
 * Share of the clear sky's horizontal light on the seen half of an upright cylinder, integrated from the CIE standard clear
 * sky (type 12, from memory): by the sun's altitude, with the sun behind the camera, at its side, and against it.
 */
const ROWS: readonly (readonly [altitude: number, front: number, side: number, back: number])[] = [
  [0, 1.31, 0.83, 0.58],
  [5, 1.34, 0.82, 0.54],
  [10, 1.32, 0.79, 0.51],
  [20, 1.21, 0.73, 0.45],
  [30, 1.07, 0.65, 0.41],
  [40, 0.92, 0.59, 0.38],
  [50, 0.79, 0.54, 0.37],
  [60, 0.68, 0.5, 0.36],
  [75, 0.54, 0.45, 0.39],
  [90, 0.44, 0.44, 0.44],
];

/** An even sky lights half of every upright side; a closed one 0.396 (CIE gradation), on a ball 0.42. */
const EVEN_SKY = 0.5;
const OVERCAST = { upright: 0.396, round: 0.42 };
/** The glow has lost its side at this altitude of the sun (assumed). */
const GLOW_GONE = -12;

export interface SkySideInput {
  /** Altitude in degrees of the sun, or of the moon. */
  readonly altitude: number;
  /** Horizontal angle in degrees between it and the camera at the subject: 0 behind the camera … 180. */
  readonly turn: number;
  /** Share 0 … 1 of the sky under cloud; "even" where the light has no side. */
  readonly cloud: number | "even";
  readonly form: "upright" | "round";
}

/**
 * Share of the sky's horizontal light that falls on the side of the subject which the camera sees. The clear sky has a side:
 * bright about the sun, dark opposite. Linear in the altitude, between the sides by c₀ + c₁·cos φ + c₂·cos 2φ.
 */
export function skySide({ altitude, turn, cloud, form }: SkySideInput): number {
  if (cloud === "even") return EVEN_SKY;
  const clear = altitude >= 0 ? clearSide(altitude, turn) : glow(altitude, turn);
  return clear + (OVERCAST[form] - clear) * cloud;
}

/** Below the horizon the glow keeps the side of the setting sun, and loses it by −12°. */
function glow(altitude: number, turn: number): number {
  const gone = Math.min(1, altitude / GLOW_GONE);
  return clearSide(0, turn) * (1 - gone) + EVEN_SKY * gone;
}

function clearSide(altitude: number, turn: number): number {
  const above = ROWS.findIndex(([h]) => h >= altitude);
  const high = ROWS[above < 0 ? ROWS.length - 1 : above]!;
  const low = ROWS[Math.max(0, above - 1)]!;
  const t = high[0] === low[0] ? 0 : (altitude - low[0]) / (high[0] - low[0]);
  const at = (column: 1 | 2 | 3): number => low[column] + (high[column] - low[column]) * t;
  const [front, side, back] = [at(1), at(2), at(3)];
  const c1 = (front - back) / 2;
  const c2 = (front + back - 2 * side) / 4;
  const c0 = (front + back + 2 * side) / 4;
  return c0 + c1 * cosDeg(turn) + c2 * cosDeg(2 * turn);
}
