import type { Progress } from "../units";
import type { Settings } from "../exposure";
import type { Ground, Position } from "../ground";
import { sunCourse } from "../light";
import type { Intent, LightPlan } from "../scene";
import { sceneAt } from "../scene";
import { assess } from "./assess";
import type { AssessInput } from "./assessment";
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
}

/** What a shot asks at a time: its settings as found, and how far the rails may go. */
interface Sample {
  readonly shotId: string;
  readonly at: number;
  readonly weight: number;
  readonly intent: Intent;
  readonly need: Settings;
  readonly isoFloor: number;
  readonly isoCeiling: number;
  /** Whether the shutter draws lines: then a faster one is no better than a slower. */
  readonly drawn: boolean;
  readonly setUp: SetUp;
}

/** A shot at a time as a set serves it. */
export interface Served {
  readonly shotId: string;
  /** Epoch milliseconds. */
  readonly at: number;
  /** Clicks by which the shutter is slower than the shot asks, or, for lines, other than it asks; 0 or more. */
  readonly slower: number;
  /** Clicks by which it comes out too dark at the ISO ceiling, 0 or more. */
  readonly dark: number;
}

/** One memory set of a camera. */
export interface MemorySet {
  /** Clicks. */
  readonly shutter: number;
  /** Clicks. */
  readonly aperture: number;
  /** Whether one ISO does for all that it serves, or the body chooses between two bounds. */
  readonly mode: "manual" | "auto-iso";
  /** Lowest and highest ISO click that it comes to. */
  readonly isoFrom: number;
  /** Clicks; at least the lowest. */
  readonly isoTo: number;
  /** What the pictures are that it serves, and for which shots, each the most served first. */
  readonly intents: readonly Intent[];
  readonly shotIds: readonly string[];
  readonly setUp: SetUp;
}

export interface MemorySets {
  readonly sets: readonly MemorySet[];
  /** The shot and the time that is served worst; absent when all are served to the click. */
  readonly worst?: Served;
  /** Share 0 … 1 of the shots over their times, by weight, that are served within a click. */
  readonly served: number;
  /** Ids of shots that give no picture at any time. */
  readonly without: readonly string[];
}

/** What a click costs by its kind: a shutter too slow loses the picture, light given away only adds noise (assumed). */
const COST = { slower: 2, faster: 0.5, wider: 1, narrower: 0.5, dark: 2 };
/** Clicks of ISO within which one fixed value does. */
const ONE_ISO = 1;

/**
 * The few sets of shutter and aperture that serve the shots of an outing best over its time, exactly: every choice of that many
 * among the settings that were asked is weighed, the least cost wins. Hands back its progress after each shot.
 */
export function* memorySets(input: MemorySetsInput): Generator<Progress, MemorySets, void> {
  const course = sunCourse(input.ground.anchor);
  const samples: Sample[] = [];
  const without: string[] = [];
  for (const [done, { times, weight, ...asked }] of input.shots.entries()) {
    const before = samples.length;
    for (const at of times) {
      const whole = { ...asked, scene: sceneAt(input.ground, input.light, at, course(at)) };
      const found = assess(whole);
      if (!found.ok) continue;
      const { settings, rails } = found.settings;
      samples.push({
        shotId: asked.shot.id,
        at,
        weight: weight / times.length,
        intent: asked.shot.intent,
        need: settings,
        isoFloor: rails.iso.from,
        isoCeiling: rails.iso.to,
        drawn: drawsLines(asked.shot),
        setUp: setUpFor(whole, found),
      });
    }
    if (samples.length === before) without.push(asked.shot.id);
    yield { done: done + 1, total: input.shots.length };
  }
  return { ...chosen(samples, input.most), without };
}

type Pair = Pick<Settings, "shutter" | "aperture">;

/** What a pair costs a sample, per unit of weight. */
function costOf(pair: Pair, { need, drawn, isoCeiling }: Sample): number {
  const { slower, dark } = missOf(pair, { need, drawn, isoCeiling });
  const faster = drawn ? 0 : Math.max(0, pair.shutter - need.shutter);
  const wider = Math.max(0, need.aperture - pair.aperture);
  const narrower = Math.max(0, pair.aperture - need.aperture);
  return (
    COST.slower * slower +
    COST.faster * faster +
    COST.wider * wider +
    COST.narrower * narrower +
    COST.dark * dark
  );
}

function missOf(pair: Pair, { need, drawn, isoCeiling }: Pick<Sample, "need" | "drawn" | "isoCeiling">) {
  const iso = isoFor(pair, need);
  return {
    slower: drawn ? Math.abs(pair.shutter - need.shutter) : Math.max(0, need.shutter - pair.shutter),
    dark: Math.max(0, iso - Math.max(isoCeiling, need.iso)),
  };
}

/** ISO click at which a pair exposes as the settings asked do. */
const isoFor = (pair: Pair, need: Settings): number =>
  pair.shutter + pair.aperture - (need.shutter + need.aperture - need.iso);

/** More candidates than this are thinned to the most asked: their triples would take seconds. */
const MOST_PAIRS = 60;

function chosen(samples: readonly Sample[], most: number): Omit<MemorySets, "without"> {
  if (samples.length === 0) return { sets: [], served: 1 };
  const pairs = candidatesOf(samples);
  const costs = pairs.map((pair) => samples.map((s) => s.weight * costOf(pair, s)));
  const best = cheapest(costs, Math.min(most, pairs.length));
  const serving = samples.map((_, i) => best.reduce((a, b) => (costs[b]![i]! < costs[a]![i]! ? b : a)));
  const sets = best
    .filter((p) => serving.includes(p))
    .map((p) =>
      setOf(
        pairs[p]!,
        samples.filter((_, i) => serving[i] === p),
      ),
    );
  const misses = samples.map((s, i): Served => {
    return { shotId: s.shotId, at: s.at, ...missOf(pairs[serving[i]!]!, s) };
  });
  const miss = (s: Served): number => s.slower + s.dark;
  const worst = misses.reduce((a, b) => (miss(b) > miss(a) ? b : a));
  const total = samples.reduce((sum, s) => sum + s.weight, 0);
  const good = samples.reduce((sum, s, i) => sum + (miss(misses[i]!) <= 1 ? s.weight : 0), 0);
  return { sets, ...(miss(worst) > 0 ? { worst } : {}), served: good / total };
}

/** The pairs that were asked, the most asked first. */
function candidatesOf(samples: readonly Sample[]): Pair[] {
  const asked = new Map<string, { pair: Pair; weight: number }>();
  for (const { need, weight } of samples) {
    const key = `${need.shutter} ${need.aperture}`;
    const known = asked.get(key);
    asked.set(key, {
      pair: { shutter: need.shutter, aperture: need.aperture },
      weight: weight + (known?.weight ?? 0),
    });
  }
  return [...asked.values()]
    .sort((a, b) => b.weight - a.weight)
    .slice(0, MOST_PAIRS)
    .map(({ pair }) => pair);
}

/** The choice of `most` rows whose least cost by column sums to the least; every choice is weighed. */
function cheapest(costs: readonly (readonly number[])[], most: number): number[] {
  let best: { rows: number[]; sum: number } = { rows: [], sum: Infinity };
  const walk = (from: number, rows: number[], least: readonly number[]): void => {
    if (rows.length === most) {
      const sum = least.reduce((a, b) => a + b, 0);
      if (sum < best.sum - 1e-9) best = { rows, sum };
      return;
    }
    for (let row = from; row <= costs.length - (most - rows.length); row++)
      walk(
        row + 1,
        [...rows, row],
        costs[row]!.map((cost, i) => Math.min(cost, least[i] ?? Infinity)),
      );
  };
  walk(0, [], []);
  return best.rows;
}

function setOf(pair: Pair, served: readonly Sample[]): MemorySet {
  const isos = served.map((s) => Math.min(s.isoCeiling, Math.max(s.isoFloor, isoFor(pair, s.need))));
  const [isoFrom, isoTo] = [Math.min(...isos), Math.max(...isos)];
  const mostServed = <T extends string>(of: (s: Sample) => T): T[] => {
    const weights = new Map<T, number>();
    for (const s of served) weights.set(of(s), (weights.get(of(s)) ?? 0) + s.weight);
    return [...weights].sort((a, b) => b[1] - a[1]).map(([key]) => key);
  };
  const shotIds = mostServed((s) => s.shotId);
  return {
    ...pair,
    mode: isoTo - isoFrom <= ONE_ISO ? "manual" : "auto-iso",
    isoFrom,
    isoTo,
    intents: mostServed((s) => s.intent),
    shotIds,
    setUp: served.find((s) => s.shotId === shotIds[0])!.setUp,
  };
}
