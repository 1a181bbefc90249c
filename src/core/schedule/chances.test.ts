import { runningOrder, type Event } from ".";
import { chancesOf } from "./chances";

const MINUTE = 60_000;
const at = (minutes: number): number => Date.UTC(2026, 4, 30, 12) + minutes * MINUTE;
const metres = (a: string, b: string): number => (a === b ? 0 : 360);
const event = (
  id: string,
  from: number,
  length: number,
  placeId: string,
  more: Partial<Event> = {},
): Event => ({
  id,
  from: at(from),
  until: at(from + length),
  setUp: 0,
  value: 1,
  alternatives: [{ placeId, worth: 1 }],
  ...more,
});
const day = (events: readonly Event[]) => ({ events, start: { placeId: "a", at: at(0) }, metres, pace: 1.2 });
const chances = (
  events: readonly Event[],
  more: Partial<Parameters<typeof chancesOf>[0]> = {},
  seed?: number,
) => {
  const input = day(events);
  return chancesOf({ ...input, began: at(0), uncertain: {}, ...more }, runningOrder(input).visits, seed);
};

test("with nothing uncertain one is always in time, and the first race of the day is never missed for a delay of its own", () => {
  expect(chances([event("one", 10, 5, "a"), event("two", 30, 5, "b")], { began: at(600) })).toEqual([1, 1]);
  expect(chances([event("one", 60, 5, "b")])).toEqual([1]);
});

test("a race that runs late eats the walk to the next: by hand, its lateness beyond five minutes less that of the next", () => {
  // 360 m are five minutes; between the end of the one and the start of the other lie ten. Both are late by a tenth of 60 and 75 minutes,
  // half of it together. In time unless late(one) > 5 + late(two): worked out by a second way of drawing the same two numbers.
  const events = [event("one", 60, 5, "a"), event("two", 75, 5, "b")];
  const [first, second] = chances(events);
  expect(first).toBe(1);
  let state = 99;
  const even = (): number => (state = (state * 16807) % 2147483647) / 2147483647;
  const normal = (): number => Array.from({ length: 12 }, even).reduce((a, b) => a + b, -6);
  let inTime = 0;
  const runs = 20_000;
  for (let i = 0; i < runs; i++) {
    const [z, a, b] = [normal(), normal(), normal()];
    const [one, two] = [Math.max(0, (6 * (z + a)) / Math.SQRT2), Math.max(0, (7.5 * (z + b)) / Math.SQRT2)];
    if (one + 5 + 60 + 5 <= 75 + two) inTime++;
  }
  expect(Math.abs(second! - inTime / runs)).toBeLessThan(0.06);
  expect(second).toBeLessThan(0.97);
});

test("more time between two, or a shorter spread, is a better chance; the same seed gives the same", () => {
  const near = chances([event("one", 60, 5, "a"), event("two", 72, 5, "b")])[1]!;
  const far = chances([event("one", 60, 5, "a"), event("two", 90, 5, "b")])[1]!;
  expect(far).toBeGreaterThan(near);
  const uncertain = { one: { spread: 15 * MINUTE, mayBeEarly: false } };
  expect(chances([event("one", 60, 5, "a"), event("two", 75, 5, "b")], { uncertain })[1]!).toBeLessThan(
    chances([event("one", 60, 5, "a"), event("two", 75, 5, "b")])[1]!,
  );
  const twice = [event("one", 60, 5, "a"), event("two", 72, 5, "b")];
  expect(chances(twice, {}, 5)).toEqual(chances(twice, {}, 5));
  expect(chances(twice, {}, 5)).not.toEqual(chances(twice, {}, 6));
});

test("an event in part is left to the minute, so that the race behind it is not missed for it", () => {
  const jump = event("jump", 0, 60, "a", { partly: "early", value: 3 });
  const race = event("race", 40, 5, "b", { value: 3 });
  const uncertain = { jump: { spread: 20 * MINUTE, mayBeEarly: true } };
  const order = runningOrder(day([jump, race])).visits;
  expect(order.map((v) => v.eventId).slice(0, 2)).toEqual(["jump", "race"]);
  expect(chances([jump, race], { uncertain })[1]).toBe(1);
});

test("the second of two heats on one track waits for the first: who stays is not late for it", () => {
  const heats = [event("one", 60, 5, "a"), event("two", 65, 5, "a")];
  const apart = chances(heats)[1]!;
  expect(apart).toBeLessThan(0.8);
  const uncertain = Object.fromEntries(
    ["one", "two"].map((id) => [id, { spread: 0, mayBeEarly: false, at: "track" }]),
  );
  expect(chances(heats, { uncertain })[1]).toBe(1);
});
