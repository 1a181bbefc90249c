import {
  alongBearing,
  boxOutline,
  isInside,
  OBSTACLE_KINDS,
  standingAt,
  type BlockKind,
  type DrawnKind,
  type ObstacleKind,
  type Point,
  type TrackKind,
} from "@/core/ground";
import { asBearing } from "@/core/units";
import { idFromName, type Outing } from "@/data";
import { toMillimetre } from "../rounded";
import { rowOf, type Sort, type Thing } from "../things/sorts";
import { middleOf, thingsOf } from "../things/thing";
import { newPosition } from "./new-position";

/** What can be put on a ground: a sort, and the kind within it. */
export type Beginning =
  | { readonly sort: "obstacle"; readonly kind: ObstacleKind }
  | { readonly sort: "area"; readonly kind: DrawnKind }
  | { readonly sort: "track"; readonly kind: TrackKind }
  | { readonly sort: "mast"; readonly kind: "mast" | "lamp" }
  | { readonly sort: "position" | "spot" | "zone" | "window" };

/** Where a new thing goes, which way it lies, and how it is called. */
export interface Begun {
  readonly at: Point;
  /** Bearing in degrees of its long side, or the way it looks. */
  readonly bearing: number;
  readonly name: string;
}

/** Length and width in metres of a drawn area until its corners are put where they belong. */
const AREA = { length: 12, width: 8 };
/** Metres of a track between its first two points. */
const TRACK = 20;
/** A mast, and a lamp that hangs under a roof: metres. */
const LAMP_HEIGHTS = { mast: 15, lamp: 6 } as const;
/** Netting of a ball field's mesh, metres (common practice). */
const NETTING = {
  mesh: { pitch: 0.05, wire: 0.003 },
  net: { pitch: 0.1, wire: 0.003 },
  goal: { pitch: 0.1, wire: 0.004 },
};

function beginObstacle(outing: Outing, kind: ObstacleKind, { at, bearing, name }: Begun): Thing<"obstacle"> {
  const { usual } = OBSTACLE_KINDS[kind];
  const base = { id: idFromName(name, outing.ground.obstacles, kind), name };
  if (kind === "tree")
    return {
      ...base,
      kind,
      at: toMillimetre(at),
      height: usual.height,
      trunkRadius: 0.25,
      crownRadius: usual.length / 2,
      crownFrom: usual.base,
    };
  if (kind === "pole")
    return {
      ...base,
      kind,
      from: { ...toMillimetre(at), z: 0 },
      to: { ...toMillimetre(at), z: usual.height },
      thickness: usual.depth,
    };
  if (kind === "branch") {
    const way = alongBearing(bearing);
    const end = toMillimetre({ x: at.x + way.x * usual.length, y: at.y + way.y * usual.length });
    return {
      ...base,
      kind,
      from: { ...toMillimetre(at), z: usual.base },
      to: { ...end, z: usual.height },
      thickness: usual.depth,
    };
  }
  return { ...base, ...beginBlock(kind, at, bearing) };
}

function beginBlock(
  kind: BlockKind,
  middle: Point,
  bearing: number,
): Omit<Extract<Thing<"obstacle">, { outline: unknown }>, "id" | "name"> {
  const { length, depth, height, base } = OBSTACLE_KINDS[kind].usual;
  return {
    kind,
    outline: boxOutline({ middle, length, width: depth, bearing }).map(toMillimetre),
    height,
    ...(base > 0 && { base }),
    ...(kind === "bank" && { rise: { toward: asBearing(bearing + 90), from: 0 } }),
    ...(kind in NETTING && { mesh: NETTING[kind as keyof typeof NETTING] }),
    ...(kind === "mesh" && { posts: { spacing: 3, thickness: 0.06 } }),
  };
}

/** A thing of a beginning as it is until somebody has measured it. */
export function beginThing(
  outing: Outing,
  what: Beginning,
  begun: Begun,
): { readonly sort: Sort; readonly thing: Thing } {
  const { at, bearing, name } = begun;
  const { ground } = outing;
  const base = { id: idFromName(name, rowOf(what.sort).of(ground), what.sort), name };
  const box = (): Point[] => boxOutline({ middle: at, ...AREA, bearing }).map(toMillimetre);
  switch (what.sort) {
    case "obstacle":
      return { sort: what.sort, thing: beginObstacle(outing, what.kind, begun) };
    case "area":
      return { sort: what.sort, thing: beginArea({ ...base, outline: box() }, what.kind) };
    case "track": {
      const way = alongBearing(bearing);
      const to = toMillimetre({ x: at.x + way.x * TRACK, y: at.y + way.y * TRACK });
      return { sort: what.sort, thing: { ...base, kind: what.kind, points: [toMillimetre(at), to] } };
    }
    case "mast":
      return { sort: what.sort, thing: { ...base, at: toMillimetre(at), height: LAMP_HEIGHTS[what.kind] } };
    case "position":
      return { sort: what.sort, thing: newPosition(outing, toMillimetre(at)) };
    case "spot":
      return {
        sort: what.sort,
        thing: { ...base, at: toMillimetre(at), aimHeight: 1, facing: bearing, zoneId: ground.zones[0]!.id },
      };
    case "zone":
      return { sort: what.sort, thing: { ...base, offsetClicks: -1, holdsFor: "all", outline: box() } };
    case "window":
      return {
        sort: what.sort,
        thing: { ...base, at: toMillimetre(at), facing: bearing, width: 3, height: 2, sill: 1 },
      };
  }
}

function beginArea(base: Omit<Thing<"area">, "kind">, kind: DrawnKind): Thing<"area"> {
  if (kind === "canopy") return { ...base, kind, daylightShare: 0.03 };
  return kind === "surface" ? { ...base, kind, surface: "water" } : { ...base, kind };
}

/** Metres kept from what is there already when a thing is put where there is room. */
const CLEAR = 3;
/** Rings and places on each at which room is looked for. */
const RINGS = 12;
const PLACES = 12;

/**
 * A place near a wished one at which nothing lies yet, and for a position one where somebody may stand, if only by leave; the
 * wished one where there is none.
 */
export function roomNear(
  outing: Pick<Outing, "ground">,
  wished: Point,
  step: number,
  sort?: Beginning["sort"],
): Point {
  const taken = thingsOf(outing).map(({ shape }) => shape);
  const isFree = (p: Point): boolean =>
    (sort !== "position" || standingAt(outing.ground, p).rule !== "never") &&
    taken.every(({ corners, form }) => {
      const middle = middleOf({ corners });
      if (Math.hypot(middle.x - p.x, middle.y - p.y) < Math.max(CLEAR, step / 2)) return false;
      return form !== "outline" || !isInside(p, corners);
    });
  if (isFree(wished)) return wished;
  for (let ring = 1; ring <= RINGS; ring++)
    for (let k = 0; k < PLACES; k++) {
      const way = alongBearing((360 * k) / PLACES);
      const p = { x: wished.x + way.x * ring * step, y: wished.y + way.y * ring * step };
      if (isFree(p)) return p;
    }
  return wished;
}
