import fc from "fast-check";
import {
  evOfClicks,
  ledgerBalance,
  lostStops,
  isoNearest,
  isoNoHigher,
  shutterNearest,
  apertureNearest,
  solveSettings,
  waysOut,
  type Settings,
  type SolveInput,
} from ".";

const base: SolveInput = {
  lightEv: 12,
  lost: { "close-up": 0, netting: 0, glass: 0 },
  lensWidest: apertureNearest(2.8),
  lensNarrowest: apertureNearest(22),
  depthAperture: 0,
  diffractionAperture: apertureNearest(22),
  depthFirst: false,
  fastestShutter: shutterNearest(1 / 8000),
  slowestShutter: () => shutterNearest(1 / 1000),
  movingShutter: shutterNearest(1 / 1000),
  surplus: "shutter",
  unmended: () => false,
  isoBase: isoNearest(100),
  isoFloor: isoNearest(100),
  isoPreferred: isoNearest(400),
  isoCeiling: isoNearest(6400),
  isoMax: isoNearest(51200),
  liftClicks: 1,
  order: ["lift", "aperture", "shutter", "iso"],
  locked: {},
};
const marks = (edit: Partial<SolveInput>) => solveSettings({ ...base, ...edit });

test("in plain light: shutter at its limit, lens wide open, ISO follows", () => {
  const { settings, short, missing, over, follows } = marks({});
  expect(settings).toEqual({ shutter: 30, aperture: 9, iso: 3 });
  expect({ short, missing, over, follows }).toEqual({ short: 0, missing: 0, over: 0, follows: "iso" });
});

test("too much light goes into the shutter first, then the aperture, then asks for a filter", () => {
  expect(marks({ lightEv: 15 }).settings).toEqual({ shutter: 36, aperture: 9, iso: 0 });
  expect(marks({ lightEv: 18 }).settings).toEqual({ shutter: 39, aperture: 15, iso: 0 });
  const blinding = marks({ lightEv: 24 });
  expect(blinding.settings).toEqual({ shutter: 39, aperture: 27, iso: 0 });
  expect(blinding.over).toBe(72 - 39 - 27);
  expect(ledgerBalance(blinding.ledger)).toBe(6);
});

test("too little light is given up in the user's order, each to its allowance", () => {
  // 1/1000 f/2.8 at EV 5 asks ISO 25600, six clicks past the ceiling.
  const dark = marks({ lightEv: 5 });
  expect(dark.short).toBe(6);
  expect(dark.taken).toEqual([
    { kind: "lift", clicks: 1 },
    { kind: "shutter", clicks: 3 },
  ]);
  expect(dark.settings).toEqual({ shutter: 27, aperture: 9, iso: 18 });
  expect(dark.missing).toBe(2);
});

test("a ceiling of 8000 was passed to 10000: nothing goes past it but an ISO that is held there", () => {
  let tried = 0;
  for (let lightEv = -6; lightEv <= 16; lightEv += 1 / 3)
    for (const order of [base.order, ["iso", "lift", "shutter", "aperture"] as const]) {
      const found = marks({ lightEv, order, isoCeiling: isoNoHigher(8000) });
      expect(found.settings.iso).toBeLessThanOrEqual(19);
      tried++;
    }
  expect(tried).toBeGreaterThan(100);
  expect([isoNoHigher(8000), isoNoHigher(9000), isoNoHigher(9999), isoNoHigher(10000)]).toEqual([
    19, 19, 19, 20,
  ]);
  expect(marks({ lightEv: 5, locked: { iso: 24 } }).settings.iso).toBe(24);
});

test("what was given up was still counted as missing: missing is what is left after all of it", () => {
  const night = marks({ lightEv: -2 });
  const taken = night.taken.reduce((sum, t) => sum + t.clicks, 0);
  expect(night.missing).toBe(night.short - taken);
  expect(night.missing).toBeGreaterThan(0);
  expect(ledgerBalance(night.ledger)).toBe(-night.missing);
});

test("the ledger names the stops lost close up, and its lines add up as they are printed", () => {
  const near = marks({ lost: { "close-up": 2, netting: 0, glass: 0 } });
  expect(near.ledger).toContainEqual({ code: "close-up", clicks: -6 });
  expect(near.settings.iso).toBe(marks({}).settings.iso + 6);
  expect(ledgerBalance(near.ledger)).toBe(0);
});

test("what netting and glass take is exposed for, each with its line of the ledger", () => {
  const through = marks({ lost: { "close-up": 0, netting: 1, glass: 1 / 3 } });
  expect(through.ledger.slice(1, 3)).toEqual([
    { code: "netting", clicks: -3 },
    { code: "glass", clicks: -1 },
  ]);
  expect(through.settings.iso).toBe(marks({}).settings.iso + 4);
  expect(ledgerBalance(through.ledger)).toBe(0);
});

test("a rail that is locked stays, and the next free one follows", () => {
  expect(marks({ locked: { shutter: 24 } }).settings).toEqual({ shutter: 24, aperture: 12, iso: 0 });
  const byIso = marks({ locked: { iso: 9 } });
  expect(byIso.follows).toBe("shutter");
  expect(byIso.settings).toEqual({ shutter: 36, aperture: 9, iso: 9 });
  const byBoth = marks({ locked: { iso: 9, shutter: 30 } });
  expect(byBoth.follows).toBe("aperture");
  expect(byBoth.settings).toEqual({ shutter: 30, aperture: 15, iso: 9 });
});

test("depth was demanded: it is given up first when the light is short, and as little of it as is needed", () => {
  const deep = { depthAperture: apertureNearest(8) };
  const bright = marks({ ...deep, lightEv: 14 });
  expect(bright.settings.aperture).toBe(18);
  expect(bright.depthGiven).toBe(0);
  expect(bright.rails.aperture.fromReason).toBe("depth");
  // 1/1000 f/8 at EV 13 asks ISO 800: a stop of depth brings it to the preferred 400.
  expect(marks({ ...deep, lightEv: 13 })).toMatchObject({
    settings: { aperture: 15, iso: 6 },
    depthGiven: 3,
    taken: [],
  });
  expect(marks({ ...deep, lightEv: 6 })).toMatchObject({ settings: { aperture: 9 }, depthGiven: 9 });
});

test("where depth comes first it is given up in its turn", () => {
  const place = { depthAperture: apertureNearest(8), depthFirst: true };
  expect(marks({ ...place, lightEv: 13 }).settings.aperture).toBe(18);
  const dark = marks({ ...place, lightEv: 6 });
  expect(dark.taken).toContainEqual({ kind: "aperture", clicks: 9 });
  expect(dark.depthGiven).toBe(0);
});

test("the shutter stood where another aperture had put it: after every move of the aperture it is solved again", () => {
  // A lens whose wide apertures need a faster shutter, as a subject that comes nearer has it.
  const slowestShutter = (aperture: number): number => 30 + Math.max(0, 15 - aperture);
  const found = marks({ slowestShutter, depthAperture: 24, lightEv: 12 });
  expect(found.settings.shutter).toBe(slowestShutter(found.settings.aperture));
  const dark = marks({
    slowestShutter,
    depthAperture: 24,
    lightEv: 7,
    order: ["aperture", "lift", "shutter", "iso"],
  });
  const slowed = dark.taken.find((t) => t.kind === "shutter")?.clicks ?? 0;
  expect(dark.settings.shutter).toBe(slowestShutter(dark.settings.aperture) - slowed);
});

test("focus hung on the ceiling: it is mended by the aperture within the preferred ISO, or for a stop more, at no ceiling", () => {
  const slowestShutter = (aperture: number): number => (aperture < 12 ? 24 : 30);
  const unmended = (aperture: number): boolean => aperture < 12;
  const focus = { slowestShutter, movingShutter: 24, unmended, depthAperture: 15 };
  // At EV 12 a mended f/4 takes ISO 400; at EV 10 it takes 1600, where 320 does for what is left to a prefocused spot.
  expect(marks({ ...focus, lightEv: 12 }).settings).toEqual({ shutter: 30, aperture: 12, iso: 6 });
  for (const isoCeiling of [9, 12, 18, 27])
    expect(marks({ ...focus, lightEv: 10, isoCeiling }).settings).toEqual({
      shutter: 24,
      aperture: 11,
      iso: 5,
    });
  const nearly = { ...focus, slowestShutter: (a: number): number => (a < 12 ? 28 : 30) };
  expect(marks({ ...nearly, lightEv: 11 }).settings.aperture).toBe(12);
});

test("light to spare is spent by purpose: depth, shutter, or a stop of each in turn", () => {
  const spare = { lightEv: 17, depthAperture: 9 };
  expect(marks({ ...spare, surplus: "depth" }).settings).toEqual({ shutter: 30, aperture: 21, iso: 0 });
  expect(marks({ ...spare, surplus: "shutter" }).settings).toEqual({ shutter: 39, aperture: 12, iso: 0 });
  expect(marks({ ...spare, surplus: "even" }).settings).toEqual({ shutter: 36, aperture: 15, iso: 0 });
  // A narrower one may ask a faster shutter: it is paid out of the same light.
  const bent = { slowestShutter: (a: number): number => 30 + Math.max(0, a - 9) };
  expect(marks({ ...spare, ...bent, surplus: "depth" }).settings).toEqual({
    shutter: 36,
    aperture: 15,
    iso: 0,
  });
});

test("a held ISO or shutter in bright light asked for a filter while the aperture was free: it follows to its end first", () => {
  const byIso = marks({ lightEv: 17, locked: { iso: 12 } });
  expect(byIso).toMatchObject({ settings: { shutter: 39, aperture: 24, iso: 12 }, over: 0 });
  const byShutter = marks({ lightEv: 15, locked: { shutter: 21 }, diffractionAperture: 18 });
  expect(byShutter).toMatchObject({ settings: { shutter: 21, aperture: 24, iso: 0 }, over: 0 });
  let tried = 0;
  fc.assert(
    fc.property(
      fc.double({ min: 10, max: 22, noNaN: true }),
      fc.constantFrom<Partial<Settings>>({ iso: 6 }, { iso: 15 }, { shutter: 24 }, { shutter: 33 }),
      (lightEv, locked) => {
        const { over, rails } = marks({ lightEv, locked });
        if (over === 0) return;
        for (const rail of Object.values(rails))
          if (!rail.locked) expect([rail.last, rail.first]).toContain(rail.at);
        tried++;
      },
    ),
  );
  expect(tried).toBeGreaterThan(10);
});

test("settings that lens or body lack were held: a held mark is brought into what they have", () => {
  const held = marks({ locked: { aperture: apertureNearest(2), shutter: shutterNearest(1 / 32000) } });
  expect(held.settings).toMatchObject({ aperture: base.lensWidest, shutter: base.fastestShutter });
  expect(held.rails.aperture).toMatchObject({ first: base.lensWidest, last: base.lensNarrowest });
  expect(marks({ locked: { iso: -6 } }).settings.iso).toBe(base.isoBase);
  expect(marks({ locked: { iso: 60 } }).settings.iso).toBe(base.isoMax);
});

test("the rails name the end that is passed", () => {
  const slow = marks({ locked: { shutter: 24 } }).rails.shutter;
  expect(slow).toMatchObject({ standing: "below", fromReason: "motion", locked: true });
  expect(marks({ locked: { iso: 24 } }).rails.iso).toMatchObject({
    standing: "above",
    toReason: "iso-ceiling",
  });
});

test("ways out stand in the user's order, each priced alone; none while nothing is missing", () => {
  expect(waysOut(base, marks({}))).toEqual([]);
  const input = { ...base, lightEv: 5 };
  const ways = waysOut(input, solveSettings(input));
  expect(ways.map((w) => [w.kind, w.clicks, w.left])).toEqual([
    ["lift", 1, 5],
    ["aperture", 0, 6],
    ["shutter", 3, 3],
    ["iso", 6, 0],
  ]);
  expect(ways[3]!.noiseStops).toBeCloseTo(1, 9);
  expect(ways[2]!.settings).toEqual({ shutter: 27, aperture: 9, iso: 18 });
});

test("whatever the light, the ledger leaves what is missing or too much, and the settings stay inside the kit", () => {
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
      const found = marks({ lightEv, locked: h });
      expect(ledgerBalance(found.ledger)).toBe(found.over - found.missing);
      expect(found.settings.shutter).toBeLessThanOrEqual(base.fastestShutter);
      expect(found.settings.iso).toBeLessThanOrEqual(base.isoMax);
      expect(found.settings.aperture).toBeGreaterThanOrEqual(base.lensWidest);
      const lift = found.taken.find((t) => t.kind === "lift")?.clicks ?? 0;
      expect(
        Math.abs(evOfClicks(found.settings) - lightEv - (lift + found.missing - found.over) / 3),
      ).toBeLessThan(1 / 6 + 1e-9);
    }),
  );
});

test("ways out at the extremes were 30 s and two million pixels: none goes past its allowance", () => {
  for (const lightEv of [-6, -2, 2]) {
    const input = { ...base, lightEv };
    const solution = solveSettings(input);
    for (const way of waysOut(input, solution)) {
      expect(way.clicks + way.left).toBe(solution.short);
      expect(solution.asked.shutter - way.settings.shutter).toBeLessThanOrEqual(3);
      expect(way.settings.iso).toBeLessThanOrEqual(base.isoMax);
    }
  }
});

/** A choice with what it lifts later and the clicks by which it still comes out too dark. */
interface Choice {
  readonly settings: Settings;
  readonly lift: number;
  readonly dark: number;
}

/** Everything that lens, body and owner allow, tried one by one: at the ceiling it may come out too dark. */
function exhaustive(input: SolveInput): Choice[] {
  const light = Math.round(3 * (input.lightEv - lostStops(input.lost)));
  const all: Choice[] = [];
  for (let aperture = input.lensWidest; aperture <= input.lensNarrowest; aperture++) {
    const slowest = Math.min(input.fastestShutter, input.slowestShutter(aperture));
    for (let shutter = slowest - 3; shutter <= input.fastestShutter; shutter++)
      for (let lift = 0; lift <= input.liftClicks; lift++) {
        const right = shutter + aperture - light - lift;
        const iso = Math.min(input.isoCeiling, right);
        if (iso >= input.isoFloor)
          all.push({ settings: { shutter, aperture, iso }, lift, dark: right - iso });
      }
  }
  return all;
}

/** What a choice gives up, the worst first: darkness, then what the user gives up last, then ISO past the preferred one, then depth. */
function losses(input: SolveInput, { settings, lift, dark }: Choice): number[] {
  const { shutter, aperture, iso } = settings;
  const slowed = Math.max(0, Math.min(input.fastestShutter, input.slowestShutter(aperture)) - shutter);
  const depth = Math.max(0, Math.max(input.lensWidest, input.depthAperture) - aperture);
  const of = { lift, shutter: slowed, iso: 0, aperture: input.depthFirst ? depth : 0 };
  return [
    dark,
    ...[...input.order].reverse().map((kind) => of[kind]),
    ...(input.depthFirst ? [] : [Math.max(0, iso - input.isoPreferred), depth]),
  ];
}

test("an exhaustive search over all clicks never finds what the order of sacrifice would prefer, in short light too", () => {
  const order = fc.shuffledSubarray(["lift", "shutter", "aperture", "iso"] as const, { minLength: 4 });
  let [compared, short, dark, first] = [0, 0, 0, 0];
  fc.assert(
    fc.property(
      fc.double({ min: -4, max: 17, noNaN: true }),
      fc.integer({ min: 0, max: 30 }),
      fc.integer({ min: 0, max: 20 }),
      fc.integer({ min: 0, max: 9 }),
      fc.boolean(),
      order,
      (lightEv, depthAperture, bend, liftClicks, depthFirst, sacrifice) => {
        const slowestShutter = (a: number): number => 24 + Math.max(0, bend - a);
        const input: SolveInput = {
          ...base,
          lightEv,
          depthAperture: Math.min(base.lensNarrowest, depthAperture),
          liftClicks,
          depthFirst,
          order: sacrifice,
          slowestShutter,
          movingShutter: 24,
        };
        const found = solveSettings(input);
        if (found.over > 0) return;
        const lift = found.taken.find((t) => t.kind === "lift")?.clicks ?? 0;
        const mine = losses(input, { settings: found.settings, lift, dark: found.missing });
        if (found.short > 0) short++;
        if (found.missing > 0) dark++;
        if (depthFirst && found.short > 0) first++;
        for (const other of exhaustive(input)) {
          const theirs = losses(input, other);
          const i = mine.findIndex((loss, k) => loss !== theirs[k]);
          if (i >= 0 && mine[i]! > theirs[i]!)
            throw new Error(JSON.stringify({ input, mine, theirs, found: found.settings, other }));
          compared++;
        }
      },
    ),
    { numRuns: 400 },
  );
  expect(compared).toBeGreaterThan(10_000);
  expect(Math.min(short, dark, first)).toBeGreaterThan(20);
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
