import type { ExactSettings } from "./apex";

/**
 * Camera scales in thirds of a stop. A mark is counted in clicks: shutter k is 2^(−k/3) s, aperture k is f/2^(k/6),
 * ISO k is 100·2^(k/3), so that EV at ISO 100 is (aperture + shutter − iso)/3. Marks print nominal, compute exact:
 * 1/1000 is 1/1024 s. Shutter 30 s … 1/32000, f/1 … f/64, ISO 25 … 819200.
 */
export interface Settings {
  /** Clicks; 0 is 1 s, and a click more is a third of a stop shorter. */
  readonly shutter: number;
  /** Clicks; 0 is f/1, and a click more is a third of a stop narrower. */
  readonly aperture: number;
  /** Clicks; 0 is ISO 100, and a click more is a third of a stop more sensitive. */
  readonly iso: number;
}

export type Rail = keyof Settings;

const SHUTTER_FROM = -15;
/** Nominal marks: whole and decimal seconds down to 0.3, then denominators. */
const SHUTTER_SECONDS = [
  30, 25, 20, 15, 13, 10, 8, 6, 5, 4, 3.2, 2.5, 2, 1.6, 1.3, 1, 0.8, 0.6, 0.5, 0.4, 0.3,
];
const SHUTTER_DENOMINATORS = [
  4, 5, 6, 8, 10, 13, 15, 20, 25, 30, 40, 50, 60, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000,
  1250, 1600, 2000, 2500, 3200, 4000, 5000, 6400, 8000, 10000, 13000, 16000, 20000, 25000, 32000,
];
const APERTURES = [
  1, 1.1, 1.2, 1.4, 1.6, 1.8, 2, 2.2, 2.5, 2.8, 3.2, 3.5, 4, 4.5, 5, 5.6, 6.3, 7.1, 8, 9, 10, 11, 13, 14, 16,
  18, 20, 22, 25, 29, 32, 36, 40, 45, 51, 57, 64,
];
const ISO_FROM = -6;
const ISOS = [
  25, 32, 40, 50, 64, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600, 2000, 2500,
  3200, 4000, 5000, 6400, 8000, 10000, 12800, 16000, 20000, 25600, 32000, 40000, 51200, 64000, 80000, 102400,
  128000, 160000, 204800, 256000, 320000, 409600, 512000, 640000, 819200,
];

/** First and last click of each scale. */
export const SCALE: Readonly<Record<Rail, { readonly first: number; readonly last: number }>> = Object.freeze(
  {
    shutter: {
      first: SHUTTER_FROM,
      last: SHUTTER_FROM + SHUTTER_SECONDS.length + SHUTTER_DENOMINATORS.length - 1,
    },
    aperture: { first: 0, last: APERTURES.length - 1 },
    iso: { first: ISO_FROM, last: ISO_FROM + ISOS.length - 1 },
  },
);

/** A click brought into its scale; never −0, which would show in a file. */
export const clampClick = (rail: Rail, click: number): number =>
  Math.min(SCALE[rail].last, Math.max(SCALE[rail].first, click)) + 0;

export type ShutterMark =
  | {
      /** Whole or tenth seconds as printed. */
      readonly seconds: number;
      readonly denominator?: never;
    }
  | {
      /** Of a fraction of a second as printed: 1/1000 is 1000. */
      readonly denominator: number;
      readonly seconds?: never;
    };

/** The printed mark of a shutter click within the scale. */
export function shutterMark(click: number): ShutterMark {
  const i = clampClick("shutter", click) - SHUTTER_FROM;
  const seconds = SHUTTER_SECONDS[i];
  return seconds !== undefined
    ? { seconds }
    : { denominator: SHUTTER_DENOMINATORS[i - SHUTTER_SECONDS.length]! };
}

/** The printed f-number of an aperture click within the scale. */
export const apertureMark = (click: number): number => APERTURES[clampClick("aperture", click)]!;
/** The printed ISO of an ISO click within the scale. */
export const isoMark = (click: number): number => ISOS[clampClick("iso", click) - ISO_FROM]!;

/** Powers of two by sixths of a stop, worked out once: every assessment asks for dozens of them. */
const SIXTHS = Array.from({ length: 6 * 64 + 1 }, (_, i) => 2 ** ((i - 6 * 32) / 6));
const power = (sixths: number): number => SIXTHS[sixths + 6 * 32] ?? 2 ** (sixths / 6);

/** Exact seconds of a shutter click: 2^(−k/3). */
export const shutterSeconds = (click: number): number => power(-2 * click);
/** Exact f-number of an aperture click: 2^(k/6). */
export const apertureFNumber = (click: number): number => power(click);
/** Exact ISO of an ISO click: 100·2^(k/3). */
export const isoSpeed = (click: number): number => 100 * 2 ** (click / 3);

/** A solved limit within this many stops of a mark keeps the mark. */
const SAME_MARK = 1e-9;

/** The slowest mark that is no slower than an exposure in seconds: the safe side for a motion limit. */
export const shutterNoSlower = (exposure: number): number =>
  clampClick("shutter", Math.ceil(-3 * Math.log2(exposure) - 3 * SAME_MARK));

/** The mark nearest to an exposure in seconds: the one that a printed limit names. */
export const shutterNearest = (exposure: number): number =>
  clampClick("shutter", Math.round(-3 * Math.log2(exposure)));

/** The mark that a printed f-number names: f/5.6 is 5.66. */
export const apertureNearest = (fNumber: number): number =>
  clampClick("aperture", Math.round(6 * Math.log2(fNumber)));

/** The widest mark that is no wider than an f-number: the safe side for a depth limit. */
export const apertureNoWider = (fNumber: number): number =>
  clampClick("aperture", Math.ceil(6 * Math.log2(fNumber) - 6 * SAME_MARK));

/** The narrowest mark that is no narrower than an f-number: the safe side for a diffraction limit. */
export const apertureNoNarrower = (fNumber: number): number =>
  clampClick("aperture", Math.floor(6 * Math.log2(fNumber) + 6 * SAME_MARK));

/** The mark nearest to an ISO speed. */
export const isoNearest = (iso: number): number => clampClick("iso", Math.round(3 * Math.log2(iso / 100)));

/** The highest mark whose printed ISO is no higher than a speed: a ceiling of 8000 is never passed to 10000. */
export function isoNoHigher(iso: number): number {
  const nearest = isoNearest(iso);
  return isoMark(nearest) > iso ? clampClick("iso", nearest - 1) : nearest;
}

/** EV at ISO 100 for which settings are right. */
export const evOfClicks = ({ shutter, aperture, iso }: Settings): number => (shutter + aperture - iso) / 3;

/** Settings in clicks as exact seconds, f-number and ISO. */
export const exactSettings = ({ shutter, aperture, iso }: Settings): ExactSettings => ({
  exposure: shutterSeconds(shutter),
  fNumber: apertureFNumber(aperture),
  iso: isoSpeed(iso),
});
