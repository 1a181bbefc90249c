import {
  reachFound,
  sameOnFullFrame,
  withBodies,
  withConverters,
  type Reach as ReachFound,
  type WithBody,
  type WithConverter,
} from "@/core/judge";
import { answered } from "../answered";

/** The lens for a fill and the distance for a lens, and what converters and other bodies give and cost. */
export interface Reach {
  readonly found: ReachFound;
  readonly converters: readonly WithConverter[];
  readonly bodies: readonly WithBody[];
  readonly onFullFrame: ReturnType<typeof sameOnFullFrame>;
}

/** Reach both ways from where one stands; nothing while there is no picture. */
export const reach = answered(
  ({ input, found, bag }) => [input, found, bag] as const,
  (input, found, bag): Reach | undefined =>
    input &&
    found && {
      found: reachFound(input, found),
      converters: withConverters(input, bag),
      bodies: withBodies(input, bag.bodies),
      onFullFrame: sameOnFullFrame(input, found),
    },
);
