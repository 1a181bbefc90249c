import type { Capture } from "./capture";

/** How far what was found can be relied on. */
export type Certainty = "sure" | "likely" | "open";

/** Frames of one burst with the true time, as far as it is known. */
export interface TimedBurst {
  readonly id: string;
  /** Epoch milliseconds of its first frame, by the true time. */
  readonly from: number;
  /** Epoch milliseconds of its last frame, by the true time. */
  readonly until: number;
  /** Seconds either way to which that is known, above 0. */
  readonly error: number;
  /** What its frames tell of the settings. */
  readonly capture: Pick<Capture, "focalLengthMm" | "exposureTime" | "fNumber">;
  /** The shot that was in hand as it came in, and where one stood, where that is known. */
  readonly told?: { readonly shotId: string; readonly positionId?: string };
}

/** A part of the day with a name. */
export interface DayEvent {
  readonly id: string;
  /** Epoch milliseconds. */
  readonly starts: number;
  /** Epoch milliseconds, after `starts`. */
  readonly ends: number;
  /** The shots that it is taken with; any where none are named. */
  readonly shotIds: readonly string[];
}

/** A shot as it was planned. */
export interface PlannedShot {
  readonly id: string;
  readonly positionId: string | undefined;
  /** Millimetres, above 0, between which the lens for it goes. */
  readonly focalMm: readonly [shortest: number, longest: number] | undefined;
  /** Seconds planned, above 0. */
  readonly exposureTime: number | undefined;
}

/** A tag: it belongs to the frames after the one before it and up to itself. */
export interface DayTag {
  readonly id: string;
  /** Epoch milliseconds. */
  readonly at: number;
  readonly eventId?: string;
  readonly shotId?: string;
}

export interface DayReading {
  readonly id: string;
  /** Epoch milliseconds. */
  readonly at: number;
  readonly positionId: string;
}

export interface MatchInput {
  readonly bursts: readonly TimedBurst[];
  readonly events: readonly DayEvent[];
  readonly shots: readonly PlannedShot[];
  readonly tags: readonly DayTag[];
  readonly readings: readonly DayReading[];
}

/** One of what a burst could belong to; an id of undefined is none of them: an event so found is always open. */
export interface Found<Id> {
  readonly id: Id;
  readonly certainty: Certainty;
  /** 0 … 1, of all that it could be. */
  readonly share: number;
}

/** What a burst belongs to. */
export interface Match {
  readonly burstId: string;
  readonly event: Found<string | undefined>;
  /** Events between which an open one lies, in their order; the likelier ones first where they overlap. */
  readonly between: readonly string[];
  readonly shot: Found<string | undefined>;
  readonly position: Found<string | undefined>;
  readonly tag: Found<string> | undefined;
  /** The reading of the light that is nearest in time. */
  readonly readingId: string | undefined;
}

/** Of all that a burst could be, the share from which it is sure, and from which it is likely (assumed; held by simulated days). */
const SURE = 0.93;
const LIKELY = 0.6;
/** Seconds before an event begins and after it ends in which it is still photographed: the line-up, the faces after (assumed). */
const LEAD = 30;
const TAIL = 60;
/** Seconds by which an event is on earlier or later than its programme says, one way (assumed). */
const LATE = 40;
/** Weight of a burst that belongs to no event, beside one that lies within one (assumed). */
const BETWEEN = 0.06;
/** Stops of focal length and of exposure time by which one strays from a plan (assumed). */
const STRAY = { focal: 0.35, exposure: 1.2 } as const;
/** How well any exposure goes with a shot that has no plan: less than one that goes with its plan (assumed). */
const UNPLANNED = 0.15;
/** How much likelier what a tag names is than what it does not (assumed: some press the wrong one). */
const TAGGED = 12;
/** Seconds that a tag reaches back where no other lies before it (assumed). */
const TAG_REACH = 300;
/** Milliseconds within which a reading of the light speaks of a frame. */
const READING_REACH = 30 * 60_000;

const certaintyOf = (share: number): Certainty =>
  share >= SURE ? "sure" : share >= LIKELY ? "likely" : "open";

/** Logistic stand-in for the normal distribution's sum: within a hundredth of it (textbook). */
const upTo = (x: number): number => 1 / (1 + Math.exp(-1.702 * x));

/** How well a time known to `sigma` seconds lies in an event, 0 … 1. */
function inEvent(at: number, sigma: number, { starts, ends }: DayEvent): number {
  const spread = Math.hypot(sigma, LATE);
  const tight = Math.max(sigma, 5);
  const [before, after] = [(at - starts) / 1000, (ends - at) / 1000];
  // What is known badly lies in a short event by chance alone; beyond its edges it fades over lead and tail.
  const edge = Math.max(0, upTo((before + LEAD) / spread) + upTo((after + TAIL) / spread) - 1);
  return Math.min(1, edge * (before > 0 && after > 0 ? 1 : upTo(Math.min(before, after) / tight + 1.5)));
}

const straying = (stops: number, sigma: number): number => Math.exp(-0.5 * (stops / sigma) ** 2);

/** How well the settings of a burst go with a shot as it was planned, above 0 and up to 1. */
function likeShot({ capture }: TimedBurst, shot: PlannedShot): number {
  const { focalLengthMm: f, exposureTime: t } = capture;
  let like = 1;
  if (f !== undefined && shot.focalMm) {
    const [shortest, longest] = shot.focalMm;
    like *= straying(Math.max(0, Math.log2(shortest / f), Math.log2(f / longest)), STRAY.focal);
  }
  if (t !== undefined)
    like *=
      shot.exposureTime === undefined
        ? UNPLANNED
        : straying(Math.log2(t / shot.exposureTime), STRAY.exposure);
  return Math.max(1e-4, like);
}

/** The tag that a burst belongs to: the next after it, where it is not past the one before. */
function tagOf(burst: TimedBurst, tags: readonly DayTag[]): (Found<string> & { tag: DayTag }) | undefined {
  const sigma = burst.error / 2;
  const index = tags.findIndex((t) => t.at >= burst.until - 1000 * sigma);
  const tag = tags[index];
  if (!tag || tag.at - burst.until > TAG_REACH * 1000) return undefined;
  const before = tags[index - 1]?.at ?? -Infinity;
  const share =
    upTo((burst.from - before) / 1000 / Math.max(1, sigma)) *
    upTo((tag.at - burst.until) / 1000 / Math.max(1, sigma));
  return { id: tag.id, share, certainty: certaintyOf(share), tag };
}

interface Weighed {
  readonly event: DayEvent | undefined;
  readonly shot: PlannedShot | undefined;
  readonly weight: number;
}

const NO_SHOT = [undefined] as const;

/** Every event and shot that a burst could be of, each with its weight. */
function couldBe(burst: TimedBurst, input: MatchInput, tag: DayTag | undefined): Weighed[] {
  const sigma = burst.error / 2;
  const middle = (burst.from + burst.until) / 2;
  const events = [...input.events, undefined];
  return events.flatMap((event) => {
    const time = event ? inEvent(middle, sigma, event) : BETWEEN;
    if (time < 1e-4) return [];
    const named = input.shots.filter((s) => event?.shotIds.includes(s.id));
    const shots = named.length > 0 ? named : input.shots.length > 0 ? input.shots : NO_SHOT;
    const said = tag?.eventId !== undefined && event?.id === tag.eventId ? TAGGED : 1;
    return shots.map((shot): Weighed => {
      const like = shot ? likeShot(burst, shot) : 1;
      const inHand = shot && (tag?.shotId === shot.id || burst.told?.shotId === shot.id) ? TAGGED : 1;
      return { event, shot, weight: (time * said * like * inHand) / shots.length ** 0.5 };
    });
  });
}

/** The likeliest of what is told by a key, with its share of all. */
function likeliest<Id>(all: readonly Weighed[], idOf: (one: Weighed) => Id): Found<Id> & { rank: Id[] } {
  const sums = new Map<Id, number>();
  let total = 0;
  for (const one of all) {
    sums.set(idOf(one), (sums.get(idOf(one)) ?? 0) + one.weight);
    total += one.weight;
  }
  const rank = [...sums].toSorted((a, b) => b[1] - a[1]);
  const [id, weight] = rank[0]!;
  const share = total > 0 ? weight / total : 0;
  return { id, share, certainty: certaintyOf(share), rank: rank.map(([one]) => one) };
}

/** Events beside which an open burst lies: those that it could be of, else the last before and the first after. */
function besides(
  burst: TimedBurst,
  events: readonly DayEvent[],
  rank: readonly (string | undefined)[],
): string[] {
  const could = rank.filter((id) => id !== undefined).slice(0, 2);
  if (could.length === 2) return could;
  const before = events.findLast((e) => e.ends <= burst.from);
  const after = events.find((e) => e.starts >= burst.until);
  return [...new Set([before?.id, ...could, after?.id])].flatMap((id) => id ?? []).slice(0, 2);
}

/**
 * What each burst belongs to: event, shot, position, tag and reading, by its time, its lens and its settings, weighed against all that
 * it could be. A burst stays open where no one of them has three fifths of the weight. Events and tags in their order of time.
 */
export function matchBursts(input: MatchInput): Match[] {
  return input.bursts.map((burst) => {
    const tagged = tagOf(burst, input.tags);
    const relied = tagged && tagged.certainty !== "open" ? tagged.tag : undefined;
    const all = couldBe(burst, input, relied);
    const { rank, ...event } = openBetween(
      likeliest(all, (one) => one.event?.id),
      input.events,
    );
    const ofEvent = all.filter((one) => one.event?.id === event.id);
    const { rank: _, ...shot } = likeliest(ofEvent, (one) => one.shot?.id);
    const { rank: __, ...planned } = likeliest(ofEvent, (one) => one.shot?.positionId);
    const stood = burst.told?.positionId;
    return {
      burstId: burst.id,
      event,
      between: besides(burst, input.events, rank),
      shot: within(shot, event),
      position: stood === undefined ? within(planned, event) : { id: stood, share: 1, certainty: "sure" },
      tag: tagged && { id: tagged.id, share: tagged.share, certainty: tagged.certainty },
      readingId: readingNear(burst, input.readings),
    };
  });
}

/** What lies between events is asked for, however sure it is that it lies there. */
const openBetween = <T extends Found<string | undefined>>(found: T, events: readonly DayEvent[]): T =>
  found.id === undefined && events.length > 0 ? { ...found, certainty: "open" } : found;

/** What hangs on an event is no surer than the event. */
function within<Id>(found: Found<Id>, { share: of, certainty }: Found<unknown>): Found<Id> {
  if (certainty === "sure") return found;
  const share = found.share * of;
  return { ...found, share, certainty: certaintyOf(share) };
}

function readingNear({ from }: TimedBurst, readings: readonly DayReading[]): string | undefined {
  const [nearest] = readings
    .filter((r) => Math.abs(r.at - from) <= READING_REACH)
    .toSorted((a, b) => Math.abs(a.at - from) - Math.abs(b.at - from));
  return nearest?.id;
}
