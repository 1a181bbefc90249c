import {
  atHeight,
  cameraAxes,
  convexHull,
  distance,
  dot,
  solidsOf,
  subtract,
  surfaceAt,
  surfacePoints,
  type Hall,
  type Obstacle,
  type Point,
  type Solid,
  type Surface,
  type Vector,
  OBSTACLE_KINDS,
} from "../ground";
import { sinDeg, toDegrees } from "../units";
import { blurDiscUm, heldSidesMm, type DepthOfField } from "../optics";
import { apertureFNumber } from "../exposure";
import type { AssessInput, Assessment } from "./assessment";
import { cutAhead } from "./cut-ahead";
import { isAloft } from "./figure-hidden";
import type { InFrame } from "./in-frame";
import { marksSeen, type MarkSeen } from "./marks-seen";
import { sightOf } from "./sight-of";

/** An obstacle as the frame shows it: a silhouette, how far it stands from the lens, and how far it is blurred. */
export interface SeenThing {
  readonly id: string;
  readonly name: string;
  readonly kind: Obstacle["kind"];
  readonly outline: readonly InFrame[];
  /** Metres from the lens along its axis to its nearest corner. */
  readonly distance: number;
  /** Diameter of the blur disc as a share of the frame's width. */
  readonly disc: number;
  /** A metre at that distance as a share of the frame's width. */
  readonly metre: number;
}

/** A lens over level ground. */
export interface LensOver {
  /** Metres over the ground under the aim, above 0. */
  readonly height: number;
  /** Metres on the plan to the subject. */
  readonly away: number;
  /** Degrees by which it looks down; above the level below 0. */
  readonly dip: number;
  /** Degrees clockwise from north. */
  readonly bearing: number;
}

/** A lamp as the frame shows it. */
export interface LampSeen {
  readonly at: InFrame;
  /** Metres from the lens. */
  readonly distance: number;
  /** Diameter of its blur disc as a share of the frame's width. */
  readonly disc: number;
}

/** What the camera sees, to scale, with the depth at the settings found. */
export interface FrameView {
  /** Width over height of the frame as the camera is held. */
  readonly aspect: number;
  /** Where the horizon lies. */
  readonly horizon: number;
  /** Ground under the aim. */
  readonly feet: number;
  /** What the ground under it is made of. */
  readonly surface: Surface;
  /** Whether the figure is off the ground, and centred on the aim. */
  readonly aloft: boolean;
  /** The way the subject moves over the frame: 1 to the right, −1 to the left. */
  readonly heads: 1 | -1;
  /** A metre at the subject as a share of the frame's height, and of its width. */
  readonly metreUp: number;
  /** A metre at the subject as a share of the frame's width. */
  readonly metreAcross: number;
  /** Farthest first; those nearer than the subject come last and stand before it. */
  readonly things: readonly SeenThing[];
  /** What is painted or mown on the ground, the farthest first. */
  readonly marks: readonly MarkSeen[];
  /** How the lens stands to the ground under the subject. */
  readonly lens: LensOver;
  /** The lamps of the ground that stand in the frame. */
  readonly lamps: readonly LampSeen[];
  /** Metres from the lens. */
  readonly subjectDistance: number;
  /** Depth of field at the aperture found, metres from the lens. */
  readonly depth: DepthOfField;
  /** Metres from the lens. */
  readonly backgroundDistance: number;
  /** Blur disc of the background as a share of the frame's width. */
  readonly backgroundDisc: number;
}

/** What lies nearer to the lens than this along the view is left out: it would fill the frame as a blur. */
const NEAREST = 0.5;

/** The frame of an assessment: obstacles projected through the lens by vectors, as prisms on level ground. */
export function frameView(input: AssessInput, found: Assessment): FrameView {
  const { spot, lens, aim } = sightOf(input);
  const { sighting, settings } = found;
  const { frame } = sighting;
  const subjectDistance = sighting.distance;
  const fNumber = apertureFNumber(settings.settings.aperture);
  const sides = heldSidesMm(input.rig.body.format, input.shot.orientation);
  const see = projection(lens, aim, frame.frameAcross, frame.frameUp);
  const disc = (point: number): number =>
    blurDiscUm({ focalLengthMm: frame.focalLengthMm, fNumber, subjectDistance: subjectDistance, point }) /
    (1000 * sides.across);
  const backgroundDistance = subjectDistance + sighting.background.beyond;
  return {
    aspect: sides.across / sides.up,
    horizon: see.horizon,
    feet: see.point(atHeight(aim, aim.z - spot.aimHeight)).up,
    surface: surfaceAt(input.scene.ground, spot.at),
    aloft: isAloft(input),
    heads: sinDeg(spot.facing - sighting.bearing) < 0 ? -1 : 1,
    metreUp: 1 / frame.frameUp,
    metreAcross: 1 / frame.frameAcross,
    things: input.scene.ground.obstacles
      .filter(({ kind }) => !OBSTACLE_KINDS[kind].clear)
      .flatMap((obstacle) => seen(obstacle, lens, see, disc, frame.frameAcross / subjectDistance))
      .sort((a, b) => b.distance - a.distance),
    marks: marksSeen(input.scene.ground, { at: lens, ahead: see.ahead, point: see.point, disc }),
    lens: {
      height: Math.max(LOWEST, lens.z - (aim.z - spot.aimHeight)),
      away: Math.hypot(aim.x - lens.x, aim.y - lens.y),
      dip: toDegrees(Math.atan2(lens.z - aim.z, Math.hypot(aim.x - lens.x, aim.y - lens.y))),
      bearing: sighting.bearing,
    },
    lamps: lampsSeen(input, lens, see, disc),
    subjectDistance,
    depth: sighting.depth,
    backgroundDistance,
    backgroundDisc: disc(backgroundDistance),
  };
}

/** Metres over the ground under which no lens is drawn: it would look along it. */
const LOWEST = 0.05;
/** Metres between the lamps under a roof of which none is told (assumed). */
const UNDER_ROOF = 5;

/** The masts of a ground, or else lamps under the roof of its hall, that are lit and stand in the frame. */
function lampsSeen(
  { scene }: AssessInput,
  lens: Vector,
  see: Projection,
  disc: (metres: number) => number,
): LampSeen[] {
  if (!scene.lamps || scene.lampLux <= 0) return [];
  const { masts, hall } = scene.ground;
  return (
    masts.length > 0 ? masts.map(({ at, height }) => atHeight(at, height)) : hall ? roofLamps(hall) : []
  )
    .flatMap((lamp) => {
      const distance = see.depth(lamp);
      if (distance < 1) return [];
      const at = see.point(lamp);
      const isIn = Math.abs(at.across) < 0.6 && Math.abs(at.up) < 0.6;
      return isIn ? [{ at, distance, disc: disc(distance) }] : [];
    })
    .sort((a, b) => b.distance - a.distance);
}

function roofLamps({ outline, height }: Hall): Vector[] {
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  const along = (from: number, to: number): number[] =>
    Array.from(
      { length: Math.max(1, Math.floor((to - from) / UNDER_ROOF)) },
      (_, i) => from + (i + 0.5) * UNDER_ROOF,
    );
  return along(Math.min(...xs), Math.max(...xs)).flatMap((x) =>
    along(Math.min(...ys), Math.max(...ys)).map((y) => atHeight({ x, y }, height)),
  );
}

interface Projection {
  readonly point: (p: Vector) => InFrame;
  /** Metres of a point from the lens along its axis. */
  readonly depth: (p: Vector) => number;
  /** The unit vector of the view on the plan. */
  readonly ahead: Point;
  readonly horizon: number;
}

/** A camera held level across, aimed at a point: the frame's sides in metres at the aim give the scale. */
function projection(lens: Vector, aim: Vector, frameAcross: number, frameUp: number): Projection {
  const { right, up, ahead } = cameraAxes(lens, aim);
  const away = distance(lens, aim);
  const level = Math.hypot(ahead.x, ahead.y);
  const plan = level < 1e-9 ? { x: 0, y: 1 } : { x: ahead.x / level, y: ahead.y / level };
  const depth = (p: Vector): number => dot(subtract(p, lens), ahead);
  const at = (ray: Vector): InFrame => {
    const along = Math.max(1e-6, dot(ray, ahead));
    return {
      across: ((dot(ray, right) / along) * away) / frameAcross,
      up: ((dot(ray, up) / along) * away) / frameUp,
    };
  };
  return {
    point: (p) => at(subtract(p, lens)),
    depth,
    ahead: plan,
    horizon: at({ ...plan, z: 0 }).up,
  };
}

/** Whether any part of a thing shows in a frame so many metres wide and high at the aim; what hides it is left out. */
export function isInFrame(
  thing: Obstacle,
  lens: Vector,
  aim: Vector,
  { across, up }: { readonly across: number; readonly up: number },
): boolean {
  const see = projection(lens, aim, across, up);
  return solidsOf(thing).some((solid) => {
    const points = aheadOf(solid, lens, see).map(see.point);
    if (points.length === 0) return false;
    const hull = convexHull(points.map((p) => ({ x: p.across, y: p.up })));
    return hull.length > 2 && meetsFrame(hull);
  });
}

/** Whether a convex outline and the frame's square of side 1 share a point: no side of either parts them. */
function meetsFrame(hull: readonly Point[]): boolean {
  const apart = (n: Point): boolean => {
    const along = hull.map((p) => p.x * n.x + p.y * n.y);
    const half = (Math.abs(n.x) + Math.abs(n.y)) / 2;
    return Math.min(...along) >= half || Math.max(...along) <= -half;
  };
  const sides = hull.map((p, i) => {
    const next = hull[(i + 1) % hull.length]!;
    return { x: next.y - p.y, y: p.x - next.x };
  });
  return ![{ x: 1, y: 0 }, { x: 0, y: 1 }, ...sides].some(apart);
}

/** The bodies of an obstacle as silhouettes; of a tree its crown and its trunk. */
function seen(
  obstacle: Obstacle,
  lens: Vector,
  see: Projection,
  disc: (point: number) => number,
  acrossPerMetre: number,
): SeenThing[] {
  const { id, name, kind } = obstacle;
  return solidsOf(obstacle).flatMap((solid, i) => {
    const ahead = aheadOf(solid, lens, see);
    if (ahead.length < 3) return [];
    const hull = convexHull(ahead.map(see.point).map(({ across, up }) => ({ x: across, y: up }))).map(
      ({ x, y }) => ({ across: x, up: y }),
    );
    const touches = hull.some((p) => p.across > -0.5) && hull.some((p) => p.across < 0.5);
    if (!touches || hull.length < 3) return [];
    // What rises over the lens is as near as it is at the lens's height.
    const away = Math.max(
      NEAREST,
      Math.min(...ahead.map((p) => see.depth(atHeight(p, Math.min(p.z, lens.z))))),
    );
    return [
      {
        id: i === 0 ? id : `${id}/${i}`,
        name,
        kind,
        outline: hull,
        distance: away,
        disc: disc(away),
        metre: 1 / (acrossPerMetre * away),
      },
    ];
  });
}

/** The points of a body that lie ahead of the lens; an upright one is cut there. */
function aheadOf(solid: Solid, lens: Point, see: Projection): Vector[] {
  if (solid.form !== "prism") return surfacePoints(solid).filter((p) => depthOnPlan(p, lens, see.ahead) >= 0);
  const cut = cutAhead(solid.outline, (p) => depthOnPlan(p, lens, see.ahead));
  return surfacePoints({ ...solid, outline: cut });
}

/** Metres by which a place lies beyond the nearest that is drawn, along the view on the plan. */
const depthOnPlan = (p: Point, lens: Point, ahead: Point): number =>
  (p.x - lens.x) * ahead.x + (p.y - lens.y) * ahead.y - NEAREST;

/**
 * Metres beyond the subject at which the frame shows each thing first, by its id; the parts of one thing are one. Things before the
 * subject are left out.
 */
export function beyondInFrame({
  things,
  subjectDistance,
}: Pick<FrameView, "things" | "subjectDistance">): ReadonlyMap<string, number> {
  const nearest = new Map<string, number>();
  for (const { id, distance } of things) {
    const own = id.split("/")[0]!;
    const beyond = distance - subjectDistance;
    if (beyond > 0) nearest.set(own, Math.min(beyond, nearest.get(own) ?? Infinity));
  }
  return nearest;
}
