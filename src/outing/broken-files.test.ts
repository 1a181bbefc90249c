/** @jest-environment jsdom */
import { readFileSync } from "node:fs";
import fc from "fast-check";
import { demoOutings } from "../../demo";
import { forecastFor } from "../../server/stand-ins/forecast";
import { readLampFile } from "@/core/light";
import { outingSchema, programmeEventSchema, windowOf } from "@/data";
import { readGroundFile } from "@/data/ground-files/read-ground";
import { toGeoJson } from "@/data/ground-files/to-geojson";
import { toGpx } from "@/data/ground-files/to-gpx";
import { readForecast, setForecast } from "./forecast/forecast";
import { eventsFrom } from "./lists/events-from";
import type { ReadList } from "./lists/drafts";
import { readList } from "./lists/read-list";

const outing = demoOutings[0]!;
const window = windowOf(outing);
const { latitude, longitude } = outing.ground.anchor;
const DAYS = { date: "2026-11-14", count: 2 };
const RUNS = 2000;

/** Ways in which a file breaks on its way, and values that no reader should believe. */
const PUTS = [
  "",
  "\u0000",
  "\ufeff",
  '"',
  "<",
  "&",
  "1e308",
  "-1",
  "NaN",
  "null",
  "toString",
  "\r\n",
  ";;;;",
  "İ",
  "99:99",
];
const broken = (whole: string): fc.Arbitrary<string> => {
  const at = fc.nat(whole.length);
  return fc
    .array(
      fc.tuple(at, fc.nat(40), fc.constantFrom("cut", "twice", "turned", "put"), fc.constantFrom(...PUTS)),
      {
        minLength: 1,
        maxLength: 4,
      },
    )
    .map((breaks) =>
      breaks.reduce((text, [from, length, how, put]) => {
        const middle = text.slice(from, from + length);
        const changed = { cut: "", twice: middle + middle, turned: [...middle].reverse().join(""), put }[how];
        return text.slice(0, from) + changed + text.slice(from + length);
      }, whole),
    );
};

/** Nothing of a broken list throws, and what is read of it can be kept. */
function checkProgramme({ events, refused }: ReadList): void {
  for (const event of eventsFrom(events, { ...outing, programme: [] }))
    expect(programmeEventSchema.safeParse(event).error).toBeUndefined();
  for (const { line } of refused) expect(line).toBeGreaterThanOrEqual(1);
}

const GALA = readFileSync("public/lists/pool-gala.txt", "utf8").slice(0, 900);
const TABLE = readFileSync("public/lists/course-day.csv", "utf8").slice(0, 900);
const LAMP = [
  "IESNA:LM-63-2002",
  "TILT=NONE",
  "1 -1 1 3 1 1 2 0 0 0",
  "1 1 400",
  "0 30 60",
  "0",
  "9000 3000 0",
].join("\n");
const KML =
  '<kml xmlns="http://www.opengis.net/kml/2.2"><Document><Placemark><name>Oak</name><Point><coordinates>-1.44,53.21,0</coordinates></Point></Placemark><Placemark><LineString><coordinates>-1.44,53.21 -1.441,53.211</coordinates></LineString></Placemark></Document></kml>';
const few = { ...outing, ground: { ...outing.ground, obstacles: outing.ground.obstacles.slice(0, 2) } };

function checkGround(text: string): void {
  const read = readGroundFile(text, outing.ground);
  if (!read.ok) return expect(read.message.length).toBeGreaterThan(10);
  expect(outingSchema.safeParse({ ...outing, ground: read.ground }).error).toBeUndefined();
}

/** Of a forecast what is told can be kept. */
function checkForecast(text: string): void {
  const read = readForecast(text, outing, window);
  if (!read.ok) return;
  const next = setForecast(read.forecast)(outing);
  expect(outingSchema.safeParse(next).error).toBeUndefined();
}

const READERS: readonly (readonly [name: string, sample: string, check: (text: string) => void])[] = [
  ["a list", GALA, (text) => checkProgramme(readList(text, DAYS))],
  ["a table", TABLE, (text) => checkProgramme(readList(text, DAYS))],
  [
    "a forecast",
    JSON.stringify(
      forecastFor({ latitude, longitude, from: window.from, until: window.from + 7_200_000, seed: 5 }),
    ),
    checkForecast,
  ],
  [
    "a lamp's file",
    LAMP,
    (text) => {
      const lamp = readLampFile(text);
      if (lamp.ok) expect(JSON.stringify(lamp.value)).not.toContain("null");
    },
  ],
  ["GeoJSON", JSON.stringify(toGeoJson(few)), checkGround],
  ["GPX", toGpx(few), checkGround],
  ["KML", KML, checkGround],
];

test.each(READERS)(
  "%s, broken in thousands of ways, is read or refused: nothing throws, and what is read can be kept",
  (_name, sample, check) => {
    check(sample);
    fc.assert(fc.property(broken(sample), check), { numRuns: RUNS });
  },
);
