import { demoOutings } from "../../../demo";
import { hockeyWalk } from "../../../test/hockey-walk";
import type { Progress } from "../units";
import { coverage, type Coverage, type CoverageEvent, type CoverageInput } from ".";

const outing = demoOutings[0]!;
const MINUTE = 60_000;
const START = Date.UTC(2026, 9, 17, 14);
const { position: _, ...asked } = hockeyWalk;
const event = (id: string, minutes: number, more: Partial<CoverageEvent> = {}): CoverageEvent => ({
  id,
  from: START + minutes * MINUTE,
  until: START + (minutes + 4) * MINUTE,
  setUp: MINUTE,
  value: 1,
  pictures: [{ asked: [asked], where: "chosen" }],
  ...more,
});
const inputOf = (events: readonly CoverageEvent[], more: Partial<CoverageInput> = {}): CoverageInput => ({
  ground: outing.ground,
  light: { cloudEighths: 8, readings: [] },
  events,
  positions: outing.ground.positions,
  start: { placeId: outing.ground.positions[0]!.id, at: START },
  pace: 1.2,
  ...more,
});
function toTheEnd(input: CoverageInput, seen: Progress[] = []): Coverage {
  const work = coverage(input);
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    seen.push(step.value);
  }
}
const ids = (answer: Coverage): string[] => answer.visits.map((v) => v.eventId);

test("each event is worth what the judge scores its best position there, and the progress is told event by event", () => {
  const seen: Progress[] = [];
  const answer = toTheEnd(inputOf([event("a", 30), event("b", 60)]), seen);
  expect(seen).toEqual([
    { done: 1, total: 2 },
    { done: 2, total: 2 },
  ]);
  expect(ids(answer)).toEqual(["a", "b"]);
  for (const visit of answer.visits) {
    expect(visit.value).toBeGreaterThan(0.3);
    expect(visit.value).toBeLessThanOrEqual(1);
  }
  expect(answer).toMatchObject({ method: "exact", valueLost: 0 });
  expect(answer.bound).toBeCloseTo(answer.value, 9);
});

test("walks go round what stands there: as long both ways, and never shorter than the straight line", () => {
  const { ways } = toTheEnd(inputOf([event("a", 30)]));
  let compared = 0;
  for (const a of outing.ground.positions)
    for (const b of outing.ground.positions) {
      const [there, back] = [ways[a.id]![b.id], ways[b.id]![a.id]];
      if (a === b) continue;
      expect(there!.metres).toBe(back!.metres);
      expect([there!.way.at(0), there!.way.at(-1)]).toEqual([a.at, b.at]);
      expect(there!.metres).toBeGreaterThanOrEqual(Math.hypot(a.at.x - b.at.x, a.at.y - b.at.y) - 1e-6);
      compared++;
    }
  expect(compared).toBeGreaterThan(5);
});

test("what is had already is not asked for again, nor what shows the same", () => {
  const events = [
    event("heat-1", 5, { group: "heats" }),
    event("heat-2", 30, { group: "heats" }),
    event("final", 60),
  ];
  expect(ids(toTheEnd(inputOf(events)))).toHaveLength(2);
  const later = toTheEnd(inputOf(events, { covered: ["heat-1"] }));
  expect(ids(later)).toEqual(["final"]);
  expect(later.lost).toEqual([]);
});

test("an event without a place is lost for that; one that clashes is priced with what it would cost", () => {
  const answer = toTheEnd(
    inputOf([event("a", 30, { value: 4 }), event("b", 31), event("nowhere", 60, { pictures: [] })]),
  );
  expect(ids(answer)).toEqual(["a"]);
  expect(answer.lost.map((l) => [l.eventId, l.reason])).toEqual([
    ["b", "worth-less"],
    ["nowhere", "no-place"],
  ]);
  const [price] = answer.prices;
  expect(price).toMatchObject({ eventId: "b", insteadOf: ["a"] });
  // The same picture a minute apart: four times its worth against once.
  expect(price!.costs).toBeGreaterThan(1);
  expect(price!.costs).toBeLessThan(3.2);
});

test("what is pinned is had though it is worth less, and its weight is no value", () => {
  const answer = toTheEnd(inputOf([event("a", 30, { value: 4 }), event("b", 31, { pinned: true })]));
  expect(ids(answer)).toEqual(["b"]);
  expect(answer.value).toBeLessThanOrEqual(1);
  expect(answer.valueLost).toBeGreaterThan(1);
});

test("sixty events at three positions are ordered exactly, and each can be done after the one before it", () => {
  const many = Array.from({ length: 60 }, (_, i) => event(`e${i}`, 10 + i * 3, { value: 1 + (i % 4) }));
  const answer = toTheEnd(inputOf(many));
  expect(answer.method).toBe("exact");
  expect(answer.visits.length).toBeGreaterThan(15);
  answer.visits.slice(1).forEach((visit, i) => {
    const before = answer.visits[i]!;
    const walk = ((answer.ways[before.placeId]?.[visit.placeId]?.metres ?? 0) / 1.2) * 1000;
    expect(before.until + walk).toBeLessThanOrEqual(visit.ready - MINUTE + 1e-6);
  });
  expect(answer.visits.length + answer.lost.length).toBe(60);
});
