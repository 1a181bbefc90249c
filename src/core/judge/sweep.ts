import { toDegrees, toRadians, turnBetween } from "../units";
import { aimOf, alongBearing, bearingTo, firstBlockage, headingOf, type Point, type Vector } from "../ground";
import { exposureForStreak, panOnPath, worstRateChange, type Path } from "../motion";
import { heldSidesMm } from "../optics";
import type { AssessInput, Assessment } from "./assessment";
import { sightOf } from "./sight-of";
import { pathAt, straightWay, trackThrough, type Way } from "./way";

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
  /** The drawn track that it follows; straight on when absent. */
  readonly track?: string;
  /** Where the photographer stands. */
  readonly camera: Point;
  /** The way about the picture, at the height of the aim. */
  readonly path: Path;
  /** The subject's way from pick-up to release. */
  readonly points: readonly SweepPoint[];
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
 * The sweep of a pan: on a drawn track that runs through the spot the way it moves, else on a straight way. Undefined where nothing
 * passes: the subject stands, or comes straight at the camera.
 */
export function sweepOf(input: AssessInput): Sweep | undefined {
  const { ground } = input.scene;
  const { spot, lens, aim } = sightOf(input);
  const speed = input.subject.bodySpeed;
  if (speed <= 0) return undefined;
  const drawn = trackThrough(ground.tracks, spot);
  const way = drawn?.at ?? straightWay(spot);
  const point = (metres: number): SweepPoint => {
    const at = way(metres);
    const hidden = firstBlockage(lens, aimOf(ground, { ...spot, at }), ground.obstacles);
    return {
      at,
      along: metres,
      bearing: bearingTo(lens, at),
      hiddenBy: hidden && ground.obstacles.find((o) => o.id === hidden.obstacleId)?.name,
    };
  };
  const [from, to] = [-PICK_UP * speed, RELEASE * speed];
  const points = Array.from({ length: STEPS + 1 }, (_, i) => point(from + ((to - from) * i) / STEPS));
  const pass = drawn ? nearestOf(points, lens) : straightPass(spot.at, alongBearing(headingOf(spot)), lens);
  if (pass.nearest < HEAD_ON) return undefined;
  const past = (p: SweepPoint): SweepPoint => ({ ...p, along: p.along - pass.along });
  const path = pathAt(way, 0, speed, aim.z);
  const { rate, change } = panOnPath(lens, path, 0);
  const all = points.map(past);
  return {
    track: drawn?.name,
    camera: { x: lens.x, y: lens.y },
    points: all,
    path,
    nearest: pass.nearest,
    pickUp: all[0]!,
    picture: past(point(0)),
    release: all[STEPS]!,
    swing: turned(points),
    rate: Math.abs(toDegrees(rate)),
    change: Math.abs(toDegrees(change)),
    worst: drawn
      ? worstAlong(lens, way, pass.along, speed)
      : asDegrees(worstRateChange({ nearest: pass.nearest, speed })),
    hidden: hiddenRuns(all),
  };
}

/** Degrees by which the camera turns along places, either way. */
const turned = (points: readonly SweepPoint[]): number =>
  Math.abs(points.slice(1).reduce((sum, p, i) => sum + turnBetween(points[i]!.bearing, p.bearing), 0));

const asDegrees = ({ along, change }: Sweep["worst"]): Sweep["worst"] => ({
  along,
  change: toDegrees(change),
});

/** Where a straight way passes nearest, in metres along it from the spot. */
function straightPass(at: Point, unit: Point, lens: Point): { nearest: number; along: number } {
  const [dx, dy] = [at.x - lens.x, at.y - lens.y];
  return { nearest: Math.abs(dx * unit.y - dy * unit.x), along: -(dx * unit.x + dy * unit.y) };
}

/** The nearest of places on a way. */
function nearestOf(points: readonly SweepPoint[], lens: Point): { nearest: number; along: number } {
  return points
    .map(({ at, along }) => ({ nearest: Math.hypot(at.x - lens.x, at.y - lens.y), along }))
    .reduce((a, b) => (b.nearest < a.nearest ? b : a));
}

/** Where on a drawn way the turn changes most, in metres past its nearest place. */
function worstAlong(lens: Vector, way: Way, nearest: number, speed: number): Sweep["worst"] {
  const [from, to] = [-PICK_UP * speed, RELEASE * speed];
  return Array.from({ length: STEPS + 1 }, (_, i) => {
    const metres = from + ((to - from) * i) / STEPS;
    const { change } = panOnPath(lens, pathAt(way, metres, speed, lens.z), 0);
    return { along: Math.abs(metres - nearest), change: Math.abs(toDegrees(change)) };
  }).reduce((a, b) => (b.change > a.change ? b : a));
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

/** Exposure in seconds at which a pan at the picture draws lines of a wished share of the delivered frame's width. */
export const streakExposure = (
  input: AssessInput,
  { sighting: { frame } }: Assessment,
  { rate }: Sweep,
  share: number,
): number =>
  exposureForStreak({
    // The turn at the picture, as a pass at a metre.
    nearest: 1,
    speed: toRadians(rate),
    focalLengthMm: frame.focalLengthMm,
    frameMm: heldSidesMm(input.rig.body.format, input.shot.orientation).across * frame.kept,
    share,
  });
