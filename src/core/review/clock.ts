import { absent, present, type Maybe } from "../units";

/** By how much a camera's clock is ahead of the true time, and how well that is known. */
export interface ClockSet {
  /** Seconds ahead at `at`; negative where it is behind. */
  readonly ahead: number;
  /** Seconds either way within which the true value lies, above 0. */
  readonly error: number;
  /** Seconds that it gains in a day; negative where it loses. */
  readonly drift: number;
  /** Epoch milliseconds, true time, at which `ahead` holds. */
  readonly at: number;
}

const DAY_MS = 86_400_000;
/** Seconds to which a clock with seconds is read off a picture. */
const READ = 0.5;
/** Seconds after its frame in which a tag is pressed, mostly: 2 to 22 (assumed). */
const PRESSED = { after: 12, within: 10 } as const;

/** The clock from one picture of a clock that shows the true time. `taken` by the camera, `seen` in the picture: epoch ms. */
export const clockByPicture = ({
  taken,
  seen,
}: {
  readonly taken: number;
  readonly seen: number;
}): ClockSet => ({ ahead: (taken - seen) / 1000, error: READ, drift: 0, at: seen });

/** The clock from a frame that one tag speaks of; a tag is pressed some seconds after. Both epoch ms. */
export const clockByTag = ({
  taken,
  tagged,
}: {
  readonly taken: number;
  readonly tagged: number;
}): ClockSet => ({
  ahead: (taken - tagged) / 1000 + PRESSED.after,
  error: PRESSED.within,
  drift: 0,
  at: tagged - PRESSED.after * 1000,
});

/** Hours that must lie between two settings of a clock before a drift is told from their errors. */
const APART_HOURS = 1;

/** Two settings of one clock, some time apart: how it drifts between. Absent below an hour. */
export function clockByTwo(a: ClockSet, b: ClockSet): Maybe<ClockSet, "too-near"> {
  const [first, last] = a.at <= b.at ? [a, b] : [b, a];
  const hours = (last.at - first.at) / 3_600_000;
  if (hours < APART_HOURS) return absent("too-near", { hours, least: APART_HOURS });
  return present({
    ahead: first.ahead,
    at: first.at,
    drift: ((last.ahead - first.ahead) / hours) * 24,
    error: Math.max(first.error, last.error),
  });
}

/** Epoch ms of the true time at which a camera wrote `taken`, epoch ms. */
export function trueTime(taken: number, clock: ClockSet | undefined): number {
  if (!clock) return taken;
  const straight = taken - clock.ahead * 1000;
  return straight - (clock.drift * 1000 * (straight - clock.at)) / DAY_MS;
}

/** What a day left that has true times: events with their ends, tags. All epoch ms. */
export interface DayTold {
  readonly events: readonly {
    /** Epoch milliseconds. */
    readonly starts: number;
    /** Epoch milliseconds, after `starts`. */
    readonly ends: number;
  }[];
  /** Instants at which tags were given. */
  readonly tags: readonly number[];
}

/** One of several settings under which the bursts agree with the day, the best first. */
export interface Agreement {
  readonly clock: ClockSet;
  /** How many tags follow a burst under it, 0 or more. */
  readonly tags: number;
  /** Share of the bursts within an event, 0 … 1. */
  readonly within: number;
}

/** Seconds by which a clock may be off: a day and a half, as after a wrong date or a wrong half of the day. */
const FARTHEST = 36 * 3600;
/** Seconds of a step of the search. */
const STEP = 2;
const STEPS = (2 * FARTHEST) / STEP + 1;
/** Seconds between two settings that are told apart. */
const APART = 90;
/** The second best at this share of the best one is as good (assumed). */
const AS_GOOD = 0.88;
/** What a burst inside an event counts beside a tag that follows a burst (assumed: there are many more of them). */
const EVENT_WEIGHT = 0.5;
/** Settings that are told at most: more of them say nothing more. */
const MOST_TOLD = 3;
/** Fewer bursts than this agree with anything. */
const LEAST_BURSTS = 4;

const stepOf = (seconds: number): number => Math.round((seconds + FARTHEST) / STEP);

/** How often each shift of the clock puts a burst into an event, each burst once: a sum of differences over the steps. */
function inEvents(ends: readonly number[], events: DayTold["events"]): Float64Array {
  const sums = new Float64Array(STEPS + 1);
  const joined = joinedSpans(events);
  const clamp = (step: number): number => Math.min(STEPS, Math.max(0, step));
  for (const end of ends)
    for (const { starts, ends: over } of joined) {
      const from = clamp(stepOf((end - over) / 1000));
      const to = clamp(stepOf((end - starts) / 1000) + 1);
      if (to <= from) continue;
      sums[from]! += 1;
      sums[to]! -= 1;
    }
  for (let i = 1; i < sums.length; i++) sums[i]! += sums[i - 1]!;
  return sums.subarray(0, STEPS);
}

/** Spans that overlap become one: a burst is in the day's events or it is not. */
function joinedSpans(events: DayTold["events"]): { starts: number; ends: number }[] {
  const joined: { starts: number; ends: number }[] = [];
  for (const { starts, ends } of events.toSorted((a, b) => a.starts - b.starts)) {
    const last = joined.at(-1);
    if (last && starts <= last.ends) last.ends = Math.max(last.ends, ends);
    else joined.push({ starts, ends });
  }
  return joined;
}

/** How many tags each shift puts 0 to 24 s behind a burst, each tag once. */
function byTags(ends: readonly number[], tags: readonly number[]): Float64Array {
  const sums = new Float64Array(STEPS);
  const own = new Uint16Array(STEPS);
  const reach = Math.round((PRESSED.after + PRESSED.within) / STEP) + 1;
  tags.forEach((tag, index) => {
    for (const end of ends) {
      const step = stepOf((end - tag) / 1000);
      for (let i = Math.max(0, step); i <= Math.min(STEPS - 1, step + reach); i++) {
        if (own[i] === index + 1) continue;
        own[i] = index + 1;
        sums[i]! += 1;
      }
    }
  });
  return sums;
}

/** Where a course of sums is at its best, and how far it stays there: the middle and half the width, in seconds. */
function plateau(sums: Float64Array, around: number): { middle: number; half: number } {
  const least = sums[around]! * 0.97 - 1e-9;
  let [from, to] = [around, around];
  while (from > 0 && sums[from - 1]! >= least) from--;
  while (to < STEPS - 1 && sums[to + 1]! >= least) to++;
  return { middle: ((from + to) / 2) * STEP - FARTHEST, half: ((to - from) / 2) * STEP };
}

const highest = (sums: Float64Array, isOpen: (step: number) => boolean): number => {
  let best = -1;
  for (let i = 0; i < sums.length; i++) if (isOpen(i) && (best < 0 || sums[i]! > sums[best]!)) best = i;
  return best;
};

/**
 * The settings of a clock under which a body's bursts agree best with the events and tags of the day: tags follow bursts, bursts
 * fall into events. Searched a day and a half either way. Several are given where the second is as good as the first: then nothing
 * is decided. `ends`: epoch ms by the camera's clock at which bursts ended. Absent without bursts, or without a day to agree with.
 */
export function clocksAgreeing(
  ends: readonly number[],
  { events, tags }: DayTold,
): Maybe<readonly Agreement[], "nothing-to-go-by"> {
  if (ends.length < LEAST_BURSTS || events.length + tags.length === 0) return absent("nothing-to-go-by");
  const [within, tagged] = [inEvents(ends, events), byTags(ends, tags)];
  const sums = tagged.map((n, i) => n + EVENT_WEIGHT * within[i]!);
  const found: Agreement[] = [];
  const middles: number[] = [];
  const at = (ends[0]! + ends.at(-1)!) / 2;
  const isApart = (step: number): boolean =>
    middles.every((m) => Math.abs(step * STEP - FARTHEST - m) > APART);
  const best = sums[highest(sums, isApart)]!;
  while (found.length < MOST_TOLD) {
    const step = highest(sums, isApart);
    if (step < 0 || sums[step]! <= 0 || sums[step]! < AS_GOOD * best) break;
    const { middle, half } = plateau(sums, step);
    middles.push(middle);
    const clock = { ahead: middle, error: Math.max(PRESSED.within, half), drift: 0, at: at - middle * 1000 };
    found.push({
      clock: drifting(ends, tags, clock),
      tags: tagged[step]!,
      within: within[step]! / ends.length,
    });
  }
  return found.length > 0 ? present(found) : absent("nothing-to-go-by");
}

/** Tags that must follow a burst, and hours over which they must lie, before a drift is told from them. */
const DRIFT = { tags: 10, hours: 3 } as const;

/** A clock with the drift that the tags behind their bursts show: the median of the slopes between far pairs, where it is no chance. */
function drifting(ends: readonly number[], tags: readonly number[], clock: ClockSet): ClockSet {
  const follow = tags.flatMap((tag) => {
    const behind = ends
      .map((end) => (tag - trueTime(end, clock)) / 1000)
      .filter((s) => s > -PRESSED.within && s < PRESSED.after + 2 * PRESSED.within);
    return behind.length > 0 ? [{ at: tag, by: Math.min(...behind.map(Math.abs)) }] : [];
  });
  const [first, last] = [follow[0], follow.at(-1)];
  if (!first || !last || follow.length < DRIFT.tags || last.at - first.at < DRIFT.hours * 3_600_000)
    return clock;
  const far = (last.at - first.at) / 3;
  const slopes = follow
    .flatMap((a) => follow.filter((b) => b.at - a.at > far).map((b) => (b.by - a.by) / (b.at - a.at)))
    .toSorted((a, b) => a - b);
  const quarter = (share: number): number => slopes[Math.floor(share * (slopes.length - 1))]!;
  const [low, middle, high] = [quarter(0.25), quarter(0.5), quarter(0.75)];
  if (low * high <= 0) return clock;
  // A clock that gains writes later times: its tags seem to come sooner and sooner.
  return { ...clock, drift: -middle * DAY_MS };
}
