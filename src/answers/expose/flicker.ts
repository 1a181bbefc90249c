import { mainsOf } from "@/core/catalogue";
import { shutterSeconds } from "@/core/exposure";
import { flickerFound, swingingShare, type Flicker } from "@/core/judge";
import { modulationFromFrames } from "@/core/motion";
import { answered } from "../answered";

/** A third of the light unless measured (assumed). */
const USUAL_MODULATION = 0.33;

/** What lamps on alternating current do to the picture in hand. */
export interface FlickerAnswer {
  readonly mainsHz: 50 | 60;
  /** Where the mains are known from: told, from the outing's time zone, or to be asked, since the zone has both. */
  readonly mains: "told" | "by-zone" | "ask";
  /** Share 0 … 1 of the lamps' light that swings, and whether it was told. */
  readonly modulation: number;
  readonly told: boolean;
  /** Share 0 … 1 of the light on the subject that the lamps give. */
  readonly lampsShare: number;
  readonly flicker: Flicker;
  /** Shutters that are safe from it and hold the picture, from the fastest; clicks. */
  readonly calm: readonly number[];
  /** Safe ones that would smear it; clicks. */
  readonly smearing: readonly number[];
}

/** Flicker at the settings found: a safe shutter that smears what is to be frozen is none. */
export const flicker = answered(
  ({ input, found, outing }) => [input, found, outing.light.lamps?.flicker, outing.timeZone] as const,
  (input, found, told, timeZone): FlickerAnswer | undefined => {
    if (!input || !found) return undefined;
    const zone = mainsOf(timeZone);
    const mainsHz = told?.mainsHz ?? (zone === "both" ? 50 : zone);
    const modulation = told?.modulation ?? USUAL_MODULATION;
    const at = flickerFound(input, found, { mainsHz, modulation });
    const slowest = found.settings.rails.shutter.from;
    return {
      mainsHz,
      mains: told ? "told" : zone === "both" ? "ask" : "by-zone",
      modulation,
      told: told !== undefined,
      lampsShare: swingingShare({ modulation: 1, ...found.light.lux }),
      flicker: at,
      calm: at.calm.filter((click) => click >= slowest),
      smearing: at.calm.filter((click) => click < slowest),
    };
  },
);

/**
 * The share of the lamps' light that swings, from the stops between the brightest and the darkest of some frames; absent where the
 * shutter shows none, or no lamp lights the subject.
 */
export function modulationSeen(
  { mainsHz, lampsShare }: Pick<FlickerAnswer, "mainsHz" | "lampsShare">,
  shutter: number,
  stopsApart: number,
): number | undefined {
  const seen = modulationFromFrames({ mainsHz, exposure: shutterSeconds(shutter), stopsApart });
  return seen === undefined || lampsShare === 0 ? undefined : Math.min(1, seen / lampsShare);
}
