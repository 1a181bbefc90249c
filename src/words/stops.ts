import type { WayForward } from "@/answers/stops/too-dark";
import type { Rail, StopSource, WhyDark } from "@/core/exposure";
import { clicksWords, settingsWords, stopsNoun } from "./format";

const WHY: Readonly<Record<WhyDark, string>> = {
  "by-hand":
    "You set all three by hand: nothing made up for the light. The meter’s scale stood on the minus side and nothing followed it.",
  "shutter-at-its-end":
    "The camera chose the shutter, and it stands at the slowest you allow: there was no slower one to give.",
  "aperture-at-its-end":
    "The camera chose the aperture, and the lens stands wide open: there was no wider one to give.",
  "all-at-their-ends":
    "The camera chose everything and has nothing left: the lens is wide open and the ISO at its ceiling. Set the shutter yourself, as slow as still holds.",
  "program-too-slow":
    "The camera chose a shutter that smears the movement. Take shutter priority or manual, and hold the shutter that freezes it.",
  "iso-at-its-end": "The camera chose the ISO, and it stands at its ceiling: there was no more to give.",
  "meter-misled":
    "The camera had room left and did not use it: something bright in the frame misled its meter, such as sky, snow, lamps or white kit, or a compensation stood on minus.",
};
/** Why a picture came out dark. */
export const whyDarkSentence = (why: WhyDark): string => WHY[why];

const SOURCES: Readonly<Record<Rail | "lift", string>> = {
  shutter: "A slower shutter",
  aperture: "A wider aperture",
  iso: "More ISO",
  lift: "Pushing in post",
};
export const stopSourceName = (rail: Rail | "lift"): string => SOURCES[rail];

/** What one source gives of what is missing: "3 stops, all of it: 1/100, f/2.8, ISO 2000". */
export function stopSourceWords({ clicks, settings, rail }: StopSource, missing: number): string {
  const all = clicks >= missing ? ", all of it" : "";
  const to = rail === "lift" ? "" : `: ${settingsWords(settings)}`;
  return `${stopsNoun(clicks)}${all}${to}`;
}

const FORWARD: Readonly<Record<WayForward, string>> = {
  "brighter-end": "Work the bright end: halls differ by a stop and more from end to end.",
  "turns-and-walls":
    "Wait for turns, walls and rests, where the movement slows: half the speed is a stop of shutter.",
  rest: "A rail, a wall or a monopod gives the hand; what moves, it does not hold.",
  "at-rest": "Wait until it stands or looks up: at rest a stop or two slower holds.",
  "wider-picture": "Take it smaller in the frame: half the size is a stop of shutter.",
  "lent-lens": "A fixed lens of f/1.8, lent or hired, gives more than a stop over f/2.8.",
  "flash-asked": "Flash only where the venue and the officials allow it.",
};
/** What helps where no rail has anything left to give. */
export const forwardWords = (way: WayForward): string => FORWARD[way];

/** That a frame is blurred as well as dark, and what that asks first. */
export const blurredSentence = (clicks: number): string =>
  `It is blurred too: the shutter was ${clicksWords(clicks)} slower than holds the movement. That is made good first.`;

/** What is left to be pushed or lit: "1 stop still missing (3 clicks)". */
export const stopsLeftWords = (clicks: number): string =>
  clicks === 0
    ? "Nothing is left: the picture comes out right."
    : `${stopsNoun(clicks)} (${clicksWords(clicks)}) still missing: push it, light it, or stand elsewhere.`;
