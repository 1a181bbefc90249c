/** The day of many events: how long an order anew takes, against the assessments of its events alone. */
import { readFileSync } from "node:fs";
import path from "node:path";
import { demoKit, demoOutings } from "../../demo";
import { worthFrom, coverage, type CoverageInput } from "../../src/core/schedule";
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
}
