import type { Asked } from "@/answers/frame/before-it-is-taken";
import { isoWords, ofHundred, twoFigures, verdictWords } from "@/words";

/** What comes out at a shutter, in words: the noise that it costs, how far what moves smears, and how many frames hold. */
export const comesOutWords = ({ iso, partName, blurPx, verdict, chance }: Asked["there"]): string =>
  `${isoWords(iso)}: ${partName} ${twoFigures(blurPx)} px, ${verdictWords(verdict)}, ${ofHundred(chance)}`;
