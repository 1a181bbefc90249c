import { weightsFor, type ScoreCode, type Weights } from "@/core/judge";
import { weightsOf } from "@/outing/ask";
import { answered } from "../answered";

/** What counts how much for the intent of the shot in hand. */
export interface WhatCounts {
  /** Whether they are the photographer's own. */
  readonly own: boolean;
  readonly weights: Weights;
  /** The parts that are counted, in their order. */
  readonly codes: readonly ScoreCode[];
}

/** Parts that nobody can weigh yet: nobody said where one walks from. */
const LEFT_OUT: readonly ScoreCode[] = ["walk"];

/** The weights that a place is judged by: the usual of the intent, or one's own. */
export const whatCounts = answered(
  ({ shot, preferences }) => [shot.intent, preferences.weights] as const,
  (intent, changed): WhatCounts => {
    const own = weightsOf({ weights: changed }, intent);
    const weights = own ?? weightsFor(intent);
    const codes = (Object.keys(weights) as ScoreCode[]).filter((code) => !LEFT_OUT.includes(code));
    return { own: own !== undefined, weights, codes };
  },
);
