import { sunCourse } from "../light";
import { isInside, walkRound, type Ground, type Point, type Position } from "../ground";
import type { Rig } from "../optics";
import { sceneAt, type LightPlan, type Scene } from "../scene";
import { assess } from "./assess";
import type { AssessInput, Assessment, JudgementCode, NoPicture } from "./assessment";

export interface SearchInput extends Pick<AssessInput, "shot" | "subject" | "order" | "hands" | "lightTurn"> {
  readonly ground: Ground;
  readonly light: LightPlan;
  /** Where one may look for a place: outlines in plan metres. */
  readonly area: readonly (readonly Point[])[];
  /** Spacing of the grid in metres, above 0. */
  readonly step: number;
  /** Heights of the lens in metres that are tried at each place: kneeling, standing. */
  readonly lensHeights: readonly number[];
  /** Epoch milliseconds that are tried. */
  readonly times: readonly number[];
  readonly rigs: readonly Rig[];
  /** Where the photographer comes from; the walk counts only when it is given. */
  readonly from?: Point;
}

/** One place at one time with one rig, and how good it is 0 … 1. */
export interface Candidate {
  readonly at: Point;
  readonly lensHeight: number;
  readonly time: number;
  /** Index in the rigs that were given. */
  readonly rig: number;
  readonly score: number;
}

/** One square of the heat map: its best candidate, or why there is none. */
export interface HeatCell {
  readonly at: Point;
  readonly best?: Candidate;
  readonly veto?: JudgementCode | NoPicture["reason"] | "no-way";
}

export interface SearchProgress {
  readonly done: number;
  readonly total: number;
}

export interface SearchResult {
  readonly heat: readonly HeatCell[];
  /** Assessments that were made. */
  readonly assessed: number;
}

/** Assessments between two reports: some tens of milliseconds. */
const REPORT_EVERY = 1000;

/** The grid's places inside the allowed area, row by row. */
export function gridOf(area: SearchInput["area"], step: number): Point[] {
  const corners = area.flat();
  if (corners.length === 0 || !(step > 0)) return [];
  const from = (side: number[]): number => Math.ceil(Math.min(...side) / step) * step;
  const [xs, ys] = [corners.map((p) => p.x), corners.map((p) => p.y)];
  const places: Point[] = [];
  for (let y = from(ys); y <= Math.max(...ys); y += step)
    for (let x = from(xs); x <= Math.max(...xs); x += step)
      if (area.some((outline) => isInside({ x, y }, outline))) places.push({ x, y });
  return places;
}

/**
 * Assesses a shot from every place of a grid, at every time, height and rig, and keeps the best of each place. A generator:
 * it hands back its progress every thousand assessments and goes on when asked, so a worker can report, pause and
 * stop. Same input, same result, however often it was interrupted.
 */
export function* searchPositions(input: SearchInput): Generator<SearchProgress, SearchResult, void> {
  const course = sunCourse(input.ground.anchor);
  const scenes = input.times.map((at) => sceneAt(input.ground, input.light, at, course(at)));
  const places = gridOf(input.area, input.step);
  const perPlace = scenes.length * input.lensHeights.length * input.rigs.length;
  const total = places.length * perPlace;
  const heat: HeatCell[] = [];
  let [done, reported] = [0, 0];
  for (const at of places) {
    const walk = walkTo(input, at);
    heat.push(walk === "no-way" ? { at, veto: "no-way" } : bestAt(input, scenes, at, walk));
    done += perPlace;
    if (done - reported < REPORT_EVERY) continue;
    reported = done;
    yield { done, total };
  }
  return { heat, assessed: done };
}

/** Metres on foot to a place; nothing is counted where nobody said where one comes from. */
function walkTo({ ground, from }: SearchInput, to: Point): number | undefined | "no-way" {
  if (!from) return undefined;
  const blocks = [...ground.obstacles, ...ground.noGo].map((b) => b.outline);
  const walk = walkRound({ from, to, blocks });
  return walk.ok ? walk.value.metres : "no-way";
}

function bestAt(input: SearchInput, scenes: readonly Scene[], at: Point, walk: number | undefined): HeatCell {
  const { shot, subject, order, hands, lightTurn } = input;
  let best: Candidate | undefined;
  let veto: HeatCell["veto"];
  for (const lensHeight of input.lensHeights) {
    const position: Position = { id: "here", name: "here", at, lensHeight };
    for (const scene of scenes)
      for (let rig = 0; rig < input.rigs.length; rig++) {
        const found = assess({
          shot,
          subject,
          position,
          rig: input.rigs[rig]!,
          scene,
          order,
          hands,
          lightTurn,
          walk,
        });
        if (!found.ok || found.score.vetoed) veto = vetoOf(found);
        else if (!best || found.score.value > best.score)
          best = { at, lensHeight, time: scene.at, rig, score: found.score.value };
      }
  }
  return best ? { at, best } : { at, veto };
}

const vetoOf = (found: Assessment | NoPicture): HeatCell["veto"] =>
  found.ok ? found.judgement.find((j) => j.weight === "veto")?.code : found.reason;
