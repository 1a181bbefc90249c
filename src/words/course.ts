import type { Course, CourseRung, CourseWay } from "@/answers/practice/course";
import { apertureWords, isoWords, settingsWords, shutterWords, stopsNoun, twoFigures } from "./format";

const hundred = (chance: number): string => `${Math.round(100 * chance)} of 100 frames hold`;

/** A shutter of the ladder: "1/80: smears 12 px, 20 of 100 frames hold". */
export const rungWords = ({ shutter, blurPx, chance, isOwn }: CourseRung): string =>
  `${shutterWords(shutter)}${isOwn ? ", yours" : ""}: smears ${twoFigures(blurPx)} px, ${hundred(chance)}`;

/** What the ladder says of one's own shutter. */
export function ladderWords({ own, ladder, holds }: Course): string {
  const mine = ladder.find((r) => r.isOwn);
  const slow = `At ${shutterWords(own.shutter)} it smears ${twoFigures(mine?.blurPx ?? 0)} px of the picture.`;
  if (holds === undefined)
    return `${slow} Not even two stops faster keep nine of ten: go nearer, wait for a calmer moment, or pan with it.`;
  if (mine && mine.chance >= 0.9) return `${slow} That holds: the blur, if there is any, has another cause.`;
  return `${slow} From ${shutterWords(holds)} on nine of ten hold.`;
}

const RAIL = { shutter: "A slower shutter", aperture: "A wider aperture", iso: "More ISO" } as const;
const MARK = { shutter: shutterWords, aperture: apertureWords, iso: isoWords } as const;

/** A way to a stop more: "A slower shutter, 1/40: smears 24 px, 4 of 100 frames hold". */
export function courseWayWords({ rail, settings, blurPx, chance, missing }: CourseWay): string {
  const head = `${RAIL[rail]}, ${MARK[rail](settings[rail])}`;
  if (missing > 0) return `${head}: your kit has ${stopsNoun(missing)} of it less than that takes`;
  if (rail === "shutter") return `${head}: smears ${twoFigures(blurPx)} px, ${hundred(chance)}`;
  return rail === "aperture"
    ? `${head}: less of it is sharp before and behind`
    : `${head}: more noise, nothing smears more`;
}

/** What is to be set, and what it gives. */
export function courseSetWords({ set, setChance, stillDark, shot }: Course): string {
  const dark =
    stillDark > 0
      ? ` It still comes out ${stopsNoun(stillDark)} dark: lift it afterwards, or ask for more light.`
      : " It comes out right.";
  return `For “${shot}” set ${settingsWords(set)}: ${hundred(setChance)}.${dark}`;
}
