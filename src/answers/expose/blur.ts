import { blurLadder, type PartMotion, type Rung } from "@/core/judge";
import type { BlurSource } from "@/core/motion";
import { answered, ofPicture } from "../answered";

/** Clicks between the rungs of the ladder, and how many of them stand either side of the shutter found. */
const RUNG = 3;
const RUNGS = 2;

/** The blur budget, and what each part smears at the neighbouring shutters. */
export interface Blur {
  readonly held: PartMotion;
  /** Share 0 … 1 of the blur by its source, the largest first: what is most of it is named first. */
  readonly shares: readonly { readonly source: BlurSource; readonly share: number }[];
  /** One pixel of the delivered picture on the sensor, µm. */
  readonly deliveredPixelUm: number;
  /** From the slowest; that of the shutter found among them. */
  readonly ladder: readonly Rung[];
}

const SOURCES: readonly BlurSource[] = ["motion", "shake", "defocus", "diffraction", "pixel"];

/** What blurs the part that must hold, and by how much; nothing while there is no picture. */
export const blur = answered(ofPicture, (input, found): Blur | undefined => {
  if (!input || !found) return undefined;
  const { motion, settings } = found;
  const { first, last } = settings.rails.shutter;
  const shutters = Array.from(
    { length: 2 * RUNGS + 1 },
    (_, i) => settings.settings.shutter + (i - RUNGS) * RUNG,
  ).filter((click) => click >= first && click <= last);
  return {
    held: motion.held,
    shares: SOURCES.map((source) => ({ source, share: motion.budget.shares[source] })).sort(
      (a, b) => b.share - a.share,
    ),
    deliveredPixelUm: motion.deliveredPixelUm,
    ladder: blurLadder(input, found, shutters),
  };
});
