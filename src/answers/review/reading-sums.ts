import type { ReadingTold } from "./light-here";
import { figure, given, type Figure } from "../explain/figure";

/** Stops by which a reading was brighter than the model was then. */
export const readingSum = ({ reading, offset }: ReadingTold): Figure =>
  figure(offset, "readingOffset", {
    settingsEv: given(reading.settingsEv, "EV", "measured"),
    offClicks: given(reading.offClicks, "clicks", "measured"),
    modelEv: given(reading.modelEv, "EV", "measured"),
  });
