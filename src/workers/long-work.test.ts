import { demoKit, demoOutings } from "../../demo";
import { longWork } from "./long-work";

const outing = demoOutings[0]!;
const input = {
  shot: outing.shots[0]!,
  subject: outing.subjects[0]!,
  ground: outing.ground,
  light: { cloudEighths: 0, readings: [] },
  order: ["lift", "aperture", "shutter", "iso"] as const,
  area: [
    [
      { x: -60, y: -60 },
      { x: 60, y: -60 },
      { x: 60, y: 60 },
      { x: -60, y: 60 },
    ],
  ],
  step: 4,
  lensHeights: [1.6],
  times: [Date.UTC(2026, 9, 17, 15)],
  list: { most: 4, apart: 10 },
  rigs: demoKit.lenses.map((lens) => ({ body: demoKit.bodies[0]!, lens, support: demoKit.supports[0]! })),
};

test("a search runs to its end, reports on the way, and its input and result can cross to a worker and back", () => {
  const shares: number[] = [];
  const result = longWork.search(structuredClone(input), ({ done, total }) => shares.push(done / total));
  expect(shares.length).toBeGreaterThan(0);
  expect(Math.max(...shares)).toBeLessThanOrEqual(1);
  expect(structuredClone(result)).toEqual(result);
  expect(result.heat.some((c) => c.best)).toBe(true);
});
