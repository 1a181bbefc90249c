import { mayBeProposed, mayStand, type MayStand } from "../guard";
import { isInside, planDistance, wayOnFoot, type Ground, type Point, type Position } from "../ground";
import { sunCourse } from "../light";
import type { Rig } from "../optics";
import type { Progress } from "../units";
import { sceneAt, type LightPlan, type Scene } from "../scene";
import { assess } from "./assess";
import { guardedOf } from "./guarded";
import type { AssessInput, Assessment, NoPicture } from "./assessment";
import type { JudgementCode } from "./judgements";
import type { Candidate, HeatCell } from "./candidate";
import { shortList } from "./short-list";

export interface SearchInput extends Pick<
  AssessInput,
  "shot" | "subject" | "dangers" | "order" | "locked" | "hands" | "lightTurn" | "weights"
> {
  readonly ground: Ground;
  readonly light: LightPlan;
  /** Where one may look for a place: outlines in plan metres. */
  readonly area: readonly (readonly Point[])[];
  /** Spacing of the grid in metres, above 0. */
  readonly step: number;
  /** Heights of the lens in metres that are tried at each place: kneeling, standing. */
  readonly lensHeights: readonly number[];
  /** Epoch milliseconds over the shot's span: a place has to serve at all of them. */
  readonly times: readonly number[];
  readonly rigs: readonly Rig[];
  /** How many places are listed at most, and how many metres they lie apart. */
  readonly list: { readonly most: number; readonly apart: number };
  /** Where the trade stands for this subject; one that is as good as the best stands first. */
  readonly practice?: readonly PracticePlace[];
  /** Where the photographer comes from; the walk counts only when it is given. */
  readonly from?: Point;
}

/** A place of practice on this ground. */
export interface PracticePlace {
  readonly id: string;
  readonly at: Point;
  /** Metres of the lens above the ground. */
  readonly lensHeight: number;
}

export interface SearchResult {
  readonly heat: readonly HeatCell[];
  /** The best places that differ, each polished beyond the grid, best first. */
  readonly list: readonly Candidate[];
  /** Assessments that were asked for: every height, time and rig of each place where one may stand. */
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

/** No grid is finer than this: a step aside. Metres. */
const FINEST = 0.25;
/** A place is looked for to a twentieth of the distance to the subject. */
const SHARE_OF_DISTANCE = 1 / 20;
/** More places than these are not tried: the grid grows coarser, and polishing makes up for it. */
const MOST_PLACES = 5000;

/** Spacing of the grid in metres for a subject so far away: a twentieth, never under 0.25 m, coarser over a large area. */
export function searchStep(distance: number, area: SearchInput["area"]): number {
  const corners = area.flat();
  const [xs, ys] = [corners.map((p) => p.x), corners.map((p) => p.y)];
  const size = (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
  return Math.max(FINEST, distance * SHARE_OF_DISTANCE, Math.sqrt(Math.max(0, size) / MOST_PLACES));
}

/**
 * Assesses a shot from every place of a grid where one may stand, with every height and rig over the whole span, keeps the
 * best of each place, and polishes the best that differ. A generator: it hands back its progress every thousand
 * assessments and goes on when asked, so a worker can report, pause and stop. Same input, same result, however often it
 * was interrupted.
 */
export function* searchPositions(input: SearchInput): Generator<Progress, SearchResult, void> {
  const course = sunCourse(input.ground.anchor);
  const scenes = input.times.map((at) => sceneAt(input.ground, input.light, at, course(at)));
  const places = gridOf(input.area, input.step);
  const perPlace = scenes.length * input.lensHeights.length * input.rigs.length;
  const total = places.length * perPlace;
  const heat: HeatCell[] = [];
  let [done, reported, assessed] = [0, 0, 0];
  for (const at of places) {
    const cell = bestAt(input, scenes, at);
    heat.push(cell);
    if (cell.area === undefined && cell.veto !== "no-way" && cell.veto !== "keep-off") assessed += perPlace;
    done += perPlace;
    if (done - reported < REPORT_EVERY) continue;
    reported = done;
    yield { done, total };
  }
  return { heat, list: withPractice(input, scenes, polished(input, scenes, heat)), assessed };
}

/** Cells from which a list is begun for each place that it is to hold: some end beside one that is better. */
const TRIED = 3;

/** The best places that differ, each polished; what would end within the spacing of a better one is left to the next. */
function polished(input: SearchInput, scenes: readonly Scene[], heat: readonly HeatCell[]): Candidate[] {
  const { most, apart } = input.list;
  const list: Candidate[] = [];
  for (const from of shortList(heat, { most: TRIED * most, apart })) {
    if (list.length >= most) break;
    const isFree = (at: Point): boolean => list.every((c) => planDistance(c.at, at) >= apart);
    if (isFree(from.at)) list.push(polish(input, scenes, from, isFree));
  }
  return list.sort((a, b) => b.score - a.score);
}

/** Scores nearer than this are one to the model (assumed). */
const MODEL_ERROR = 0.05;

/** The list with the trade's own place first, where the model holds it as good as its best. */
function withPractice(input: SearchInput, scenes: readonly Scene[], list: readonly Candidate[]): Candidate[] {
  const known = (input.practice ?? []).flatMap(({ id, at, lensHeight }): Candidate[] => {
    const { best } = bestAt({ ...input, lensHeights: [lensHeight] }, scenes, at);
    return best
      ? [{ ...best, practice: { id, rank: 1 + list.filter((c) => c.score > best.score).length } }]
      : [];
  });
  const [first] = known.sort((a, b) => b.score - a.score);
  if (!first || (list[0] && first.score < list[0].score - MODEL_ERROR)) return [...list];
  const apart = list.filter((c) => planDistance(c.at, first.at) >= input.list.apart);
  return [first, ...apart].slice(0, input.list.most);
}

/** Ever smaller steps to a better place about a candidate, down to a quarter of a metre, where `isFree` lets it. */
function polish(
  input: SearchInput,
  scenes: readonly Scene[],
  from: Candidate,
  isFree: (at: Point) => boolean,
): Candidate {
  let best = from;
  for (let step = input.step / 2; step >= FINEST / 2; step /= 2)
    for (const [x, y] of AROUND) {
      const at = { x: best.at.x + x * step, y: best.at.y + y * step };
      const found =
        isFree(at) && input.area.some((outline) => isInside(at, outline))
          ? bestAt(input, scenes, at).best
          : undefined;
      if (found && found.score > best.score) best = found;
    }
  return best;
}

const AROUND = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1],
  [1, 1],
  [1, -1],
  [-1, 1],
  [-1, -1],
] as const;

/** Metres on foot to a place; nothing is counted where nobody said where one comes from. */
function walkTo({ ground, from }: SearchInput, to: Point): number | undefined | "no-way" {
  if (!from) return undefined;
  const walk = wayOnFoot(ground, from, to);
  return walk.ok ? walk.value.metres : "no-way";
}

/** Why nothing is proposed at a place. */
function closed(at: Point, may: MayStand): HeatCell {
  if (may.rule === "off-line") return { at, veto: "off-line" };
  if (may.rule === "never" && may.area) return { at, veto: "no-standing", area: may.area };
  if (may.rule === "by-leave" && !may.given) return { at, veto: "needs-leave", area: may.area };
  return { at, veto: "keep-off" };
}

function bestAt(input: SearchInput, scenes: readonly Scene[], at: Point): HeatCell {
  const guarded = guardedOf({ ...input, scene: { ground: input.ground } });
  const stands = input.lensHeights.map((lensHeight) => mayStand(input.ground, guarded, { at, lensHeight }));
  if (!stands.some(mayBeProposed)) return closed(at, stands[0]!);
  const walk = walkTo(input, at);
  if (walk === "no-way") return { at, veto: "no-way" };
  let best: Candidate | undefined;
  let veto: HeatCell["veto"];
  for (const lensHeight of input.lensHeights) {
    const position: Position = { id: "here", name: "here", at, lensHeight };
    for (let rig = 0; rig < input.rigs.length; rig++) {
      const found = overSpan(input, scenes, position, input.rigs[rig]!, walk);
      if (typeof found === "string") veto = found;
      else if (!best || found.score > best.score) best = { at, lensHeight, rig, ...found };
    }
  }
  return best ? { at, best } : { at, veto };
}

/** What breaks a limit of a place for a while, without closing it. */
const BREAKS: readonly JudgementCode[] = ["light-short", "sun-in-frame", "own-shadow", "motion-not-held"];

/** A place over the whole span: its mean score and the first break of a limit, or what vetoes it at any time. */
function overSpan(
  { shot, subject, dangers, order, locked, hands, lightTurn, weights }: SearchInput,
  scenes: readonly Scene[],
  position: Position,
  rig: Rig,
  walk: number | undefined,
): Pick<Candidate, "score" | "breaks"> | NonNullable<HeatCell["veto"]> {
  let sum = 0;
  let breaks: Candidate["breaks"];
  for (const scene of scenes) {
    const found = assess({
      shot,
      subject,
      dangers,
      position,
      rig,
      scene,
      order,
      locked,
      hands,
      lightTurn,
      walk,
      weights,
    });
    if (!found.ok || found.score.vetoed) return vetoOf(found);
    sum += found.score.value;
    const broken = breaks ? undefined : found.judgement.find((j) => BREAKS.includes(j.code));
    if (broken) breaks = { at: scene.at, code: broken.code };
  }
  const score = sum / scenes.length;
  return breaks ? { score, breaks } : { score };
}

const vetoOf = (found: Assessment | NoPicture): NonNullable<HeatCell["veto"]> =>
  found.ok ? found.judgement.find((j) => j.weight === "veto")!.code : found.reason;
