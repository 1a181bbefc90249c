import { cropFactor, effectiveLens, widestAt } from "../optics";
import { LAMP_LUX, evFromLux } from "../light";
import {
  BODIES,
  CONVERTERS,
  FORMATS,
  LENSES,
  LIGHTING_CLASSES,
  LIGHT_LEVELS,
  STARTING_SETTINGS,
  SUPPORTS,
} from ".";

test("every row of kit and light has an id of its own and tells how it is known", () => {
  for (const rows of [FORMATS, BODIES, LENSES, CONVERTERS, SUPPORTS, LIGHT_LEVELS, STARTING_SETTINGS]) {
    expect(new Set(rows.map((r) => r.id)).size).toBe(rows.length);
    expect(
      rows.every((r) => r.source.length > 5 && r.known.length > 0 && /^[a-z0-9-]{1,40}$/.test(r.id)),
    ).toBe(true);
  }
  expect(BODIES.length).toBeGreaterThanOrEqual(8);
  expect(LENSES.length).toBeGreaterThanOrEqual(20);
});

test("formats by diagonal are 1.534, 1.613, 1.999, 2.727, of phones and bridge cameras more, and are printed by their nominal name", () => {
  const crops = FORMATS.map((f) => cropFactor({ ...f, widthPx: 6000 }));
  expect(crops.map((c) => +c.toFixed(3))).toEqual([1, 1.534, 1.613, 1.999, 2.727, 3.532, 5.609, 8.164]);
  expect(FORMATS.map((f) => f.nominalCrop)).toEqual([1, 1.5, 1.6, 2, 2.7, 3.5, 5.6, 8.2]);
});

test("bodies go base, floor, ceiling, highest; lenses do not open as they zoom, and their names tell their numbers", () => {
  for (const b of BODIES)
    expect([b.baseIso, b.isoFloor, b.isoCeiling, b.maxIso]).toEqual(
      [b.baseIso, b.isoFloor, b.isoCeiling, b.maxIso].sort((x, y) => x - y),
    );
  for (const l of LENSES) {
    const optic = effectiveLens({ lens: l });
    expect(widestAt(optic, l.maxFocalLengthMm)).toBeGreaterThanOrEqual(widestAt(optic, l.minFocalLengthMm));
    expect(l.name).toContain(String(l.maxFocalLengthMm));
    expect(l.name).toContain(`f/${l.widest}`);
    // A thin lens at its closest focus cannot enlarge more than a lens that breathes says it does by half again.
    expect(l.largestMagnification!).toBeGreaterThan(0.05);
  }
});

test("no maker, no model: names are focal lengths, formats and kinds", () => {
  const names = [...BODIES, ...LENSES, ...CONVERTERS, ...SUPPORTS].map((r) => r.name);
  const words = new Set(
    names
      .join(" ")
      .split(/[^A-Za-z-]+/)
      .filter((w) => w.length > 2),
  );
  const plain =
    /^(Full-frame|sports|entry|body|crop|long-zoom|bridge|Phone|main|its|long|camera|close-up|converter|Hand-held|Monopod|Beanbag|Tripod|Moving|boat)$/;
  expect([...words].filter((w) => !plain.test(w))).toEqual([]);
});

test("lighting classes (EN 12193, from memory) fall by class, and agree with the lamps of the scene", () => {
  for (const kind of ["hall ball games", "outdoor field games", "swimming"] as const) {
    const lux = (["I", "II", "III"] as const).map(
      (c) => LIGHTING_CLASSES.find((r) => r.kind === kind && r.class === c)!.lux,
    );
    expect([...lux].sort((a, b) => b - a)).toEqual(lux);
    if (kind === "outdoor field games")
      expect(lux).toEqual([LAMP_LUX.field.I, LAMP_LUX.field.II, LAMP_LUX.field.III]);
  }
});

test("class I, II and III in a hall are EV 7.2–7.6, 6.6–7.1 and 5.3–5.7 on an upright subject", () => {
  const ev = (lux: number) => [lux / 2, (lux * 2) / 3].map((l) => +evFromLux(l).toFixed(1));
  expect(ev(750)).toEqual([7.2, 7.6]);
  expect(ev(500)).toEqual([6.6, 7.1]);
  expect(ev(200)).toEqual([5.3, 5.7]);
});

test("the settings of practice are right under the light levels they are told for", () => {
  const ev = (t: number, n: number, iso: number) => Math.log2((n * n) / t) - Math.log2(iso / 100);
  const level = (id: string) => LIGHT_LEVELS.find((l) => l.id === id)!;
  // Common practice: 1/1000 f/2.8 ISO 6400–10000 in school halls; 1/1600 f/4 ISO 5000 in a professional park.
  for (const [found, id] of [
    [ev(1 / 1000, 2.8, 6400), "school-hall"],
    [ev(1 / 1000, 2.8, 10000), "school-hall"],
    [ev(1 / 1600, 4, 5000), "professional-park"],
  ] as const) {
    expect(found).toBeGreaterThan(level(id).evFrom - 0.15);
    expect(found).toBeLessThan(level(id).evTo + 0.15);
  }
});

test("starting shutters go from the least to what light allows, and the schools stand apart", () => {
  for (const s of STARTING_SETTINGS) {
    expect([s.id, s.least >= s.shutter && s.shutter >= s.withLight]).toEqual([s.id, true]);
    if (s.schools) expect(s.schools[0]).not.toBe(s.schools[1]);
  }
  expect(STARTING_SETTINGS.filter((s) => s.schools).length).toBeGreaterThanOrEqual(5);
});
