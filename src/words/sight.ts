import type {
  FaceShare,
  MeshFound,
  MeshLight,
  SidedBy,
  SidedCode,
  SkyBehind,
  WaysToClear,
} from "@/core/judge";
import { atLeastWords, metresWords, percentWords } from "./format";

const WAYS: Readonly<Record<keyof WaysToClear, string>> = {
  rise: "up",
  sink: "down",
  left: "left",
  right: "right",
};
/** A way to see past something, as on a button: "1.2 m left". */
export const wayToClearWords = (way: keyof WaysToClear, by: number): string =>
  `${atLeastWords(by)} ${WAYS[way]}`;

/** Degrees within which one looks level. */
const LEVEL = 2;
/** No one is told to lift a lens higher than this, metres. */
const HIGHEST = 12;

/** Whether one looks at the subject's own height, and from where one would. */
export function levelSentence({
  angle,
  level,
  from,
}: {
  angle: number;
  level: number;
  from: readonly string[];
}): string {
  if (Math.abs(angle) <= LEVEL) return "You look level: at eye level with it.";
  const way = `You look ${Math.round(Math.abs(angle))}° ${angle > 0 ? "up" : "down"}.`;
  if (level < 0.05) return `${way} It lies below your feet: no height here looks level.`;
  if (level <= HIGHEST) return `${way} Level at a lens height of ${metresWords(level)} here.`;
  return from.length > 0
    ? `${way} ${from.join(" or ")} would bring you level.`
    : `${way} Only a tower, a slope or more distance brings you level.`;
}

/** The sky behind a subject: its light, and how deep its blue can be. */
export function skyBehindSentence({ overDeepest, deepestAt }: SkyBehind, ev: string): string {
  const deeper =
    overDeepest < 1 / 3
      ? "as deep a blue as this side has"
      : `${overDeepest.toFixed(1)} stops over its deepest blue, which lies ${deepestAt}° up: from lower it deepens`;
  return `Sky behind it at ${ev}, ${deeper}.`;
}

const PEOPLE: Readonly<Record<SidedCode, string>> = {
  "right-handed": "right-handed",
  "left-handed": "left-handed",
  "breathing-right": "breathe to the right",
  "breathing-left": "breathe to the left",
  "off-the-left-foot": "take off from the left foot",
  "off-the-right-foot": "take off from the right foot",
};
const SIDES: Readonly<
  Record<SidedBy, { readonly label: string; readonly left: string; readonly right: string }>
> = {
  hand: { label: "Hand that strikes", left: "Left", right: "Right" },
  breath: { label: "Breathes to", left: "The left", right: "The right" },
  "take-off": { label: "Foot of the take-off", left: "Left", right: "Right" },
};
/** What is asked of the side that people differ by. */
export const sideWords = (by: SidedBy) => SIDES[by];

const SEEN: Readonly<Record<FaceShare["seen"], string>> = {
  open: "open toward you",
  covered: "have the arm before the face",
  profile: "show you their profile",
  away: "show you their back",
};

/** The same of one whose side is known. */
const ONE: Readonly<Record<SidedCode, string>> = {
  "right-handed": "Right-handed",
  "left-handed": "Left-handed",
  "breathing-right": "Breathing to the right",
  "breathing-left": "Breathing to the left",
  "off-the-left-foot": "Off the left foot",
  "off-the-right-foot": "Off the right foot",
};
const ONE_SEEN: Readonly<Record<FaceShare["seen"], string>> = {
  open: "open toward you",
  covered: "the arm is before the face",
  profile: "in profile to you",
  away: "the back is toward you",
};

/** How faces look from here, for one side of people: "About 90 % are right-handed: open toward you." */
export const faceShareSentence = ({ code, share, seen }: FaceShare): string =>
  share === 1
    ? `${ONE[code]}: ${ONE_SEEN[seen]}.`
    : `About ${percentWords(share)} ${code.endsWith("handed") ? "are " : ""}${PEOPLE[code]}: ${SEEN[seen]}.`;

const STRUCTURE = {
  gone: "its wires are gone",
  faint: "its wires show faintly",
  seen: "its wires show",
} as const;

/** What a mesh does to the picture from here. */
export function meshHereSentence(
  name: string,
  { away, structure, localLoss, veil, angle }: MeshFound,
): string {
  const loss =
    veil === "structured"
      ? `a wire takes ${percentWords(localLoss)} of the light`
      : `an even veil takes ${percentWords(veil)}`;
  const aside = angle > 20 ? `, ${Math.round(angle)}° off square, which makes it denser` : "";
  return `${name}, ${metresWords(away)} ahead: ${STRUCTURE[structure]}, ${loss}${aside}.`;
}

/** When the sun is on a mesh. */
export const meshSunSentence = (stretches: readonly string[]): string =>
  stretches.length === 0
    ? "No sun falls on it where you look through."
    : `The sun is on it from ${stretches.join(", and from ")}: it veils the picture then. Look for shade on it.`;

/** Where the shade of the nearest post lies on a mesh. */
export function postShadeSentence({ width, away, side, top }: NonNullable<MeshLight["shade"]>): string {
  const hand = width >= 0.08 ? " enough for a lens" : " too narrow for a lens";
  const where = side === "here" ? "right where you look through" : `${metresWords(away)} to your ${side}`;
  return `A post shades ${metresWords(width)} of it, ${where},${hand}; up to ${metresWords(top)}.`;
}
