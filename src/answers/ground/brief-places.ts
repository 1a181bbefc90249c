import { wayOnFoot, type Ground, type Point } from "@/core/ground";
import { bestCover, searchStep, type BriefScores, type Cover } from "@/core/judge";
import { lightPlanOf } from "@/data";
import { briefShots } from "@/outing/brief-shots";
import type { OutingView } from "@/outing/outing-view";
import { searchedArea } from "@/outing/searched-area";

/** Standing, metres. */
const LENS_HEIGHT = 1.6;
/** The distance in metres that the grid is spaced by: a brief has subjects near and far. */
const USUAL_DISTANCE = 60;

/** The positions of the ground for every shot of the brief, as a search beside the page takes them. */
export function ownPositionsAsked(view: OutingView) {
  const shots = briefShots(view, view.outing.shots);
  return {
    shots: shots.map(({ planned: { id, name, priority } }) => ({ id, name, priority })),
    input: {
      ground: view.outing.ground,
      light: lightPlanOf(view.outing),
      shots: shots.map(({ asked }) => asked),
      positions: view.outing.ground.positions,
    },
  };
}

/** The whole ground for every shot of the brief, standing, as a search beside the page takes it. */
export function wholeGroundAsked(view: OutingView) {
  const { shots, input } = ownPositionsAsked(view);
  const { positions: _, ...rest } = input;
  const area = [searchedArea(rest.ground, view.shot.spotId, USUAL_DISTANCE)];
  return {
    shots,
    input: { ...rest, area, step: searchStep(USUAL_DISTANCE, area), lensHeight: LENS_HEIGHT },
  };
}

/** Score × priority: what matters most weighs three times what matters least. */
const weightOf = (priority: number): number => 4 - priority;

/** Of places by their scores the best one, two and three for all shots; no more than there are places or shots. */
export function coversOf(scores: BriefScores, shots: readonly { readonly priority: number }[]): Cover[] {
  const weights = shots.map((s) => weightOf(s.priority));
  return [1, 2, 3]
    .filter((n) => n <= scores.length && n <= shots.length)
    .map((n) => bestCover(scores, weights, n));
}

/** Metres on foot through places one after the other, round what stands there; absent where no way leads. */
export function walkThrough(ground: Ground, places: readonly Point[]): number | undefined {
  let sum = 0;
  for (let i = 1; i < places.length; i++) {
    const walk = wayOnFoot(ground, places[i - 1]!, places[i]!);
    if (!walk.ok) return undefined;
    sum += walk.value.metres;
  }
  return sum;
}
