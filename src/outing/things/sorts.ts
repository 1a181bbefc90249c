import { toVenue, venueAreasOf, type AreaKind, type Point } from "@/core/ground";
import { asBearing } from "@/core/units";
import type { Limited, Outing } from "@/data";
import { toMillimetre } from "../rounded";

type Ground = Outing["ground"];

/** What can be put on a ground, by the list that it is kept in. */
interface Things {
  position: Ground["positions"][number];
  spot: Ground["spots"][number];
  track: Ground["tracks"][number];
  obstacle: Ground["obstacles"][number];
  area: Ground["areas"][number];
  zone: Ground["zones"][number];
  mast: Ground["masts"][number];
  window: NonNullable<Ground["windows"]>[number];
  part: VenueThing;
}

/** A part of the venue as a thing: its id is the number of the part. */
interface VenueThing {
  readonly id: string;
  readonly name: string;
  readonly kind: AreaKind;
  readonly outline: readonly Point[];
}

export type Sort = keyof Things;
export type Thing<S extends Sort = Sort> = Things[S];

/** Where a thing lies, in the same manner for every sort: its corners, and whether they close round something. */
export interface Shape {
  readonly corners: readonly Point[];
  readonly form: "point" | "line" | "outline";
}

/** One sort of things: where it is kept, how many there may be, how it lies, how it is laid otherwise and turned. */
export interface SortRow<S extends Sort> {
  readonly limited: Limited;
  readonly of: (ground: Ground) => readonly Thing<S>[];
  readonly kept: (things: Thing<S>[], ground: Ground) => Partial<Ground>;
  readonly shape: (thing: Thing<S>) => Shape;
  /** The thing with its corners elsewhere; as many as it has, but for lines and outlines. */
  readonly laid: (thing: Thing<S>, corners: readonly Point[]) => Thing<S>;
  /** The bearings that a thing has beside its corners, turned clockwise by degrees. */
  readonly turned: (thing: Thing<S>, by: number) => Thing<S>;
}

const roundBearing = (bearing: number): number => asBearing(Math.round(bearing * 10) / 10);

const atPoint = (at: Point): Shape => ({ corners: [at], form: "point" });
const first = (corners: readonly Point[]): Point => toMillimetre(corners[0]!);
const same = <T>(thing: T): T => thing;

function shapeOfObstacle(thing: Thing<"obstacle">): Shape {
  if ("outline" in thing) return { corners: thing.outline, form: "outline" };
  return thing.kind === "tree" ? atPoint(thing.at) : { corners: [thing.from, thing.to], form: "line" };
}

function laidObstacle(thing: Thing<"obstacle">, corners: readonly Point[]): Thing<"obstacle"> {
  if ("outline" in thing) return { ...thing, outline: corners.map(toMillimetre) };
  if (thing.kind === "tree") return { ...thing, at: first(corners) };
  return {
    ...thing,
    from: { ...thing.from, ...toMillimetre(corners[0]!) },
    to: { ...thing.to, ...toMillimetre(corners[1]!) },
  };
}

const turnedObstacle = (thing: Thing<"obstacle">, by: number): Thing<"obstacle"> =>
  "outline" in thing && thing.rise
    ? { ...thing, rise: { ...thing.rise, toward: roundBearing(thing.rise.toward + by) } }
    : thing;

function turnedPosition(thing: Thing<"position">, by: number): Thing<"position"> {
  const { slit, pane } = thing;
  return {
    ...thing,
    ...(slit && { slit: { ...slit, facing: roundBearing(slit.facing + by) } }),
    ...(pane && { pane: { ...pane, facing: roundBearing(pane.facing + by) } }),
  };
}

function turnedSpot(thing: Thing<"spot">, by: number): Thing<"spot"> {
  const { heading } = thing;
  return {
    ...thing,
    facing: roundBearing(thing.facing + by),
    ...(heading !== undefined && { heading: roundBearing(heading + by) }),
  };
}

const SORTS: { readonly [S in Sort]: SortRow<S> } = {
  position: {
    limited: "positions",
    of: (g) => g.positions,
    kept: (positions) => ({ positions }),
    shape: ({ at }) => atPoint(at),
    laid: (thing, corners) => ({ ...thing, at: first(corners) }),
    turned: turnedPosition,
  },
  spot: {
    limited: "spots",
    of: (g) => g.spots,
    kept: (spots) => ({ spots }),
    shape: ({ at }) => atPoint(at),
    laid: (thing, corners) => ({ ...thing, at: first(corners) }),
    turned: turnedSpot,
  },
  track: {
    limited: "tracks",
    of: (g) => g.tracks,
    kept: (tracks) => ({ tracks }),
    shape: ({ points }) => ({ corners: points, form: "line" }),
    laid: (thing, corners) => ({ ...thing, points: corners.map(toMillimetre) }),
    turned: same,
  },
  obstacle: {
    limited: "obstacles",
    of: (g) => g.obstacles,
    kept: (obstacles) => ({ obstacles }),
    shape: shapeOfObstacle,
    laid: laidObstacle,
    turned: turnedObstacle,
  },
  area: {
    limited: "areas",
    of: (g) => g.areas,
    kept: (areas) => ({ areas }),
    shape: ({ outline }) => ({ corners: outline, form: "outline" }),
    laid: (thing, corners) => ({ ...thing, outline: corners.map(toMillimetre) }),
    turned: same,
  },
  zone: {
    limited: "light zones",
    of: (g) => g.zones,
    kept: (zones) => ({ zones }),
    shape: ({ outline = [] }) => ({ corners: outline, form: "outline" }),
    laid: (thing, corners) => ({ ...thing, outline: corners.map(toMillimetre) }),
    turned: same,
  },
  mast: {
    limited: "masts",
    of: (g) => g.masts,
    kept: (masts) => ({ masts }),
    shape: ({ at }) => atPoint(at),
    laid: (thing, corners) => ({ ...thing, at: first(corners) }),
    turned: same,
  },
  window: {
    limited: "windows",
    of: (g) => g.windows ?? [],
    kept: (windows) => ({ windows }),
    shape: ({ at }) => atPoint(at),
    laid: (thing, corners) => ({ ...thing, at: first(corners) }),
    turned: (thing, by) => ({ ...thing, facing: roundBearing(thing.facing + by) }),
  },
  part: {
    limited: "areas",
    of: ({ venue }) => partsOf(venue),
    kept: (parts, { venue }) => ({ venue: withParts(venue, parts) }),
    shape: ({ outline }) => ({ corners: outline, form: "outline" }),
    laid: (thing, corners) => ({ ...thing, outline: corners.map(toMillimetre) }),
    turned: same,
  },
};

/** Kept for each venue: who asks for a part twice gets the same object. */
const partsKept = new WeakMap<ReturnType<typeof venueAreasOf>, readonly VenueThing[]>();

function partsOf(venue: Ground["venue"]): readonly VenueThing[] {
  const areas = venueAreasOf(venue);
  const known = partsKept.get(areas);
  if (known) return known;
  const parts = areas.map(({ part, kind, outline }) => ({
    id: String(part),
    name: partName(kind),
    kind,
    outline,
  }));
  partsKept.set(areas, parts);
  return parts;
}

const partName = (kind: AreaKind): string => {
  const words = kind.replaceAll("-", " ");
  return words.charAt(0).toUpperCase() + words.slice(1);
};

/** A venue with its parts as they are given: those that lie as before stay as they were, those that are not given are gone. */
function withParts(venue: Ground["venue"], parts: readonly VenueThing[]): Ground["venue"] {
  const before = venueAreasOf(venue);
  const others = (venue.changed ?? []).filter((c) => !before.some((b) => b.part === c.part));
  const changed = before.flatMap(({ part, outline }) => {
    const now = parts.find((p) => p.id === String(part));
    if (!now) return [{ part }];
    const known = venue.changed?.find((c) => c.part === part);
    if (now.outline === outline) return known ? [known] : [];
    return [{ part, outline: now.outline.map((p) => toMillimetre(toVenue(venue, p))) }];
  });
  return { ...venue, changed: [...others, ...changed].toSorted((a, b) => a.part - b.part) };
}

export const SORT_NAMES = Object.keys(SORTS) as readonly Sort[];

/** What was put on the ground: the venue's own parts lie there without that. */
export const PUT_SORTS = SORT_NAMES.filter((sort) => sort !== "part");

/** The row of a sort, for a thing of any sort. */
export const rowOf = <S extends Sort>(sort: S): SortRow<S> => SORTS[sort] as SortRow<S>;
