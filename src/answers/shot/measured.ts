import { zoneIdOf } from "@/core/ground";
import { readingOffset } from "@/core/light";
import { answered } from "../answered";

/** A measured level beside the one that was planned for its place and moment. */
export interface Measured {
  /** Epoch milliseconds. */
  readonly at: number;
  /** EV at ISO 100 as it was measured, and as the model had it. */
  readonly ev: number;
  readonly planned: number;
}

/** What was measured in the light zone of the spot in hand. */
export const measuredHere = answered(
  ({ outing: { light, ground }, spot }) => [light.readings, ground, spot] as const,
  (readings, ground, spot): readonly Measured[] => {
    if (readings.length === 0) return NONE;
    const zoneId = zoneIdOf(ground, spot);
    return readings
      .filter((r) => r.zoneId === zoneId)
      .map((r) => ({ at: r.at, ev: r.modelEv + readingOffset(r), planned: r.modelEv }));
  },
);

const NONE: readonly Measured[] = [];
