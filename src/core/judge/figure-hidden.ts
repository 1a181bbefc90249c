import { add, alongBearing, bearingTo, hidesFrom, scale, type Obstacle, type Vector } from "../ground";
import { headOf, widthSeen } from "../motion";
import type { AssessInput, FigureHidden } from "./assessment";
import { faceTurnOf, sightOf } from "./sight-of";

/** Aims above this many heights of a subject are off the ground. */
const OFF_THE_GROUND = 1.2;

/** Whether a subject is in the air where it is aimed at. */
export function isAloft({ scene, shot, subject }: AssessInput): boolean {
  const spot = scene.ground.spots.find((s) => s.id === shot.spotId)!;
  return spot.aimHeight > subject.height * OFF_THE_GROUND;
}

/** Where a figure is looked at: over its height and its width, the edge of its outline left out. */
const UP = [0.08, 0.3, 0.52, 0.74, 0.94];
const ACROSS = [-0.3, 0, 0.3];

/** A point of the figure in the plane of the subject. */
export interface FigurePoint {
  readonly at: Vector;
  readonly head: boolean;
}

/** Points over a subject's figure as it is drawn: from the ground up where it stands, about the aim where it is in the air. */
export function figurePoints(
  input: AssessInput,
  aim: Vector,
  bearing: number,
  faceTurn: number,
): FigurePoint[] {
  const { subject, shot, scene } = input;
  const spot = scene.ground.spots.find((s) => s.id === shot.spotId)!;
  const { height } = subject;
  const foot = isAloft(input) ? aim.z - height / 2 : aim.z - spot.aimHeight;
  const width = widthSeen(subject, faceTurn);
  const right = alongBearing(bearing + 90);
  const headFrom = 1 - Math.min(1, headOf(subject) / height);
  return UP.flatMap((up) =>
    ACROSS.map((across): FigurePoint => {
      const aside = scale({ x: right.x, y: right.y, z: 0 }, across * width);
      return { at: add({ ...aim, z: foot + up * height }, aside), head: up >= headFrom };
    }),
  );
}

/** Whether nothing stands between the lens and any point of the figure. */
export function isWholeInSight(input: AssessInput): boolean {
  const sight = sightOf(input);
  const { lens, aim } = sight;
  const points = figurePoints(input, aim, bearingTo(lens, aim), faceTurnOf(sight));
  return figureHidden(input.scene.ground.obstacles, lens, points).share === 0;
}

const CLEAR: FigureHidden = { share: 0, head: false, obstacleIds: [] };

/** What stands between a lens and a subject's figure: rays over the whole of it, as the frame draws it. Netting is looked through. */
export function figureHidden(
  obstacles: readonly Obstacle[],
  lens: Vector,
  points: readonly FigurePoint[],
): FigureHidden {
  const ids = new Set<string>();
  let [hidden, heads, headHidden] = [0, 0, 0];
  for (const { at, head } of points) {
    const by = obstacles.filter((o) => hidesFrom(lens, at, o));
    if (head) heads++;
    if (by.length === 0) continue;
    hidden++;
    if (head) headHidden++;
    for (const { id } of by) ids.add(id);
  }
  if (hidden === 0) return CLEAR;
  return { share: hidden / points.length, head: headHidden > heads / 2, obstacleIds: [...ids] };
}
