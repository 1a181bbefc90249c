/** The day of many events: how long an order anew takes, against the assessments of its events alone. */
import { readFileSync } from "node:fs";
import path from "node:path";
import { demoKit, demoOutings } from "../../demo";
import {
  chancesOf,
  coverage,
  runningOrder,
  worthFrom,
  type CoverageInput,
  type Event,
  type ScheduleInput,
} from "../../src/core/schedule";
import { evenFrom } from "../../src/core/units";
import { sunCourse } from "../../src/core/light";
import { sceneAt } from "../../src/core/scene";
import { DEFAULT_PREFERENCES, windowOf } from "../../src/data";
import { addEvents } from "../../src/outing/edits";
import { coverageInput } from "../../src/outing/programme/coverage-input";
import { placesOf } from "../../src/outing/programme/event-places";
import { daysOf } from "../../src/outing/lists/day-of";
import { eventsFrom } from "../../src/outing/lists/events-from";
import { readList } from "../../src/outing/lists/read-list";

const EVENTS = 60;
const course = demoOutings.find((o) => o.kind === "course")!;

/** The course day's first events at the demo's positions and as many again beside them. */
function dayOf(alongTheCourse: boolean): CoverageInput {
  const list = readFileSync(path.resolve("public/lists/course-day.csv"), "utf8");
  const track = placesOf(course.ground).find((p) => p.sort === "track")!;
  const events = eventsFrom(readList(list, daysOf(course)).events.slice(0, EVENTS), course);
  const positions = course.ground.positions.flatMap((p) => [
    p,
    { ...p, id: `${p.id}-too`, at: { x: p.at.x + 20, y: p.at.y + 30 } },
  ]);
  const outing = addEvents(
    alongTheCourse
      ? events.map((e) => ({
          ...e,
          place: { sort: track.sort, id: track.id },
          shotIds: course.shots.slice(0, 2).map((s) => s.id),
        }))
      : events,
  )({ ...course, ground: { ...course.ground, positions } });
  return coverageInput({
    outing,
    kit: demoKit,
    preferences: DEFAULT_PREFERENCES,
    position: positions[0],
    at: windowOf(outing).from,
  });
}

function toTheEnd(input: CoverageInput): void {
  const work = coverage(input);
  while (!work.next().done);
}
function seconds(run: () => void): number {
  run();
  const from = performance.now();
  for (let i = 0; i < 5; i++) run();
  return (performance.now() - from) / 5000;
}
/** Prints the order of a day of many events against its assessments alone. */
export function benchCoverage(): void {
  for (const [name, input] of [
    ["each at its fence", dayOf(false)],
    ["each along the course for two shots", dayOf(true)],
  ] as const) {
    const { ground, light, events, positions } = input;
    const sun = sunCourse(ground.anchor);
    const alone = seconds(() =>
      events.forEach(({ pictures, from }) => {
        const scene = sceneAt(ground, light, from, sun(from));
        positions.forEach((position) => worthFrom(pictures, position, scene));
      }),
    );
    const whole = seconds(() => toTheEnd(input));
    console.log(
      `  an order of ${EVENTS} events at ${positions.length} positions, ${name} : its assessments alone   ${(whole / alone).toFixed(1)}   (here ${(whole * 1000).toFixed(0)} ms)`,
    );
  }
  const parts = dayInPart();
  const order = seconds(() => void runningOrder(parts));
  const { visits, method, value, all } = runningOrder(parts);
  const chances = seconds(() => void chancesOf({ ...parts, began: parts.start.at, uncertain: {} }, visits));
  console.log(
    `  an order of ${PARTS} events in part at five places with its chances   ${((order + chances) * 1000).toFixed(0)} ms here (aim 1000), ${((100 * chances) / (order + chances)).toFixed(0)} % of it chances; ${visits.length} stays, ${method}, ${((100 * value) / all).toFixed(0)} % of the day`,
  );
}

const PARTS = 80;

/** A day of seven hours of events of every kind of worth at five places, from a seed. */
function dayInPart(): ScheduleInput {
  const even = evenFrom(7);
  const places = [0, 300, 900, 1500, 2000];
  const start = Date.UTC(2027, 4, 15, 10);
  const events = Array.from({ length: PARTS }, (_, i): Event => {
    const partly = (["whole", "early", "late", "even"] as const)[Math.floor(4 * even())]!;
    const from = start + Math.floor(420 * even()) * 60_000;
    return {
      id: `e${i}`,
      from,
      until: from + (partly === "whole" ? 5 : 40 + 60 * even()) * 60_000,
      setUp: 120_000,
      value: 1 + Math.floor(4 * even()),
      partly,
      alternatives: [0, 1, 2, 3].map((k) => ({
        placeId: String((i + k) % places.length),
        worth: 1 - 0.15 * k,
      })),
    };
  });
  const metres = (a: string, b: string): number => Math.abs(places[Number(a)]! - places[Number(b)]!);
  return { events, start: { placeId: "0", at: start }, metres, pace: 1.2 };
}
