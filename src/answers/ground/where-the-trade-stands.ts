import { alongBearing, bearingTo, planDistance, type Point } from "@/core/ground";
import { mayBeProposed, mayStand } from "@/core/guard";
import {
  assess,
  guardedOf,
  seesNothing,
  type AssessInput,
  type Assessment,
  type NoPicture,
} from "@/core/judge";
import { askWith, bestOfBag } from "@/outing/ask";
import { toCentimetre } from "@/outing/rounded";
import { tradePlacesFor, type LaidPlace } from "@/outing/trade-places";
import { answered } from "../answered";

/** A place of practice on this ground, with the picture from there. */
export interface TradePlaceFound extends LaidPlace {
  /** With the best of the bag; judged as any place of one's own is. */
  readonly found: Assessment | NoPicture;
  /** What was asked from there, with the lens of the bag that serves best. */
  readonly input: AssessInput;
  /** Whether one may ever stand there. */
  readonly mayStand: boolean;
  /** Where one stands instead while leave for it is not given; absent where none is needed, or no such place sees the spot. */
  readonly fallBack?: { readonly at: Point; readonly input: AssessInput; readonly found: Assessment };
}

/** Degrees to either side of the way from the spot through a place, and metres between two tries and at most beyond it. */
const TURNS = [0, 8, -8, 16, -16, 24, -24];
const STEP = 2;
const FARTHEST = 120;

/**
 * The nearest place behind one that needs leave, as much on its line from the spot as may be, that needs none and sees the spot; nothing
 * within 120 m.
 */
function fallBackFrom(
  { at, lensHeight }: LaidPlace,
  spot: Point,
  asked: Omit<AssessInput, "position">,
): TradePlaceFound["fallBack"] {
  const guarded = guardedOf(asked);
  const [from, bearing] = [planDistance(spot, at), bearingTo(spot, at)];
  for (let distance = from; distance <= from + FARTHEST; distance += STEP)
    for (const turn of TURNS) {
      const way = alongBearing(bearing + turn);
      const place = toCentimetre({ x: spot.x + way.x * distance, y: spot.y + way.y * distance });
      const position = { id: "trade", name: "trade", at: place, lensHeight };
      const may = mayStand(asked.scene.ground, guarded, position);
      if (may.rule === "by-leave" || !mayBeProposed(may)) continue;
      const input = { ...asked, position };
      const found = assess(input);
      if (found.ok && !seesNothing(found.judgement)) return { at: place, input, found };
    }
  return undefined;
}

/** Where the trade stands for the subject in hand, each with its picture at the minute and the rails that are held. */
export const tradePlaces = answered(
  ({ outing, subject, spot, shot, bag, scene, preferences, choice }) =>
    [outing.ground, subject, spot, shot, bag, scene, preferences, choice.locked, outing.weather] as const,
  (ground, subject, spot, shot, bag, scene, ways, locked, weather): readonly TradePlaceFound[] =>
    tradePlacesFor(ground, { subject, side: shot.side }, spot).map((laid) => {
      const position = { id: "trade", name: "trade", at: laid.at, lensHeight: laid.lensHeight };
      const rig = bestOfBag(bag, { shot, subject, spot }, position);
      const asked = { ...askWith({ shot, subject, rig, weather }, ways, { locked }), scene };
      const may = mayStand(ground, guardedOf(asked), position);
      const isRefused = may.rule === "by-leave" && !may.given;
      const fallBack = isRefused ? fallBackFrom(laid, spot.at, asked) : undefined;
      const input = { ...asked, position };
      return {
        ...laid,
        input,
        found: assess(input),
        mayStand: may.rule !== "never",
        ...(fallBack && { fallBack }),
      };
    }),
);
