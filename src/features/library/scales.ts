import { LIGHT_SCALE } from "@/answers/library/light-scale";
import type { StretchScale } from "@/ui/charts/Stretch";

/** Metres a second, from what hardly moves to what is shot or flies under power. */
export const SPEED: StretchScale = {
  kind: "log",
  from: 0.01,
  until: 300,
  ticks: [
    { at: 0.01, words: "still" },
    { at: 0.1, words: "0.1" },
    { at: 1, words: "1" },
    { at: 10, words: "10" },
    { at: 300, words: "300 m/s" },
  ],
};

export const LIGHT: StretchScale = {
  kind: "linear",
  ...LIGHT_SCALE,
  ticks: [
    { at: LIGHT_SCALE.from, words: "moon" },
    { at: 0, words: "EV 0" },
    { at: 5, words: "5" },
    { at: 10, words: "10" },
    { at: LIGHT_SCALE.until, words: "snow in sun" },
  ],
};

/** Seconds, the slow at the left. */
export const SHUTTER: StretchScale = {
  kind: "log",
  from: 1 / 8,
  until: 1 / 4000,
  ticks: [
    { at: 1 / 8, words: "1/8" },
    { at: 1 / 60, words: "1/60" },
    { at: 1 / 500, words: "1/500" },
    { at: 1 / 4000, words: "1/4000" },
  ],
};
