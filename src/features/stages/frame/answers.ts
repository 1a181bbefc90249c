import type { OutingView } from "@/outing/outing-view";
import { reach } from "@/answers/frame/reach";
import { softer } from "@/answers/frame/softer";
import {
  backgroundWords,
  focalWords,
  leverGain,
  leverTitle,
  percentWords,
  softnessWords,
  swatchWords,
} from "@/words";

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

/** The strongest lever for a soft background, and its gain. */
export const softerAnswer = (view: OutingView): string => {
  if (!view.found) return "";
  const [best] = softer(view);
  return best ? `${leverTitle(best)}: ${leverGain(best)}` : "plain already";
};

/** The lens that the wished fill wants from here. */
export const reachAnswer = (view: OutingView): string => {
  const answer = reach(view);
  return answer ? `${focalWords(answer.found.focalLengthMm)} wanted from here` : "";
};

/** The colour told of the subject. */
export const colourAnswer = ({ subject }: OutingView): string =>
  subject.colour ? swatchWords(subject.colour).toLowerCase() : "no colour told";
