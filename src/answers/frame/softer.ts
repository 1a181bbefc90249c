import { leversFor, type Lever } from "@/core/judge";
import { answered } from "../answered";

/** What softens the background of the picture in hand, the strongest first. */
export const softer = answered(
  ({ input, found, bag }) => [input, found, bag] as const,
  (input, found, bag): readonly Lever[] => (input && found ? leversFor(input, found, bag) : []),
);
