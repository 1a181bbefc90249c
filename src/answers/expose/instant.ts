import { instantFound, type Instant } from "@/core/judge";
import { answered } from "../answered";

/** What lasts an instant in the shot in hand, with the fastest card of the bag. */
export const instant = answered(
  ({ input, found, bag }) => [input, found, bag.cards] as const,
  (input, found, cards): Instant | undefined => {
    if (!input || !found) return undefined;
    const fastest = cards.length > 0 ? Math.max(...cards.map((c) => c.writeMbPerSecond)) : undefined;
    return instantFound(input, found, fastest);
  },
);
