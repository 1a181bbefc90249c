import { planDistance, type Position } from "../ground";
import { assess, type AssessInput, type Assessment, type NoPicture } from "../judge";
import type { Scene } from "../scene";

/** One picture that an event is good for. */
export interface Picture {
  /** The question at each spot at which its subject may be taken; at least one. */
  readonly asked: readonly Omit<AssessInput, "position" | "scene">[];
  /**
   * "chosen": it passes all of them, and one of them is enough, as on a lane or a course; of many the nearest six are tried.
   * "anywhere": it may be at each as well as at another, as within an area.
   */
  readonly where: "chosen" | "anywhere";
}

/** What a position is worth for an event, and the best that is found for each of its pictures. */
export interface Worth {
  /** 0 … 1: the mean of its pictures, each by its best spot where that is chosen, by the mean of its spots where it is anywhere. */
  readonly worth: number;
  /** For each picture the assessment of its best spot, with the spot's id. */
  readonly best: readonly {
    readonly spotId: string;
    readonly found: Assessment | NoPicture;
    /** 0 … 1; 0 where the judge vetoes it. */
    readonly score: number;
  }[];
}

/** Spots of a chosen place that are tried from a position, the nearest first: farther ones are smaller in the frame (assumed). */
const NEAREST = 6;

/**
 * What a position is worth for the pictures of an event at an instant: every picture counts alike (assumed). A picture that the judge
 * vetoes or that cannot be taken is worth 0; without pictures nothing is.
 */
export function worthFrom(pictures: readonly Picture[], position: Position, scene: Scene): Worth {
  const each = pictures.map(({ asked, where }) => {
    const tried = (where === "chosen" ? nearest(asked, position, scene) : asked).map((ask) => {
      const found = assess({ ...ask, position, scene });
      return { spotId: ask.shot.spotId, found, score: scoreOf(found) };
    });
    const best = tried.reduce((a, b) => (b.score > a.score ? b : a));
    return { best, worth: where === "chosen" ? best.score : mean(tried.map((t) => t.score)) };
  });
  return { worth: mean(each.map((e) => e.worth)), best: each.map((e) => e.best) };
}

function nearest(asked: Picture["asked"], position: Position, { ground }: Scene): Picture["asked"] {
  if (asked.length <= NEAREST) return asked;
  const away = new Map(ground.spots.map((s) => [s.id, planDistance(s.at, position.at)]));
  return asked
    .toSorted((a, b) => (away.get(a.shot.spotId) ?? 0) - (away.get(b.shot.spotId) ?? 0))
    .slice(0, NEAREST);
}

const scoreOf = (found: Assessment | NoPicture): number =>
  found.ok && !found.score.vetoed ? found.score.value : 0;

const mean = (values: readonly number[]): number =>
  values.length === 0 ? 0 : values.reduce((sum, v) => sum + v, 0) / values.length;
