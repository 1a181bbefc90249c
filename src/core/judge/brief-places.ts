import { standingAt, type Ground, type Point, type Position } from "../ground";
import { sunCourse } from "../light";
import { sceneAt, type LightPlan } from "../scene";
import type { Progress } from "../units";
import { assess } from "./assess";
import type { AssessInput } from "./assessment";
import { gridOf } from "./search";

/** One shot of a brief, with what it is taken with and the times at which it has to serve. */
export interface BriefShot extends Omit<AssessInput, "position" | "scene"> {
  /** Epoch milliseconds over the shot's span, one or more. */
  readonly times: readonly number[];
}

export interface BriefPlacesInput {
  readonly ground: Ground;
  readonly light: LightPlan;
  readonly shots: readonly BriefShot[];
  readonly positions: readonly Position[];
}

/** Scores 0 … 1 over the span by position, then by shot; `undefined` where a position is vetoed or gives no picture. */
export type BriefScores = readonly (readonly (number | undefined)[])[];

/**
 * How well every position serves every shot, each as the mean over its span. A generator, as the search is: it hands back its
 * progress after each position.
 */
export function* briefPlaces({
  ground,
  light,
  shots,
  positions,
}: BriefPlacesInput): Generator<Progress, BriefScores, void> {
  const course = sunCourse(ground.anchor);
  const sceneOf = (at: number) => sceneAt(ground, light, at, course(at));
  const scenes = new Map([...new Set(shots.flatMap((s) => s.times))].map((at) => [at, sceneOf(at)]));
  const scores: (number | undefined)[][] = [];
  for (const [done, position] of positions.entries()) {
    scores.push(
      shots.map(({ times, ...asked }) => {
        let sum = 0;
        for (const at of times) {
          const found = assess({ ...asked, position, scene: scenes.get(at)! });
          if (!found.ok || found.score.vetoed) return undefined;
          sum += found.score.value;
        }
        return sum / times.length;
      }),
    );
    yield { done: done + 1, total: positions.length };
  }
  return scores;
}

export interface BriefGroundInput extends Omit<BriefPlacesInput, "positions"> {
  /** Where one may look for a place: outlines in plan metres. */
  readonly area: readonly (readonly Point[])[];
  /** Metres between two places, above 0. */
  readonly step: number;
  /** Metres of the lens above the ground. */
  readonly lensHeight: number;
}

/** Places of a ground with their scores as `BriefScores` has them: those alone that serve a shot at all. */
export interface BriefGround {
  readonly places: readonly Point[];
  readonly scores: BriefScores;
}

/** Of the places that serve anything so many are kept: the best of every shot, and the best for all of them. */
const KEPT = { perShot: 6, inAll: 30 };

/** The same for every place of a grid where one may stand without asking; the best are kept, for a few of them to be chosen. */
export function* briefGround({
  area,
  step,
  lensHeight,
  ...brief
}: BriefGroundInput): Generator<Progress, BriefGround, void> {
  const free = gridOf(area, step).filter((at) => {
    const { rule } = standingAt(brief.ground, at);
    return rule === "open" || rule === "granted";
  });
  const positions = free.map((at) => ({ id: "here", name: "here", at, lensHeight }));
  const scores = yield* briefPlaces({ ...brief, positions });
  const kept = keptOf(scores, brief.shots.length);
  return { places: kept.map((i) => free[i]!), scores: kept.map((i) => scores[i]!) };
}

function keptOf(scores: BriefScores, shots: number): number[] {
  const all = scores.map((_, i) => i);
  const best = (worth: (i: number) => number, count: number): number[] =>
    all
      .filter((i) => worth(i) > 0)
      .sort((a, b) => worth(b) - worth(a))
      .slice(0, count);
  const sum = (i: number): number => scores[i]!.reduce<number>((total, s) => total + (s ?? 0), 0);
  const perShot = Array.from({ length: shots }, (_, shot) =>
    best((i) => scores[i]![shot] ?? 0, KEPT.perShot),
  );
  return [...new Set([...perShot.flat(), ...best(sum, KEPT.inAll)])].sort((a, b) => a - b);
}
