import { mayStand } from "@/core/guard";
import { assess, guardedOf, type Assessment, type NoPicture } from "@/core/judge";
import { askWith, bestOfBag } from "@/outing/ask";
import { tradePlacesFor, type LaidPlace } from "@/outing/trade-places";
import { answered } from "../answered";

/** A place of practice on this ground, with the picture from there. */
export interface TradePlaceFound extends LaidPlace {
  /** With the best of the bag; judged as any place of one's own is. */
  readonly found: Assessment | NoPicture;
  /** Whether one may ever stand there. */
  readonly mayStand: boolean;
}

/** Where the trade stands for the subject in hand, each with its picture at the minute and the rails that are held. */
export const tradePlaces = answered(
  ({ outing, subject, spot, shot, bag, scene, preferences, choice }) =>
    [outing.ground, subject, spot, shot, bag, scene, preferences, choice.locked, outing.weather] as const,
  (ground, subject, spot, shot, bag, scene, ways, locked, weather): readonly TradePlaceFound[] =>
    tradePlacesFor(ground, { subject, side: shot.side }, spot).map((laid) => {
      const position = { id: "trade", name: "trade", at: laid.at, lensHeight: laid.lensHeight };
      const rig = bestOfBag(bag, { shot, subject, spot }, position);
      const asked = askWith({ shot, subject, rig, weather }, ways, { locked });
      return {
        ...laid,
        found: assess({ ...asked, position, scene }),
        mayStand: mayStand(ground, guardedOf({ ...asked, scene }), position).rule !== "never",
      };
    }),
);
