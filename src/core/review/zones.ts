import type { Zone } from "../ground";
import { readingOffset, type Reading } from "../light";

/** What the readings of a zone say of its offset. */
export interface ZoneFinding {
  readonly zoneId: string;
  /** How many readings were taken in it. */
  readonly readings: number;
  /** Mean stops by which the zone was brighter than thought, against the reference zone. */
  readonly stops: number;
  /** Stops between the brightest and the darkest of its readings. */
  readonly spread: number;
  /** The offset to plan with next time, in clicks: the old one and what was found. */
  readonly offsetClicks: number;
}

const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;

/**
 * Offsets of a place's light zones from its readings, against a reference zone whose own error is the sky's or the lamps', not
 * the zone's. Zones without a reading are not listed; without readings of the reference, against the model.
 */
export function zoneOffsetsFrom(
  readings: readonly Reading[],
  zones: readonly Zone[],
  referenceId: string,
): ZoneFinding[] {
  const of = (zoneId: string): number[] => readings.filter((r) => r.zoneId === zoneId).map(readingOffset);
  const reference = of(referenceId);
  const base = reference.length > 0 ? mean(reference) : 0;
  return zones.flatMap((zone) => {
    const offsets = of(zone.id);
    if (offsets.length === 0) return [];
    const stops = mean(offsets) - base;
    return [
      {
        zoneId: zone.id,
        readings: offsets.length,
        stops,
        spread: Math.max(...offsets) - Math.min(...offsets),
        offsetClicks: zone.offsetClicks + Math.round(3 * stops) + 0,
      },
    ];
  });
}
