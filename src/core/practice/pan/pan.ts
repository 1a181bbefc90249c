import { absent, present, tanDeg, toDegrees, type Maybe } from "../../units";

/** A subject that crosses: it goes on a line past the camera, nearest in the middle of the view. */
export interface PanTask {
  /** m/s along its line, above 0. */
  readonly speed: number;
  /** Metres to the line, above 0. */
  readonly distance: number;
  /** Degrees that are seen across, above 0 and below 180. */
  readonly view: number;
}

/** Degrees of the subject from the middle of the view, so many seconds after it is nearest: below 0 before. */
export const panBearing = ({ speed, distance }: PanTask, seconds: number): number =>
  toDegrees(Math.atan2(speed * seconds, distance));

/** Degrees in a second that it turns then: the more the nearer it is. */
export const panRate = ({ speed, distance }: PanTask, seconds: number): number =>
  toDegrees((speed * distance) / (distance ** 2 + (speed * seconds) ** 2));

/** Seconds that it takes across the view. */
export const panSeconds = ({ speed, distance, view }: PanTask): number =>
  (2 * distance * tanDeg(view / 2)) / speed;

/** Where a hand points. */
export interface PanReading {
  /** Seconds after the subject is nearest. */
  readonly at: number;
  /** Degrees from the middle of the view; of what turns by itself from wherever it began. */
  readonly bearing: number;
}

/** Readings in a window below which nothing is said of a hand, and seconds that a window is wide at least: a screen tells sixty in one. */
const LEAST = 4;
const LEAST_SECONDS = 0.12;

/**
 * By what share of the right turn a hand was off while the shutter was open, r = (rate − v)/v: the slope of its readings by least squares
 * over the exposure about an instant, or over twelve hundredths of a second where that is longer, against the subject's. Absent below four
 * readings there.
 */
export function panError({
  task,
  readings,
  exposure,
  at,
}: {
  readonly task: PanTask;
  readonly readings: readonly PanReading[];
  /** Seconds, above 0. */
  readonly exposure: number;
  /** Seconds after it is nearest. */
  readonly at: number;
}): Maybe<number, "too-few-readings"> {
  const half = Math.max(exposure, LEAST_SECONDS) / 2;
  const own = readings.filter((r) => Math.abs(r.at - at) <= half);
  if (own.length < LEAST) return absent("too-few-readings", { readings: own.length, least: LEAST });
  const truth = own.map((r) => panBearing(task, r.at));
  return present(
    slope(
      own.map((r) => r.at),
      own.map((r) => r.bearing),
    ) /
      slope(
        own.map((r) => r.at),
        truth,
      ) -
      1,
  );
}

function slope(x: readonly number[], y: readonly number[]): number {
  const mean = (all: readonly number[]): number => all.reduce((a, b) => a + b, 0) / all.length;
  const [mx, my] = [mean(x), mean(y)];
  const over = x.reduce((sum, at, i) => sum + (at - mx) * (y[i]! - my), 0);
  return over / x.reduce((sum, at) => sum + (at - mx) ** 2, 0);
}

/** Readings in a second that a phone has to tell to be followed with. */
const LEAST_RATE = 50;

/** Whether instants in milliseconds come often enough to measure a turn by. */
export const isFastEnough = (instants: readonly number[]): boolean => {
  const [first, last] = [instants[0], instants.at(-1)];
  if (first === undefined || last === undefined || last - first < 300) return false;
  return (1000 * (instants.length - 1)) / (last - first) >= LEAST_RATE;
};
