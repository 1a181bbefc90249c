import {
  alongBearing,
  atHeight,
  distance,
  headingOf,
  isInside,
  OBSTACLE_KINDS,
  planDistance,
  subtract,
  throughThing,
  toEdge,
  toOutline,
  topOf,
  venueAreasOf,
  type Ground,
  type Obstacle,
  type Point,
  type Position,
  type Spot,
  type Vector,
} from "../ground";
import { cosDeg, sinDeg } from "../units";
import type { Animal, Danger, HardBall, Landing, Passing, Throw } from "./danger";
import { legsOf, nearestOn } from "./way-of";

/** Who is photographed where, as the guard asks it. */
export interface Guarded {
  readonly spot: Spot;
  /** Ways in which that can go wrong; none for what hurts nobody. */
  readonly dangers: readonly Danger[];
  /** m/s of the subject along its way, 0 or more. */
  readonly speed: number;
}

/** What can happen at a place. */
export type PerilCode =
  | "ahead-of-throw"
  | "no-cage-between"
  | "near-cage"
  | "beside-runway"
  | "line-of-ball"
  | "beside-play"
  | "landing"
  | "in-line"
  | "outside-bend"
  | "beside-track"
  | "animal"
  | "nest";

/** A peril of a place: whether nobody stands there or one may with care, how far away one is and how far one should be. */
export interface Peril {
  readonly weight: "never" | "care";
  readonly code: PerilCode;
  /** Metres from what is dangerous. */
  readonly away: number;
  /** Metres that there should be, 0 where no distance helps. */
  readonly least: number;
}

/** A place as it is judged, with what stands about it. */
interface Asked {
  readonly ground: Ground;
  readonly spot: Spot;
  readonly speed: number;
  readonly position: Pick<Position, "at" | "lensHeight" | "way">;
}

const never = (code: PerilCode, away: number, least: number): Peril => ({
  weight: "never",
  code,
  away,
  least,
});
const care = (code: PerilCode, away: number, least: number): Peril => ({ weight: "care", code, away, least });

/** A place by the way the subject goes: metres along it and, without a sign, aside of it. */
function byTheWay(
  { at }: Pick<Position, "at">,
  spot: Spot,
): { readonly along: number; readonly aside: number } {
  const way = alongBearing(headingOf(spot));
  const [x, y] = [at.x - spot.at.x, at.y - spot.at.y];
  return { along: x * way.x + y * way.y, aside: Math.abs(x * way.y - y * way.x) };
}

/** What comes: a ball, an implement or a vehicle; a horse or somebody who runs, whom a rail or a rope keeps too. */
type Coming = "ball" | "vehicle" | "runner";

/** Whether a thing keeps somebody from what comes. */
const protects = (o: Obstacle, coming: Coming): boolean => {
  const { stops } = OBSTACLE_KINDS[o.kind];
  return stops === "all" || (stops === "runners" && coming === "runner");
};

/** The first thing that protects a place from what comes from another, if there is one; both at heights in metres. */
const between = (ground: Ground, from: Vector, to: Vector, coming: Coming): Obstacle | undefined =>
  ground.obstacles.find((o) => {
    if (!protects(o, coming)) return false;
    const stretch = throughThing(from, subtract(to, from), o);
    return stretch !== undefined && stretch.enter < 1;
  });

/** Metres above the ground at which a ball and an implement are stopped, and a wheel or a horse. */
const BALL_FLIES = 1;
const WHEEL_RUNS = 0.5;

/** From where a ball starts to the lens. */
const ballLine = (
  { at }: Spot,
  position: Pick<Position, "at" | "lensHeight">,
): readonly [from: Vector, to: Vector] => [
  atHeight(at, BALL_FLIES),
  atHeight(position.at, position.lensHeight),
];

/** Seconds of way up to which what passes is a horse or somebody who runs, and no vehicle. */
const RUNS_ITSELF = 1;

/** Metres to keep off a cage, since its netting gives way. */
const OFF_CAGE = 5;
/** Metres behind a circle, beside a runway and behind its start (common practice). */
const OFF_CIRCLE = 3;
const OFF_RUNWAY = 10;
const BEHIND_START = 5;
/** Metres of a javelin's runway (World Athletics, 36.5 m at most; from memory). */
const RUNWAY = 36.5;

function ofThrow(thrown: Throw, asked: Asked): Peril | undefined {
  const { front, reach, behind } = thrown;
  const { along } = byTheWay(asked.position, asked.spot);
  const away = planDistance(asked.position.at, asked.spot.at);
  if (away > reach) return undefined;
  if (along > front) return never("ahead-of-throw", away, reach);
  return BEHIND[behind](asked, front, away);
}

/** What one stands behind, each with what is near it. */
const BEHIND: Readonly<
  Record<Throw["behind"], (asked: Asked, front: number, away: number) => Peril | undefined>
> = {
  arc: ({ spot, position }, front) => {
    const { along, aside } = byTheWay(position, spot);
    const behindStart = along < front - RUNWAY - BEHIND_START;
    return behindStart || aside >= OFF_RUNWAY ? undefined : never("beside-runway", aside, OFF_RUNWAY);
  },
  circle: ({ spot, position }, front, away) => {
    const least = OFF_CIRCLE + front;
    const behindIt = byTheWay(position, spot).along <= 0 && away >= least;
    return behindIt ? care("ahead-of-throw", away, least) : never("ahead-of-throw", away, least);
  },
  cage: ({ ground, spot, position }, _, away) => {
    const cage = between(ground, ...ballLine(spot, position), "ball");
    if (!cage) return never("no-cage-between", away, 0);
    const off = offThing(cage, position.at, spot.at);
    return off < OFF_CAGE ? never("near-cage", off, OFF_CAGE) : care("near-cage", off, OFF_CAGE);
  },
};

/** Metres from where the line to the spot leaves a thing to a place. */
function offThing(thing: Obstacle, at: Point, spot: Point): number {
  const from = atHeight(at, Math.min(BALL_FLIES, topOf(thing) / 2));
  const run = subtract(atHeight(spot, from.z), from);
  const stretch = throughThing(from, run, thing);
  return stretch ? stretch.enter * Math.hypot(run.x, run.y) : Infinity;
}

/** Seconds that somebody needs who looks through a finder to see a ball and step aside (common practice). */
const REACTION = 0.7;

function ofHardBall(
  { turn, spread, speed, reach }: HardBall,
  { ground, spot, position }: Asked,
): Peril | undefined {
  const { along } = byTheWay(position, { ...spot, heading: spot.facing + turn });
  const away = planDistance(position.at, spot.at);
  if (away > reach || away === 0 || along < away * cosDeg(spread)) return undefined;
  const least = REACTION * speed;
  if (away >= least) return care("line-of-ball", away, least);
  const shield = between(ground, ...ballLine(spot, position), "ball");
  return shield ? care("line-of-ball", away, least) : never("line-of-ball", away, least);
}

/** Metres outside the lines at which players and balls still come (common practice). */
const BESIDE_PLAY = 2;

function besidePlay({ ground, position }: Asked): Peril | undefined {
  const field = venueAreasOf(ground.venue).find((a) => a.kind === "field-of-play");
  if (!field) return undefined;
  const away = field.holds(position.at) ? 0 : toEdge(position.at, field.outline);
  if (away < BESIDE_PLAY) return never("beside-play", away, BESIDE_PLAY);
  return away < 4 * BESIDE_PLAY ? care("beside-play", away, BESIDE_PLAY) : undefined;
}

/** Metres to keep from where somebody lands, in line and to the side. */
const PAST_LANDING = { ahead: 3, aside: 2 };

function ofLanding({ ahead, half }: Landing, { spot, position }: Asked): Peril | undefined {
  const { along, aside } = byTheWay(position, spot);
  const [past, beside] = [along - ahead, aside - half];
  if (along < -PAST_LANDING.ahead || past > PAST_LANDING.ahead || beside > PAST_LANDING.aside)
    return undefined;
  return past > 0 && past > beside
    ? never("landing", past, PAST_LANDING.ahead)
    : never("landing", Math.max(0, beside), PAST_LANDING.aside);
}

/** Metres behind a rail within which what comes along it still reaches over (common practice). */
const OFF_RAIL = 2;

/** Whether somebody stands right behind a thing that gives way, as a rail or a rope does. */
const isAtRail = (barrier: Obstacle, at: Point): boolean =>
  OBSTACLE_KINDS[barrier.kind].stops === "runners" &&
  "outline" in barrier &&
  toEdge(at, barrier.outline) < OFF_RAIL;

/** Metres that a way is taken to go straight on beyond what is drawn of it. */
const GOES_ON = 200;

/** Degrees about the way straight on at a bend within which one is in line. */
const IN_LINE = 15;

function ofPassing({ seconds, beside }: Passing, asked: Asked): Peril | undefined {
  const { ground, spot, speed, position } = asked;
  const reach = Math.max(beside?.straight ?? 0, seconds * speed);
  const coming = seconds > RUNS_ITSELF ? "vehicle" : "runner";
  let worst: Peril | undefined;
  for (const legs of legsOf(ground, spot, Math.max(reach, GOES_ON))) {
    const { away, at, bend } = nearestOn(legs, position.at);
    const barrier = between(ground, atHeight(at, WHEEL_RUNS), atHeight(position.at, WHEEL_RUNS), coming);
    const isKept = barrier !== undefined && !isAtRail(barrier, position.at);
    const outside = bend === "outside";
    const least = bend === "outside" || !beside ? reach : beside[bend];
    const found =
      away < least
        ? { code: outside ? ("outside-bend" as const) : ("beside-track" as const), away, least }
        : inLine(legs, position.at, reach);
    if (!found) continue;
    const peril = isKept
      ? care(found.code, found.away, found.least)
      : never(found.code, found.away, found.least);
    worst = worse(worst, peril);
  }
  return worse(worst, besideCourse(asked, coming));
}

/** Beside the course of a venue, wherever on it the spot is: what comes may come along its edge, and reaches over a rail. */
function besideCourse({ ground, position }: Asked, coming: Coming): Peril | undefined {
  const course = venueAreasOf(ground.venue).find((a) => a.kind === "course");
  if (!course) return undefined;
  const edge = course.holds(position.at)
    ? position.at
    : nearestOn([...course.outline, course.outline[0]!], position.at).at;
  const away = planDistance(edge, position.at);
  if (away >= OFF_RAIL) return undefined;
  const wall = between(ground, atHeight(edge, WHEEL_RUNS), atHeight(position.at, WHEEL_RUNS), coming);
  return wall && !isAtRail(wall, position.at) ? undefined : never("beside-track", away, OFF_RAIL);
}

/** Whether a place lies straight on where a way bends: who misses the bend comes there. */
function inLine(
  legs: readonly Point[],
  at: Point,
  reach: number,
): { readonly code: "in-line"; readonly away: number; readonly least: number } | undefined {
  for (let i = 1; i + 1 < legs.length; i++) {
    const [a, b, c] = [legs[i - 1]!, legs[i]!, legs[i + 1]!];
    const way = { x: b.x - a.x, y: b.y - a.y };
    const turn = way.x * (c.y - b.y) - way.y * (c.x - b.x);
    const length = Math.hypot(way.x, way.y);
    if (length === 0 || Math.abs(turn) < sinDeg(5) * length * planDistance(b, c)) continue;
    const [x, y] = [at.x - b.x, at.y - b.y];
    const along = (x * way.x + y * way.y) / length;
    const off = Math.hypot(x, y);
    if (off > 0 && off < reach && along > off * cosDeg(IN_LINE))
      return { code: "in-line", away: off, least: reach };
  }
  return undefined;
}

/** Metres to keep where animals know the hide. */
const FROM_HIDE = 5;

function ofAnimal({ keepOff }: Animal, { ground, spot, position }: Asked): Peril | undefined {
  const hidden = position.way === "hide";
  const least = hidden ? Math.min(FROM_HIDE, keepOff) : keepOff;
  const lens = atHeight(position.at, position.lensHeight);
  const toSpot = distance(lens, atHeight(spot.at, spot.aimHeight));
  const away = Math.min(toSpot, ...legsOf(ground, spot, 0).map((legs) => nearestOn(legs, position.at).away));
  if (away >= least) return undefined;
  const onPath = ground.areas.some((a) => a.kind === "path" && isInside(position.at, a.outline));
  const asTheWardenSays = position.way === "car" || onPath;
  return asTheWardenSays ? care("animal", away, least) : never("animal", away, least);
}

/** Metres to keep from a nest, a den or a roost of which nothing better is known (common practice). */
const FROM_NEST = 100;

/**
 * What a nest, a den or a haul-out that is drawn asks for, whatever is photographed: the distance that the subject's own one is left,
 * and never a place where the picture would be of a den at which nobody waits.
 */
function ofNest({ areas }: Ground, { at }: Pick<Position, "at">, guarded?: Guarded): Peril | undefined {
  const own = guarded?.dangers.find((d): d is Animal => d.kind === "animal")?.nest;
  const least = typeof own === "number" ? own : FROM_NEST;
  let worst: Peril | undefined;
  for (const { kind, outline } of areas) {
    if (kind !== "nest") continue;
    const away = toOutline(at, outline);
    if (own === "never" && guarded && isInside(guarded.spot.at, outline)) return never("nest", away, 0);
    if (away < least) worst = worse(worst, never("nest", away, least));
  }
  return worst;
}

const perilOf = (danger: Danger, asked: Asked): Peril | undefined => {
  switch (danger.kind) {
    case "throw":
      return ofThrow(danger, asked);
    case "hard-ball":
      return ofHardBall(danger, asked);
    case "soft-ball":
      return besidePlay(asked);
    case "landing":
      return ofLanding(danger, asked);
    case "passing":
      return ofPassing(danger, asked);
    case "animal":
      return ofAnimal(danger, asked);
  }
};

/** The worse of two: never before with care, then the one that lacks the more metres. */
function worse(a: Peril | undefined, b: Peril | undefined): Peril | undefined {
  if (!a || !b) return a ?? b;
  if (a.weight !== b.weight) return a.weight === "never" ? a : b;
  return b.least - b.away > a.least - a.away ? b : a;
}

/**
 * The worst that can happen at a place, to who photographs a subject at its spot and to what lives there; nothing where nothing can.
 * Without a subject what is drawn on the ground alone counts.
 */
export const worstPeril = (
  ground: Ground,
  guarded: Guarded | undefined,
  position: Pick<Position, "at" | "lensHeight" | "way">,
): Peril | undefined =>
  (guarded?.dangers ?? [])
    .map((danger) => perilOf(danger, { ground, spot: guarded!.spot, speed: guarded!.speed, position }))
    .reduce<Peril | undefined>(worse, ofNest(ground, position, guarded));
