import fc from "fast-check";
import {
  evOfClicks,
  isoNearest,
  shutterNearest,
  apertureNearest,
  solveSettings,
  waysOut,
  type SolveInput,
} from ".";

const base: SolveInput = {
  lightEv: 12,
  lensWidest: apertureNearest(2.8),
  lensNarrowest: apertureNearest(22),
  depthAperture: 0,
  diffractionAperture: apertureNearest(22),
  fastestShutter: shutterNearest(1 / 8000),
  slowestShutter: () => shutterNearest(1 / 1000),
  isoFloor: isoNearest(100),
  isoCeiling: isoNearest(6400),
  isoMax: isoNearest(51200),
  liftClicks: 1,
  order: ["lift", "aperture", "shutter", "iso"],
  held: {},
};
const marks = (edit: Partial<SolveInput>) => solveSettings({ ...base, ...edit });

test("in plain light: shutter at its limit, lens wide open, ISO follows", () => {
  const { settings, missing, off, follows } = marks({});
  expect(settings).toEqual({ shutter: 30, aperture: 9, iso: 3 });
  expect({ missing, off, follows }).toEqual({ missing: 0, off: 0, follows: "iso" });
});

test("too much light goes into the shutter first, then the aperture, then asks for a filter", () => {
  expect(marks({ lightEv: 15 }).settings).toEqual({ shutter: 36, aperture: 9, iso: 0 });
  expect(marks({ lightEv: 18 }).settings).toEqual({ shutter: 39, aperture: 15, iso: 0 });
  const blinding = marks({ lightEv: 24 });
  expect(blinding.settings).toEqual({ shutter: 39, aperture: 27, iso: 0 });
  expect(blinding.off).toBe(39 + 27 - 72);
  expect(blinding.ledger.find((l) => l.code === "over")?.stops).toBeCloseTo(-2, 9);
});

test("too little light is given up in the user's order, each to its allowance", () => {
  // 1/1000 f/2.8 at EV 5 asks ISO 25600, six clicks past the ceiling.
  const dark = marks({ lightEv: 5 });
  expect(dark.missing).toBe(6);
  expect(dark.taken).toEqual([
    { kind: "lift", clicks: 1 },
    { kind: "shutter", clicks: 3 },
    { kind: "iso", clicks: 2 },
  ]);
  expect(dark.settings).toEqual({ shutter: 27, aperture: 9, iso: 20 });
  expect(dark.off).toBe(0);
  const other = marks({ lightEv: 5, order: ["iso", "lift", "shutter", "aperture"] });
  expect(other.taken).toEqual([{ kind: "iso", clicks: 6 }]);
});

test("when nothing is left to give up the picture is told to be short", () => {
  const night = marks({ lightEv: -2 });
  expect(night.off).toBeGreaterThan(0);
  expect(night.ledger.find((l) => l.code === "short")!.stops).toBeCloseTo(night.off / 3, 9);
});

test("a rail that is held stays, and the next free one follows", () => {
  expect(marks({ held: { shutter: 24 } }).settings).toEqual({ shutter: 24, aperture: 12, iso: 0 });
  const byIso = marks({ held: { iso: 9 } });
  expect(byIso.follows).toBe("shutter");
  expect(byIso.settings).toEqual({ shutter: 36, aperture: 9, iso: 9 });
  const byBoth = marks({ held: { iso: 9, shutter: 30 } });
  expect(byBoth.follows).toBe("aperture");
  expect(byBoth.settings).toEqual({ shutter: 30, aperture: 15, iso: 9 });
});

test("depth closes the lens, and giving it up opens it again", () => {
  const deep = { depthAperture: apertureNearest(8) };
  expect(marks(deep).settings.aperture).toBe(18);
  expect(marks(deep).rails.aperture.fromReason).toBe("depth");
  const dark = marks({ ...deep, lightEv: 6 });
  expect(dark.taken).toContainEqual({ kind: "aperture", clicks: 9 });
});

test("the rails name the end that is passed", () => {
  const slow = marks({ held: { shutter: 24 } }).rails.shutter;
  expect(slow).toMatchObject({ standing: "below", fromReason: "motion", held: true });
  expect(marks({ held: { iso: 24 } }).rails.iso).toMatchObject({
    standing: "above",
    toReason: "iso-ceiling",
  });
});

test("ways out stand in the user's order, each priced alone; none while nothing is missing", () => {
  expect(waysOut(base, marks({}))).toEqual([]);
  const input = { ...base, lightEv: 5 };
  const ways = waysOut(input, solveSettings(input));
  expect(ways.map((w) => [w.kind, w.clicks, w.within])).toEqual([
    ["lift", 1, false],
    ["aperture", 0, false],
    ["shutter", 6, false],
    ["iso", 6, true],
  ]);
  expect(ways[3]!.noiseStops).toBeCloseTo(1, 9);
  expect(ways[2]!.settings).toEqual({ shutter: 24, aperture: 9, iso: 18 });
});

test("whatever the light, the ledger sums to nothing and the settings stay inside the kit", () => {
  const held = fc.record(
    {
      shutter: fc.integer({ min: 9, max: 39 }),
      aperture: fc.integer({ min: 9, max: 27 }),
      iso: fc.integer({ min: 0, max: 27 }),
    },
    { requiredKeys: [] },
  );
  fc.assert(
    fc.property(fc.double({ min: -6, max: 22, noNaN: true }), held, (lightEv, h) => {
      const found = marks({ lightEv, held: h });
      expect(found.ledger.reduce((sum, line) => sum + line.stops, 0)).toBeCloseTo(0, 9);
      expect(found.settings.shutter).toBeLessThanOrEqual(base.fastestShutter);
      expect(found.settings.iso).toBeLessThanOrEqual(base.isoMax);
      expect(found.settings.aperture).toBeGreaterThanOrEqual(base.lensWidest);
      const lift = found.taken.find((t) => t.kind === "lift")?.clicks ?? 0;
      expect(Math.abs(evOfClicks(found.settings) - lightEv - (lift + found.off) / 3)).toBeLessThan(
        1 / 6 + 1e-9,
      );
    }),
  );
});

test("less light never lowers the ISO that is asked", () => {
  fc.assert(
    fc.property(fc.double({ min: -5, max: 20, noNaN: true }), (lightEv) => {
      expect(marks({ lightEv: lightEv - 0.5 }).asked.iso).toBeGreaterThanOrEqual(
        marks({ lightEv }).asked.iso,
      );
    }),
  );
});
