import { shutterNoSlower, shutterSeconds } from "../exposure";
import { flickerBands, flickerSwing, swingInStops, type Bands } from "../motion";
import type { AssessInput, Assessment } from "./assessment";

/** What lamps on alternating current do to a picture. */
export interface Flicker {
  /** Stops between the brightest and the darkest frame at the shutter found. */
  readonly apart: number;
  /** Bands of an electronic shutter; absent where the body has none. */
  readonly bands?: Bands;
  /** Shutter clicks at which frames agree within a third of a stop, from the fastest. */
  readonly calm: readonly number[];
}

/** Lamps on alternating current. */
export interface Alternating {
  /** Frequency of the mains in Hz, 50 or 60. */
  readonly mainsHz: number;
  /** Share 0 … 1 of the lamps' light that swings. */
  readonly modulation: number;
}

/** Stops between two frames that nobody sees (common practice: a click). */
export const UNSEEN = 1 / 3;
/** Clicks of 1/30 and 1/8000: what lies outside is no shutter for movement. */
const LOOKED_AT = { from: 15, to: 39 };

/** Share 0 … 1 of all light on the subject that swings: daylight beside the lamps is steady. Illuminances in lux. */
export const swingingShare = ({
  modulation,
  lamps,
  total,
}: {
  readonly modulation: number;
  /** Lux. */
  readonly lamps: number;
  /** Lux, above 0. */
  readonly total: number;
}): number => (modulation * lamps) / total;

/** The lamps as all light on the subject swings with them. */
const asLit = ({ mainsHz, modulation }: Alternating, { lux }: Assessment["light"]): Alternating => ({
  mainsHz,
  modulation: swingingShare({ modulation, ...lux }),
});

/** Stops between the brightest and the darkest frame of an exposure in seconds, where lamps light the subject beside the day. */
export const framesApart = (lamps: Alternating, light: Assessment["light"], exposure: number): number =>
  swingInStops(flickerSwing({ ...asLit(lamps, light), exposure }));

/** Flicker at the settings found, and the shutters that are safe from it. */
export function flickerFound(
  { rig }: Pick<AssessInput, "rig">,
  { light, settings: { settings } }: Pick<Assessment, "light" | "settings">,
  lamps: Alternating,
): Flicker {
  const apartAt = (exposure: number): number => framesApart(lamps, light, exposure);
  const last = Math.min(LOOKED_AT.to, shutterNoSlower(rig.body.fastestShutter));
  const clicks = Array.from({ length: last - LOOKED_AT.from + 1 }, (_, i) => last - i);
  const exposure = shutterSeconds(settings.shutter);
  const { readout } = rig.body;
  return {
    apart: apartAt(exposure),
    bands: readout === undefined ? undefined : flickerBands({ ...asLit(lamps, light), exposure, readout }),
    calm: clicks.filter((click) => apartAt(shutterSeconds(click)) <= UNSEEN),
  };
}
