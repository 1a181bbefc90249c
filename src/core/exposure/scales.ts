import { absent, present, type Maybe } from "../units";
import { stopsBetween } from "./apex";
import { apertureMark, exactSettings, isoMark, SCALE, shutterMark, type Rail, type Settings } from "./marks";

/** Cameras step in thirds or in halves of a stop. A click stays a third, whatever scale is shown. */
export type ScaleStep = "third" | "half";

/** A mark as printed, and what it computes as: seconds, f-number or ISO. */
export interface Mark {
  /** As printed: seconds, f-number or ISO. */
  readonly nominal: number;
  /** As it computes, in the same unit. */
  readonly exact: number;
}

/** Half-stop marks as cameras print them (common practice): seconds, f-numbers, ISO, from the first exact one. */
const HALVES: Readonly<Record<Rail, { readonly first: number; readonly marks: readonly number[] }>> = {
  shutter: {
    first: -10,
    marks: [
      30,
      20,
      15,
      10,
      8,
      6,
      4,
      3,
      2,
      1.5,
      1,
      0.7,
      0.5,
      0.3,
      1 / 4,
      1 / 6,
      1 / 8,
      1 / 10,
      1 / 15,
      1 / 20,
      1 / 30,
      1 / 45,
      1 / 60,
      1 / 90,
      1 / 125,
      1 / 180,
      1 / 250,
      1 / 350,
      1 / 500,
      1 / 750,
      1 / 1000,
      1 / 1500,
      1 / 2000,
      1 / 3000,
      1 / 4000,
      1 / 6000,
      1 / 8000,
      1 / 12000,
      1 / 16000,
      1 / 24000,
      1 / 32000,
    ],
  },
  aperture: {
    first: 0,
    marks: [
      1, 1.2, 1.4, 1.7, 2, 2.5, 2.8, 3.5, 4, 4.5, 5.6, 6.7, 8, 9.5, 11, 13, 16, 19, 22, 27, 32, 38, 45, 54,
      64,
    ],
  },
  iso: {
    first: -4,
    marks: [
      25, 35, 50, 70, 100, 140, 200, 280, 400, 560, 800, 1100, 1600, 2200, 3200, 4500, 6400, 9000, 12800,
      18000, 25600, 36000, 51200, 72000, 102400, 144000, 204800, 288000, 409600, 576000, 819200,
    ],
  },
};

/** Exact value of step `k` of a scale of `perStop` steps: 2^(−k/n) s, 2^(k/2n) as f-number, 100·2^(k/n) ISO. */
function exactOf(rail: Rail, k: number, perStop: number): number {
  if (rail === "shutter") return 2 ** (-k / perStop);
  return rail === "aperture" ? 2 ** (k / (2 * perStop)) : 100 * 2 ** (k / perStop);
}

function nominalThird(rail: Rail, click: number): number {
  if (rail === "aperture") return apertureMark(click);
  if (rail === "iso") return isoMark(click);
  const mark = shutterMark(click);
  return mark.seconds ?? 1 / mark.denominator!;
}

/** Every mark of a scale in its order: the slowest shutter, the widest aperture, the lowest ISO first. */
export function marksOf({ rail, step }: { readonly rail: Rail; readonly step: ScaleStep }): Mark[] {
  if (step === "half") {
    const { first, marks } = HALVES[rail];
    return marks.map((nominal, i) => ({ nominal, exact: exactOf(rail, first + i, 2) }));
  }
  const { first, last } = SCALE[rail];
  return Array.from({ length: last - first + 1 }, (_, i) => ({
    nominal: nominalThird(rail, first + i),
    exact: exactOf(rail, first + i, 3),
  }));
}

/** Marks as people write them are rounded: within this share a number names its mark. */
const NAMES_IT = 0.02;

/**
 * The exact value that a printed mark stands for within its scale: f/3.5 is 3.56 in thirds and 3.36 in halves, 1/1000
 * is 1/1024 s. Absent for a number that the scale does not print.
 */
export function readMark(input: {
  readonly rail: Rail;
  readonly step: ScaleStep;
  readonly nominal: number;
}): Maybe<number, "not-on-the-scale"> {
  const off = (m: Mark): number => Math.abs(m.nominal / input.nominal - 1);
  const nearest = marksOf(input).reduce((a, b) => (off(b) < off(a) ? b : a));
  if (!(off(nearest) <= NAMES_IT))
    return absent("not-on-the-scale", { nominal: input.nominal, nearest: nearest.nominal });
  return present(nearest.exact);
}

export interface SnapInput {
  readonly rail: Rail;
  readonly step: ScaleStep;
  /** The solved limit: seconds, f-number or ISO. */
  readonly limit: number;
  /** Which side is safe: a shutter limit "at-most" so long, a depth limit "at-least" that f-number. */
  readonly safe: "at-most" | "at-least";
}

/** A limit within this many stops of a mark keeps the mark. */
const SAME_MARK = 1e-9;

/** A solved limit as the nearest mark on its safe side; the end of the scale when there is none beyond. */
export function snapToMark({ rail, step, limit, safe }: SnapInput): Mark {
  const marks = marksOf({ rail, step }).sort((a, b) => a.exact - b.exact);
  const slack = 2 ** SAME_MARK;
  const most = marks.filter((m) => m.exact <= limit * slack);
  const least = marks.filter((m) => m.exact >= limit / slack);
  return safe === "at-most" ? (most[most.length - 1] ?? marks[0]!) : (least[0] ?? marks[marks.length - 1]!);
}

/** Settings on a camera that steps in halves: the marks it prints, and how much brighter (+) or darker they render, in stops. */
export interface HalfStops {
  /** Seconds as printed. */
  readonly shutter: number;
  /** f-number as printed. */
  readonly aperture: number;
  /** ISO as printed. */
  readonly iso: number;
  /** Stops by which they render brighter than the settings in thirds. */
  readonly brighter: number;
}

/** The same settings on a scale of half stops: never slower, never less depth, the ISO next to what that leaves. */
export function onHalfStops(settings: Settings): HalfStops {
  const exact = exactSettings(settings);
  const snap = (rail: Rail, limit: number, safe: SnapInput["safe"]): Mark =>
    snapToMark({ rail, step: "half", limit, safe });
  const shutter = snap("shutter", exact.exposure, "at-most");
  const aperture = snap("aperture", exact.fNumber, "at-least");
  const left = stopsBetween(exact, {
    exposure: shutter.exact,
    fNumber: aperture.exact,
    iso: exact.iso,
  }).stops;
  const iso = snap("iso", exact.iso * 2 ** -left, "at-least");
  const taken = { exposure: shutter.exact, fNumber: aperture.exact, iso: iso.exact };
  return {
    shutter: shutter.nominal,
    aperture: aperture.nominal,
    iso: iso.nominal,
    brighter: stopsBetween(exact, taken).stops,
  };
}
