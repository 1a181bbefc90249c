import { absent, asBearing, present, type Maybe } from "../units";

/** Intensities of one lamp from an IES LM-63 file, type C: candela over horizontal and vertical angles in degrees. */
export interface LampFile {
  readonly verticalAngles: readonly number[];
  readonly horizontalAngles: readonly number[];
  /** Candela by horizontal angle, then by vertical angle, with multiplier and ballast factor in them. */
  readonly candela: readonly (readonly number[])[];
  readonly watts: number;
  /** Lumens of the lamp; "absolute" when the file gives −1. */
  readonly lumens: number | "absolute";
}

export type LampFileFault =
  "no-tilt-line" | "tilt-not-read" | "not-a-number" | "too-short" | "not-type-c" | "angles-not-rising";

const rising = (angles: readonly number[]): boolean => angles.every((a, i) => i === 0 || a > angles[i - 1]!);

/**
 * Reads an IES LM-63 file (LM-63-2002, from memory): keywords up to `TILT=NONE`, then the numbers in any breaking of
 * lines. Other tilts and photometric types than C are refused with a code, as is whatever is too short or no number.
 */
export function readLampFile(text: string): Maybe<LampFile, LampFileFault> {
  const lines = text.split(/\r?\n/);
  const tilt = lines.findIndex((line) => /^\s*TILT\s*=/i.test(line));
  if (tilt < 0) return absent("no-tilt-line");
  if (!/=\s*NONE\s*$/i.test(lines[tilt]!)) return absent("tilt-not-read", { line: tilt + 1 });
  const numbers = lines
    .slice(tilt + 1)
    .join(" ")
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  const wrong = numbers.findIndex((n) => !Number.isFinite(n));
  if (wrong >= 0) return absent("not-a-number", { at: wrong });
  if (numbers.length < 13) return absent("too-short", { numbers: numbers.length, wanted: 13 });
  const at = (place: number): number => numbers[place]!;
  const [lumens, multiplier, vertical, horizontal, type] = [at(1), at(2), at(3), at(4), at(5)];
  const [ballast, watts] = [at(10), at(12)];
  if (type !== 1) return absent("not-type-c", { type });
  const wanted = 13 + vertical + horizontal + vertical * horizontal;
  if (numbers.length < wanted) return absent("too-short", { numbers: numbers.length, wanted });
  const verticalAngles = numbers.slice(13, 13 + vertical);
  const horizontalAngles = numbers.slice(13 + vertical, 13 + vertical + horizontal);
  if (!rising(verticalAngles) || !rising(horizontalAngles)) return absent("angles-not-rising");
  const start = 13 + vertical + horizontal;
  const candela = horizontalAngles.map((_, row) =>
    numbers.slice(start + row * vertical, start + (row + 1) * vertical).map((n) => n * multiplier * ballast),
  );
  return present({
    verticalAngles,
    horizontalAngles,
    candela,
    watts,
    lumens: lumens < 0 ? "absolute" : lumens,
  });
}

/** Place of a value between rising marks: the index below it and the share of the way on; held at the ends. */
function between(marks: readonly number[], value: number): { readonly i: number; readonly t: number } {
  if (marks.length === 1 || value <= marks[0]!) return { i: 0, t: 0 };
  const last = marks.length - 1;
  if (value >= marks[last]!) return { i: last - 1, t: 1 };
  const i = marks.findIndex((m, k) => k < last && value < marks[k + 1]!);
  return { i, t: (value - marks[i]!) / (marks[i + 1]! - marks[i]!) };
}

/** A horizontal angle folded into what the file gives: quarter or half symmetric files repeat. */
function folded(angle: number, most: number): number {
  const a = asBearing(angle);
  if (most === 0) return 0;
  if (most >= 360) return a;
  const half = a > 180 ? 360 - a : a;
  return most <= 90 && half > 90 ? 180 - half : half;
}

/** Intensity in candela toward a horizontal and a vertical angle (0 straight down), linear between the file's angles; 0 beyond its vertical range. */
export function intensityToward(lamp: LampFile, horizontal: number, vertical: number): number {
  const v = lamp.verticalAngles;
  if (vertical > v[v.length - 1]! || vertical < v[0]!) return 0;
  const h = lamp.horizontalAngles;
  const row = between(h, folded(horizontal, h[h.length - 1]!));
  const column = between(v, vertical);
  const at = (r: number): number => {
    const line = lamp.candela[Math.min(r, lamp.candela.length - 1)]!;
    return line[column.i]! + ((line[column.i + 1] ?? line[column.i]!) - line[column.i]!) * column.t;
  };
  return at(row.i) + (at(row.i + 1) - at(row.i)) * row.t;
}
