import { bagOf, bagWeight } from "@/data";
import type { OutingView } from "./outing-view";
import { tickedWeight } from "./day/ticked-weight";

/** Kilograms that slow nobody, and the share of the pace that each further one takes, down to the least share (assumed). */
const LIGHT = 5;
const EACH = 0.015;
const LEAST = 0.7;

/** Walking pace in m/s with what is carried: the preferences' own, slower by what the bag and the ticked things weigh. */
export function paceOf({
  outing,
  kit,
  preferences,
}: Pick<OutingView, "outing" | "kit" | "preferences">): number {
  const kilograms = (bagWeight(bagOf(outing, kit)).grams + tickedWeight(outing)) / 1000;
  const share = Math.max(LEAST, 1 - EACH * Math.max(0, kilograms - LIGHT));
  return preferences.walkingPace * share;
}
