import type { Progress } from "../units";
import { apertureNearest, shutterNearest } from "../exposure";
import type { Ground, Position } from "../ground";
import { sunCourse } from "../light";
import type { Intent, LightPlan } from "../scene";
import { sceneAt } from "../scene";
import { assess } from "./assess";
import type { AssessInput, Assessment } from "./assessment";
import {
  chooseSets,
  clicksOf,
  missOf,
  type Miss,
  type PrintedSet,
  type Sample,
  type ServedBy,
} from "./choose-sets";
import { drawsLines } from "./motion-found";
import { setUpFor, type SetUp } from "./set-up";

/** A shot of the card: what is asked, from where, and when. */
export interface CardShot extends Omit<AssessInput, "scene" | "position"> {
  readonly position: Position;
  /** Epoch milliseconds at which it may be taken. */
  readonly times: readonly number[];
  /** How much it counts, above 0: 1 for what must be had. */
  readonly weight: number;
}

export interface MemorySetsInput {
  readonly ground: Ground;
  readonly light: LightPlan;
  readonly shots: readonly CardShot[];
  /** How many sets the camera keeps, 1 … 3. */
  readonly most: number;
  /** Where something may take wing that nobody promised: a start of practice for it, seconds and f-number. */
  readonly flight?: {
    /** Seconds, above 0. */
    readonly shutter: number;
    /** f-number, above 0. */
    readonly fNumber: number;
  };
}

/** A shot at a time as a set serves it. */
export interface Served extends Miss {
  readonly shotId: string;
  /** Epoch milliseconds. */
  readonly at: number;
}

/** What a set is kept for: what was promised, the same under a closed sky, or whatever takes wing. */
export type SetPurpose = "brief" | "dull-day" | "flight";

/** One memory set of a camera, as it is printed. */
export interface MemorySet extends PrintedSet {
  readonly purpose: SetPurpose;
  /** What the pictures are that it serves, and for which shots, each the most served first. */
  readonly intents: readonly Intent[];
  readonly shotIds: readonly string[];
  readonly setUp: SetUp;
}

export interface MemorySets {
  readonly sets: readonly MemorySet[];
  /** The shot and the time that is served worst; absent when all are served to the click. */
  readonly worst?: Served;
  /** Share 0 … 1 of the shots over their times, by weight, that what is printed serves within a click. */
  readonly served: number;
  /** Ids of shots that give no picture at any time. */
  readonly without: readonly string[];
}

/** Eighths of cloud under which a dull day is another day. */
const DULL_FROM = 7;

/**
 * The few sets that serve the shots of an outing best over its time, solved and judged by what is printed. Those that are not needed
 * for the promises are kept for a dull day, where the sky may close, and for flight. Hands back its progress after each shot.
 */
export function* memorySets(input: MemorySetsInput): Generator<Progress, MemorySets, void> {
  const samples: Sample[] = [];
  const without: string[] = [];
  for (const [done, shot] of input.shots.entries()) {
    const own = samplesOf(input, shot, input.light);
    samples.push(...own);
    if (own.length === 0) without.push(shot.shot.id);
    yield { done: done + 1, total: input.shots.length };
  }
  const chosen = chooseSets(samples, input.most).toSorted((a, b) => darkestOf(b.set) - darkestOf(a.set));
  const sets = chosen.map((by) => memorySet(by, "brief"));
  const { worst, served } = judged(chosen);
  return { sets: [...sets, ...spareSets(input, sets)], ...(worst ? { worst } : {}), served, without };
}

/** Clicks of the darkest light that a set comes to: the card begins with the brightest. */
const darkestOf = ({ shutter, aperture, isoTo }: PrintedSet): number => shutter + aperture - isoTo;

/** How well the sets serve what they were chosen for, and where worst. */
function judged(chosen: readonly ServedBy[]): Pick<MemorySets, "worst" | "served"> {
  const misses = chosen.flatMap(({ set, served }) =>
    served.map((s) => ({ shotId: s.shotId, at: s.at, weight: s.weight, ...missOf(set, s) })),
  );
  if (misses.length === 0) return { served: 1 };
  const { weight: _, ...worst } = misses.reduce((a, b) => (clicksOf(b) > clicksOf(a) ? b : a));
  const total = misses.reduce((sum, m) => sum + m.weight, 0);
  const good = misses.reduce((sum, m) => sum + (clicksOf(m) <= 1 ? m.weight : 0), 0);
  return { ...(clicksOf(worst) > 0 ? { worst } : {}), served: good / total };
}

/** A shot at its times, in a light. */
function samplesOf(
  { ground }: MemorySetsInput,
  { times, weight, ...asked }: CardShot,
  light: LightPlan,
): Sample[] {
  const course = sunCourse(ground.anchor);
  return times.flatMap((at) => {
    const whole = { ...asked, scene: sceneAt(ground, light, at, course(at)) };
    const found = assess(whole);
    return found.ok ? [sampleOf(whole, found, weight / times.length)] : [];
  });
}

function sampleOf(input: AssessInput, found: Assessment, weight: number): Sample {
  const { settings, rails, missing, over } = found.settings;
  const { shutter, aperture, iso } = settings;
  return {
    shotId: input.shot.id,
    at: found.at,
    weight,
    intent: input.shot.intent,
    need: settings,
    right: shutter + aperture - iso - missing + over,
    off: missing - over,
    // A shutter that is held is asked for; else what is faster than the picture bears is light to spare.
    slowest: rails.shutter.locked ? shutter : Math.min(shutter, rails.shutter.from),
    fastest: rails.shutter.last,
    isoFloor: rails.iso.from,
    isoCeiling: rails.iso.to,
    drawn: drawsLines(input.shot),
    setUp: setUpFor(input, found),
  };
}

/** Sets that are left over: for the first shot under a closed sky, and for what may take wing from where it is taken. */
function spareSets(input: MemorySetsInput, sets: readonly MemorySet[]): MemorySet[] {
  const first = input.shots.find((s) => s.shot.id === sets[0]?.shotIds[0]);
  if (!first) return [];
  const spare: MemorySet[] = [];
  const room = (): boolean => sets.length + spare.length < input.most;
  const keep = (shot: CardShot, light: LightPlan, purpose: SetPurpose): void => {
    const [only] = chooseSets(samplesOf(input, shot, light), 1);
    const isNew = only?.served.some((s) => sets.every((set) => clicksOf(missOf(set, s)) > 1));
    if (only && isNew) spare.push(memorySet(only, purpose));
  };
  if (input.flight && room()) {
    const { shutter, fNumber } = input.flight;
    const locked = { shutter: shutterNearest(shutter), aperture: apertureNearest(fNumber) };
    keep({ ...first, locked }, input.light, "flight");
  }
  const dull = { ...input.light, cloudEighths: 8, cloudCourse: undefined, passing: false };
  if (room() && !input.light.roof && input.light.cloudEighths < DULL_FROM) keep(first, dull, "dull-day");
  return spare;
}

function memorySet({ set, served }: ServedBy, purpose: SetPurpose): MemorySet {
  const mostServed = <T extends string>(of: (s: Sample) => T): T[] => {
    const weights = new Map<T, number>();
    for (const s of served) weights.set(of(s), (weights.get(of(s)) ?? 0) + s.weight);
    return [...weights].sort((a, b) => b[1] - a[1]).map(([key]) => key);
  };
  const shotIds = mostServed((s) => s.shotId);
  return {
    ...set,
    purpose,
    intents: mostServed((s) => s.intent),
    shotIds,
    setUp: served.find((s) => s.shotId === shotIds[0])!.setUp,
  };
}
