/** The day of many events: how long an order anew takes, against the same number of assessments alone. */
import { demoKit, demoOutings } from "../../demo";
import { assess } from "../../src/core/judge";
import { sceneAt } from "../../src/core/scene";
import { coverage, type CoverageInput } from "../../src/core/schedule";

const MINUTE = 60_000;
const outing = demoOutings[0]!;
const shot = outing.shots[0]!;
const start = Date.UTC(2026, 9, 17, 9);
const asked = {
  shot,
  subject: outing.subjects.find((s) => s.id === shot.subjectId)!,
  rig: { body: demoKit.bodies[0]!, lens: demoKit.lenses[0]!, support: demoKit.supports[0]! },
  order: ["lift", "aperture", "shutter", "iso"] as const,
};
const EVENTS = 60;
const input: CoverageInput = {
  ground: outing.ground,
  light: { cloudEighths: 8, readings: [] },
  positions: outing.ground.positions,
  start: { placeId: outing.ground.positions[0]!.id, at: start },
  pace: 1.2,
  events: Array.from({ length: EVENTS }, (_, i) => ({
    id: `e${i}`,
    from: start + (10 + i * 5) * MINUTE,
    until: start + (14 + i * 5) * MINUTE,
    setUp: 2 * MINUTE,
    value: 1 + (i % 4),
    pictures: [{ asked: [asked], where: "chosen" as const }],
  })),
};

function toTheEnd(): void {
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
  const scene = sceneAt(outing.ground, input.light, start);
  const alone = seconds(() => {
    input.events.forEach(() => input.positions.forEach((position) => assess({ ...asked, position, scene })));
  });
  const whole = seconds(toTheEnd);
  console.log(
    `  an order of ${EVENTS} events at ${input.positions.length} positions : its assessments alone   ${(whole / alone).toFixed(1)}   (here ${(whole * 1000).toFixed(0)} ms)`,
  );
}
