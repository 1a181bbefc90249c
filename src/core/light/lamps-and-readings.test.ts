import fc from "fast-check";
import { evFromLux, LAMP_LUX, lampsAlight, offsetsFrom, readingOffset, uprightShare, type Reading } from ".";

const mast = (x: number) => ({ id: `m${x}`, name: "Mast", at: { x, y: 0 }, height: 15 });
const spot = { x: 0, y: 0 };

// EN 12193 (from memory) with half to two thirds upright (common practice): local floodlights EV 5–7.
test("class I and II fields light an upright player to EV 5.3 … 7.1", () => {
  const ev = (lux: number, share: number) => evFromLux(lux * share);
  expect(ev(LAMP_LUX.field.II, 1 / 2)).toBeCloseTo(5.3, 1);
  expect(ev(LAMP_LUX.field.II, 2 / 3)).toBeCloseTo(5.7, 1);
  expect(ev(LAMP_LUX.field.I, 1 / 2)).toBeCloseTo(6.6, 1);
  expect(ev(LAMP_LUX.field.I, 2 / 3)).toBeCloseTo(7.1, 1);
});

test("masts behind the camera give two thirds, beyond the subject half, on both sides the middle", () => {
  const eastern = [mast(30)];
  expect(uprightShare(spot, 90, eastern)).toBeCloseTo(2 / 3, 9);
  expect(uprightShare(spot, 270, eastern)).toBeCloseTo(1 / 2, 9);
  expect(uprightShare(spot, 0, [mast(30), mast(-30)])).toBeCloseTo(7 / 12, 9);
  expect(uprightShare(spot, 0, [])).toBeCloseTo(7 / 12, 9);
});

test("the share never leaves half to two thirds", () => {
  const masts = fc.array(
    fc
      .integer({ min: -80, max: 80 })
      .filter((x) => x !== 0)
      .map(mast),
    { maxLength: 6 },
  );
  fc.assert(
    fc.property(fc.double({ min: 0, max: 359, noNaN: true }), masts, (bearing, m) => {
      const share = uprightShare(spot, bearing, m);
      expect(share).toBeGreaterThanOrEqual(0.5 - 1e-9);
      expect(share).toBeLessThanOrEqual(2 / 3 + 1e-9);
    }),
  );
});

test("lamps are alight from their first instant until just before their last", () => {
  const lamps = { class: "II" as const, from: 100, until: 200 };
  expect([99, 100, 199, 200].map((at) => lampsAlight(lamps, at))).toEqual([false, true, true, false]);
  expect(lampsAlight(undefined, 150)).toBe(false);
});

const MINUTE = 60_000;
const reading = (edit: Partial<Reading>): Reading => ({
  id: "r",
  zoneId: "pitch",
  spotId: "s",
  positionId: "p",
  at: 0,
  settingsEv: 10,
  offClicks: 0,
  modelEv: 10,
  dayShare: 1,
  ...edit,
});

test("three clicks too dark is a stop less light than the settings were for", () => {
  expect(readingOffset(reading({ offClicks: -3 }))).toBeCloseTo(-1, 9);
  expect(readingOffset(reading({ settingsEv: 10 + 2 / 3, offClicks: -3 }))).toBeCloseTo(-1 / 3, 9);
});

test("a reading by day fades with a half-life of 30 minutes, one under lamps stays", () => {
  const day = reading({ offClicks: -3 });
  expect(offsetsFrom([day], "pitch", 0).day).toBeCloseTo(-1, 9);
  expect(offsetsFrom([day], "pitch", 30 * MINUTE).day).toBeCloseTo(-0.5, 9);
  expect(offsetsFrom([day], "pitch", 60 * MINUTE).day).toBeCloseTo(-0.25, 9);
  const lamps = reading({ offClicks: 3, dayShare: 0 });
  expect(offsetsFrom([lamps], "pitch", 90 * MINUTE)).toEqual({ day: 0, lamps: 1 });
});

test("a reading counts in its own zone, from its own moment, and the newest counts", () => {
  const older = reading({ offClicks: -3 });
  const newer = reading({ at: 10 * MINUTE, offClicks: 3 });
  expect(offsetsFrom([older], "benches", 0)).toEqual({ day: 0, lamps: 0 });
  expect(offsetsFrom([newer], "pitch", 5 * MINUTE)).toEqual({ day: 0, lamps: 0 });
  expect(offsetsFrom([newer, older], "pitch", 10 * MINUTE).day).toBeCloseTo(1, 9);
});

test("a day that is taken to be other holds in every zone without fading, and readings fade towards it", () => {
  const taken = { day: { at: 10 * MINUTE, stops: -1 } };
  const stops = (readings: Reading[], zone: string, at: number) =>
    offsetsFrom(readings, zone, at, "changing", taken).day;
  expect(stops([], "benches", 9 * MINUTE)).toBe(0);
  expect(stops([], "benches", 10 * MINUTE)).toBe(-1);
  expect(stops([], "pitch", 400 * MINUTE)).toBe(-1);
  // What was read before it counts no more once it holds, and counts as before until then.
  const before = reading({ offClicks: 3 });
  expect(stops([before], "pitch", 9 * MINUTE)).toBeCloseTo(0.5 ** 0.3, 9);
  expect(stops([before], "pitch", 10 * MINUTE)).toBe(-1);
  const after = reading({ at: 20 * MINUTE, offClicks: 3 });
  expect(stops([after], "pitch", 20 * MINUTE)).toBeCloseTo(1, 9);
  expect(stops([after], "pitch", 50 * MINUTE)).toBeCloseTo(0, 9);
  expect(stops([after], "pitch", 3000 * MINUTE)).toBeCloseTo(-1, 6);
  // The lamps are another source.
  const lamps = reading({ offClicks: 3, dayShare: 0 });
  expect(offsetsFrom([lamps], "pitch", 90 * MINUTE, "changing", taken)).toEqual({ day: -1, lamps: 1 });
});

test("in mixed light the total at the moment of the reading comes out as measured", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.02, max: 0.98, noNaN: true }),
      fc.integer({ min: -2, max: 9 }),
      (dayShare, offClicks) => {
        const { day, lamps } = offsetsFrom([reading({ dayShare, offClicks })], "pitch", 0);
        const total = dayShare * 2 ** day + (1 - dayShare) * 2 ** lamps;
        const wanted = 2 ** (offClicks / 3);
        const dominant = Math.max(dayShare, 1 - dayShare);
        if (wanted - (1 - dominant) > dominant * 2 ** -6 && wanted < dominant * 2 ** 6)
          expect(total).toBeCloseTo(wanted, 6);
      },
    ),
  );
});
