/**
 * Speed as ratios within one run, and the bytes of the first load. Absolute times are printed for the eye and asserted
 * nowhere: they hang on the machine.
 */
import { existsSync, readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { gzipSync } from "node:zlib";
import { getPosition } from "suncalc";
import { assess, timeline, type AssessInput } from "../src/core/judge";
import { sunAt } from "../src/core/light";
import { sceneAt } from "../src/core/scene";
import { lightPlanOf, rigOf, windowOf } from "../src/data";
import { demoKit, demoShoots } from "../demo";

const MINUTE = 60_000;
const shoot = demoShoots[0]!;
const shot = shoot.shots[0]!;
const light = lightPlanOf(shoot);
const { from, until } = windowOf(shoot);
const input: Omit<AssessInput, "scene"> = {
  shot,
  subject: shoot.subjects.find((s) => s.id === shot.subjectId)!,
  position: shoot.ground.positions[1]!,
  rig: rigOf(shoot.choices[0]!, demoKit)!,
  order: ["lift", "aperture", "shutter", "iso"],
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

/** The formulas of one assessment and nothing else: no reasons, no rails, no judgement, no objects. */
function bareArithmetic(i: number): number {
  const x = 10 + (i % 20);
  const y = 22;
  const s = Math.hypot(x, y);
  const m = 0.2 / (s - 0.2);
  const kept = Math.min(1, (m * 1.35) / 0.024 / 0.5);
  const c = (0.0432666 * kept) / 1500;
  const phi = Math.abs(Math.atan2(x, y) - 2);
  const sun = (20_000 * Math.cos(0.2) * ((Math.PI - phi) * Math.cos(phi) + Math.sin(phi))) / 4;
  const lux = sun + 3000 + 0.1 * 8000;
  const speed = Math.hypot(0.15 * 4 * Math.sin(phi), 0.5, (0.675 * 4 * Math.cos(phi)) / s, 25) * m;
  const shake = (0.2 * 0.0288) / 64;
  const still =
    (0.42 * 0.55e-6 * 2.8 * (1 + m)) ** 2 + 36e-12 / 12 + ((0.04 / 2.8) * (0.04 / (s * (s - 0.2)))) ** 2 / 16;
  const t = Math.sqrt(((0.025 * m) ** 2 / 12 - still) / ((speed * speed + shake * shake) / 12));
  return Math.log2(lux / 2.5) + Math.ceil(-3 * Math.log2(t)) + c;
}

const scene = sceneAt(shoot.ground, light, from + 60 * MINUTE);
const bare = secondsOf(bareArithmetic, 200_000);
const one = secondsOf(() => assess({ ...input, scene }), 5_000);
const sun = secondsOf((i) => sunAt(from + i * MINUTE, shoot.ground.anchor), 1440);
const suncalc = secondsOf((i) => getPosition(new Date(from + i * MINUTE), 53.21, -1.44), 1440);
const day = secondsOf(
  () => timeline({ ...input, ground: shoot.ground, light, from, until, step: 5 * MINUTE }),
  10,
);

const ratio = (a: number, b: number): string => (a / b).toFixed(1);
console.log("speed, as ratios within this run");
console.log(`  one assessment with reasons : its bare arithmetic   ${ratio(one, bare)}`);
console.log(`  one sun position            : suncalc's             ${ratio(sun, suncalc)}`);
console.log(`  a day's timeline            : one assessment        ${ratio(day, one)}`);
console.log(
  `  (here ${Math.round(1 / one)} assessments a second, a timeline in ${(day * 1000).toFixed(1)} ms)`,
);

const scripts = path.resolve("dist/_expo/static/js/web");
if (existsSync(scripts)) {
  console.log("bytes, gzip, kB");
  for (const file of readdirSync(scripts).filter((f) => f.endsWith(".js")))
    console.log(
      `  ${file.split("-")[0]!.padEnd(8)} ${(gzipSync(readFileSync(path.join(scripts, file)), { level: 6 }).length / 1000).toFixed(0)}`,
    );
} else console.log("bytes: no build yet, run npm run build");
