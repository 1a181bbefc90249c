import type { OutingView } from "@/outing/outing-view";
import { backgroundWords, percentWords, softnessWords } from "@/words";

// The lines of the panels that are loaded when they are first seen: they stand here, so that saying them loads nothing.

/** How much of the frame is filled from here, against what is wanted. */
export const lensesAnswer = ({ found, shot }: OutingView): string =>
  found
    ? `${percentWords(found.sighting.frame.fill)} filled, ${percentWords(shot.fill)} wanted`
    : `${percentWords(shot.fill)} wanted`;

/** What lies behind, and how soft it comes. */
export const depthAnswer = ({ found }: OutingView): string => {
  if (!found) return "";
  const { background } = found.sighting;
  return `${backgroundWords(background)}, ${softnessWords(background)}`;
};
