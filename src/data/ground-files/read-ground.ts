import type { Feature, FeatureCollection, Position as Coordinate } from "geojson";
import { gpx, kml } from "@tmcw/togeojson";
import simplify from "simplify-js";
import { z } from "zod";
import { fromCoordinates, OBSTACLE_KINDS, type Anchor, type ObstacleKind, type Point } from "@/core/ground";
import { freeId, idFromName } from "../ids";
import { faultsOf, fromJson } from "../migrate";
import { groundSchema, LIMITS, type Outing } from "../schema";
import type { GroundSort } from "./to-geojson";

type Ground = Outing["ground"];
/** The lists of a ground that a file can add to. */
type Lists = Required<
  Pick<Ground, "positions" | "spots" | "tracks" | "obstacles" | "areas" | "zones" | "masts" | "windows">
>;

/** What became of one feature of a file. */
export interface FeatureReport {
  /** Counted from 1. */
  readonly number: number;
  readonly name: string;
  readonly sort?: GroundSort;
  /** Why it is left out, and what to do. */
  readonly refused?: string;
}

export type GroundRead =
  | { readonly ok: true; readonly ground: Ground; readonly reports: readonly FeatureReport[] }
  | { readonly ok: false; readonly message: string };

/** The list of a ground that a sort is kept in, and what limits it. */
const KEPT_IN = {
  position: ["positions", "positions"],
  spot: ["spots", "spots"],
  track: ["tracks", "tracks"],
  obstacle: ["obstacles", "obstacles"],
  area: ["areas", "areas"],
  zone: ["zones", "light zones"],
  mast: ["masts", "masts"],
  window: ["windows", "windows"],
} as const satisfies Record<GroundSort, readonly [keyof Lists, keyof typeof LIMITS]>;

/** The most letters that a file of a ground may have. */
const LARGEST = 20_000_000;

const coordinate = z.array(z.number()).min(2).max(4);
const geometrySchema = z.discriminatedUnion("type", [
  z.object({ type: z.literal("Point"), coordinates: coordinate }),
  z.object({ type: z.literal("LineString"), coordinates: z.array(coordinate).min(2) }),
  z.object({ type: z.literal("MultiLineString"), coordinates: z.array(z.array(coordinate).min(2)).min(1) }),
  z.object({ type: z.literal("Polygon"), coordinates: z.array(z.array(coordinate).min(4)).min(1) }),
  z.object({
    type: z.literal("MultiPolygon"),
    coordinates: z.array(z.array(z.array(coordinate).min(4)).min(1)).min(1),
  }),
]);

/** The features of a text, whatever it is written in. GPX and KML are read by a library from their XML. */
function featuresOf(text: string): readonly (Feature | null)[] | string {
  const json = fromJson(text) as Partial<FeatureCollection> & Partial<Feature>;
  if (json !== undefined) {
    if (json?.type === ("Feature" as string)) return [json as unknown as Feature];
    if (Array.isArray(json?.features)) return json.features;
    return "This JSON holds no features. Take a GeoJSON file, a GPX or a KML.";
  }
  const page = new DOMParser().parseFromString(text, "text/xml");
  if (page.querySelector("parsererror"))
    return "This file is neither GeoJSON nor readable XML. Export it again.";
  const root = page.documentElement.localName.toLowerCase();
  if (root === "gpx") return gpx(page).features;
  if (root === "kml") return kml(page).features.flatMap((f) => (f.geometry ? [f as Feature] : []));
  return `This XML is a ${root}, not a GPX or a KML.`;
}

/**
 * Reads what a file holds into a ground: feature by feature, each either taken or refused with its reason, and the whole checked
 * by the schema before it is handed back. Nothing is changed by reading.
 */
export function readGroundFile(text: string, ground: Ground): GroundRead {
  if (text.length > LARGEST)
    return { ok: false, message: "This file is too large. Cut it to the place you shoot at." };
  const features = featuresOf(text);
  if (typeof features === "string") return { ok: false, message: features };
  if (features.length === 0) return { ok: false, message: "This file holds nothing that lies anywhere." };
  let next: Ground = ground;
  const reports = features.flatMap((feature, i) =>
    piecesOf(feature).map((piece): FeatureReport => {
      const name = nameOf(feature, i);
      const taken = takeIn(next, feature, piece, name);
      if (typeof taken === "string") return { number: i + 1, name, refused: taken };
      next = taken.ground;
      return { number: i + 1, name, sort: taken.sort };
    }),
  );
  const whole = groundSchema.safeParse(next);
  if (whole.success) return { ok: true, ground: whole.data, reports };
  const [fault] = faultsOf(whole.error);
  return { ok: false, message: `What it holds does not fit this ground: ${fault!.path} ${fault!.message}` };
}

type Piece =
  { readonly form: "point" | "line" | "polygon"; readonly coordinates: readonly Coordinate[] } | string;

/** The lone shapes of a feature; a sentence where it has none. Holes of a polygon are left out. */
function piecesOf(feature: Feature | null): Piece[] {
  const parsed = geometrySchema.safeParse(feature?.geometry);
  if (!parsed.success) return ["its geometry cannot be read"];
  const geometry = parsed.data;
  switch (geometry.type) {
    case "Point":
      return [{ form: "point", coordinates: [geometry.coordinates] }];
    case "LineString":
      return [{ form: "line", coordinates: geometry.coordinates }];
    case "MultiLineString":
      return geometry.coordinates.map((coordinates) => ({ form: "line", coordinates }));
    case "Polygon":
      return [{ form: "polygon", coordinates: geometry.coordinates[0]!.slice(0, -1) }];
    case "MultiPolygon":
      return geometry.coordinates.map((rings) => ({ form: "polygon", coordinates: rings[0]!.slice(0, -1) }));
  }
}

type Properties = Readonly<Record<string, unknown>>;
const propertiesOf = (feature: Feature | null): Properties => (feature?.properties ?? {}) as Properties;

function nameOf(feature: Feature | null, i: number): string {
  const { name, title } = propertiesOf(feature);
  const told = [name, title].find((n) => typeof n === "string" && n.trim() !== "");
  return (told === undefined ? `Feature ${i + 1}` : String(told)).trim().slice(0, 80);
}

/** Metres from the anchor beyond which nothing is taken. */
const FARTHEST = 5000;
/** Metres by which a line may be straightened to have few enough corners, tried one after the other. */
const STRAIGHTEN = [0, 0.05, 0.2, 0.5, 1, 2, 5, 10];
const MOST_CORNERS = { point: 1, line: 200, polygon: 64 } as const;

function placed(anchor: Anchor, { form, coordinates }: Exclude<Piece, string>): Point[] | string {
  const points = coordinates.map(([longitude, latitude]) => {
    const { x, y } = fromCoordinates(anchor, { latitude: latitude!, longitude: longitude! });
    return { x: Math.round(x * 1000) / 1000, y: Math.round(y * 1000) / 1000 };
  });
  if (points.some((p) => !(Math.abs(p.x) <= FARTHEST && Math.abs(p.y) <= FARTHEST)))
    return "it lies more than 5 km from this ground. Change the place of the outing first";
  for (const by of STRAIGHTEN) {
    const fewer = by === 0 ? points : simplify([...points], by, true);
    if (fewer.length <= MOST_CORNERS[form]) return fewer;
  }
  return `it has ${points.length} corners. Simplify it to ${MOST_CORNERS[form]}`;
}

/** A ground with a feature taken in, or why it cannot be. */
function takeIn(
  ground: Ground,
  feature: Feature | null,
  piece: Piece,
  name: string,
): { readonly ground: Ground; readonly sort: GroundSort } | string {
  if (typeof piece === "string") return piece;
  const points = placed(ground.anchor, piece);
  if (typeof points === "string") return points;
  const { sort, thing } = thingOf(ground, propertiesOf(feature), name, piece.form, points);
  const [list, limited] = KEPT_IN[sort];
  const had: readonly { readonly id: string }[] = ground[list] ?? [];
  const limit = LIMITS[limited];
  if (had.length >= limit) return `${limit} of its kind are kept at most`;
  const wanted = typeof thing.id === "string" && /^[a-z0-9-]{1,40}$/.test(thing.id) ? thing.id : undefined;
  if (had.some((one) => isAgain(one, { ...thing, name }, wanted))) return "it is here already";
  const id = wanted ? freeId(wanted, had) : idFromName(name, had, sort);
  // It alone: the ground as a whole is looked at once, at the end.
  const parsed = groundSchema.shape[list].safeParse([{ ...thing, id, name }]);
  if (parsed.success) return { ground: { ...ground, [list]: [...had, ...parsed.data!] }, sort };
  const { path, message } = faultsOf(parsed.error)[0]!;
  return `${path.split(".").slice(1).join(" ") || "it"}: ${message}`;
}

/** What of a thing says where it is. */
const PLACES = ["at", "points", "outline", "from", "to"] as const;

const placesOf = (thing: Properties): readonly Point[] =>
  PLACES.flatMap((key) => (thing[key] ?? []) as Point | readonly Point[]);

/** Metres within which two places are one: a file tells them to the centimetre. */
const SAME = 0.02;

/** Whether places are the same, in any order: a ring may be written the other way round. */
const areSame = (some: readonly Point[], others: readonly Point[]): boolean =>
  some.length === others.length &&
  some.every((p) => others.some((q) => Math.hypot(p.x - q.x, p.y - q.y) <= SAME));

/** Whether a thing of a file is one that is here: of its id or its name, at its places. */
const isAgain = (here: { readonly id: string }, read: Properties, id: string | undefined): boolean => {
  const own = here as Properties;
  return (
    (id === undefined ? own.name === read.name : own.id === id) && areSame(placesOf(own), placesOf(read))
  );
};

interface Told {
  readonly sort: GroundSort;
  readonly thing: Record<string, unknown>;
}

/** What a feature is: what its own properties say where it was written here, else what common words and its shape make of it. */
function thingOf(
  ground: Ground,
  properties: Properties,
  name: string,
  form: "point" | "line" | "polygon",
  points: readonly Point[],
): Told {
  const { sort, ...rest } = properties;
  if (typeof sort === "string" && Object.hasOwn(KEPT_IN, sort))
    return told(ground, sort as GroundSort, rest, points);
  if (form === "point") {
    if (properties.natural === "tree") return told(ground, "obstacle", treeOf(properties), points);
    return told(ground, "spot", { aimHeight: 1, facing: 0 }, points);
  }
  if (form === "line" && properties.barrier === undefined)
    return told(ground, "track", { kind: "course" }, points);
  const kind = kindBy(properties);
  if (form === "polygon" && kind)
    return told(ground, "obstacle", { kind, height: heightOf(properties, kind) }, points);
  if (form === "line" && kind)
    return told(ground, "obstacle", { kind, height: heightOf(properties, kind) }, thickened(points));
  const water = properties.natural === "water" || properties.water !== undefined;
  return told(ground, "area", water ? { kind: "surface", surface: "water" } : { kind: "path" }, points);
}

/** Common words of open map data for what stands there. */
const BY_WORD: readonly (readonly [key: string, value: string | undefined, kind: ObstacleKind])[] = [
  ["building", undefined, "building"],
  ["natural", "wood", "trees"],
  ["landuse", "forest", "trees"],
  ["barrier", "hedge", "hedge"],
  ["barrier", "wall", "wall"],
  ["barrier", "fence", "fence"],
];
const kindBy = (properties: Properties): ObstacleKind | undefined =>
  BY_WORD.find(
    ([key, value]) => properties[key] !== undefined && (value === undefined || properties[key] === value),
  )?.[2];

function heightOf(properties: Properties, kind: ObstacleKind): number {
  const height = Number.parseFloat(String(properties.height ?? ""));
  return Number.isFinite(height) && height > 0 ? height : OBSTACLE_KINDS[kind].usual.height;
}

const treeOf = (properties: Properties): Record<string, unknown> => {
  const height = heightOf(properties, "tree");
  return { kind: "tree", height, trunkRadius: 0.25, crownRadius: height / 3, crownFrom: height / 4 };
};

/** Metres of a wall or a hedge that came as a line. */
const THICK = 0.3;

/** A line as a thin outline: there and back, so much apart. */
function thickened(points: readonly Point[]): Point[] {
  const aside = (p: Point, i: number, by: number): Point => {
    const [a, b] = [points[Math.max(0, i - 1)]!, points[Math.min(points.length - 1, i + 1)]!];
    const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
    return { x: p.x - ((b.y - a.y) / length) * by, y: p.y + ((b.x - a.x) / length) * by };
  };
  const right = points.map((p, i) => aside(p, i, -THICK / 2));
  const left = points.map((p, i) => aside(p, i, THICK / 2));
  return [...right, ...left.reverse()];
}

function told(
  ground: Ground,
  sort: GroundSort,
  properties: Record<string, unknown>,
  points: readonly Point[],
): Told {
  const [first, last] = [points[0]!, points.at(-1)!];
  const zoneId = ground.zones.some((z) => z.id === properties.zoneId)
    ? properties.zoneId
    : ground.zones[0]?.id;
  const { fromZ, toZ, ...rest } = properties;
  switch (sort) {
    case "position":
    case "mast":
    case "window":
      return { sort, thing: { ...rest, at: first } };
    case "spot":
      return { sort, thing: { ...rest, zoneId, at: first } };
    case "track":
      return { sort, thing: { ...rest, points } };
    case "obstacle":
      if (fromZ !== undefined || toZ !== undefined)
        return { sort, thing: { ...rest, from: { ...first, z: fromZ }, to: { ...last, z: toZ } } };
      return { sort, thing: rest.kind === "tree" ? { ...rest, at: first } : { ...rest, outline: points } };
    case "area":
    case "zone":
      return { sort, thing: { ...rest, outline: points } };
  }
}
