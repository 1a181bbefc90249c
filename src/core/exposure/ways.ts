import type { Settings } from "./marks";
import type { Sacrifice, Solution, SolveInput } from "./solve";
import { changed, SHUTTER_GIVE } from "./solve";

/** One way out of missing light, taken alone, and its price. */
export interface WayOut {
  readonly kind: Sacrifice;
  readonly settings: Settings;
  /** Clicks that it gives of those missing. */
  readonly clicks: number;
  /** Whether it gives all that is missing within what the user or the kit allows. */
  readonly within: boolean;
  /** The allowance in clicks. */
  readonly allowance: number;
  /** Stops by which shot noise rises: half a stop for each stop of light not collected. */
  readonly noiseStops: number;
}

/** Shot noise rises half a stop for each stop of light not collected (counting statistics). */
const NOISE_PER_STOP = 0.5;

/** Every way out by itself, in the user's order of sacrifice; empty when nothing is missing. */
export function waysOut(input: SolveInput, solution: Solution): WayOut[] {
  if (solution.missing === 0) return [];
  return input.order.map((kind) => wayOut(kind, input, solution));
}

function wayOut(kind: Sacrifice, input: SolveInput, { asked, missing }: Solution): WayOut {
  const atCeiling = changed(asked, "iso", -missing);
  const noise = (clicks: number) => (NOISE_PER_STOP * clicks) / 3;
  if (kind === "lift") {
    const allowance = input.liftClicks;
    const clicks = Math.min(missing, allowance);
    return {
      kind,
      settings: atCeiling,
      clicks,
      within: missing <= allowance,
      allowance,
      noiseStops: noise(clicks),
    };
  }
  if (kind === "iso") {
    const allowance = input.isoMax - input.isoCeiling;
    const clicks = Math.min(missing, allowance);
    const settings = changed(atCeiling, "iso", clicks);
    return { kind, settings, clicks, within: missing <= allowance, allowance, noiseStops: noise(clicks) };
  }
  if (kind === "shutter") {
    const settings = changed(atCeiling, "shutter", -missing);
    const within = missing <= SHUTTER_GIVE;
    return { kind, settings, clicks: missing, within, allowance: SHUTTER_GIVE, noiseStops: 0 };
  }
  const allowance = Math.max(0, asked.aperture - input.lensWidest);
  const clicks = Math.min(missing, allowance);
  const settings = changed(atCeiling, "aperture", -clicks);
  return { kind, settings, clicks, within: missing <= allowance, allowance, noiseStops: 0 };
}
