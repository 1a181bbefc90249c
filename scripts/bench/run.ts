/**
 * Speed as ratios within one run, and the bytes of the first load. Absolute times are printed for the eye and asserted
 * nowhere: they hang on the machine.
 */
import { existsSync, readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { gzipSync } from "node:zlib";
import { getPosition } from "suncalc";
import { footprintOf, isClosed, topOf, type Point } from "../../src/core/ground";
import { assess, searchPositions, timeline, type AssessInput, type SearchInput } from "../../src/core/judge";
import { sunCourse } from "../../src/core/light";
import { sceneAt } from "../../src/core/scene";
import { lightPlanOf, rigOf, windowOf } from "../../src/data";
import { demoKit, demoOutings } from "../../demo";
import { bareArithmetic, type FlatGround } from "./bare";
import { benchCoverage } from "./coverage";
import { benchKeep } from "./keep";
import { benchPicture } from "./picture";
import { benchSearch } from "./search";
import { benchYear } from "./year";

const MINUTE = 60_000;
const outing = demoOutings[0]!;
const { ground } = outing;
const shot = outing.shots[0]!;
const light = lightPlanOf(outing);
const { from, until } = windowOf(outing);
const rig = rigOf(outing.choices[0]!, demoKit)!;
const input: Omit<AssessInput, "scene"> = {
  shot,
  subject: outing.subjects.find((s) => s.id === shot.subjectId)!,
  position: ground.positions[1]!,
  rig,
  order: ["lift", "aperture", "shutter", "iso"],
};

const flat = (outline: readonly Point[]): Float64Array =>
  Float64Array.from(outline.flatMap((p) => [p.x, p.y]));
const bareGround: FlatGround = {
  outlines: ground.obstacles.map((o) => flat(footprintOf(o))),
  heights: Float64Array.from(ground.obstacles.map(topOf)),
  noGo: ground.areas.filter(isClosed).map((n) => flat(n.outline)),
  masts: flat(ground.masts.map((m) => m.at)),
  openSky: new Float64Array(36).fill(0.9),
};

/** Median seconds of one call over seven rounds, after a warm-up. */
function secondsOf(run: (i: number) => unknown, calls: number): number {
  const rounds: number[] = [];
  for (let round = 0; round < 8; round++) {
    const start = performance.now();
    for (let i = 0; i < calls; i++) run(i);
    if (round > 0) rounds.push((performance.now() - start) / 1000 / calls);
  }
  return rounds.sort((a, b) => a - b)[3]!;
}

/** Two lens heights, two hours and two rigs over a grid that makes some twenty thousand combinations. */
const search: SearchInput = {
  ...input,
  ground,
  light,
  area: [[-60, -80, 60, -80, 60, 80, -60, 80]].map((o) =>
    [0, 2, 4, 6].map((i) => ({ x: o[i]!, y: o[i + 1]! })),
  ),
  step: 2.75,
  lensHeights: [0.6, 1.6],
  times: [from + 30 * MINUTE, from + 90 * MINUTE],
  list: { most: 0, apart: 12 },
  rigs: [rig, { ...rig, lens: demoKit.lenses[1]! }],
};

function searchToTheEnd(): number {
  const walk = searchPositions(search);
  for (;;) {
    const step = walk.next();
    if (step.done) return step.value.assessed;
  }
}

const scene = sceneAt(ground, light, from + 60 * MINUTE);
const bare = secondsOf((i) => bareArithmetic(bareGround, 10 + (i % 20), 20, 4 + (i % 7) * 0.1, 0.3), 20_000);
const one = secondsOf(() => assess({ ...input, scene }), 5_000);
const combinations = searchToTheEnd();
const searched = secondsOf(searchToTheEnd, 1);
const bareLoop =
  secondsOf((i) => bareArithmetic(bareGround, 10 + (i % 20), 20, 4, 0.3), combinations) * combinations;
const dayOfSun = secondsOf(() => {
  const course = sunCourse(ground.anchor);
  for (let i = 0; i < 1440; i++) course(from + i * MINUTE);
}, 20);
const { latitude, longitude } = ground.anchor;
const dayOfSuncalc = secondsOf(() => {
  for (let i = 0; i < 1440; i++) getPosition(new Date(from + i * MINUTE), latitude, longitude);
}, 20);
const day = secondsOf(() => timeline({ ...input, ground, light, from, until, step: 5 * MINUTE }), 5);

const ratio = (a: number, b: number): string => (a / b).toFixed(1);
console.log("speed, as ratios within this run (one thread)");
console.log(`  one assessment with reasons  : its bare arithmetic     ${ratio(one, bare)}`);
console.log(
  `  search of ${combinations} combinations : the bare loop           ${ratio(searched, bareLoop)}`,
);
console.log(`  a day of sun by the minute   : suncalc's               ${ratio(dayOfSun, dayOfSuncalc)}`);
console.log(`  a day's timeline             : one assessment          ${ratio(day, one)}`);
console.log(
  `  (here ${Math.round(1 / one)} assessments a second; the search ${searched.toFixed(2)} s; a timeline ${(day * 1000).toFixed(1)} ms)`,
);

benchCoverage();
benchYear();
benchSearch();
benchPicture();
void benchKeep();

const scripts = path.resolve("dist/_expo/static/js/web");
if (existsSync(scripts)) {
  console.log("bytes, gzip, kB");
  for (const file of readdirSync(scripts).filter((f) => f.endsWith(".js")))
    console.log(
      `  ${file.split("-")[0]!.padEnd(8)} ${(gzipSync(readFileSync(path.join(scripts, file)), { level: 6 }).length / 1000).toFixed(0)}`,
    );
} else console.log("bytes: no build yet, run npm run build");
