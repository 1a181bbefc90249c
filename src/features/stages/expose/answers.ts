import { keeperCurve } from "@/core/judge";
import type { OutingView } from "@/outing/outing-view";
import { ofHundred } from "@/words";

// The lines of the panels that are loaded when they are first seen: they stand here, so that saying them loads nothing.

/** How many frames of a hundred come off as set. */
export const chanceAnswer = ({ found, input }: OutingView): string => {
  if (!found || !input) return "";
  const { shutter } = found.settings.settings;
  const [here] = keeperCurve(input, found, { from: shutter, to: shutter });
  return `${ofHundred(here!.chance)} frames`;
};
