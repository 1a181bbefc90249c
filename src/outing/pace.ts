import { loadedPace } from "@/core/ground";
import { carriedGrams } from "./day/carried";
import type { OutingView } from "./outing-view";

/** Walking pace in m/s with nothing that slows: one's own as it was measured where that is in use, else the one in the preferences. */
export const ownPace = ({ learnt, walkingPace }: OutingView["preferences"]): number =>
  learnt?.pace?.value ?? walkingPace;

/** Walking pace in m/s with what is carried: one's own, slower by what the bag and the ticked things weigh. */
export const paceOf = ({
  outing,
  kit,
  preferences,
}: Pick<OutingView, "outing" | "kit" | "preferences">): number =>
  loadedPace({ walkingPace: ownPace(preferences), grams: carriedGrams(outing, kit) });
