import type { KeeperChance } from "../motion";
import type { Settings } from "../exposure";
import type { AssessInput, Assessment } from "./assessment";
import { findMotion } from "./motion-found";
import { sightOf } from "./sighting";

/** One shutter of the curve. */
export interface KeeperPoint extends KeeperChance {
  /** Clicks. */
  readonly shutter: number;
}

/**
 * How often a frame holds its part, at each shutter of the body from one click to another, the aperture as found; from the slowest.
 * The limit of the settings is one point of it: a still at its limit keeps about half of the frames.
 */
export function keeperCurve(
  input: AssessInput,
  found: Assessment,
  { from, to }: { readonly from: number; readonly to: number },
): KeeperPoint[] {
  const { spot, ...sight } = sightOf(input);
  const model = findMotion(input, spot, sight, found.sighting);
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => {
    const settings: Settings = { ...found.settings.settings, shutter: from + i };
    return { shutter: from + i, ...model.chance(settings) };
  });
}
