import { sharpEnd } from "./choose-aperture";
import { SCALE, type Rail, type Settings } from "./marks";
import type { EndReason, RailState, SolveInput } from "./solution";

/** A streak twice or half as long as wished is still the picture. */
const STREAK_GIVE = 3;

/** Where each rail stands in the stretch that is allowed, and what ends that. */
export function railStates(input: SolveInput, s: Settings): Record<Rail, RailState> {
  const slowest = input.slowestShutter(s.aperture);
  const byDepth = input.depthAperture > input.lensWidest;
  const byDiffraction = input.diffractionAperture < input.lensNarrowest;
  const state = (
    rail: Rail,
    from: number,
    to: number,
    fromReason: EndReason,
    toReason: EndReason,
    first: number,
    last: number,
  ): RailState => ({
    first,
    last,
    at: s[rail],
    from,
    to,
    fromReason,
    toReason,
    locked: input.locked[rail] !== undefined,
    standing: s[rail] < from ? "below" : s[rail] > to ? "above" : "inside",
  });
  const [first, last] = [SCALE.shutter.first, input.fastestShutter];
  const { streakShutter: drawn, lensWidest, lensNarrowest, isoBase, isoMax } = input;
  const slowestReason = slowest <= first ? "slowest-shutter" : "motion";
  return {
    shutter:
      drawn === undefined
        ? state("shutter", slowest, last, slowestReason, "fastest-shutter", first, last)
        : state("shutter", drawn - STREAK_GIVE, drawn + STREAK_GIVE, "streak", "streak", first, last),
    aperture: state(
      "aperture",
      byDepth ? input.depthAperture : lensWidest,
      sharpEnd(input),
      byDepth ? "depth" : "widest-aperture",
      byDiffraction ? "diffraction" : "narrowest-aperture",
      lensWidest,
      lensNarrowest,
    ),
    iso: state("iso", input.isoFloor, input.isoCeiling, "iso-floor", "iso-ceiling", isoBase, isoMax),
  };
}
