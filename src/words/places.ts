import type { ModeAdvice } from "@/core/exposure";
import type { Assessment, ScoreCode } from "@/core/judge";
import type { LampClass } from "@/core/light";
import type { Intent } from "@/core/scene";
import { clicksWords, stopsNoun } from "./format";

const INTENTS: Readonly<Record<Intent, string>> = {
  freeze: "Freeze",
  pan: "Pan",
  streak: "Streak",
  still: "Still",
  reaction: "Reaction",
  context: "In its place",
};
export const intentWords = (intent: Intent): string => INTENTS[intent];

/** What is good, and what is weak, about a place. */
const PARTS: Readonly<Record<ScoreCode, readonly [good: string, weak: string]>> = {
  reach: ["fills the frame", "far for your lens"],
  "light-side": ["well lit", "lit from the wrong side"],
  "light-enough": ["light enough", "short of light"],
  movement: ["movement held", "it smears"],
  background: ["calm behind", "busy behind"],
  face: ["face toward you", "turned away"],
  "eye-level": ["at eye level", "too high or low"],
  glare: ["no glare", "sun in the frame"],
  "own-shadow": ["clear of your shadow", "your shadow on it"],
  walk: ["near", "a long walk"],
};

const PART_NAMES: Readonly<Record<ScoreCode, string>> = {
  reach: "Filling the frame",
  "light-side": "Side of the light",
  "light-enough": "Enough light",
  movement: "Movement held",
  background: "A calm background",
  face: "The face",
  "eye-level": "Eye level",
  glare: "No sun in the frame",
  "own-shadow": "No shadow of yours",
  walk: "A short walk",
};
/** What a part of the score asks for. */
export const scorePartWords = (code: ScoreCode): string => PART_NAMES[code];

const WEAK = 0.5;

/** A place in a few words: what weighs most for it, and its weakest point where it has one. */
export function placeWords({ score }: Assessment): string {
  const parts = [...score.parts];
  const good = parts.sort((a, b) => b.weight * b.score - a.weight * a.score)[0]!;
  const weakest = parts
    .filter((p) => p.score < WEAK)
    .sort((a, b) => b.weight * (1 - b.score) - a.weight * (1 - a.score))[0];
  const words = PARTS[good.code][0];
  return weakest ? `${words}, but ${PARTS[weakest.code][1]}` : words;
}

/** A score: points of a hundred, in another word than the frames of a hundred that hold. */
export const scoreWords = (score: number): string => `${Math.round(score * 100)} points`;

/** Scores nearer than this cannot be told apart: the model knows no better (assumed). */
const AS_GOOD = 0.03;

/** Who serves a shot best, with those that are as good: "B, 82 points; A is as good". */
export function asGoodWords(
  places: readonly { readonly name: string; readonly score: number | undefined }[],
): string {
  const ranked = places
    .flatMap(({ name, score }) => (score === undefined ? [] : [{ name, score }]))
    .sort((a, b) => b.score - a.score);
  const [best, ...rest] = ranked;
  if (!best) return "no position serves it";
  const alike = rest.filter((p) => best.score - p.score < AS_GOOD).map((p) => p.name);
  const said = `${best.name}, ${scoreWords(best.score)}`;
  if (alike.length > 0) return `${said}; ${alike.join(" and ")} ${alike.length > 1 ? "are" : "is"} as good`;
  return rest[0] ? `${said}; next ${rest[0].name}, ${scoreWords(rest[0].score)}` : said;
}

const MODES: Readonly<Record<ModeAdvice["mode"], string>> = {
  manual: "manual",
  "manual-with-clicks": "manual, with clicks by zone",
  "auto-iso": "automatic ISO",
  "manual-for-the-pocket": "manual for the pocket of light",
};
/** Which way of exposing suits the light, in a few words. */
export const modeWords = ({ mode }: ModeAdvice): string => MODES[mode];

/** Which way of exposing suits the light, and why. */
export function modeSentence(advice: ModeAdvice): string {
  switch (advice.reason) {
    case "steady":
      return "Manual: the light is steady.";
    case "past-ceiling":
      return "Manual: the ISO is at your ceiling, an automatic has nothing left to give.";
    case "into-dusk":
      return `Manual, and open up a click at a time: the light goes down by ${stopsNoun(Math.round(3 * advice.stops))}. An automatic would brighten night to day.`;
    case "zones-differ":
      return `Manual; zones differ by ${stopsNoun(advice.clicks)}: click as play moves.`;
    case "light-swings":
      return `Automatic ISO between floor and ceiling: the light swings by ${stopsNoun(Math.round(3 * advice.stops))}.`;
    case "shadow-stands":
      return `Automatic ISO between floor and ceiling: where play crosses the shadow’s edge it is ${clicksWords(advice.clicks)}, more than one can turn.`;
    case "pocket-of-light":
      return "Manual for the pocket of light; let the rest go dark.";
  }
}

const KINDS = {
  field: "Field",
  court: "Court",
  pool: "Pool",
  arena: "Arena",
  course: "Course",
  wild: "In the wild",
} as const;
export const kindWords = (kind: keyof typeof KINDS): string => KINDS[kind];

/** What lamps were built for: a class of EN 12193, or what broadcasts ask for. */
export const lampClassWords = (grade: LampClass): string =>
  grade === "broadcast" ? "Broadcast" : `Class ${grade}`;
