/**
 * A measured light level, kept raw: what was set, how far off the picture was, where and when; and beside it what
 * the model said at that moment, so that the offset stays true when the plan's cloud is changed later.
 */
export interface Reading {
  readonly id: string;
  readonly zoneId: string;
  readonly spotId: string;
  readonly positionId: string;
  /** Epoch milliseconds. */
  readonly at: number;
  /** EV at ISO 100 of the settings used. */
  readonly settingsEv: number;
  /** Clicks by which the picture came out too bright (+) or too dark (−). */
  readonly offClicks: number;
  /** EV that the model gave at that moment without any reading, and the share 0 … 1 of its lux that was daylight. */
  readonly modelEv: number;
  /** Share 0 … 1 of the model's lux that was daylight. */
  readonly dayShare: number;
}

/** Offset in stops of the light found against the model; positive when it was brighter than thought. */
export const readingOffset = (reading: Reading): number =>
  reading.settingsEv + reading.offClicks / 3 - reading.modelEv;

/** A reading by day loses half its weight in this many milliseconds (assumed, adjustable). */
const DAY_HALF_LIFE = 30 * 60_000;

export interface LightOffsets {
  /** Stops by which daylight and lamps are brighter than the model. */
  readonly day: number;
  /** Stops by which lamps are brighter than the model. */
  readonly lamps: number;
}

/** Whether the sky may have changed since a reading: cloud that passes or a broken sky, or a steady one and any cover. */
export type SkySteadiness = "changing" | "steady";

/**
 * What the readings of a zone say of an instant. Each reading speaks of the source that gave most of the light; the
 * latest one of each source counts, of two at one instant the one written later. Under a changing sky it fades with a
 * half-life of 30 minutes; under a steady sky, a roof, leaves or lamps it stays. Readings after the instant do not count.
 */
export function offsetsFrom(
  readings: readonly Reading[],
  zoneId: string,
  at: number,
  sky: SkySteadiness = "changing",
): LightOffsets {
  let day: Reading | undefined;
  let lamps: Reading | undefined;
  for (const reading of readings) {
    if (reading.zoneId !== zoneId || reading.at > at) continue;
    if (reading.dayShare >= 0.5) day = day && day.at > reading.at ? day : reading;
    else lamps = lamps && lamps.at > reading.at ? lamps : reading;
  }
  return {
    day: day
      ? sourceOffset(day, day.dayShare) * (sky === "steady" ? 1 : 0.5 ** ((at - day.at) / DAY_HALF_LIFE))
      : 0,
    lamps: lamps ? sourceOffset(lamps, 1 - lamps.dayShare) : 0,
  };
}

/** A correction of one source by more than this would no longer be a correction. */
const MOST_STOPS = 6;

/**
 * Offset of the one source, so that the total at the moment of the reading comes out as measured; bounded to six
 * stops when the other source alone is already brighter than what was measured.
 */
function sourceOffset(reading: Reading, share: number): number {
  const wanted = 2 ** readingOffset(reading) - (1 - share);
  const ratio = Math.max(2 ** -MOST_STOPS, wanted / share);
  return Math.max(-MOST_STOPS, Math.min(MOST_STOPS, Math.log2(ratio)));
}
