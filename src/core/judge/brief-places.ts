import type { Ground, Position } from "../ground";
import { sunCourse } from "../light";
import { sceneAt, type LightPlan } from "../scene";
import type { Progress } from "../units";
import { assess } from "./assess";
import type { AssessInput } from "./assessment";

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
