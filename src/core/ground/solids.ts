import { cosDeg, sinDeg } from "../units";
import { alongBearing } from "./bearing";
import type { Block, Obstacle, Rod, Tree } from "./ground";
import { isInside, rayThrough, type Stretch } from "./polygon";
import { atHeight, dot, norm, scale, subtract, type Point, type Vector } from "./vector";

/** A body that things are made of: what a ray meets, what throws a shadow, what is drawn. Metres, z above the plan. */
export type Solid = Prism | Ellipsoid | RoundRod;

/** Upright over an outline from a level base to a top that may slope: z = top + slope·(p − at). */
interface Prism {
  readonly form: "prism";
  readonly outline: readonly Point[];
  /** Metres. */
  readonly base: number;
  /** Metres at `at`; everywhere where there is no slope. */
  readonly top: number;
  readonly slope?: { readonly at: Point; readonly east: number; readonly north: number };
}

interface Ellipsoid {
  readonly form: "ellipsoid";
  readonly centre: Vector;
  /** Half axes in metres, across and up. */
  readonly across: number;
  /** Metres, above 0. */
  readonly up: number;
}

interface RoundRod {
  readonly form: "rod";
  readonly from: Vector;
  readonly to: Vector;
  /** Metres, above 0. */
  readonly radius: number;
}

/** A circle about all of a body on the plan, by which most rays pass it. */
export interface Round {
  readonly centre: Point;
  /** Metres, above 0. */
  readonly radius: number;
}

interface Bodies {
  readonly solids: readonly Solid[];
  readonly footprint: readonly Point[];
  readonly about: Round;
  readonly top: number;
}

const CORNERS_OF_ROUND = 16;

const circle = (centre: Point, radius: number, corners = CORNERS_OF_ROUND): Point[] =>
  Array.from({ length: corners }, (_, i) => ({
    x: centre.x + radius * cosDeg((360 * i) / corners),
    y: centre.y + radius * sinDeg((360 * i) / corners),
  }));

/** The plane of a top that rises over an outline, evenly from its lowest corner to its highest. */
function risingTop({ outline, height, rise }: Block): Pick<Prism, "top" | "slope"> {
  if (!rise) return { top: height };
  const way = alongBearing(rise.toward);
  const along = outline.map((p) => p.x * way.x + p.y * way.y);
  const [low, high] = [Math.min(...along), Math.max(...along)];
  if (high - low < 1e-9) return { top: height };
  const steep = (height - rise.from) / (high - low);
  const at = { x: way.x * high, y: way.y * high };
  return { top: height, slope: { at, east: steep * way.x, north: steep * way.y } };
}

const bodiesOfBlock = (block: Block): Omit<Bodies, "about"> => ({
  solids: [{ form: "prism", outline: block.outline, base: block.base ?? 0, ...risingTop(block) }],
  footprint: block.outline,
  top: block.height,
});

function bodiesOfTree({ at, height, trunkRadius, crownRadius, crownFrom }: Tree): Omit<Bodies, "about"> {
  const up = (height - crownFrom) / 2;
  const middle = crownFrom + up;
  return {
    solids: [
      { form: "ellipsoid", centre: atHeight(at, middle), across: crownRadius, up },
      // The trunk goes up into the crown.
      { form: "rod", from: atHeight(at, 0), to: atHeight(at, middle), radius: trunkRadius },
    ],
    footprint: circle(at, trunkRadius),
    top: height,
  };
}

/** What a rod covers of the plan: a strip about it, a little round where it stands upright. */
function bodiesOfRod({ from, to, thickness }: Rod): Omit<Bodies, "about"> {
  const radius = thickness / 2;
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const length = Math.hypot(dx, dy);
  const aside = length < 1e-6 ? undefined : { x: (-dy / length) * radius, y: (dx / length) * radius };
  return {
    solids: [{ form: "rod", from, to, radius }],
    footprint: aside
      ? [
          { x: from.x + aside.x, y: from.y + aside.y },
          { x: from.x - aside.x, y: from.y - aside.y },
          { x: to.x - aside.x, y: to.y - aside.y },
          { x: to.x + aside.x, y: to.y + aside.y },
        ]
      : circle(from, radius),
    top: Math.max(from.z, to.z) + radius,
  };
}

/** Kept per obstacle: nothing about a body changes along the clock or from place to place. */
const made = new WeakMap<Obstacle, Bodies>();

function bodiesOf(obstacle: Obstacle): Bodies {
  const known = made.get(obstacle);
  if (known) return known;
  const bodies =
    "outline" in obstacle
      ? bodiesOfBlock(obstacle)
      : obstacle.kind === "tree"
        ? bodiesOfTree(obstacle)
        : bodiesOfRod(obstacle);
  const { footprint, solids } = bodies;
  const centre = {
    x: footprint.reduce((sum, p) => sum + p.x, 0) / footprint.length,
    y: footprint.reduce((sum, p) => sum + p.y, 0) / footprint.length,
  };
  const crown = Math.max(0, ...solids.map((s) => (s.form === "ellipsoid" ? s.across : 0)));
  const reach = Math.max(crown, ...footprint.map((p) => Math.hypot(p.x - centre.x, p.y - centre.y)));
  const all = { ...bodies, about: { centre, radius: reach + 1e-6 } };
  made.set(obstacle, all);
  return all;
}

/** The convex or upright bodies that a thing is made of. */
export const solidsOf = (obstacle: Obstacle): readonly Solid[] => bodiesOf(obstacle).solids;

/** What a thing covers of the plan where one would walk into it: of a tree its trunk. */
export const footprintOf = (obstacle: Obstacle): readonly Point[] => bodiesOf(obstacle).footprint;

/** A circle on the plan within which all of a thing stands, its crown too. */
export const roundOf = (obstacle: Obstacle): Round => bodiesOf(obstacle).about;

/** Metres above the level of the plan of the highest point of a thing. */
export const topOf = (obstacle: Obstacle): number => bodiesOf(obstacle).top;

/** Whether a ray passes a circle on the plan, or leaves it behind. */
function passes(from: Point, step: Point, { centre, radius }: Round): boolean {
  const [dx, dy] = [centre.x - from.x, centre.y - from.y];
  const outside = dx * dx + dy * dy > radius * radius;
  const square = step.x * step.x + step.y * step.y;
  if (square === 0) return outside;
  const off = dx * step.y - dy * step.x;
  if (off * off > radius * radius * square) return true;
  return outside && dx * step.x + dy * step.y < 0;
}

/**
 * The stretch of a ray inside a thing, in lengths of its step, from 0 on; `undefined` where it misses. Of several bodies,
 * and of an outline that is not convex, the outermost stretch is told.
 */
export function throughThing(from: Vector, step: Vector, obstacle: Obstacle): Stretch | undefined {
  const { solids, about } = bodiesOf(obstacle);
  if (passes(from, step, about)) return undefined;
  let found: Stretch | undefined;
  for (const solid of solids) {
    const stretch = throughSolid(from, step, solid);
    if (!stretch) continue;
    found = found
      ? { enter: Math.min(found.enter, stretch.enter), leave: Math.max(found.leave, stretch.leave) }
      : stretch;
  }
  return found;
}

/** Whether a point in space lies inside a thing. */
export const isInsideThing = (point: Vector, obstacle: Obstacle): boolean => {
  const stretch = throughThing(point, { x: 0, y: 0, z: 1 }, obstacle);
  return stretch !== undefined && stretch.enter === 0 && stretch.leave > 0;
};

/** The stretch of a ray inside a body, in lengths of its step, from 0 on. */
export function throughSolid(from: Vector, step: Vector, solid: Solid): Stretch | undefined {
  switch (solid.form) {
    case "prism":
      return throughPrism(from, step, solid);
    case "ellipsoid":
      return throughEllipsoid(from, step, solid);
    case "rod":
      return throughRod(from, step, solid);
  }
}

/** A stretch cut where a value that runs evenly, `at + per·t`, is below 0; `undefined` where nothing is left. */
function below(at: number, per: number, stretch: Stretch | undefined): Stretch | undefined {
  if (!stretch) return undefined;
  if (per === 0) return at < 0 ? stretch : undefined;
  const edge = -at / per;
  const cut =
    per > 0
      ? { enter: stretch.enter, leave: Math.min(stretch.leave, edge) }
      : { enter: Math.max(stretch.enter, edge), leave: stretch.leave };
  return cut.enter < cut.leave ? cut : undefined;
}

/** From the ray's start on. */
const ahead = (stretch: Stretch | undefined): Stretch | undefined =>
  !stretch || stretch.leave < 0 ? undefined : { enter: Math.max(0, stretch.enter), leave: stretch.leave };

const ENDLESS: Stretch = { enter: -Infinity, leave: Infinity };

function throughPrism(from: Vector, step: Vector, { outline, base, top, slope }: Prism): Stretch | undefined {
  const upright = step.x === 0 && step.y === 0;
  const over = upright ? (isInside(from, outline) ? ENDLESS : undefined) : rayThrough(from, step, outline);
  if (!over) return undefined;
  const rise = slope ? slope.east * (from.x - slope.at.x) + slope.north * (from.y - slope.at.y) : 0;
  const steep = slope ? slope.east * step.x + slope.north * step.y : 0;
  const under = below(from.z - top - rise, step.z - steep, over);
  // What stands on the ground has no underside to pass beneath.
  return ahead(base > 0 ? below(base - from.z, -step.z, under) : under);
}

/** Roots of a·t² + 2·b·t + c below 0, as a stretch. */
function between(a: number, b: number, c: number): Stretch | undefined {
  if (a < 1e-12) return c < 0 ? ENDLESS : undefined;
  const root = b * b - a * c;
  if (root <= 0) return undefined;
  const half = Math.sqrt(root);
  return { enter: (-b - half) / a, leave: (-b + half) / a };
}

function throughEllipsoid(
  from: Vector,
  step: Vector,
  { centre, across, up }: Ellipsoid,
): Stretch | undefined {
  const shrunk = (v: Vector): Vector => ({ x: v.x / across, y: v.y / across, z: v.z / up });
  const out = shrunk(subtract(from, centre));
  const way = shrunk(step);
  return ahead(between(dot(way, way), dot(out, way), dot(out, out) - 1));
}

function throughRod(from: Vector, step: Vector, rod: RoundRod): Stretch | undefined {
  const run = subtract(rod.to, rod.from);
  const length = norm(run);
  const axis = length < 1e-9 ? { x: 0, y: 0, z: 1 } : scale(run, 1 / length);
  const out = subtract(from, rod.from);
  const [outAlong, stepAlong] = [dot(out, axis), dot(step, axis)];
  const outAside = subtract(out, scale(axis, outAlong));
  const stepAside = subtract(step, scale(axis, stepAlong));
  const round = between(
    dot(stepAside, stepAside),
    dot(outAside, stepAside),
    dot(outAside, outAside) - rod.radius ** 2,
  );
  return ahead(below(outAlong - length, stepAlong, below(-outAlong, -stepAlong, round)));
}

/** Points over the surface of a body whose hull, however it is projected, is its silhouette; of a round body within 2 %. */
export function surfacePoints(solid: Solid): Vector[] {
  switch (solid.form) {
    case "prism": {
      const { outline, base, top, slope } = solid;
      const topAt = (p: Point): number =>
        slope ? top + slope.east * (p.x - slope.at.x) + slope.north * (p.y - slope.at.y) : top;
      return outline.flatMap((p) => [atHeight(p, base), atHeight(p, topAt(p))]);
    }
    case "ellipsoid": {
      const { centre, across, up } = solid;
      return [-75, -50, -25, 0, 25, 50, 75].flatMap((tilt) =>
        circle(centre, across * cosDeg(tilt)).map((p) => atHeight(p, centre.z + up * sinDeg(tilt))),
      );
    }
    case "rod":
      return endsOfRod(solid);
  }
}

/** Both ends as rings square to the axis. */
function endsOfRod({ from, to, radius }: RoundRod): Vector[] {
  const run = subtract(to, from);
  const length = Math.max(1e-9, norm(run));
  const axis = scale(run, 1 / length);
  const level = Math.hypot(axis.x, axis.y);
  const right = level < 1e-9 ? { x: 1, y: 0, z: 0 } : { x: axis.y / level, y: -axis.x / level, z: 0 };
  const up = {
    x: axis.y * right.z - axis.z * right.y,
    y: axis.z * right.x - axis.x * right.z,
    z: axis.x * right.y - axis.y * right.x,
  };
  return [from, to].flatMap((end) =>
    Array.from({ length: 8 }, (_, i) => {
      const [c, s] = [radius * cosDeg(45 * i), radius * sinDeg(45 * i)];
      return {
        x: end.x + right.x * c + up.x * s,
        y: end.y + right.y * c + up.y * s,
        z: end.z + right.z * c + up.z * s,
      };
    }),
  );
}

/** Height in metres of the top of a block above the level of the plan at a place of its outline. */
export function topAt(block: Block, at: Point): number {
  const { top, slope } = risingTop(block);
  return slope ? top + slope.east * (at.x - slope.at.x) + slope.north * (at.y - slope.at.y) : top;
}
