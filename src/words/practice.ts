import type { LightScene } from "@/answers/practice/light";
import type { StopsCost } from "@/answers/practice/stops";
import type { DrillName, Measured, StopsQuestion } from "@/core/practice";
import { percentWords, settingsWords, stopsNoun, twoFigures } from "./format";

const signed = (value: number, unit: string): string => `${value < 0 ? "−" : "+"}${Math.abs(value)}${unit}`;
const ms = (value: number): string => `${Math.round(value)}\u00a0ms`;
const share = (value: number): string => percentWords(value);
const stops = (value: number): string => `${twoFigures(value)} ${value === 1 ? "stop" : "stops"}`;

/** What the tries of each drill are counted in. */
const UNIT: Readonly<Record<DrillName, (value: number) => string>> = {
  pan: share,
  moment: ms,
  stops,
  light: stops,
  blur: stops,
  stand: share,
};

/** A figure of a drill in its unit. */
export const drillFigure = (drill: DrillName, value: number): string => UNIT[drill](value);

/** What a run says: the spread with its interval, and for the moment how late one presses. */
export function runWords(drill: DrillName, { mean, spread, spreadLow, spreadHigh, tries }: Measured): string {
  const say = UNIT[drill];
  const between = `between ${say(spreadLow)} and ${say(spreadHigh)}`;
  switch (drill) {
    case "pan":
      return `Off by ${say(spread)} of the turn, ${between}, over ${tries} crossings; on the mean ${signed(Math.round(100 * mean), "\u00a0%")}.`;
    case "moment":
      return `Spread ${say(spread)}, ${between}; on the mean ${signed(Math.round(mean), "\u00a0ms")}, the delay of screen and touch in it.`;
    case "stand":
      return `Gave away ${say(mean)} of the score on the mean of ${tries}.`;
    default:
      return `Off by ${say(spread)}, ${between}, over ${tries}.`;
  }
}

/** A press against its instant: "38 ms late", "on it". */
export const pressWords = (errorMs: number): string =>
  Math.abs(errorMs) < 0.5 ? "on it" : `${ms(Math.abs(errorMs))} ${errorMs > 0 ? "late" : "early"}`;

/** A crossing against the right turn: "4 % too slow". */
export const crossingWords = (off: number): string => {
  const percent = Math.round(100 * Math.abs(off));
  return percent === 0 ? "right on it" : `${percent}\u00a0% too ${off > 0 ? "fast" : "slow"}`;
};

/** A question of stops. */
export function stopsAskedWords({ kind, from, clicks }: StopsQuestion): string {
  const set = settingsWords(from);
  if (kind === "dark") return `${set} comes out ${stopsNoun(clicks)} too dark. Which lifts it by just that?`;
  if (kind === "equal") return `Which gives the same exposure as ${set}?`;
  return `${set} is right here. The next zone is ${stopsNoun(Math.abs(clicks))} ${clicks > 0 ? "darker" : "brighter"}: which is right there?`;
}

/** An answer that was off, or right. */
export const offWords = (off: number): string =>
  off === 0 ? "right" : `${stopsNoun(Math.abs(off))} ${off > 0 ? "too bright" : "too dark"}`;

/** What an answer costs in this picture: "smear 1.4 px, 62 of 100 hold, ISO a stop up". */
export function costWords({ blurPx, chance, isoClicks, apertureClicks }: StopsCost): string {
  return [
    `smear ${twoFigures(blurPx)} px, ${Math.round(100 * chance)} of 100 hold`,
    isoClicks !== 0 && `ISO ${stopsNoun(Math.abs(isoClicks))} ${isoClicks > 0 ? "up" : "down"}`,
    apertureClicks !== 0 &&
      `aperture ${stopsNoun(Math.abs(apertureClicks))} ${apertureClicks > 0 ? "narrower" : "wider"}`,
  ]
    .filter(Boolean)
    .join(", ");
}

const LIGHT_KINDS = {
  sun: "in the sun",
  shade: "in shade",
  cloud: "under cloud",
  dusk: "after sunset or before sunrise",
  lamps: "under lamps",
  roof: "under a roof",
} as const;

const lightKindWords = (kind: string): string =>
  kind in LIGHT_KINDS ? LIGHT_KINDS[kind as keyof typeof LIGHT_KINDS] : kind;

const SIDES = {
  front: "lit from the front",
  side: "lit from the side",
  back: "lit from behind",
  even: "lit evenly",
} as const;

/** A scene as it is told: "19:05, sun 4° up, cloud 3 of 8, lit from the side". */
export function sceneWords(
  { sunAltitude, cloudEighths, isRoofed, hasLamps, side }: LightScene,
  time: string,
): string {
  return [
    time,
    isRoofed
      ? "under a roof"
      : `sun ${Math.round(Math.abs(sunAltitude))}° ${sunAltitude < 0 ? "below the horizon" : "up"}, cloud ${cloudEighths} of 8`,
    hasLamps && "lamps alight",
    SIDES[side],
  ]
    .filter(Boolean)
    .join(", ");
}

/** A bias: "in the sun: +0.6 stops over 5". */
export const biasWords = (kind: string, mean: number, guesses: number): string =>
  `${lightKindWords(kind)}: taken ${Math.abs(mean) < 0.1 ? "as it is" : `${stops(Math.abs(mean))} too ${mean > 0 ? "bright" : "dark"}`}, ${guesses} ${guesses === 1 ? "guess" : "guesses"}`;

const CAUSES = {
  subject: "the subject moved",
  hand: "the hand shook",
  focus: "the focus was off",
  noise: "it is noise",
} as const;
export const causeWords = (cause: keyof typeof CAUSES): string => CAUSES[cause];

const MOMENTS = {
  "top-of-jump": "Top of a jump",
  contact: "Contact with the ball",
  stride: "Up-step of a stride",
  leaving: "A bird leaves",
} as const;
export const momentKindWords = (code: keyof typeof MOMENTS): string => MOMENTS[code];
