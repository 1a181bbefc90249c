import { loadedPace } from "@/core/ground";
import { carriedGrams } from "./day/carried";
import type { OutingView } from "./outing-view";

/** Walking pace in m/s with what is carried: the preferences' own, slower by what the bag and the ticked things weigh. */
export const paceOf = ({
  outing,
  kit,
  preferences: { walkingPace },
}: Pick<OutingView, "outing" | "kit" | "preferences">): number =>
  loadedPace({ walkingPace, grams: carriedGrams(outing, kit) });
