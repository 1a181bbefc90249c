import { coloursToWear, standsOut as partingOf, type StandsOut } from "@/core/judge";
import { creatureOf } from "@/core/motion";
import { answered } from "../answered";

/** Colours that are offered to be worn. */
const OFFERED = 4;

/** Whether the subject parts from what stands behind it. */
export interface Parted {
  readonly isPerson: boolean;
  /** Of the colour that is told of it; absent while none is. */
  readonly now?: StandsOut;
  /** For a person the colours to ask for, the best first; none for anything else. */
  readonly toWear: readonly StandsOut[];
}

/** Whether the subject in hand stands out, and what to ask somebody to wear; nothing while there is no picture. */
export const standsOut = answered(
  ({ input, found, subject }) => [input, found, subject] as const,
  (input, found, subject): Parted | undefined => {
    if (!input || !found) return undefined;
    const isPerson = creatureOf(subject) === "person";
    return {
      isPerson,
      ...(subject.colour && { now: partingOf(input, found, subject.colour) }),
      toWear: isPerson ? coloursToWear(input, found).slice(0, OFFERED) : [],
    };
  },
);
