import type { PanLine } from "@/answers/expose/pan-sums";
import { shutterNearest } from "@/core/exposure";
import type { PanLeft, PanRung, Sweep } from "@/core/judge";
import { ofHundred } from "./chance";
import { bearingWords, metresWords, percentWords, shutterWords, twoFigures } from "./format";
import { numberWords } from "./number";

/** A rung in a line: how long its lines are, and how many frames come off. */
export const rungWords = ({ shutter, streakShare, chance }: PanRung): string =>
  `${shutterWords(shutter)}: lines ${percentWords(streakShare)} of the frame, ${ofHundred(chance)}`;

/** What a rung needs and what even a perfect turn leaves, in delivered pixels. */
export function rungDetail({ filterStops, endsUm, depthUm }: PanRung, pixelUm: number): string {
  const px = (um: number): string => numberWords(um / pixelUm, 1);
  return [
    filterStops > 0 ? `filter of ${filterStops} ${filterStops === 1 ? "stop" : "stops"}` : "no filter",
    `ends blur ${px(endsUm)} px, depth ${px(depthUm)} px`,
  ].join("; ");
}

/** A sentence of a pan, and what its number opens to. */
export interface PanSentence {
  readonly line?: PanLine;
  readonly words: string;
}

/** What the sweep asks of the photographer. */
export function sweepSentences({
  pickUp,
  picture,
  release,
  swing,
  rate,
  change,
  hidden,
  nearest,
  worst,
  track,
}: Sweep): PanSentence[] {
  const off = Math.abs(picture.along);
  return [
    ...(track ? [{ words: `It runs on ${track} as drawn.` }] : []),
    {
      line: "swing",
      words: `Pick up at ${bearingWords(pickUp.bearing)}, picture at ${bearingWords(picture.bearing)}, let run out to ${bearingWords(release.bearing)}: a turn of ${Math.round(swing)}°. Set your feet for the picture and wind back to the pick-up.`,
    },
    {
      line: "rate",
      words: `At the picture the camera turns ${numberWords(rate, 0)}° a second${change < 1 ? ", steadily: the best place" : `, changing by ${numberWords(change, 0)}° a second each second`}.`,
    },
    ...(off > nearest / 4
      ? [
          {
            line: "along" as const,
            words: `The turn is steadiest where it passes nearest, ${metresWords(off)} ${picture.along < 0 ? "farther on" : "before"}; it changes most ${metresWords(worst.along)} from there.`,
          },
        ]
      : []),
    ...hidden.map((h) => ({
      line: "swing" as const,
      words: `${h.by} hides it from ${bearingWords(h.from.bearing)} to ${bearingWords(h.to.bearing)}.`,
    })),
    ...(hidden.length === 0 ? [{ words: "Nothing stands in the sweep." }] : []),
  ];
}

/** How to come down the ladder (common practice). */
export const warmUpSentence = ({ shutter }: PanRung): string =>
  `Warm up at ${shutterWords(shutter)}. Two or three keepers there, then a stop slower, and so on down; go back up when none holds. Stabiliser in its pan mode; feet still, turn from the hips, finger down before the picture and after it.`;

/** Shutters for lines of wished lengths. */
export const streakSentence = (
  streaks: readonly { readonly share: number; readonly exposure: number }[],
): string =>
  `Lines of ${streaks
    .map(
      ({ share, exposure }) =>
        `${percentWords(share)} of the frame at ${shutterWords(shutterNearest(exposure))}`,
    )
    .join(", ")}.`;

/** What the camera would make of it held still, what following leaves, and what the nearest place gives. */
export function leftSentences(
  { stillUm, stillSpeed, worstUm, bestUm, direction, atNearest }: PanLeft,
  along: number,
  pixelUm: number,
): PanSentence[] {
  const px = (um: number): string => twoFigures(um / pixelUm);
  const tilt = Math.min(direction, 180 - direction);
  return [
    {
      line: "still",
      words: `Held still the camera would smear it ${px(stillUm)} px (its image runs ${numberWords(stillSpeed, 0)} mm/s).`,
    },
    {
      line: "left",
      words: `Followed as you usually do, ${px(worstUm)} px are left ${
        tilt < 45 ? "along the turn" : "up and down"
      } and ${px(bestUm)} px across that.`,
    },
    ...(Math.abs(along) > 1
      ? [
          {
            line: "atNearest" as const,
            words: `Where it passes nearest the lines are ${percentWords(atNearest.streakShare)} of the frame, and ${ofHundred(atNearest.keeperChance)} hold.`,
          },
        ]
      : []),
  ];
}
