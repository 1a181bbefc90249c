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

/** EV at ISO 100 of the light that was read: of the settings, less what the picture came out wrong by. */
export const readEv = ({ settingsEv, offClicks }: Pick<Reading, "settingsEv" | "offClicks">): number =>
  settingsEv + offClicks / 3;

/** Offset in stops of the light found against the model; positive when it was brighter than thought. */
export const readingOffset = (reading: Pick<Reading, "settingsEv" | "offClicks" | "modelEv">): number =>
  readEv(reading) - reading.modelEv;

/** A reading by day loses half its weight in this many milliseconds (assumed, adjustable). */
const DAY_HALF_LIFE = 30 * 60_000;

export interface LightOffsets {
  /** Stops by which daylight and lamps are brighter than the model. */
  readonly day: number;
  /** Stops by which lamps are brighter than the model. */
  readonly lamps: number;
}

/** A source that is taken to be brighter or darker than planned: over the whole ground and without fading, from an instant on. */
export interface SourceTaken {
  /** Epoch milliseconds. */
  readonly at: number;
  /** Stops by which it is brighter than the model, −6 to 6. */
  readonly stops: number;
}

/** A day that was found to be other than it was planned; a source that is left out is as planned. */
export interface DayTaken {
  readonly day?: SourceTaken;
  readonly lamps?: SourceTaken;
}

/** Whether the sky may have changed since a reading: cloud that passes or a broken sky, or a steady one and any cover. */
export type SkySteadiness = "changing" | "steady";

/**
 * What the readings of a zone say of an instant. Each reading speaks of the source that gave most of the light; the
 * latest one of each source counts, of two at one instant the one written later. Under a changing sky it fades with a
 * half-life of 30 minutes; under a steady sky, a roof, leaves or lamps it stays. Readings after the instant do not count. A day that is
 * taken to be other stands in place of the plan: readings before it count no more, later ones fade towards it.
 */
export function offsetsFrom(
  readings: readonly Reading[],
  zoneId: string,
  at: number,
  sky: SkySteadiness = "changing",
  taken?: DayTaken,
): LightOffsets {
  let day: Reading | undefined;
  let lamps: Reading | undefined;
  for (const reading of readings) {
    if (reading.zoneId !== zoneId || reading.at > at || isReplaced(reading, at, taken)) continue;
    if (sourceOf(reading) === "day") day = day && day.at > reading.at ? day : reading;
    else lamps = lamps && lamps.at > reading.at ? lamps : reading;
  }
  const base = takenAt(at, taken);
  const weight = !day || sky === "steady" ? 1 : 0.5 ** ((at - day.at) / DAY_HALF_LIFE);
  return {
    day: day ? base.day + (sourceOffset(day) - base.day) * weight : base.day,
    lamps: lamps ? sourceOffset(lamps) : base.lamps,
  };
}

/** What the day is taken to be at an instant, in stops over the model; 0 where it is as planned. */
export const takenAt = (at: number, { day, lamps }: DayTaken = {}): LightOffsets => ({
  day: day && day.at <= at ? day.stops : 0,
  lamps: lamps && lamps.at <= at ? lamps.stops : 0,
});

/** Whether what its source is taken to be at an instant stands in place of a reading. */
function isReplaced(reading: Reading, at: number, taken: DayTaken = {}): boolean {
  const source = taken[sourceOf(reading)];
  return source !== undefined && source.at <= at && reading.at < source.at;
}

/** The source that gave most of a reading's light: the one that it speaks of. */
export const sourceOf = ({ dayShare }: Reading): "day" | "lamps" => (dayShare >= 0.5 ? "day" : "lamps");

/** A correction of one source by more than this would no longer be a correction. */
const MOST_STOPS = 6;

/**
 * Stops by which the source that a reading speaks of is brighter than the model, so that the total at the moment of the reading
 * comes out as measured; bounded to six stops when the other source alone is already brighter than what was measured.
 */
export function sourceOffset(reading: Reading): number {
  const share = sourceOf(reading) === "day" ? reading.dayShare : 1 - reading.dayShare;
  const wanted = 2 ** readingOffset(reading) - (1 - share);
  const ratio = Math.max(2 ** -MOST_STOPS, wanted / share);
  return Math.max(-MOST_STOPS, Math.min(MOST_STOPS, Math.log2(ratio)));
}
