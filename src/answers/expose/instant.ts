import { instantFound, type Instant } from "@/core/judge";
import { writeSpeed } from "@/outing/day/buffer-run";
import { answered } from "../answered";

/** What lasts an instant in the shot in hand, and how long its burst runs onto the bag's cards. */
export const instant = answered(
  ({ input, found, bag }) => [input, found, bag.cards] as const,
  (input, found, cards): Instant | undefined => {
    if (!input || !found) return undefined;
    return instantFound(input, found, writeSpeed(cards));
  },
);
