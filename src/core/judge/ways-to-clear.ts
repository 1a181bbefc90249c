import { alongBearing, bearingTo, lensOf, type Obstacle, type Point, type Position } from "../ground";
import type { AssessInput, SightingFound } from "./assessment";
import { isWholeInSight } from "./figure-hidden";
import { isInFrame } from "./frame-view";
import { sightOf } from "./sight-of";

/** The least one has to move for something to be out of the way, in metres each by itself; absent where no such move helps. */
export interface WaysToClear {
  /** Metres up. */
  readonly rise?: number;
  /** Metres down. */
  readonly sink?: number;
  /** Metres to the left, square to the view. */
  readonly left?: number;
  /** Metres to the right, square to the view. */
  readonly right?: number;
}

/** How far each way is looked for, in metres, and how finely first. */
const REACH = { rise: 12, aside: 15 };
const STEP = 0.1;
/** No lens goes lower than this over the ground. */
const LOWEST = 0.05;
/** Metres to which a way is told. */
const WITHIN = 0.005;

/** The least shift up to a reach from which something holds: in steps, then by halving. A gap narrower than a step may be missed. */
function leastShift(reach: number, holds: (by: number) => boolean): number | undefined {
  for (let by = STEP; by <= reach + 1e-9; by += STEP) {
    if (!holds(by)) continue;
    let [short, long] = [by - STEP, by];
    while (long - short > WITHIN) {
      const middle = (short + long) / 2;
      if (holds(middle)) long = middle;
      else short = middle;
    }
    return long;
  }
  return undefined;
}

/** The least ways from a place to one from which something holds. */
function waysTo(
  input: Pick<AssessInput, "position" | "scene" | "shot">,
  holds: (at: Position) => boolean,
): WaysToClear {
  const { position } = input;
  const { lens, aim } = sightOf(input as AssessInput);
  const right = alongBearing(bearingTo(lens, aim) + 90);
  const aside = (by: number): Point => ({ x: position.at.x + right.x * by, y: position.at.y + right.y * by });
  const rise = leastShift(REACH.rise, (by) => holds({ ...position, lensHeight: position.lensHeight + by }));
  const sink = leastShift(position.lensHeight - LOWEST, (by) =>
    holds({ ...position, lensHeight: position.lensHeight - by }),
  );
  const toLeft = leastShift(REACH.aside, (by) => holds({ ...position, at: aside(-by) }));
  const toRight = leastShift(REACH.aside, (by) => holds({ ...position, at: aside(by) }));
  return {
    ...(rise !== undefined && { rise }),
    ...(sink !== undefined && { sink }),
    ...(toLeft !== undefined && { left: toLeft }),
    ...(toRight !== undefined && { right: toRight }),
  };
}

/** How far to rise, sink or step aside until nothing hides any of the figure. Where one may stand there is another matter. */
export const waysToClear = (input: AssessInput): WaysToClear =>
  waysTo(input, (position) => isWholeInSight({ ...input, position }));

/**
 * How far to rise, sink or step aside until a thing behind is out of the frame, the lens and its focal length as they are; what
 * hides the thing is left out.
 */
export function waysOutOfFrame(
  input: AssessInput,
  { frame, distance }: Pick<SightingFound, "frame" | "distance">,
  thing: Obstacle,
): WaysToClear {
  const { ground } = input.scene;
  const { aim } = sightOf(input);
  const perMetre = { across: frame.frameAcross / distance, up: frame.frameUp / distance };
  return waysTo(input, (at) => {
    const lens = lensOf(ground, at);
    const away = Math.hypot(aim.x - lens.x, aim.y - lens.y, aim.z - lens.z);
    return !isInFrame(thing, lens, aim, { across: perMetre.across * away, up: perMetre.up * away });
  });
}
