import fc from "fast-check";
import { demoOutings } from "../../demo";
import { isShownAgain, lightPlanOf, outingSchema, timesFault, wallTimeOf, windowOf, type Times } from ".";
import { lampSpans } from "./times";

const HOUR = 3_600_000;
const LONDON: Times = {
  date: "2026-10-17",
  from: "20:00",
  starts: "22:00",
  until: "02:30",
  plannedAt: "00:15",
  timeZone: "Europe/London",
};
const night = (date: string): Times => ({ ...LONDON, date });

test("an outing could not go past midnight: leaving before one arrives is of the next day, and so is what lies between", () => {
  const { from, until, starts, planned } = windowOf(LONDON);
  expect(until - from).toBe(6.5 * HOUR);
  expect(starts - from).toBe(2 * HOUR);
  expect(planned - from).toBe(4.25 * HOUR);
  expect(
    outingSchema.safeParse({ ...demoOutings[0]!, from: "20:00", starts: "22:00", until: "02:30" }).success,
  ).toBe(true);
});

test("an outing lasts over days when its last day is said", () => {
  const { from, until } = windowOf({ ...LONDON, until: "21:00", lastDate: "2026-10-19" });
  expect(until - from).toBe(49 * HOUR);
});

// Clocks go forward on 29 March 2026 at 01:00 and back on 25 October 2026 at 02:00 in London (tz database).
test("the nights of the clock change have their true length", () => {
  const length = (date: string): number => {
    const { from, until } = windowOf(night(date));
    return (until - from) / HOUR;
  };
  expect([length("2026-03-28"), length("2026-10-24"), length("2026-10-17")]).toEqual([5.5, 7.5, 6.5]);
});

test("of the hour that the clocks repeat, each half is named apart", () => {
  const { from, until } = windowOf(night("2026-10-24"));
  const quarters = Array.from({ length: (4 * (until - from)) / HOUR }, (_, i) => from + (i * HOUR) / 4);
  const shown = quarters.map(
    (at) => wallTimeOf(at, "Europe/London") + (isShownAgain(at, "Europe/London") ? " again" : ""),
  );
  expect(new Set(shown).size).toBe(quarters.length);
  expect(shown.filter((words) => words.endsWith("again"))).toEqual([
    "01:00 again",
    "01:15 again",
    "01:30 again",
    "01:45 again",
  ]);
});

test.each([
  ["leaving before arriving", { lastDate: "2026-10-16" }, "lastDate"],
  ["a last day that is the first, with an earlier hour", { lastDate: "2026-10-17" }, "lastDate"],
  ["a night of 23 hours, which is a slip of the hand", { until: "19:00" }, "until"],
  ["three weeks", { lastDate: "2026-11-07" }, "lastDate"],
  ["a start after one has left", { starts: "03:00" }, "starts"],
  ["a start before one arrives", { starts: "19:00" }, "starts"],
])("%s is refused at its place", (_name, edit, path) => {
  expect(timesFault({ ...LONDON, ...edit })).toMatchObject({ path });
});

test("lamps that burn until half past midnight went out before they went on", () => {
  const [first, ...further] = lampSpans(LONDON, { from: "19:00", until: "00:30" });
  const { from } = windowOf(LONDON);
  expect(first).toEqual({ from: from - HOUR, until: from + 4.5 * HOUR });
  expect(further.length).toBe(1);
  expect(lampSpans(LONDON, { from: "01:00", until: "02:00" })[0]).toEqual({
    from: from + 5 * HOUR,
    until: from + 6 * HOUR,
  });
  expect(lampSpans({ ...LONDON, until: "23:00" }, { from: "17:35" })).toEqual([
    { from: from - (2 + 25 / 60) * HOUR, until: undefined },
  ]);
});

test("over days the lamps go on every evening", () => {
  const outing = { ...demoOutings[0]!, lastDate: "2026-10-19" };
  const { lamps } = lightPlanOf({
    ...outing,
    light: { ...outing.light, lamps: { class: "II", from: "17:35", until: "22:00" } },
  });
  expect([lamps!, ...lamps!.further!].map(({ from }) => (from - lamps!.from) / HOUR)).toEqual([0, 24, 48]);
});

const minute = fc.integer({ min: 0, max: 1439 });
const wall = (m: number): string =>
  `${String(Math.floor(m / 60)).padStart(2, "0")}:${String(m % 60).padStart(2, "0")}`;

test("whatever times are allowed, one arrives, it starts, and one leaves in this order", () => {
  fc.assert(
    fc.property(
      minute,
      minute,
      minute,
      fc.integer({ min: 0, max: 364 }),
      fc.constantFrom("Europe/London", "America/Denver", "Australia/Lord_Howe", "Pacific/Kiritimati"),
      (f, s, u, day, timeZone) => {
        const date = new Date(Date.UTC(2026, 0, 1 + day)).toISOString().slice(0, 10);
        const times: Times = {
          date,
          from: wall(f),
          starts: wall(s),
          until: wall(u),
          plannedAt: wall(s),
          timeZone,
        };
        fc.pre(timesFault(times) === undefined);
        const { from, starts, until, planned } = windowOf(times);
        expect(from).toBeLessThanOrEqual(starts);
        expect(starts).toBeLessThanOrEqual(until);
        expect(planned).toBe(starts);
        expect(until - from).toBeLessThanOrEqual(25 * HOUR);
      },
    ),
  );
});
