import { keptVerdict, type KeeperChance } from "@/core/motion";
import type { KeeperPoint } from "@/core/judge";
import { percentWords, shutterWords, twoFigures } from "./format";
import { verdictWords } from "./verdicts";

/** Frames of a hundred. */
export const ofHundred = (chance: number): string => `${Math.round(100 * chance)} of 100`;

/** The word for a share of frames, and the share: the two always come together. */
export const keptWords = (chance: number): string =>
  `${verdictWords(keptVerdict(chance))}, ${ofHundred(chance)} frames`;

export const keptSentence = (chance: number, partName: string): string =>
  `${ofHundred(chance)} frames hold the ${partName}: ${verdictWords(keptVerdict(chance))}`;

/** Within half a frame of a hundred nothing is bought. */
const NOTHING = 0.005;

/** What a click or more of the shutter buys, in frames of a hundred. */
export function clickBuys(from: KeeperPoint, to: KeeperPoint): string {
  const by = to.chance - from.chance;
  const change =
    Math.abs(by) < NOTHING
      ? "as many"
      : `${Math.round(100 * Math.abs(by))} ${by > 0 ? "more" : "fewer"} of 100`;
  return `${shutterWords(to.shutter)}: ${change}`;
}

export type ChanceCause = "subject" | "hand" | "pan" | "focus";

/** Each cause with what it alone would leave. */
export function causesOf({ subject, hand, pan, taken }: KeeperChance, panned: boolean) {
  const causes: { readonly cause: ChanceCause; readonly name: string; readonly words: string }[] = [
    panned
      ? { cause: "pan", name: "The turn of the pan", words: ofHundred(pan) }
      : { cause: "subject", name: "Subject's speed", words: ofHundred(subject) },
    { cause: "hand", name: "Your hand", words: ofHundred(hand) },
    {
      cause: "focus",
      name: "Focus, lens and pixel",
      words: taken >= 1 ? "take all there is" : `take ${percentWords(taken)} of what it may blur`,
    },
  ];
  return causes;
}

/** What the log makes of the model's word. */
export const logSays = (log: { readonly kept: number; readonly taken: number }, chance: number): string =>
  `Yours: ${log.kept} kept of ${log.taken} there; with them ${twoFigures(100 * chance)} of 100.`;
