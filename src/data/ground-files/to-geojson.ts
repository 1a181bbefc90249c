import type { Feature, FeatureCollection, Geometry, Position as Coordinate } from "geojson";
import { signedArea, toCoordinates, type Point } from "@/core/ground";
import type { Outing } from "../schema";

type Ground = Outing["ground"];

/** What a feature's properties call the thing that it came from; `read-geojson` makes the same thing of it again. */
export type GroundSort = "position" | "spot" | "track" | "obstacle" | "area" | "zone" | "mast" | "window";

/** Decimals of a degree: a centimetre, finer than anything here is measured. */
const DECIMALS = 7;

const round = (value: number): number => Number(value.toFixed(DECIMALS));

/**
 * Everything on a ground as GeoJSON (RFC 7946), in longitude and latitude: one feature a thing, with what it is in its
 * properties. Heights are properties: they count from the ground there, not from the sea.
 */
export function toGeoJson({ name, ground }: Pick<Outing, "name" | "ground">): FeatureCollection {
  const at = (p: Point): Coordinate => {
    const { latitude, longitude } = toCoordinates(ground.anchor, p);
    return [round(longitude), round(latitude)];
  };
  const feature = (
    sort: GroundSort,
    thing: { readonly id: string },
    own: readonly string[],
    geometry: Geometry,
  ): Feature => ({
    type: "Feature",
    id: `${sort}:${thing.id}`,
    properties: { sort, ...Object.fromEntries(Object.entries(thing).filter(([key]) => !own.includes(key))) },
    geometry,
  });
  const point = (p: Point): Geometry => ({ type: "Point", coordinates: at(p) });
  const line = (points: readonly Point[]): Geometry => ({ type: "LineString", coordinates: points.map(at) });
  const polygon = (outline: readonly Point[]): Geometry => ({
    type: "Polygon",
    // A ring ends where it began, and goes round against the clock.
    coordinates: [[...anticlockwise(outline), anticlockwise(outline)[0]!].map(at)],
  });
  const obstacle = (o: Ground["obstacles"][number]): Feature => {
    if ("outline" in o) return feature("obstacle", o, ["outline"], polygon(o.outline));
    if (o.kind === "tree") return feature("obstacle", o, ["at"], point(o.at));
    const { from, to, ...rest } = o;
    return feature("obstacle", { ...rest, fromZ: from.z, toZ: to.z } as { id: string }, [], line([from, to]));
  };
  return {
    type: "FeatureCollection",
    features: [
      ...ground.positions.map((p) => feature("position", p, ["at"], point(p.at))),
      ...ground.spots.map((s) => feature("spot", s, ["at"], point(s.at))),
      ...ground.tracks.map((t) => feature("track", t, ["points"], line(t.points))),
      ...ground.obstacles.map(obstacle),
      ...ground.areas.map((a) => feature("area", a, ["outline"], polygon(a.outline))),
      ...ground.zones.flatMap((z) =>
        z.outline ? [feature("zone", z, ["outline"], polygon(z.outline))] : [],
      ),
      // A photometric file stays with its outing.
      ...ground.masts.map((m) => feature("mast", m, ["at", "file"], point(m.at))),
      ...(ground.windows ?? []).map((w) => feature("window", w, ["at"], point(w.at))),
    ],
    ...({ name } as object),
  };
}

const anticlockwise = (outline: readonly Point[]): readonly Point[] =>
  signedArea(outline) < 0 ? [...outline].reverse() : outline;
