/** @jest-environment jsdom */
import { gpx as readGpx } from "@tmcw/togeojson";
import { planDistance, fromCoordinates, type Point } from "@/core/ground";
import { demoOutings } from "../../../demo";
import type { Outing } from "../schema";
import { readGroundFile, type GroundRead } from "./read-ground";
import { toGeoJson } from "./to-geojson";
import { toGpx } from "./to-gpx";

const [hockey] = demoOutings as [Outing];

/** The ground of the demo with one of every form on it. */
const full: Outing = {
  ...hockey,
  ground: {
    ...hockey.ground,
    obstacles: [
      ...hockey.ground.obstacles,
      {
        id: "oak",
        name: "Oak",
        kind: "tree",
        at: { x: 3.123, y: -4.567 },
        height: 9,
        trunkRadius: 0.3,
        crownRadius: 3,
        crownFrom: 3,
      },
      {
        id: "perch",
        name: "Perch",
        kind: "branch",
        from: { x: 0, y: 0, z: 1.2 },
        to: { x: 1.5, y: 0.5, z: 1.6 },
        thickness: 0.05,
      },
    ],
    zones: [
      ...hockey.ground.zones,
      {
        id: "shade",
        name: "Shade",
        offsetClicks: -9,
        holdsFor: "all",
        outline: hockey.ground.areas[0]!.outline,
      },
    ],
    windows: [{ id: "w", name: "W", at: { x: 9, y: 9 }, facing: 90, width: 2, height: 1, sill: 1 }],
  },
};

const empty = (outing: Outing): Outing["ground"] => ({
  ...outing.ground,
  positions: [],
  spots: [],
  tracks: [],
  obstacles: [],
  areas: [],
  zones: [outing.ground.zones[0]!],
  masts: [],
  windows: [],
});

const taken = (text: string, ground: Outing["ground"]) => {
  const read = readGroundFile(text, ground);
  if (!read.ok) throw new Error(read.message);
  return read;
};

/** Every number of a value, in order. */
const numbersOf = (value: unknown): number[] =>
  typeof value === "number"
    ? [value]
    : typeof value === "object" && value !== null
      ? Object.keys(value)
          .sort()
          .flatMap((k) => numbersOf((value as Record<string, unknown>)[k]))
      : [];

test("a ground goes through GeoJSON and back: every thing, every property, every place to the centimetre", () => {
  const read = taken(JSON.stringify(toGeoJson(full)), empty(full));
  expect(read.reports.filter((r) => r.refused)).toEqual([]);
  for (const list of ["positions", "spots", "tracks", "obstacles", "areas", "masts", "windows"] as const) {
    const [before, after] = [full.ground[list]!, read.ground[list]!];
    expect(after.map((t) => [t.id, t.name])).toEqual(before.map((t) => [t.id, t.name]));
    const lists = [before, after].map((things) =>
      things.map((t) => ("outline" in t ? { ...t, outline: [] } : t)).flatMap(numbersOf),
    );
    lists[0]!.forEach((n, i) => expect(Math.abs(n - lists[1]![i]!)).toBeLessThanOrEqual(0.011));
  }
  const corner = (g: Outing["ground"]): Point =>
    [...(g.obstacles[0] as { outline: Point[] }).outline].sort((a, b) => a.x - b.x)[0]!;
  expect(planDistance(corner(full.ground), corner(read.ground))).toBeLessThan(0.02);
  expect(read.ground.zones.find((z) => z.id === "shade")).toMatchObject({
    offsetClicks: -9,
    holdsFor: "all",
  });
});

test("a second library reads the GPX: names with their marks, every place to the centimetre", () => {
  const odd = {
    ...full,
    ground: { ...full.ground, positions: [{ ...full.ground.positions[0]!, name: "A <1> & “B”" }] },
  };
  const page = new DOMParser().parseFromString(toGpx(odd), "text/xml");
  const { features } = readGpx(page);
  const way = features.find((f) => f.properties?.name === "A <1> & “B”")!;
  const [longitude, latitude] = (way.geometry as unknown as { coordinates: [number, number] }).coordinates;
  const back = fromCoordinates(full.ground.anchor, { latitude, longitude });
  expect(planDistance(back, full.ground.positions[0]!.at)).toBeLessThan(0.02);
  const track = features.find((f) => f.geometry?.type === "LineString")!;
  expect((track.geometry as unknown as { coordinates: unknown[] }).coordinates).toHaveLength(
    full.ground.tracks[0]!.points.length,
  );
});

test("a GPX and a KML from elsewhere become spots, tracks and areas", () => {
  const { latitude: lat, longitude: lon } = full.ground.anchor;
  const walk = Array.from(
    { length: 900 },
    (_, i) => `<trkpt lat="${lat + i * 1e-6}" lon="${lon + Math.sin(i / 90) * 2e-4}"/>`,
  ).join("");
  const gpx = `<gpx xmlns="http://www.topografix.com/GPX/1/1"><wpt lat="${lat}" lon="${lon}"><name>Nest box</name></wpt><trk><name>Fox</name><trkseg>${walk}</trkseg></trk></gpx>`;
  const read = taken(gpx, empty(full));
  expect(read.ground.spots).toMatchObject([{ name: "Nest box", at: { x: 0, y: 0 } }]);
  expect(read.ground.tracks[0]!.name).toBe("Fox");
  expect(read.ground.tracks[0]!.points.length).toBeLessThanOrEqual(200);
  expect(read.ground.tracks[0]!.points.length).toBeGreaterThan(5);
  const ring = [
    [0, 0],
    [1e-4, 0],
    [1e-4, 1e-4],
    [0, 0],
  ].map(([x, y]) => `${lon + x!},${lat + y!},0`);
  const kml = `<kml xmlns="http://www.opengis.net/kml/2.2"><Placemark><name>Meadow</name><Polygon><outerBoundaryIs><LinearRing><coordinates>${ring.join(" ")}</coordinates></LinearRing></outerBoundaryIs></Polygon></Placemark></kml>`;
  expect(taken(kml, empty(full)).ground.areas).toMatchObject([{ name: "Meadow", kind: "path" }]);
});

test("common words of open map data: a building with its height, a hedge from a line, a tree, a pond", () => {
  const { latitude: lat, longitude: lon } = full.ground.anchor;
  const at = (x: number, y: number) => [lon + x * 1e-5, lat + y * 1e-5];
  const square = [[at(0, 0), at(9, 0), at(9, 9), at(0, 9), at(0, 0)]];
  const feature = (properties: object, type: string, coordinates: unknown) => ({
    type: "Feature",
    properties,
    geometry: { type, coordinates },
  });
  const file = {
    type: "FeatureCollection",
    features: [
      feature({ building: "yes", height: "7.5 m", name: "Barn" }, "Polygon", square),
      feature({ barrier: "hedge" }, "LineString", [at(20, 0), at(20, 30)]),
      feature({ natural: "tree", height: 12 }, "Point", at(30, 0)),
      feature({ natural: "water", name: "Pond" }, "MultiPolygon", [square]),
    ],
  };
  const { ground, reports } = taken(JSON.stringify(file), empty(full));
  expect(reports.map((r) => r.sort)).toEqual(["obstacle", "obstacle", "obstacle", "area"]);
  expect(ground.obstacles).toMatchObject([
    { kind: "building", height: 7.5, name: "Barn" },
    { kind: "hedge", name: "Feature 2" },
    { kind: "tree", height: 12 },
  ]);
  expect(ground.areas).toMatchObject([{ kind: "surface", surface: "water" }]);
});

test("what cannot be taken is said feature by feature, and the rest is taken; what is no file of a ground changes nothing", () => {
  const { latitude, longitude } = full.ground.anchor;
  const file = {
    type: "FeatureCollection",
    features: [
      {
        type: "Feature",
        properties: { name: "Far" },
        geometry: { type: "Point", coordinates: [longitude + 3, latitude] },
      },
      { type: "Feature", properties: { name: "Bent" }, geometry: { type: "Point", coordinates: ["x"] } },
      {
        type: "Feature",
        properties: { sort: "mast", name: "Low", height: -3 },
        geometry: { type: "Point", coordinates: [longitude, latitude] },
      },
      null,
      {
        type: "Feature",
        properties: { name: "Good" },
        geometry: { type: "Point", coordinates: [longitude, latitude] },
      },
    ],
  };
  const { ground, reports } = taken(JSON.stringify(file), empty(full));
  expect(reports.map((r) => r.refused !== undefined)).toEqual([true, true, true, true, false]);
  expect(reports[0]!.refused).toMatch(/5 km/);
  expect(reports[2]!.refused).toMatch(/height/);
  expect(ground.spots.map((s) => s.name)).toEqual(["Good"]);
  const bad: GroundRead[] = [
    "{}",
    "[1]",
    "<html/>",
    "not a file",
    "<gpx",
    '{"type":"FeatureCollection","features":[]}',
  ].map((text) => readGroundFile(text, full.ground));
  for (const read of bad) expect(read.ok ? "" : read.message).toMatch(/\.$/);
});

test("our own export read again doubled everything: what is here already is told so, whatever its ring", () => {
  const text = JSON.stringify(toGeoJson(full));
  const again = readGroundFile(text, full.ground);
  expect(again).toMatchObject({ ok: true, ground: full.ground });
  const { reports } = again as Extract<GroundRead, { ok: true }>;
  expect(reports.length).toBeGreaterThan(20);
  expect(reports.filter((r) => r.refused !== "it is here already")).toEqual([]);
  // Moved meanwhile, it is another thing.
  const [first, ...rest] = full.ground.positions;
  const moved = {
    ...full.ground,
    positions: [{ ...first!, at: { x: first!.at.x + 2, y: first!.at.y } }, ...rest],
  };
  const found = readGroundFile(text, moved) as Extract<GroundRead, { ok: true }>;
  expect(found.ground.positions).toHaveLength(full.ground.positions.length + 1);
});

test("a sort that every object has threw, and a control character made our own GPX unreadable", () => {
  const feature = { type: "Feature", geometry: { type: "Point", coordinates: [-1.44, 53.21] } };
  for (const sort of ["toString", "constructor", "__proto__"]) {
    const text = JSON.stringify({
      type: "FeatureCollection",
      features: [{ ...feature, properties: { sort } }],
    });
    expect(readGroundFile(text, hockey.ground)).toMatchObject({ ok: true, reports: [{ sort: "spot" }] });
  }
  const odd = toGpx({ ...full, name: "Cup\u0000 \u0008semi\uffff-final" });
  const page = new DOMParser().parseFromString(odd, "text/xml");
  expect(page.querySelector("parsererror")).toBeNull();
  expect(odd).toContain("<name>Cup semi-final</name>");
});

test("each building of many was read with the whole ground: as many again are read as they come, under names of their own", () => {
  const square = (i: number) => {
    const [x, y] = [-1.44 + (i % 20) * 1e-4, 53.21 + Math.floor(i / 20) * 1e-4];
    const ring = [
      [x, y],
      [x + 5e-5, y],
      [x + 5e-5, y + 5e-5],
      [x, y + 5e-5],
      [x, y],
    ];
    return {
      type: "Feature",
      properties: { building: "yes", name: "House" },
      geometry: { type: "Polygon", coordinates: [ring] },
    };
  };
  const features = Array.from({ length: 250 }, (_, i) => square(i));
  const found = readGroundFile(JSON.stringify({ type: "FeatureCollection", features }), {
    ...hockey.ground,
    obstacles: [],
  }) as Extract<GroundRead, { ok: true }>;
  const ids = found.ground.obstacles.map((o) => o.id);
  expect(new Set(ids).size).toBe(ids.length);
  expect(found.reports.filter((r) => r.refused === undefined)).toHaveLength(ids.length);
  expect(ids.length).toBeGreaterThan(100);
});
