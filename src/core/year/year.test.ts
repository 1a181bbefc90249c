import fc from "fast-check";
import { activityByHour, calendarMarks, comingRound, dayOfYear, lightWindows, OTHERS, YEAR_DAYS } from ".";
import { lightSide, sunAt } from "../light";
import { angleBetween } from "../units";

const DAY = 86_400_000;

test("a day of the year counts 29 February always: the first of March is the 61st, the last of December the 366th", () => {
  expect(["2026-01-01", "2026-02-28", "2024-02-29", "2026-03-01", "2026-12-31"].map(dayOfYear)).toEqual([
    1,
    59,
    60,
    61,
    YEAR_DAYS,
  ]);
});

const noted = (row: string, year: number, day: number) => ({ row, year, day });

test("one day of three years is one mark with its years, and days of another row stand by themselves", () => {
  const marks = calendarMarks([
    noted("wren song", 2024, 88),
    noted("wren song", 2026, 88),
    noted("wren song", 2025, 88),
    noted("fox track", 2025, 12),
  ]);
  expect(marks).toEqual([
    { row: "fox track", from: 12, until: 12, years: [2025], count: 1 },
    { row: "wren song", from: 88, until: 88, years: [2026, 2025, 2024], count: 3 },
  ]);
});

test("two thousand sightings are forty drawn elements at most, none lost and each within its days", () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          row: fc.constantFrom(..."abcdefghijklm"),
          year: fc.integer({ min: 2015, max: 2026 }),
          day: fc.integer({ min: 1, max: YEAR_DAYS }),
        }),
        { minLength: 1, maxLength: 2000 },
      ),
      (all) => {
        const marks = calendarMarks(all);
        expect(marks.length).toBeLessThanOrEqual(40);
        expect(marks.reduce((sum, m) => sum + m.count, 0)).toBe(all.length);
        const rows = new Set(marks.map((m) => m.row));
        expect(rows.size).toBeLessThanOrEqual(8);
        for (const { row, day, year } of all)
          expect(
            marks.some(
              (m) =>
                (m.row === row || m.row === OTHERS) &&
                m.from <= day &&
                day <= m.until &&
                m.years.includes(year),
            ),
          ).toBe(true);
      },
    ),
    { numRuns: 60 },
  );
});

const seen = (id: string, on: string, same = "wren") => ({ id, on, same });

test("last spring's day comes round from a fortnight before it to three days after, the latest of its years standing for all", () => {
  const all = [seen("a", "2024-04-02"), seen("b", "2025-03-28"), seen("far", "2025-08-01", "tern")];
  expect(comingRound(all, "2026-03-20")).toEqual([{ id: "b", inDays: 8, years: 2 }]);
  expect(comingRound(all, "2026-03-31")).toEqual([{ id: "b", inDays: -3, years: 2 }]);
  expect(comingRound(all.slice(1), "2026-04-01")).toEqual([]);
  expect(comingRound(all, "2026-03-01")).toEqual([]);
});

test("what was noted this year already is not said again, and what is to come is none of the past", () => {
  expect(comingRound([seen("a", "2025-03-28"), seen("b", "2026-03-25")], "2026-03-27")).toEqual([]);
  expect(comingRound([seen("a", "2026-04-01")], "2026-03-27")).toEqual([]);
});

test("across new year: a day in January comes round at the end of December, and one of late December in its first days", () => {
  expect(comingRound([seen("a", "2026-01-04")], "2026-12-28")).toEqual([{ id: "a", inDays: 7, years: 1 }]);
  expect(comingRound([seen("a", "2025-12-30")], "2027-01-01")).toEqual([{ id: "a", inDays: -2, years: 1 }]);
  // Of this very winter: it was noted two days ago.
  expect(comingRound([seen("a", "2026-12-30")], "2027-01-01")).toEqual([]);
});

test("activity is what was noted over how long one was there: an hour that nobody watched says nothing", () => {
  const hours = activityByHour(
    [310, 330, 400],
    [
      { from: 300, until: 420 },
      { from: 300, until: 360 },
      { from: 1400, until: 1500 },
    ],
  );
  expect(hours[5]).toEqual({ hour: 5, seen: 2, hours: 2, rate: 1 });
  expect(hours[6]).toEqual({ hour: 6, seen: 1, hours: 1, rate: 1 });
  expect(hours[7]).toEqual({ hour: 7, seen: 0, hours: 0 });
  // Past midnight: an hour of the next day.
  expect(hours[0]!.hours).toBeCloseTo(1, 9);
  expect(hours.reduce((sum, h) => sum + h.hours, 0)).toBeCloseTo((120 + 60 + 100) / 60, 9);
});

const place = { latitude: 53.3, longitude: -1.2, elevation: 10 };
const days = Array.from({ length: 365 }, (_, i) => ({
  from: Date.UTC(2026, 0, 1) + i * DAY,
  until: Date.UTC(2026, 0, 2) + i * DAY,
}));
const wish = {
  place,
  point: { x: 0, y: 0, z: 1 },
  obstacles: [],
  toCamera: 90,
  side: "front" as const,
  altitudes: [4, 15] as const,
  days,
};
const run = (input: Parameters<typeof lightWindows>[0]) => {
  const work = lightWindows(input);
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    expect(step.value.done).toBeLessThanOrEqual(step.value.total);
  }
};

test("the windows of a year are sixty at most, the best first, and in each the sun stands as it was wished", () => {
  const found = run(wish);
  expect(found).toHaveLength(60);
  found.forEach((w, i) => {
    const middle = sunAt((w.from + w.until) / 2, place);
    expect(middle.apparentAltitude).toBeGreaterThan(4);
    expect(middle.apparentAltitude).toBeLessThan(15);
    expect(lightSide(angleBetween(middle.azimuth, 90))).toBe("front");
    if (i > 0) expect(w.fit).toBeLessThanOrEqual(found[i - 1]!.fit);
  });
  // Morning sun alone stands in front of a camera in the east.
  expect(found.every((w) => new Date(w.from).getUTCHours() < 12)).toBe(true);
});

test("behind a wall in the east there is none of them, and in polar night none at all", () => {
  const wall = {
    id: "wall",
    name: "Wall",
    kind: "wall" as const,
    outline: [
      { x: 2, y: -400 },
      { x: 3, y: -400 },
      { x: 3, y: 400 },
      { x: 2, y: 400 },
    ],
    height: 30,
  };
  expect(run({ ...wish, obstacles: [wall] })).toEqual([]);
  const winter = days.slice(0, 10);
  expect(run({ ...wish, place: { ...place, latitude: 80 }, days: winter })).toEqual([]);
});
