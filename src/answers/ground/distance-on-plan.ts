import { planDistance } from "@/core/ground";
import { answered } from "../answered";

/** Metres over the ground from the spot in hand to the position in hand; 0 while there is none. */
export const distanceOnPlan = answered(
  ({ spot, position }) => [spot.at, position?.at] as const,
  (spot, position): number => (position ? planDistance(spot, position) : 0),
);
