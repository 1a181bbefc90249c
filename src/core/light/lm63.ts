import { absent, asBearing, present, type Absent, type Maybe } from "../units";

/** Intensities of one lamp from an IES LM-63 file, type C: candela over horizontal and vertical angles in degrees. */
export interface LampFile {
  readonly verticalAngles: readonly number[];
  /** One angle for a lamp that is alike all round; else from 0 to 90, 180 or 360, or from 90 to 270. */
  readonly horizontalAngles: readonly number[];
  /** Candela by horizontal angle, then by vertical angle, with multiplier and ballast factors in them. */
  readonly candela: readonly (readonly number[])[];
  /** Watts that the lamp takes. */
  readonly watts: number;
  /** Lumens of the lamp; "absolute" when the file gives −1. */
  readonly lumens: number | "absolute";
}

/** Why a file is refused. Each but the first carries `line`, counted from 1. */
export type LampFileFault =
  | "no-tilt-line"
  | "tilt-not-read"
  | "not-a-number"
  | "too-short"
  | "not-a-count"
  | "not-type-c"
  | "factor-not-positive"
  | "angles-not-rising"
  | "angles-not-read"
  | "candela-below-zero";

interface Token {
  readonly value: number;
  readonly line: number;
}

/** Places among the thirteen numbers that come before the angles. */
const HEAD = {
  lumens: 1,
  multiplier: 2,
  vertical: 3,
  horizontal: 4,
  type: 5,
  ballast: 10,
  ballastLamp: 11,
  watts: 12,
} as const;
const HEAD_LENGTH = 13;
/** More angles than a goniometer turns through by tenths of a degree are no count of angles. */
const MOST_ANGLES = 3601;
const TYPE_C = 1;
/** Spans of horizontal angles that a type C file may give; what it leaves out mirrors what it gives. */
const SPANS: readonly (readonly [number, number])[] = [
  [0, 90],
  [0, 180],
  [90, 270],
  [0, 360],
];

/**
 * Reads an IES LM-63 file (LM-63-2002, and the forms of 1986 to 1995; from memory): keywords up to `TILT=NONE`, then the
 * numbers in any breaking of lines. The twelfth number is the ballast-lamp factor in the forms of 1986 and 1991 and has
 * no meaning since. What cannot be read is refused with a code and the line at which it stands; no text throws.
 */
export function readLampFile(text: string): Maybe<LampFile, LampFileFault> {
  const lines = text.split(/\r\n|\n|\r/);
  const tilt = lines.findIndex((line) => /^\s*TILT\s*=/i.test(line));
  if (tilt < 0) return absent("no-tilt-line");
  if (!/=\s*NONE\s*$/i.test(lines[tilt]!)) return absent("tilt-not-read", { line: tilt + 1 });
  const tokens = lines.flatMap((line, i) => (i <= tilt ? [] : tokensOf(line, i + 1)));
  const wrong = tokens.find((t) => !Number.isFinite(t.value));
  if (wrong) return absent("not-a-number", { line: wrong.line });
  if (tokens.length < HEAD_LENGTH) return tooShort(tokens, HEAD_LENGTH, lines.length);
  const fault = headFault(tokens);
  if (fault) return fault;
  const count = (place: number): number => tokens[place]!.value;
  const [vertical, horizontal] = [count(HEAD.vertical), count(HEAD.horizontal)];
  const wanted = HEAD_LENGTH + vertical + horizontal + vertical * horizontal;
  if (tokens.length < wanted) return tooShort(tokens, wanted, lines.length);
  return tableOf(tokens, lines.slice(0, tilt), vertical, horizontal);
}

const tokensOf = (text: string, line: number): Token[] =>
  text
    .split(/[\s,]+/)
    .filter((word) => word !== "")
    .map((word) => ({ value: /^[-+]?[\d.]/.test(word) ? Number(word) : NaN, line }));

const tooShort = (tokens: readonly Token[], wanted: number, line: number): Absent<"too-short"> =>
  absent("too-short", { line, numbers: tokens.length, wanted });

function headFault(tokens: readonly Token[]): Absent<LampFileFault> | undefined {
  for (const place of [HEAD.vertical, HEAD.horizontal]) {
    const { value, line } = tokens[place]!;
    if (!Number.isInteger(value) || value < 1 || value > MOST_ANGLES)
      return absent("not-a-count", { line, value });
  }
  const type = tokens[HEAD.type]!;
  if (type.value !== TYPE_C) return absent("not-type-c", { line: type.line, type: type.value });
  for (const place of [HEAD.multiplier, HEAD.ballast]) {
    const { value, line } = tokens[place]!;
    if (!(value > 0)) return absent("factor-not-positive", { line, value });
  }
  return undefined;
}

/** The ballast-lamp factor where the form has one. A file of 1986 names no form; a factor that is none counts as 1. */
function ballastLampFactor(heading: readonly string[], value: number): number {
  const form = heading.find((line) => /^\s*IESNA/i.test(line));
  const older = form === undefined || /IESNA\s*:?\s*(LM-63-)?(19)?91/i.test(form);
  return older && value > 0 ? value : 1;
}

function tableOf(
  tokens: readonly Token[],
  heading: readonly string[],
  vertical: number,
  horizontal: number,
): Maybe<LampFile, LampFileFault> {
  const run = (from: number, count: number): readonly Token[] => tokens.slice(from, from + count);
  const down = run(HEAD_LENGTH, vertical);
  const round = run(HEAD_LENGTH + vertical, horizontal);
  const fault = anglesFault(down, round);
  if (fault) return fault;
  const start = HEAD_LENGTH + vertical + horizontal;
  const dark = run(start, vertical * horizontal).find((t) => t.value < 0);
  if (dark) return absent("candela-below-zero", { line: dark.line, value: dark.value });
  const head = (place: number): number => tokens[place]!.value;
  const factor =
    head(HEAD.multiplier) * head(HEAD.ballast) * ballastLampFactor(heading, head(HEAD.ballastLamp));
  const values = (list: readonly Token[]): number[] => list.map((t) => t.value);
  return present({
    verticalAngles: values(down),
    horizontalAngles: values(round),
    candela: round.map((_, row) => values(run(start + row * vertical, vertical)).map((n) => n * factor)),
    watts: head(HEAD.watts),
    lumens: head(HEAD.lumens) < 0 ? "absolute" : head(HEAD.lumens),
  });
}

function anglesFault(down: readonly Token[], round: readonly Token[]): Absent<LampFileFault> | undefined {
  for (const angles of [down, round]) {
    const back = angles.find((a, i) => i > 0 && a.value <= angles[i - 1]!.value);
    if (back) return absent("angles-not-rising", { line: back.line, angle: back.value });
  }
  const outside = down.find((a) => a.value < 0 || a.value > 180);
  if (outside) return absent("angles-not-read", { line: outside.line, angle: outside.value });
  const [first, last] = [round[0]!, round[round.length - 1]!];
  if (round.length === 1 || SPANS.some(([from, to]) => first.value === from && last.value === to))
    return undefined;
  return absent("angles-not-read", { line: last.line, angle: last.value });
}

/** Place of a value between rising marks: the index below it and the share of the way on; held at the ends. */
function between(marks: readonly number[], value: number): { readonly i: number; readonly t: number } {
  if (marks.length === 1 || value <= marks[0]!) return { i: 0, t: 0 };
  const last = marks.length - 1;
  if (value >= marks[last]!) return { i: last - 1, t: 1 };
  const i = marks.findIndex((m, k) => k < last && value < marks[k + 1]!);
  return { i, t: (value - marks[i]!) / (marks[i + 1]! - marks[i]!) };
}

/** A horizontal angle brought into the span that the file gives, by the symmetry that its span stands for. */
function folded(angle: number, angles: readonly number[]): number {
  const [first, last] = [angles[0]!, angles[angles.length - 1]!];
  const a = asBearing(angle);
  if (angles.length === 1) return first;
  if (last === 360) return a;
  // The half from 90 to 270 mirrors in the plane through 90 and 270.
  if (first === 90) return a >= 90 && a <= 270 ? a : asBearing(180 - a);
  const half = a > 180 ? 360 - a : a;
  return last === 90 && half > 90 ? 180 - half : half;
}

/** Intensity in candela toward a horizontal and a vertical angle (0 straight down), linear between the file's angles; 0 beyond its vertical range. */
export function intensityToward(lamp: LampFile, horizontal: number, vertical: number): number {
  const v = lamp.verticalAngles;
  if (vertical > v[v.length - 1]! || vertical < v[0]!) return 0;
  const row = between(lamp.horizontalAngles, folded(horizontal, lamp.horizontalAngles));
  const column = between(v, vertical);
  const at = (r: number): number => {
    const line = lamp.candela[Math.min(r, lamp.candela.length - 1)]!;
    return line[column.i]! + ((line[column.i + 1] ?? line[column.i]!) - line[column.i]!) * column.t;
  };
  return at(row.i) + (at(row.i + 1) - at(row.i)) * row.t;
}
