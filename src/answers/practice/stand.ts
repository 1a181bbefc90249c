import { alongBearing, type Point, type Position } from "@/core/ground";
import { mayBeProposed, mayStand } from "@/core/guard";
import {
  assess,
  guardedOf,
  frameView,
  type AssessInput,
  type Assessment,
  type FrameView,
} from "@/core/judge";
import { pictureOf, type FigurePiece, type PictureInput } from "@/core/picture";
import { standLoss, standQuestion } from "@/core/practice";
import { evenFrom } from "@/core/units";
import type { OutingView } from "@/outing/outing-view";

/** A place that may be chosen, with what the judge has of it. */
export interface StandPlace {
  readonly id: string;
  readonly position: Position;
  /** 0 … 1; absent where it is vetoed, or gives no picture. */
  readonly score?: number;
  readonly found?: Assessment;
}

/** Places that are made up about the spot, and how their distance lies to that of the plan. */
const ROUND = 8;
const NEAR = 0.6;
const FAR = 1.7;

/** Four places about the spot of the shot in hand, from a seed: of the outing, and others; fewer than two ask nothing. */
export function standAsked({ spot, outing, found, asked, scene }: OutingView, seed: number): StandPlace[] {
  if (!asked || !found) return [];
  const random = evenFrom(seed);
  const away = found.sighting.distance;
  const lensHeight = outing.ground.positions[0]?.lensHeight ?? 1.4;
  const about = Array.from({ length: ROUND }, (_, i): Position => {
    const bearing = (360 * (i + random())) / ROUND;
    const step = alongBearing(bearing);
    const metres = away * (NEAR + (FAR - NEAR) * random());
    return {
      id: `about-${i}`,
      name: "",
      at: { x: spot.at.x + metres * step.x, y: spot.at.y + metres * step.y },
      lensHeight,
    };
  });
  const places = [...outing.ground.positions, ...about].map((position): StandPlace => {
    const seen = assess({ ...asked, position, scene });
    if (!seen.ok || seen.score.vetoed) return { id: position.id, position };
    return { id: position.id, position, score: seen.score.value, found: seen };
  });
  const chosen = standQuestion(seed, places);
  return chosen.length > 1
    ? chosen.map((place, i) => ({ ...place, position: { ...place.position, name: String(i + 1) } }))
    : [];
}

/** Cells along the longer side of what is looked over for danger. */
const CELLS = 22;

/** A square of the ground, metres, where nobody may ever stand for the shot. */
export interface NeverHere {
  readonly at: Point;
  readonly side: number;
}

/** Where about the spot and the places nobody may stand, as the guard of every position has it; squares by their middles. */
export function neverAbout(
  { spot, scene, asked }: Pick<OutingView, "spot" | "scene" | "asked">,
  places: readonly StandPlace[],
): NeverHere[] {
  if (!asked) return [];
  const guarded = guardedOf({ ...asked, scene });
  const points = [spot.at, ...places.map((p) => p.position.at)];
  const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
  const [left, right, foot, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const side = Math.max(right - left, top - foot, 1) / CELLS;
  const lensHeight = places[0]?.position.lensHeight ?? 1.4;
  const along = (from: number, until: number): number[] =>
    Array.from({ length: Math.ceil((until - from) / side) + 1 }, (_, i) => from + i * side);
  return along(left, right).flatMap((x) =>
    along(foot, top)
      .map((y) => ({ x, y }))
      .filter((at) => !mayBeProposed(mayStand(scene.ground, guarded, { at, lensHeight })))
      .map((at) => ({ at, side })),
  );
}

/** What a choice gave away against the best of the four, 0 … 1. */
export const lossOf = (places: readonly StandPlace[], id: string): number => standLoss(places, id);

const WIDTH = 240;

/** The pictures from two places; of one that gives none nothing, and one where both are the same. */
export function standPictures(
  { asked, scene }: OutingView,
  places: readonly StandPlace[],
  figureOf: (seen: {
    readonly input: AssessInput;
    readonly found: Assessment;
    readonly frame: FrameView;
  }) => readonly FigurePiece[],
): PictureInput[] {
  if (!asked) return [];
  return [...new Map(places.map((p) => [p.id, p])).values()].flatMap(({ position, found }) => {
    const input = { ...asked, position, scene };
    const frame = found && frameView(input, found);
    if (!found || !frame) return [];
    return [
      pictureOf({
        input,
        found,
        view: frame,
        figure: figureOf({ input, found, frame }),
        shutter: found.settings.settings.shutter,
        width: Math.round(frame.aspect < 1 ? WIDTH * Math.max(0.5, frame.aspect) : WIDTH),
      }),
    ];
  });
}
