import { readingOffset, type Reading } from "@/core/light";
import { answered } from "../answered";

/** A reading with the stops by which it is brighter than the model was then. */
export interface ReadingTold {
  readonly reading: Reading;
  readonly offset: number;
}

/** The readings of an outing as they were taken. */
export const readingsTold = answered(
  ({ outing }) => [outing.light.readings] as const,
  (readings): readonly ReadingTold[] =>
    readings.map((reading) => ({ reading, offset: readingOffset(reading) })),
);
