import { sinDeg } from "../units";

/** Pieces of the polynomial: from this altitude up, the coefficients of log10 lux in powers of altitude/90. */
const PIECES: readonly { from: number; l: readonly [number, number, number, number] }[] = [
  { from: 20, l: [3.74, 3.97, -4.07, 1.47] },
  { from: 5, l: [3.05, 13.28, -45.98, 64.33] },
  { from: -0.8, l: [2.88, 22.26, -207.64, 1034.3] },
  { from: -5, l: [2.88, 21.81, -258.11, -858.36] },
  { from: -12, l: [2.7, 12.17, -431.69, -1899.83] },
  { from: -18, l: [13.84, 262.72, 1447.42, 2797.93] },
];

/** Half the width in degrees over which neighbouring pieces are blended, so that no step is seen. */
const BLEND = 0.4;

/** log10 lux by a cubic in altitude/90, as USNO Circular 171 writes sun and moon alike. */
export function logLux(
  [l0, l1, l2, l3]: readonly [number, number, number, number],
  altitude: number,
): number {
  const x = altitude / 90;
  return l0 + x * (l1 + x * (l2 + x * l3));
}

const smooth = (t: number): number => t * t * (3 - 2 * t);

/**
 * Illuminance in lux on the horizontal under a clear sky, sun and sky together, by the sun's geometric altitude in
 * degrees: 129 klx overhead, 759 lx at the horizon, 3.4 lx at −6°, 0.00065 lx at −18° and below. Janiczek and
 * DeYoung, USNO Circular 171 (from memory); pieces blended over 0.8° at their joints.
 */
export function clearHorizontalLux(altitude: number): number {
  const h = Math.max(-18, Math.min(90, altitude));
  for (let i = 0; i < PIECES.length; i++) {
    const piece = PIECES[i]!;
    const below = PIECES[i + 1];
    if (h >= piece.from + BLEND || !below) return 10 ** logLux(piece.l, h);
    if (h >= piece.from - BLEND) {
      const w = smooth((h - piece.from + BLEND) / (2 * BLEND));
      return 10 ** (w * logLux(piece.l, h) + (1 - w) * logLux(below.l, h));
    }
  }
  return 10 ** logLux(PIECES[PIECES.length - 1]!.l, h);
}

/** Relative optical air mass (Kasten and Young 1989): 38 at the horizon, 1.99 at 30°. Altitude −0.833 … 90 degrees. */
export const airMass = (altitude: number): number =>
  1 / (sinDeg(altitude) + 0.50572 * (altitude + 6.07995) ** -1.6364);

/** IES daylight availability (Gillette and others 1984; from memory): sky on the horizontal A + B·sin^C h in klx. */
const SKIES = {
  clear: { extinction: 0.21, a: 0.8, b: 15.5, c: 0.5 },
  partly: { extinction: 0.8, a: 0.3, b: 45, c: 1 },
  overcast: { extinction: Infinity, a: 0.3, b: 21, c: 1 },
} as const;

type SkyName = keyof typeof SKIES;

const DIRECT_KLX = 127.5;
/** The disc has set at this altitude; direct light fades to nothing on the way from 0°. */
const DISC_SET = -0.833;

function iesDirectNormal(sky: SkyName, altitude: number, dayOfYear: number): number {
  if (altitude <= DISC_SET || sky === "overcast") return 0;
  const orbit = 1 + 0.034 * Math.cos((2 * Math.PI * (dayOfYear - 2)) / 365);
  const fade = altitude >= 0 ? 1 : 1 - altitude / DISC_SET;
  return 1000 * DIRECT_KLX * orbit * fade * Math.exp(-SKIES[sky].extinction * airMass(altitude));
}

function iesSky(sky: SkyName, altitude: number): number {
  const { a, b, c } = SKIES[sky];
  return 1000 * (a + b * Math.max(0, sinDeg(altitude)) ** c);
}

/** Daylight in lux before anything stands in its way. */
export interface Daylight {
  /** Direct sun on a surface square to it. */
  readonly directNormal: number;
  /** The sky on the horizontal. */
  readonly sky: number;
  /** Direct and sky together on the horizontal. */
  readonly horizontal: number;
  /** Share 0 … 1 of the sky under cloud; "even" where the light has no side left: under a roof or leaves. */
  readonly cloud: number | "even";
}

/** From this altitude down a clouded sky gives the share of the clear one that it gives here: 0.23 overcast, 0.38 partly. */
const LOW_SUN = 1;

export interface DaylightInput {
  /** Geometric altitude of the sun in degrees. */
  readonly altitude: number;
  /** Altitude as seen, for the direct part; the geometric one when left out. */
  readonly apparentAltitude?: number;
  /** 1 … 366. */
  readonly dayOfYear: number;
  /** Cloud in eighths, 0 … 8: 0 clear, 4 partly cloudy, 8 overcast, mixed in lux between. */
  readonly cloudEighths: number;
}

/**
 * Direct and sky parts: the total is USNO Circular 171's, the split IES's (both from memory). The two models agree
 * within 2 % at 60°, part by a fifth at 20° and 40 % at 5°; scaling keeps the first's total for a clear sky.
 */
export function daylight({ altitude, apparentAltitude, dayOfYear, cloudEighths }: DaylightInput): Daylight {
  const cloud = Math.max(0, Math.min(8, cloudEighths));
  const closing = Math.max(0, cloud / 4 - 1);
  const seen = apparentAltitude ?? altitude;
  const clear = pureSky("clear", altitude, seen, dayOfYear);
  const partly = pureSky("partly", altitude, seen, dayOfYear);
  const closed = pureSky("overcast", altitude, seen, dayOfYear);
  const mixed = cloud <= 4 ? mix(clear, partly, cloud / 4) : mix(partly, closed, closing);
  const horizontal = mixed.direct * Math.max(0, sinDeg(seen)) + mixed.sky;
  return { directNormal: mixed.direct, sky: mixed.sky, horizontal, cloud: cloud / 8 };
}

/**
 * What of the daylight comes in under a roof or under leaves: no direct sun, and of the whole horizontal light the share
 * 0 … 1 that comes through (the daylight factor). A hall with a row of windows 0.02, an open wood 0.1, a wood 0.03, the
 * gloom of a forest 0.005 (common practice).
 */
export const underCover = (outside: Daylight, daylightShare: number): Daylight => ({
  directNormal: 0,
  sky: outside.horizontal * daylightShare,
  horizontal: outside.horizontal * daylightShare,
  cloud: "even",
});

/** Albedo of a cloud's under side, and of the ground that the models of the sky have in them (assumed). */
const CLOUD_ALBEDO = 0.6;
const USUAL_GROUND = 0.2;

/**
 * Light that bounces between bright ground and cloud: the sky's part times (1 − 0.2·α)/(1 − ρ·α), α = 0.6 × the share
 * under cloud (multiple reflection, textbook; the cloud's albedo assumed). Snow under a closed sky gains 0.76 stop.
 */
export function overGround(day: Daylight, reflectance: number): Daylight {
  if (day.cloud === "even" || day.cloud === 0) return day;
  const albedo = CLOUD_ALBEDO * day.cloud;
  const sky = (day.sky * (1 - USUAL_GROUND * albedo)) / (1 - reflectance * albedo);
  return {
    directNormal: day.directNormal,
    sky,
    horizontal: day.horizontal + sky - day.sky,
    cloud: day.cloud,
  };
}

interface Parts {
  readonly direct: number;
  readonly sky: number;
}

const mix = (a: Parts, b: Parts, t: number): Parts => ({
  direct: a.direct + (b.direct - a.direct) * t,
  sky: a.sky + (b.sky - a.sky) * t,
});

/** The clear sky's sun and sky together on the horizontal by the second model; geometric altitude. */
const iesSum = (sky: SkyName, altitude: number, day: number): number =>
  iesDirectNormal(sky, altitude, day) * Math.max(0, sinDeg(altitude)) + iesSky(sky, altitude);

/**
 * One of the three skies. The total of the clear one is the first model's; `k` brings the second's parts to it. A low sun
 * behind cloud gives the clear total's share of 1°, so that every sky rises through the horizon without a step.
 */
function pureSky(sky: SkyName, altitude: number, seen: number, day: number): Parts {
  const total = clearHorizontalLux(altitude);
  const up = Math.max(0, altitude);
  const k =
    altitude > 0 ? total / iesSum("clear", altitude, day) : clearHorizontalLux(0) / iesSum("clear", 0, day);
  const direct = k * iesDirectNormal(sky, Math.max(altitude, seen), day);
  if (altitude >= LOW_SUN) return { direct, sky: k * iesSky(sky, altitude) };
  const share = sky === "clear" ? 1 : iesSum(sky, LOW_SUN, day) / iesSum("clear", LOW_SUN, day);
  return { direct, sky: share * total - k * iesDirectNormal(sky, up, day) * sinDeg(up) };
}
