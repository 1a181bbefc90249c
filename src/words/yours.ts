import { countWords, isoWords, percentWords, speedWords, stopsNoun } from "./format";

// Apart from what tells all that was learnt: this stands in panels that come with their stage.

/** What is usual where nobody has measured: as the core has it. */
export const USUAL: Readonly<Record<"tracking" | "pan", string>> = { tracking: "15\u00a0%", pan: "5\u00a0%" };

/** A figure of one's own that one number tells. */
export type OwnFigure = "tracking" | "pan" | "iso" | "lift" | "pace" | "moment";

const VALUE: Readonly<Record<OwnFigure, (value: number) => string>> = {
  tracking: percentWords,
  pan: percentWords,
  iso: (value) => isoWords(Math.round(value)),
  lift: (value) => stopsNoun(Math.round(value)),
  pace: speedWords,
  moment: (value) => `${Math.round(value)}\u00a0ms`,
};
export const valueWords = (key: OwnFigure, value: number): string => VALUE[key](value);

/** What a figure of one's own rests on: frames, or walks. */
export const restsOn = (key: OwnFigure, count: number): string =>
  countWords(
    count,
    key === "pace" ? "walk" : key === "moment" ? "press" : "frame",
    key === "moment" ? "presses" : undefined,
  );

const SENTENCE: Readonly<Record<OwnFigure, (yours: string) => string>> = {
  tracking: (yours) => `The following hand leaves ${yours}; usual ${USUAL.tracking}.`,
  pan: (yours) => `Spread of the pan ${yours}; usual ${USUAL.pan}.`,
  iso: (yours) => `Content up to ${yours}.`,
  lift: (yours) => `Lifted by up to ${yours}.`,
  pace: (yours) => `Pace with nothing heavy ${yours}.`,
  moment: (yours) =>
    `Your press at an instant lies apart by at most ${yours}, with the screen’s own delay in it.`,
};

/** Where a figure of one's own acts: "The following hand leaves 12 %, yours, 148 frames; usual 15 %." */
export const yoursWords = (
  key: OwnFigure,
  {
    value,
    frames,
    by,
  }: { readonly value: number; readonly frames: number; readonly by?: "practice" | undefined },
): string =>
  SENTENCE[key](
    `${valueWords(key, value)}, yours, ${by && key === "pan" ? countWords(frames, "crossing") : restsOn(key, frames)}`,
  );
