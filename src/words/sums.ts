import { isoMark, isoNearest, isoSpeed } from "@/core/exposure";
import type { Unit } from "@/core/units";
import { evWords, exposureWords, fNumberWords, metresWords, percentWords, twoFigures } from "./format";
import { numberWords } from "./number";

/** The units that stand in a name of the code, and are told beside the value. */
const UNIT_IN_NAME = /(Mm|Um|Mb|Gb|Px)$/;

/** The name of a function or of what it was given as words: "slowestExposure" as "slowest exposure". */
export const nameInWords = (name: string): string =>
  name
    .replace(/\.(.)/g, (_, first: string) => `, ${first}`)
    .split(", ")
    .map((part) =>
      part
        .replace(UNIT_IN_NAME, "")
        .replace(/([a-z])([A-Z])/g, "$1 $2")
        .replace(/([A-Z])([A-Z][a-z])/g, "$1 $2")
        .toLowerCase(),
    )
    .join(", ")
    .replace(/\bf number\b/g, "f-number")
    .replace(/\bum\b/g, "µm")
    .replace(/\biso\b/g, "ISO")
    .replace(/\bev\b/g, "EV");

/** A value with its unit, at the precision that a reader can follow a sum with. */
export function amountWords(value: number, unit: Unit): string {
  if (value === Infinity) return "without end";
  switch (unit) {
    case "s":
      return exposureWords(value);
    case "f-number":
      return fNumberWords(value);
    case "ISO":
      return `ISO ${onMark(value) ?? Math.round(value)}`;
    case "EV":
      return evWords(value);
    case "m":
      return metresWords(value);
    case "clicks":
    case "frames":
    case "px":
      return `${Math.round(value)} ${unit}`;
    case "":
      if (Number.isInteger(value)) return numberWords(value, 0);
      return value !== 0 && Math.abs(value) < 1
        ? percentOrSmall(value)
        : numberWords(value, value < 10 ? 2 : 0);
    default:
      return `${value !== 0 && Math.abs(value) < 1 ? twoFigures(value) : numberWords(value, Math.abs(value) < 10 ? 2 : Math.abs(value) < 100 ? 1 : 0)} ${unit}`;
  }
}

/** The printed mark of an ISO that lies on a click, as the card shows it: 504 is written on no dial. */
function onMark(iso: number): number | undefined {
  const click = isoNearest(iso);
  return Math.abs(iso / isoSpeed(click) - 1) < 1e-9 ? isoMark(click) : undefined;
}

const percentOrSmall = (value: number): string =>
  Math.abs(value) >= 0.01 ? percentWords(value) : `1 : ${numberWords(1 / value, 0)}`;

const SIGNS: readonly (readonly [RegExp, string])[] = [
  [/\*/g, "·"],
  [/(\d)e-9\b/g, "$1 · 10⁻⁹"],
  [/ \/ /g, " ÷ "],
  [/-/g, "−"],
  [/sqrt\(/g, "√("],
  [/log2\(/g, "log₂("],
  [/\bceil\(/g, "round up ("],
  [/\bpi\b/g, "π"],
  [/\^2(?![\d.^(])/g, "²"],
  [/>=/g, "≥"],
  [/<=/g, "≤"],
  [/==/g, "="],
  [/\bInfinity\b/g, "without end"],
];

const NAMES = /[A-Za-z][A-Za-z0-9]*/g;

/** The text of a formula as one reads it, its inputs by the names that `name` gives them. */
function readable(text: string, inputs: readonly string[], name: (input: string) => string): string {
  const named = text.replace(NAMES, (word) => (inputs.includes(word) ? `⟨${word}⟩` : word));
  const signed = SIGNS.reduce((t, [from, to]) => t.replace(from, to), named);
  return signed.replace(/⟨([A-Za-z0-9]+)⟩/g, (_, input: string) => name(input));
}

/** A formula in pieces: what holds as a rule, and what holds where something is so. */
export interface Pieces {
  readonly rule: string;
  readonly where: readonly { readonly is: string; readonly when: string }[];
}

/** The pieces of a text, "a ? b : c ? d : e": e as a rule, b where a, d where c. */
function piecesOf(text: string): Pieces {
  const parts = text.split(" : ");
  return {
    rule: parts.at(-1)!,
    where: parts.slice(0, -1).map((part) => {
      const [when, is] = part.split(" ? ") as [string, string];
      return { is, when };
    }),
  };
}

/** A formula in the names of its inputs: "2 · log₂(1 + magnification)". */
export function formulaWords(text: string, inputs: readonly string[]): Pieces {
  const say = (piece: string): string => readable(piece, inputs, nameInWords);
  const { rule, where } = piecesOf(text);
  return { rule: say(rule), where: where.map(({ is, when }) => ({ is: say(is), when: say(when) })) };
}

/** What holds as a rule, with its numbers in place of the names. */
export const sumWords = (text: string, values: Readonly<Record<string, number>>): string =>
  readable(piecesOf(text).rule, Object.keys(values), (input) => plainNumber(values[input]!));

/** What a weight is named after: "reachWeight" weighs "reach". */
export const weightOf = (input: string): string => `${input}Weight`;

/** A number as it stands in a sum, without its unit. */
function plainNumber(value: number): string {
  if (value === Infinity) return "∞";
  if (Number.isInteger(value)) return String(value);
  return Number(value.toPrecision(4)).toString().replace("-", "−");
}
