import fc from "fast-check";
import { demoOutings } from "../../demo";
import { instantOf, lightPlanOf, wallTimeOf } from ".";

test("summer and winter time in London", () => {
  expect(instantOf("2026-10-17", "16:27", "Europe/London")).toEqual({ at: Date.UTC(2026, 9, 17, 15, 27) });
  expect(instantOf("2026-11-17", "16:27", "Europe/London")).toEqual({ at: Date.UTC(2026, 10, 17, 16, 27) });
});

// Clocks go forward on 29 March 2026 at 01:00 and back on 25 October 2026 at 02:00 there (tz database).
test("a time that the clock change skips, or repeats, takes the earlier offset and says so", () => {
  expect(instantOf("2026-03-29", "01:30", "Europe/London")).toEqual({
    at: Date.UTC(2026, 2, 29, 1, 30),
    odd: "skipped",
  });
  expect(instantOf("2026-10-25", "01:30", "Europe/London")).toEqual({
    at: Date.UTC(2026, 9, 25, 0, 30),
    odd: "twice",
  });
});

test("zones beside the date line and with odd offsets", () => {
  expect(instantOf("2026-01-01", "00:15", "Pacific/Kiritimati").at).toBe(Date.UTC(2025, 11, 31, 10, 15));
  expect(instantOf("2026-01-01", "12:00", "Asia/Kathmandu").at).toBe(Date.UTC(2026, 0, 1, 6, 15));
});

test("wall time and instant make a round trip wherever the clock is plain", () => {
  const timeZone = fc.constantFrom(
    "Europe/London",
    "America/Denver",
    "Asia/Kathmandu",
    "Australia/Lord_Howe",
  );
  fc.assert(
    fc.property(timeZone, fc.integer({ min: 0, max: 365 * 24 * 60 }), (z, minute) => {
      const at = Date.UTC(2026, 0, 1) + minute * 60_000;
      const local = new Intl.DateTimeFormat("en-CA", { timeZone: z, dateStyle: "short" }).format(at);
      const back = instantOf(local, wallTimeOf(at, z), z);
      if (!back.odd) expect(back.at).toBe(at);
    }),
  );
});

const outing = demoOutings[0]!;

test("lamps keep their wall times", () => {
  const { lamps } = lightPlanOf(outing);
  expect(wallTimeOf(lamps!.from, outing.timeZone)).toBe("17:35");
});
