import { toDegrees } from "../units";
import { aimOf, alongBearing, bearingTo, firstBlockage, headingOf, lensOf, type Point } from "../ground";
import { panRate, panRateChange, worstRateChange } from "../motion";
import type { AssessInput } from "./assessment";
import { sightOf } from "./sighting";

/** Seconds before the picture at which the subject is picked up, and after it until the hand may stop (common practice). */
const PICK_UP = 2;
const RELEASE = 1;
/** Steps along the sweep at which the view is looked for what stands there. */
const STEPS = 24;
/** Metres under which a pass is taken as coming straight at the camera. */
const HEAD_ON = 0.5;

/** A place along the subject's way. */
export interface SweepPoint {
  readonly at: Point;
  /** Metres past the nearest point, negative before it. */
  readonly along: number;
  /** Degrees from true north from the camera. */
  readonly bearing: number;
  /** What hides the subject there. */
  readonly hiddenBy?: string;
}

/** How the camera turns with a subject that passes. */
export interface Sweep {
  /** Metres from the camera at the nearest, in plan. */
  readonly nearest: number;
  /** Where the subject is picked up, where the picture is, and where the hand may stop. */
  readonly pickUp: SweepPoint;
  readonly picture: SweepPoint;
  readonly release: SweepPoint;
  /** Turn of the camera from pick-up to release in degrees, 0 … 180. */
  readonly swing: number;
  /** Turn in degrees a second at the picture, and how fast that changes there, degrees/s². */
  readonly rate: number;
  /** Degrees/s², 0 or more. */
  readonly change: number;
  /** Metres from the nearest point at which the turn changes most, and by how much: there no pan holds. */
  readonly worst: { readonly along: number; readonly change: number };
  /** Where on the way something hides the subject, from the first to the last of each. */
  readonly hidden: readonly { readonly by: string; readonly from: SweepPoint; readonly to: SweepPoint }[];
}

/**
 * The sweep of a pan on a straight way through the spot. Undefined where nothing passes: the subject stands, or comes straight at
 * the camera.
 */
export function sweepOf(input: AssessInput): Sweep | undefined {
  const { ground } = input.scene;
  const { spot } = sightOf(input);
  const speed = input.subject.bodySpeed;
  const lens = lensOf(ground, input.position);
  const heading = headingOf(spot);
  const unit = alongBearing(heading);
  const here = (spot.at.x - lens.x) * unit.x + (spot.at.y - lens.y) * unit.y;
  const nearest = Math.abs((spot.at.x - lens.x) * unit.y - (spot.at.y - lens.y) * unit.x);
  if (speed <= 0 || nearest < HEAD_ON) return undefined;
  const point = (along: number): SweepPoint => {
    const step = along - here;
    const at = { x: spot.at.x + unit.x * step, y: spot.at.y + unit.y * step };
    const hidden = firstBlockage(lens, aimOf(ground, { ...spot, at }), ground.obstacles);
    return {
      at,
      along,
      bearing: bearingTo(lens, at),
      hiddenBy: hidden && ground.obstacles.find((o) => o.id === hidden.obstacleId)?.name,
    };
  };
  const [from, to] = [here - PICK_UP * speed, here + RELEASE * speed];
  const points = Array.from({ length: STEPS + 1 }, (_, i) => point(from + ((to - from) * i) / STEPS));
  const pass = { nearest, speed };
  const worst = worstRateChange(pass);
  return {
    nearest,
    pickUp: points[0]!,
    picture: point(here),
    release: points[STEPS]!,
    swing: toDegrees(Math.atan2(to, nearest) - Math.atan2(from, nearest)),
    rate: toDegrees(panRate(pass, here)),
    change: Math.abs(toDegrees(panRateChange(pass, here))),
    worst: { along: worst.along, change: toDegrees(worst.change) },
    hidden: hiddenRuns(points),
  };
}

function hiddenRuns(points: readonly SweepPoint[]): Sweep["hidden"] {
  const runs: { by: string; from: SweepPoint; to: SweepPoint }[] = [];
  points.forEach((p, i) => {
    if (!p.hiddenBy) return;
    const last = runs.at(-1);
    if (last && i > 0 && points[i - 1]!.hiddenBy === p.hiddenBy) last.to = p;
    else runs.push({ by: p.hiddenBy, from: p, to: p });
  });
  return runs;
}
