import { stillFound, type StillFound } from "@/core/judge";
import { answered } from "../answered";

/** What a still or near picture hangs on, with the supports of the bag. */
export const still = answered(
  ({ input, found, bag }) => [input, found, bag.supports] as const,
  (input, found, supports): StillFound | undefined => input && found && stillFound(input, found, supports),
);
