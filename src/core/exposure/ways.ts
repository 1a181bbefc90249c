import type { Settings } from "./marks";
import type { Sacrifice, Solution, SolveInput } from "./solution";
import { opening } from "./choose-aperture";
import { changed, roomFor } from "./solve";

/** One way out of light that is short, taken alone, and its price. */
export interface WayOut {
  readonly kind: Sacrifice;
  readonly settings: Settings;
  /** Clicks that it gives of those that are short, and those that it leaves. */
  readonly clicks: number;
  /** Clicks still short after it, 0 or more. */
  readonly left: number;
  /** Stops by which shot noise rises: half a stop for each stop of light not collected. */
  readonly noiseStops: number;
}

/** Shot noise rises half a stop for each stop of light not collected (counting statistics). */
const NOISE_PER_STOP = 0.5;

/** Every way out by itself, in the user's order of sacrifice, none past its allowance; empty when nothing is short. */
export function waysOut(input: SolveInput, solution: Solution): WayOut[] {
  if (solution.short === 0) return [];
  return input.order.map((kind) => wayOut(kind, input, solution));
}

function wayOut(kind: Sacrifice, input: SolveInput, { asked, short }: Solution): WayOut {
  const atCeiling = changed(asked, "iso", -short);
  if (kind === "aperture") {
    const { to, clicks } = opening(input, asked.aperture, short);
    const settings = {
      shutter: atCeiling.shutter + asked.aperture - to - clicks,
      aperture: to,
      iso: atCeiling.iso,
    };
    return { kind, settings, clicks, left: Math.max(0, short - clicks), noiseStops: 0 };
  }
  const clicks = Math.min(short, roomFor(input, asked, kind));
  const settings = kind === "lift" ? atCeiling : changed(atCeiling, kind, kind === "iso" ? clicks : -clicks);
  const noiseStops = kind === "shutter" ? 0 : (NOISE_PER_STOP * clicks) / 3;
  return { kind, settings, clicks, left: short - clicks, noiseStops };
}
