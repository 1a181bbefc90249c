import fc from "fast-check";
import { inPlaceBy, reschedule, runningOrder, type Event, type Schedule, type ScheduleInput } from ".";

const MINUTE = 60_000;
const at = (minutes: number): number => Date.UTC(2026, 4, 30, 9) + minutes * MINUTE;
const PLACES: Readonly<Record<string, number>> = {
  gate: 0,
  water: 300,
  ditch: 900,
  wall: 1500,
  finish: 2000,
};
const metres = (a: string, b: string): number => Math.abs(PLACES[a]! - PLACES[b]!);
const event = (
  id: string,
  from: number,
  value: number,
  placeId: string,
  more: Partial<Event> = {},
): Event => ({
  id,
  from: at(from),
  until: at(from + 5),
  setUp: 2 * MINUTE,
  value,
  alternatives: [{ placeId, worth: 1 }],
  ...more,
});
const day = (events: readonly Event[]): ScheduleInput => ({
  events,
  start: { placeId: "gate", at: at(0) },
  metres,
  pace: 1.2,
});
const ids = (s: Schedule): string[] => s.visits.map((x) => x.eventId);

test("in place by the second call (common practice), or by the start where there are fewer", () => {
  expect(inPlaceBy({ from: at(60), calls: [at(30), at(45), at(58)] })).toBe(at(45));
  expect(inPlaceBy({ from: at(60), calls: [at(30)] })).toBe(at(60));
  expect(inPlaceBy({ from: at(60) })).toBe(at(60));
});

test("the times of a stop, worked by hand: 300 m at 1.2 m/s are 250 s, two minutes to set up before the second call", () => {
  const { visits: stops } = runningOrder(day([event("a", 60, 1, "water", { calls: [at(40), at(50)] })]));
  expect(stops[0]).toMatchObject({
    eventId: "a",
    placeId: "water",
    ready: at(50),
    leave: at(48) - 250_000,
    arrive: at(0) + 250_000,
    slack: at(48) - at(0) - 250_000,
  });
});

test("of two that clash the dearer is taken, and what is left out is told with its value", () => {
  const plan = runningOrder(day([event("a", 60, 2, "water"), event("b", 62, 5, "finish")]));
  expect(ids(plan)).toEqual(["b"]);
  expect(plan).toMatchObject({ value: 5, valueLost: 2, method: "exact", bound: 5 });
  expect(plan.lost).toEqual([{ eventId: "a", value: 2, reason: "worth-less" }]);
});

test("who stays at a place sets up once: starts three minutes apart are all had from there, whatever they are called", () => {
  const riders = Array.from({ length: 6 }, (_, i) =>
    event(`r${i}`, 60 + 3 * i, 1, "water", {
      until: at(61 + 3 * i),
      calls: [at(30 + 3 * i), at(40 + 3 * i)],
    }),
  );
  const plan = runningOrder(day(riders));
  expect(ids(plan)).toHaveLength(6);
  expect(plan.visits[1]!.slack).toBe(2 * MINUTE);
  expect(
    runningOrder(
      day(
        riders.map((r, i) => ({ ...r, alternatives: [{ placeId: i % 2 ? "water" : "finish", worth: 1 }] })),
      ),
    ).visits.length,
  ).toBe(3);
});

test("another position for the same event saves the next one", () => {
  const near = event("a", 60, 3, "finish", {
    alternatives: [
      { placeId: "gate", worth: 1 },
      { placeId: "wall", worth: 0.8 },
    ],
  });
  const plan = runningOrder(day([near, event("b", 80, 3, "finish")]));
  // From the gate 2000 m would take 28 minutes; from the wall 7.
  expect(plan.visits.map((s) => s.placeId)).toEqual(["wall", "finish"]);
  expect(plan.value).toBeCloseTo(5.4, 9);
});

test("one of a group is enough, and the other is no loss", () => {
  const plan = runningOrder(
    day([
      event("ride-1", 60, 4, "water", { group: "water" }),
      event("ride-2", 90, 4, "water", { group: "water" }),
      event("ditch", 70, 1, "ditch"),
    ]),
  );
  expect(plan.value).toBe(5);
  expect(plan.lost).toEqual([{ eventId: expect.stringMatching(/ride/), value: 0, reason: "had-already" }]);
});

test("reasons for what is lost: over, no place, out of reach on foot", () => {
  const plan = runningOrder(
    day([
      event("over", -30, 1, "gate"),
      event("nowhere", 60, 1, "gate", { alternatives: [] }),
      event("far", 10, 1, "finish"),
    ]),
  );
  expect(plan.lost.map((l) => l.reason)).toEqual(["over", "no-place", "cannot-reach"]);
});

test("a shift on the day is solved anew from where one stands, without what is done", () => {
  const input = day([event("a", 60, 2, "water"), event("b", 62, 5, "finish"), event("c", 20, 1, "gate")]);
  expect(ids(runningOrder(input))).toEqual(["c", "b"]);
  const later = reschedule(input, {
    placeId: "gate",
    at: at(26),
    covered: ["c"],
    shifts: [{ eventId: "b", by: 60 * MINUTE }],
  });
  expect(ids(later)).toEqual(["a", "b"]);
  expect(later.visits[1]!.until).toBe(at(127));
});

const places = Object.keys(PLACES);
const anyEvent = (id: number): fc.Arbitrary<Event> =>
  fc
    .record({
      from: fc.integer({ min: 10, max: 150 }),
      length: fc.oneof(fc.constant(0), fc.integer({ min: 1, max: 20 })),
      setUp: fc.constantFrom(0, 2),
      value: fc.integer({ min: 1, max: 9 }),
      group: fc.option(fc.constantFrom("g", "h"), { nil: undefined, freq: 2 }),
      ways: fc.uniqueArray(fc.constantFrom(...places), { minLength: 1, maxLength: 2 }),
    })
    .map(({ from, length, setUp, value, group, ways }) => ({
      ...event(`e${id}`, from, value, "gate"),
      until: at(from + length),
      setUp: setUp * MINUTE,
      group,
      alternatives: ways.map((placeId, i) => ({ placeId, worth: i === 0 ? 1 : 0.7 })),
    }));
const anyDay = fc.tuple(...Array.from({ length: 6 }, (_, i) => anyEvent(i))).map((events) => day(events));

/** Every order of every subset, every position: the best value that any of them has. */
function exhaustive(input: ScheduleInput): number {
  const from = (place: string, time: number, left: readonly Event[], groups: readonly string[]): number => {
    let best = 0;
    left.forEach((e, i) => {
      if (e.group && groups.includes(e.group)) return;
      for (const a of e.alternatives) {
        const arrive = time + (input.metres(place, a.placeId) / input.pace) * 1000;
        const by = inPlaceBy(e) - e.setUp;
        // Who stays has set up already, and may have been there since before the call.
        if (arrive > (place === a.placeId ? Math.max(by, e.from) : by)) continue;
        const rest = left.filter((_, j) => j !== i);
        const value = e.value * a.worth;
        best = Math.max(
          best,
          value + from(a.placeId, e.until, rest, e.group ? [...groups, e.group] : groups),
        );
      }
    });
    return best;
  };
  return from(input.start.placeId, input.start.at, input.events, []);
}

test("the dynamic programme finds what an exhaustive search finds, and its stops can be walked", () => {
  fc.assert(
    fc.property(anyDay, (input) => {
      const plan = runningOrder(input);
      expect(plan.method).toBe("exact");
      expect(plan.value).toBeCloseTo(exhaustive(input), 9);
      let [place, time] = [input.start.placeId, input.start.at];
      for (const stop of plan.visits) {
        expect(time + (metres(place, stop.placeId) / 1.2) * 1000).toBeLessThanOrEqual(stop.arrive + 1e-6);
        expect(stop.slack).toBeGreaterThanOrEqual(0);
        [place, time] = [stop.placeId, stop.until];
      }
    }),
  );
});

test("an event without length, to be had from two places side by side, was counted twice", () => {
  const both = [
    { placeId: "gate", worth: 1 },
    { placeId: "stand", worth: 0.9 },
  ];
  const flash = event("flash", 60, 3, "gate", { until: at(60), setUp: 0, alternatives: both });
  const near = { ...day([flash, event("b", 70, 2, "gate")]), metres: () => 0 };
  expect(runningOrder(near)).toMatchObject({ value: 5, method: "exact", bound: 5 });
  const group = { ...near, events: near.events.map((e) => ({ ...e, group: "g" })) };
  expect(runningOrder(group).value).toBe(3);
});

test("with too many groups for every set of them the order has a bound that no order exceeds, and all of it can be done", () => {
  const events = Array.from({ length: 40 }, (_, i) => [
    event(`a${i}`, 20 + 8 * i, 1 + (i % 7), places[i % 5]!, { group: `g${i}` }),
    event(`b${i}`, 24 + 8 * ((i * 7) % 40), 1 + (i % 5), places[(i + 2) % 5]!, { group: `g${i}` }),
  ]).flat();
  const plan = runningOrder(day(events));
  expect(plan.value).toBeGreaterThan(0.5 * plan.bound);
  expect(plan.value).toBeLessThanOrEqual(plan.bound);
  expect(plan.method).toBe(plan.bound > plan.value + 1e-9 ? "bounded" : "exact");
  const groups = plan.visits.map((s) => s.eventId.slice(1));
  expect(new Set(groups).size).toBe(groups.length);
  expect(plan.all).toBe(
    events.reduce((sum, e, i) => (i % 2 ? sum : sum + Math.max(e.value, events[i + 1]!.value)), 0),
  );
});

test("a start at the place where one stands was too far once its second call was over", () => {
  const called = event("called", 10, 1, "gate", { calls: [at(-20), at(-5)] });
  expect(ids(runningOrder(day([called])))).toEqual(["called"]);
  const elsewhere = { ...called, alternatives: [{ placeId: "water", worth: 1 }] };
  expect(runningOrder(day([elsewhere])).lost).toMatchObject([{ reason: "cannot-reach" }]);
});
