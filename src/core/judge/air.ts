import type { Surface } from "../ground";

/** What stands in the air between lens and subject. */
export type Air = "shimmer" | "haze" | "dust";

export interface AirInput {
  /** Metres to the subject. */
  readonly distance: number;
  /** Metres above the ground of the lower end of the line. */
  readonly lowest: number;
  /** Direct sun in lux square to it, on the ground below the line. */
  readonly directNormal: number;
  /** Degrees of the sun above the horizon. */
  readonly sunAltitude: number;
  /** What the ground is made of at the subject. */
  readonly surface: Surface;
  /** Metres a second of the subject. */
  readonly speed: number;
}

/** Ground that the sun heats until the air above it swims, metres from which that shows (common practice). */
const SHIMMER_FROM: Readonly<Record<Surface, number>> = {
  track: 40,
  clay: 50,
  sand: 50,
  floor: 60,
  grass: 80,
  snow: 120,
  ice: 120,
  water: 150,
};
/** A line higher above the ground than this in metres looks over the worst of it (common practice). */
const OVER = 3;
const HIGH_SUN = 25;
const STRONG_SUN = 30_000;
/** Metres from which the air itself takes contrast on a bright day (common practice). */
const HAZE_FROM = 300;
/** Speed in m/s from which feet and wheels throw dust on loose ground (common practice). */
const DUST_FROM = 5;

/** What the air does to the picture: heat that shimmers, haze with distance, dust off loose ground. All common practice, no source. */
export function airBetween({ distance, lowest, directNormal, sunAltitude, surface, speed }: AirInput): Air[] {
  const hot = sunAltitude > HIGH_SUN && directNormal > STRONG_SUN && lowest < OVER;
  const loose = surface === "sand" || surface === "clay";
  return [
    ...(hot && distance > SHIMMER_FROM[surface] ? (["shimmer"] as const) : []),
    ...(distance > HAZE_FROM ? (["haze"] as const) : []),
    ...(loose && speed > DUST_FROM ? (["dust"] as const) : []),
  ];
}
