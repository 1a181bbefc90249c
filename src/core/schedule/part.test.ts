import fc from "fast-check";
import { runningOrder, type Event, type ScheduleInput } from ".";
import { orderByPieces } from "./solve";
import { shareBetween, worthOfShare, type PartWorth } from "./part-worth";

const MINUTE = 60_000;
const at = (minutes: number): number => Date.UTC(2026, 4, 30, 12) + minutes * MINUTE;
const PLACES: Readonly<Record<string, number>> = { pit: 0, bar: 120, finish: 240, cage: 600 };
const places = Object.keys(PLACES);
const metres = (a: string, b: string): number => Math.abs(PLACES[a]! - PLACES[b]!);
const event = (
  id: string,
  [from, until]: readonly [number, number],
  value: number,
  partly: PartWorth,
  placeId: string,
  more: Partial<Event> = {},
): Event => ({
  id,
  from: at(from),
  until: at(until),
  setUp: 2 * MINUTE,
  value,
  partly,
  alternatives: [{ placeId, worth: 1 }],
  ...more,
});
const day = (events: readonly Event[], placeId = "pit"): ScheduleInput => ({
  events,
  start: { placeId, at: at(0) },
  metres,
  pace: 1.2,
});
/** The stays of an order as "event from–until", in minutes. */
const stays = (events: readonly Event[], placeId?: string): string[] =>
  runningOrder(day(events, placeId)).visits.map(
    (v) => `${v.eventId} ${Math.round((v.from - at(0)) / MINUTE)}–${Math.round((v.until - at(0)) / MINUTE)}`,
  );

test("what a part is worth, from the formula: a third of a long jump gives 63 of 95, a third of a high jump a quarter, of its end a half", () => {
  expect(worthOfShare("early", 1 / 3)).toBeCloseTo((1 - Math.exp(-1)) / (1 - Math.exp(-3)), 12);
  expect(worthOfShare("early", 1)).toBe(1);
  expect(shareBetween("late", 0, 1 / 3)).toBeCloseTo(0.25, 12);
  expect(shareBetween("late", 2 / 3, 1)).toBeCloseTo(0.5, 12);
  expect([0.2, 0.999, 1].map((s) => worthOfShare("whole", s))).toEqual([0, 0, 1]);
  expect(worthOfShare("even", 0.4)).toBe(0.4);
  for (const worth of ["early", "late", "even"] as const) {
    const whole = [0, 1, 2, 3, 4].reduce((sum, i) => sum + shareBetween(worth, i / 5, (i + 1) / 5), 0);
    expect(whole).toBeCloseTo(1, 12);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (a, b) =>
          expect(worthOfShare(worth, Math.max(a, b))).toBeGreaterThanOrEqual(
            worthOfShare(worth, Math.min(a, b)),
          ),
      ),
    );
  }
});

// Five days, each with the order that a colleague would walk, put down by hand before anything ordered it.
test("day one: the final of a race is fetched out of the middle of a long jump, and the jump is gone back to", () => {
  const jump = event("jump", [0, 60], 4, "early", "pit");
  const race = event("race", [30, 35], 4, "whole", "finish");
  expect(stays([jump, race])).toEqual(["jump 0–22", "race 30–35", "jump 40–60"]);
});

test("day two: of a long jump and a high jump at once, the jump comes first and the bar last", () => {
  const jump = event("jump", [0, 60], 3, "early", "pit");
  const bar = event("bar", [0, 90], 3, "late", "bar");
  const order = stays([jump, bar]);
  expect(order.at(0)).toMatch(/^jump 0–/);
  expect(order.at(-1)).toMatch(/^bar \d+–90$/);
  expect(order).toHaveLength(2);
});

test("day three: a game is left at the turn for the whole of another that is worth more, and nothing short of ten minutes counts", () => {
  const game = event("game", [0, 70], 2, "early", "pit");
  const final = event("final", [50, 55], 3, "whole", "cage");
  // 600 m are 8 min 20 s: back at 65 with the set-up, five minutes before the end.
  expect(stays([game, final])).toEqual(["game 0–37", "final 50–55"]);
});

test("day four: heats in a row are had by their number, from the place that serves them best", () => {
  const heats = event("heats", [0, 60], 6, "even", "finish", {
    alternatives: [
      { placeId: "finish", worth: 1 },
      { placeId: "pit", worth: 0.4 },
    ],
  });
  const { visits, value } = runningOrder(day([heats], "pit"));
  // 240 m and two minutes are 320 s: what the place where one stands gives in its first ten minutes does not make up for as many at the line.
  expect(visits.map((v) => [v.placeId, (v.from - at(0)) / 1000])).toEqual([["finish", 320]]);
  expect(value).toBeCloseTo((6 * (3600 - 320)) / 3600, 9);
});

test("day five: four throws at once at one cage are had one after another, each for the time that gives most", () => {
  const throws = [0, 1, 2].map((i) => event(`t${i}`, [0, 60], 2, "early", "cage"));
  const { visits, method } = runningOrder(day(throws, "cage"));
  expect(method).toBe("exact");
  const minutes = [0, 1, 2].map((i) =>
    visits.filter((v) => v.eventId === `t${i}`).reduce((sum, v) => sum + (v.until - v.from) / MINUTE, 0),
  );
  expect(minutes).toEqual([20, 20, 20]);
});

/** Every walk through every piece of every event: the best value that any of them has. Pieces of ten minutes and more, eight at most. */
function exhaustive(input: ScheduleInput): number {
  const pieces = input.events.flatMap((e) => {
    const length = (e.until - e.from) / MINUTE;
    const count = e.partly === "whole" ? 1 : Math.max(1, Math.min(8, Math.floor(length / 10)));
    return Array.from({ length: count }, (_, i) => ({
      e,
      count,
      from: e.from + (i * (e.until - e.from)) / count,
      until: e.from + ((i + 1) * (e.until - e.from)) / count,
      share: count === 1 ? 1 : shareBetween(e.partly!, i / count, (i + 1) / count),
    }));
  });
  const onwards = (place: string, time: number, seen: Readonly<Record<string, number>>): number => {
    let best = 0;
    for (const { e, from, until, share } of pieces)
      for (const { placeId, worth } of e.alternatives) {
        const arrive = time + (input.metres(place, placeId) / input.pace) * 1000;
        if (arrive > (placeId === place ? from : from - e.setUp)) continue;
        if (share >= 1 && (seen[e.id] ?? 0) >= 1) continue;
        const before = seen[e.id] ?? 0;
        const gain =
          share >= 1 ? 1 : worthOfShare(e.partly!, before + share) - worthOfShare(e.partly!, before);
        const value = e.value * worth * gain;
        best = Math.max(best, value + onwards(placeId, until, { ...seen, [e.id]: before + share }));
      }
    return best;
  };
  return onwards(input.start.placeId, input.start.at, {});
}

test("the order in part finds what an exhaustive search over every piece finds, and its stays can be walked", () => {
  const anyEvent = (id: number): fc.Arbitrary<Event> =>
    fc
      .record({
        from: fc.integer({ min: 4, max: 40 }),
        length: fc.integer({ min: 4, max: 45 }),
        value: fc.integer({ min: 1, max: 9 }),
        partly: fc.constantFrom("whole", "early", "late", "even"),
        ways: fc.uniqueArray(fc.constantFrom(...places), { minLength: 1, maxLength: 2 }),
      })
      .map(({ from, length, value, partly, ways }) =>
        event(`e${id}`, [from, from + length], value, partly, "pit", {
          alternatives: ways.map((placeId, i) => ({ placeId, worth: i === 0 ? 1 : 0.7 })),
        }),
      );
  const anyDay = fc.tuple(anyEvent(0), anyEvent(1), anyEvent(2), anyEvent(3)).map((events) => day(events));
  fc.assert(
    fc.property(anyDay, (input) => {
      const plan = runningOrder(input);
      expect(plan.method).toBe("exact");
      // Drawn out to the minute it is worth no less than by its pieces.
      expect(plan.value).toBeGreaterThanOrEqual(exhaustive(input) - 1e-9);
      expect(orderByPieces(input).value).toBeCloseTo(exhaustive(input), 9);
      expect(plan.value).toBeLessThanOrEqual(plan.all + 1e-9);
      let [place, time] = [input.start.placeId, input.start.at];
      for (const stay of plan.visits) {
        expect(time + (metres(place, stay.placeId) / 1.2) * 1000).toBeLessThanOrEqual(stay.arrive + 1e-6);
        expect(stay.arrive).toBeLessThanOrEqual(stay.from + 1e-6);
        [place, time] = [stay.placeId, stay.until];
      }
    }),
    { numRuns: 60 },
  );
});

test("what was seen of an event already adds less: the other one is gone to", () => {
  const seen = event("seen", [0, 60], 3, "early", "pit", { seen: 0.6 });
  const fresh = event("fresh", [0, 60], 3, "early", "bar");
  expect(stays([seen, fresh], "pit").some((s) => s.startsWith("fresh"))).toBe(true);
  const { value } = runningOrder(day([seen], "pit"));
  expect(value).toBeCloseTo(3 * (1 - worthOfShare("early", 0.6)), 9);
});

test("an event that is on already is had from now to its end, a race that is on is lost", () => {
  const input = {
    ...day([event("jump", [-30, 30], 3, "even", "pit"), event("race", [-2, 4], 3, "whole", "pit")]),
  };
  const plan = runningOrder(input);
  expect(plan.visits.map((v) => [v.eventId, (v.from - at(0)) / MINUTE, v.share])).toEqual([["jump", 0, 0.5]]);
  expect(plan.lost).toMatchObject([{ eventId: "race", reason: "cannot-reach" }]);
});
