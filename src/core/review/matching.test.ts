import { simulatedDay, type SimulatedDay } from "../../../test/simulated-day";
import { burstsOf } from "./bursts";
import { clocksAgreeing, trueTime } from "./clock";
import { matchBursts, type MatchInput } from "./matching";

type Body = "long" | "wide";

/** Each body's bursts with the clock that agrees with the day, or none where two do. */
function readBack(day: SimulatedDay) {
  const captures = day.presses.map((p) => ({
    id: p.name,
    taken: p.written,
    hasSubSeconds: true,
    body: p.body,
    exposureTime: p.seconds,
    fNumber: p.f,
    focalLengthMm: p.mm,
  }));
  const all = burstsOf(captures);
  const told = { events: day.events, tags: day.tags.map((t) => t.at) };
  const bodies = (["long", "wide"] as const).map((body) => {
    const bursts = all.filter((b) => b.body === body);
    const found = clocksAgreeing(
      bursts.map((b) => b.until),
      told,
    );
    return { body, bursts, found };
  });
  return bodies;
}

const SHOTS: MatchInput["shots"] = [
  { id: "far", positionId: "fence", focalMm: [400, 400], exposureTime: 1 / 1600 },
  { id: "near", positionId: "gate", focalMm: [70, 200], exposureTime: 1 / 800 },
];

test("days with clocks off by hours, drifting, with tags missing: most is sure, and what is sure is right", () => {
  let [can, sure, right, shotsRight, off] = [0, 0, 0, 0, 0];
  const SEEDS = 20;
  for (let seed = 1; seed <= SEEDS; seed++) {
    const day = simulatedDay({ seed, tagged: 0.35 });
    for (const { body, bursts, found } of readBack(day)) {
      if (!found.ok || found.value.length > 1) {
        can += bursts.length;
        continue;
      }
      const [{ clock }] = found.value as [(typeof found.value)[number]];
      off = Math.max(off, Math.abs(clock.ahead - day.off[body as Body]));
      const timed = bursts.map(({ from, until, frames }, i) => ({
        id: `${body}${i}`,
        from: trueTime(from, clock),
        until: trueTime(until, clock),
        error: clock.error,
        capture: frames[0]!,
      }));
      const matches = matchBursts({
        bursts: timed,
        events: day.events,
        shots: SHOTS,
        tags: day.tags,
        readings: [],
      });
      bursts.forEach((burst, i) => {
        const press = day.presses.find((p) => p.name === burst.frames[0]!.id)!;
        const { event, shot } = matches[i]!;
        if (press.event !== undefined) can++;
        if (event.certainty !== "sure" || event.id === undefined) return;
        sure++;
        if (event.id === press.event) right++;
        if (event.id === press.event && shot.id === press.shot) shotsRight++;
      });
    }
  }
  expect(can).toBeGreaterThan(20 * 150);
  expect(off).toBeLessThan(15);
  expect(sure / can).toBeGreaterThanOrEqual(0.7);
  expect(right / sure).toBeGreaterThanOrEqual(0.97);
  expect(shotsRight / right).toBeGreaterThanOrEqual(0.97);
});

test("a day on which every event is like the next one leaves the clock open, with all that it could be", () => {
  for (let seed = 1; seed <= 6; seed++)
    for (const { found } of readBack(simulatedDay({ seed, tagged: 0, even: true }))) {
      expect(found.ok && found.value.length).toBeGreaterThan(1);
    }
});

const DAY: MatchInput = {
  bursts: [],
  events: [
    { id: "heat-3", starts: 600_000, ends: 780_000, shotIds: [] },
    { id: "heat-4", starts: 1_200_000, ends: 1_380_000, shotIds: [] },
  ],
  shots: SHOTS,
  tags: [],
  readings: [{ id: "r1", at: 500_000, positionId: "fence" }],
};
const burst = (from: number, capture = {}, error = 10) => ({
  id: "b",
  from,
  until: from + 800,
  error,
  capture,
});
const matched = (one: MatchInput["bursts"][number], day: Partial<MatchInput> = {}) =>
  matchBursts({ ...DAY, ...day, bursts: [one] })[0]!;

test("a burst between two events stays open and is told by both; well within one it is sure", () => {
  expect(matched(burst(990_000))).toMatchObject({
    event: { certainty: "open", id: undefined },
    between: ["heat-3", "heat-4"],
  });
  expect(matched(burst(860_000)).event.certainty).not.toBe("sure");
  expect(matched(burst(700_000))).toMatchObject({
    event: { certainty: "sure", id: "heat-3" },
    readingId: "r1",
  });
  expect(matched(burst(700_000, {}, 1800)).event.certainty).toBe("open");
});

test("two events at once are told apart by the lens, and left open where it says nothing", () => {
  const events = [
    { id: "hurdles", starts: 0, ends: 300_000, shotIds: ["far"] },
    { id: "jump", starts: 0, ends: 900_000, shotIds: ["near"] },
  ];
  expect(matched(burst(100_000, { focalLengthMm: 400 }), { events }).event).toMatchObject({
    id: "hurdles",
    certainty: "sure",
  });
  expect(matched(burst(100_000, { focalLengthMm: 100 }), { events })).toMatchObject({
    event: { id: "jump", certainty: "sure" },
    shot: { id: "near" },
    position: { id: "gate" },
  });
  const open = matched(burst(100_000), { events });
  expect(open.event.certainty).toBe("open");
  expect(open.between.toSorted()).toEqual(["hurdles", "jump"]);
});

test("a shot without a plan does not take what goes with the plan of another", () => {
  const shots = [
    ...SHOTS,
    { id: "open", positionId: undefined, focalMm: undefined, exposureTime: undefined },
  ];
  const found = matched(burst(700_000, { focalLengthMm: 400, exposureTime: 1 / 1600 }), { shots });
  expect(found.shot).toMatchObject({ id: "far" });
  const other = matched(burst(700_000, { focalLengthMm: 24, exposureTime: 1 / 30 }), { shots });
  expect(other.shot).toMatchObject({ id: "open" });
});

test("a tag belongs to the frames after the one before it and up to itself", () => {
  const tags = [
    { id: "t1", at: 650_000 },
    { id: "t2", at: 700_000, eventId: "heat-3" },
  ];
  expect(matched(burst(690_000, {}, 2), { tags }).tag).toMatchObject({ id: "t2", certainty: "sure" });
  expect(matched(burst(640_000, {}, 2), { tags }).tag).toMatchObject({ id: "t1" });
  expect(matched(burst(649_500, {}, 20), { tags }).tag?.certainty).not.toBe("sure");
  expect(matched(burst(720_000, {}, 2), { tags }).tag).toBeUndefined();
});
