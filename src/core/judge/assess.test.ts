import fc from "fast-check";
import type { Area, Ground, Position } from "../ground";
import type { Rig } from "../optics";
import { evOfClicks } from "../exposure";
import type { Subject } from "../motion";
import { NIGHT_LUX, sceneAt, type LightPlan, type Shot } from "../scene";
import { assess } from "./assess";
import type { AssessInput, Assessment } from "./assessment";
import { blurLadder } from "./blur-ladder";
import { comingUp } from "./coming-up";
import { timeline } from "./timeline";

/** A bare ground at a real place: one spot, a stand in the west, two masts in the east. */
const ground: Ground = {
  anchor: { latitude: 53.21, longitude: -1.44, elevation: 120 },
  venue: { template: "field-hockey", bearing: 0, centre: { x: 0, y: 0 } },
  zones: [{ id: "pitch", name: "Pitch", offsetClicks: 0 }],
  spots: [{ id: "spot", name: "Spot", at: { x: 0, y: 0 }, aimHeight: 1, facing: 0, zoneId: "pitch" }],
  tracks: [],
  obstacles: [
    {
      id: "stand",
      name: "Stand",
      kind: "stand",
      outline: [
        { x: -45, y: -40 },
        { x: -35, y: -40 },
        { x: -35, y: 30 },
        { x: -45, y: 30 },
      ],
      height: 8,
    },
  ],
  masts: [
    { id: "m1", name: "Mast", at: { x: 36, y: 20 }, height: 15 },
    { id: "m2", name: "Mast", at: { x: 36, y: -20 }, height: 15 },
  ],
  areas: [
    {
      id: "box",
      name: "Box",
      kind: "no-go",
      outline: [
        { x: 50, y: 50 },
        { x: 60, y: 50 },
        { x: 60, y: 60 },
        { x: 50, y: 60 },
      ],
    },
  ],
  positions: [],
};
const runner: Subject = {
  id: "runner",
  name: "Runner",
  height: 1.7,
  depth: 0.5,
  bodySpeed: 7,
  bob: 0.5,
  parts: [{ id: "limb", name: "hands and feet", partClass: "limb", speed: 5 }],
  known: "from memory",
};
const shot: Shot = {
  id: "run",
  name: "Run",
  intent: "freeze",
  subjectId: "runner",
  spotId: "spot",
  technique: "tracked",
  part: "whole",
  orientation: "upright",
  fill: 0.6,
  holdPartId: "limb",
  tolerance: "print-sharp",
  deliveredLongEdgePx: 3000,
  wanted: 1,
};
const rig: Rig = {
  body: {
    id: "b",
    name: "24 MP",
    format: { widthMm: 36, heightMm: 24, widthPx: 6000 },
    baseIso: 100,
    maxIso: 51200,
    isoCeiling: 6400,
    isoFloor: 100,
    fastestShutter: 1 / 8000,
    liftClicks: 1,
  },
  lens: {
    id: "l",
    name: "200 mm f/2.8",
    minFocalLengthMm: 200,
    maxFocalLengthMm: 200,
    widest: 2.8,
    narrowest: 22,
    closestFocus: 1.5,
    stabiliserStops: 4,
    takesConverter: true,
  },
  support: { id: "hand", name: "Hand", stops: 0 },
};
const place = (x: number, y: number, lensHeight = 1): Position => ({
  id: "p",
  name: "P",
  at: { x, y },
  lensHeight,
});
const HOUR = 3_600_000;
const MINUTE = 60_000;
/** 16:00 UTC is 17:00 by the local clock. */
const NOON = Date.UTC(2026, 9, 17, 12);
const clear: LightPlan = { cloudEighths: 0, readings: [] };
const lit: LightPlan = { ...clear, lamps: { class: "II", from: NOON + 4 * HOUR, until: NOON + 9 * HOUR } };
const ORDER = ["lift", "aperture", "shutter", "iso"] as const;

function at(
  position: Position,
  instant: number,
  light: LightPlan = clear,
  edit: Partial<AssessInput> = {},
): Assessment {
  const found = assess({
    shot,
    subject: runner,
    position,
    rig,
    order: ORDER,
    scene: sceneAt(ground, light, instant),
    ...edit,
  });
  if (!found.ok) throw new Error(found.reason);
  return found;
}

test("a position moved by 10 m changes fill, light side, blur and ISO by amounts worked out here", () => {
  const instant = NOON + 2 * HOUR;
  const near = at(place(0, -20), instant);
  const far = at(place(0, -30), instant);
  // Thin lens: the image of 1.7 m at 200 mm, over 36 mm.
  const image = (s: number) => (200 / (s * 1000 - 200)) * 1700;
  expect(near.sighting.fill).toBeCloseTo(image(20) / 36, 9);
  expect(far.sighting.fill).toBeCloseTo(image(30) / 36, 9);
  // The crop to the wished 60 % keeps less of the sensor, and so the circle of confusion shrinks with it.
  const kept = image(30) / 36 / 0.6;
  expect(far.sighting.frame.kept).toBeCloseTo(kept, 9);
  const tolerance = ((2 * Math.hypot(36, 24)) / 1500) * kept * 1000;
  expect(far.motion.held.toleranceUm).toBeCloseTo(tolerance, 6);
  // The runner goes straight away north: no transverse speed; the bob, the limb, and the growth of the figure remain.
  const growth = (0.85 * 7) / 30;
  const speed = Math.hypot(0.5, growth, 5);
  expect(far.motion.held.speed).toBeCloseTo(speed, 6);
  const motion = (speed * 200e6) / (30_000 - 200);
  const shake = (200_000 * 0.0288) / 16;
  const t = 2 ** (-far.settings.settings.shutter / 3);
  const N = 2 ** (far.settings.settings.aperture / 6);
  const m = 200 / 29_800;
  const drift = ((200 * 200) / N) * (70 / (30_070 * (30_000 - 200))) * 1000;
  const variance =
    (t * t * (motion * motion + shake * shake)) / 12 +
    (drift * drift) / 16 +
    (0.42 * 0.55 * N * (1 + m)) ** 2 +
    36 / 12;
  expect(far.motion.held.blurUm).toBeCloseTo(Math.sqrt(12 * variance), 4);
  // Same light from 10 m farther back: ISO goes with shutter and aperture alone.
  const { settings: a } = near.settings;
  const { settings: b } = far.settings;
  expect(b.iso - a.iso).toBe(b.shutter - a.shutter + (b.aperture - a.aperture));
});

test("ten metres aside turn the light by the angle that the plan shows, and the EV with it", () => {
  const instant = NOON + 2 * HOUR;
  const a = at(place(-10, -20), instant);
  const b = at(place(0, -20), instant);
  const { sun } = b.light;
  const toCamera = (x: number) => (Math.atan2(x, -20) * 180) / Math.PI;
  const turn = (x: number) => Math.abs(((sun.azimuth - toCamera(x) + 540) % 360) - 180);
  expect(a.light.turn).toBeCloseTo(turn(-10), 6);
  expect(b.light.turn).toBeCloseTo(turn(0), 6);
  const phi = (turn(0) * Math.PI) / 180;
  const share =
    (Math.cos((sun.apparentAltitude * Math.PI) / 180) * ((Math.PI - phi) * Math.cos(phi) + Math.sin(phi))) /
    4;
  const normal = sceneAt(ground, clear, instant).daylight.directNormal;
  // A fifth of what is seen level is head and shoulders, lit as a ball; the lens looks down by a tenth of a degree more.
  const psi = Math.acos(Math.cos((sun.apparentAltitude * Math.PI) / 180) * Math.cos(phi));
  const ball = (2 / (3 * Math.PI)) * (Math.sin(psi) + (Math.PI - psi) * Math.cos(psi));
  expect(b.light.lux.sun / (normal * (0.8 * share + 0.2 * ball))).toBeCloseTo(1, 2);
  expect(b.light.ev).toBeCloseTo(Math.log2(b.light.lux.total / 2.5), 9);
});

test("minute, cloud, lens and distance each change the settings downstream", () => {
  const here = place(0, -30);
  const iso = (a: Assessment) => a.settings.asked.iso;
  const base = at(here, NOON + 2 * HOUR);
  expect(iso(at(here, NOON + 5 * HOUR))).toBeGreaterThan(iso(base));
  expect(iso(at(here, NOON + 2 * HOUR, { ...clear, cloudEighths: 8 }))).toBeGreaterThan(iso(base));
  const longer = at(here, NOON + 2 * HOUR, clear, {
    rig: { ...rig, converter: { id: "c", name: "2×", factor: 2 } },
  });
  expect(longer.settings.settings.aperture).toBe(15);
  expect(longer.sighting.fill / base.sighting.fill).toBeCloseTo(2, 1);
});

test("dusk under lamps is the sum of both in lux", () => {
  const instant = NOON + 5 * HOUR + 20 * MINUTE;
  const { lux } = at(place(0, -30), instant, lit).light;
  expect(lux.lamps).toBeGreaterThan(0);
  expect(lux.sky).toBeGreaterThan(0);
  expect(lux.total).toBeCloseTo(lux.sun + lux.sky + lux.ground + lux.lamps, 9);
});

test("a reading three clicks too dark asks three clicks more light at once", () => {
  const instant = NOON + 7 * HOUR;
  const before = at(place(0, -30), instant, lit);
  const { settings, asked } = before.settings;
  const reading = {
    id: "r1",
    zoneId: "pitch",
    spotId: "spot",
    positionId: "p",
    at: instant,
    settingsEv:
      (settings.shutter + settings.aperture - settings.iso) / 3 -
      (1 / 3) *
        ((before.settings.taken.find((t) => t.kind === "lift")?.clicks ?? 0) + before.settings.missing),
    offClicks: -3,
    modelEv: before.light.modelEv,
    dayShare: before.light.dayShare,
  };
  const after = at(place(0, -30), instant, { ...lit, readings: [reading] });
  expect(after.light.ev - before.light.modelEv).toBeCloseTo(reading.settingsEv - 1 - before.light.modelEv, 6);
  expect(evOfClicks(asked) - evOfClicks(after.settings.asked)).toBeCloseTo(1, 9);
});

/** A dome of directions, each with a camera that looks there and one that looks just beside. */
test("the sun's caution compared bearings: it is an angle in the camera's own frame, over the whole dome", () => {
  const open: Ground = { ...ground, obstacles: [] };
  const unit = (azimuth: number, altitude: number) => {
    const [a, h] = [(azimuth * Math.PI) / 180, (altitude * Math.PI) / 180];
    return [Math.cos(h) * Math.sin(a), Math.cos(h) * Math.cos(a), Math.sin(h)] as const;
  };
  let [cautioned, spared] = [0, 0];
  for (let minute = 0; minute < 24 * 60; minute += 35) {
    const instant = Date.UTC(2026, 5, 21) + minute * MINUTE;
    const { sun } = sceneAt(open, clear, instant);
    if (sun.apparentAltitude < 0.5) continue;
    const toSun = unit(sun.azimuth, sun.apparentAltitude);
    for (let off = -180; off < 180; off += 15)
      for (let altitude = 2; altitude <= 88; altitude += 9.5) {
        // The lens lies on the ground below a subject 30 m away in that direction.
        const way = unit(sun.azimuth + off, altitude);
        const spot = {
          ...ground.spots[0]!,
          at: { x: 30 * way[0], y: 30 * way[1] },
          aimHeight: 30 * way[2] + 0.1,
        };
        const scene = sceneAt({ ...open, spots: [spot] }, clear, instant);
        const found = at(place(0, 0, 0.1), instant, clear, { scene });
        const angle = (Math.acos(way.reduce((sum, w, i) => sum + w * toSun[i]!, 0)) * 180) / Math.PI;
        const half = (sideMm: number) =>
          (Math.atan(sideMm / 2 / found.sighting.frame.focalLengthMm) * 180) / Math.PI;
        const said = codes(found).includes("sun-in-frame");
        // Within the shorter half side and its margin it is always said, beyond the diagonal and its margins never.
        if (angle < half(24) + 4.5) expect([angle, said]).toEqual([angle, true]);
        if (angle > Math.hypot(half(24) + 5, half(36) + 5) + 1) expect([angle, said]).toEqual([angle, false]);
        if (said) cautioned++;
        else spared++;
      }
  }
  expect(cautioned).toBeGreaterThan(20);
  expect(spared).toBeGreaterThan(1000);
});

test("the sun was cautioned under a roof, through a closed sky and behind a stand, where nobody can see it", () => {
  const instant = NOON + 4 * HOUR;
  const { azimuth, apparentAltitude } = sceneAt(ground, clear, instant).sun;
  const back = ((azimuth + 180) * Math.PI) / 180;
  const from = place(30 * Math.sin(back), 30 * Math.cos(back), 1);
  const look = (light: LightPlan, obstacles: Ground["obstacles"] = []) =>
    codes(at(from, instant, light, { scene: sceneAt({ ...ground, obstacles }, light, instant) }));
  expect(apparentAltitude).toBeLessThan(25);
  expect(look(clear)).toContain("sun-in-frame");
  expect(look({ ...clear, leaves: { daylightShare: 0.1 } })).toContain("sun-in-frame");
  expect(look({ ...clear, roof: { daylightShare: 0.02 } })).not.toContain("sun-in-frame");
  expect(look({ ...clear, cloudEighths: 8 })).not.toContain("sun-in-frame");
  const [x, y] = [-8 * Math.sin(back), -8 * Math.cos(back)];
  const stand = {
    ...ground.obstacles[0]!,
    height: 40,
    outline: [
      { x: x - 20, y: y - 20 },
      { x: x + 20, y: y - 20 },
      { x: x + 2, y: y + 2 },
      { x: x - 20, y: y + 20 },
    ],
  };
  expect(look(clear, [stand])).not.toContain("sun-in-frame");
});

const codes = (a: Assessment) => a.judgement.map((j) => j.code);

test("vetoes: no-go ground, a blocked view, out of reach, too near to fit", () => {
  expect(codes(at(place(55, 55), NOON))).toContain("no-standing");
  expect(codes(at(place(-60, 0), NOON))).toContain("blocked");
  expect(codes(at(place(0, -80), NOON))).toContain("out-of-reach");
  expect(codes(at(place(0, -6), NOON))).toContain("does-not-fit");
});

test("looking into a low sun is cautioned", () => {
  // Local afternoon: the sun stands in the south-west; stand in the north-east and look toward it.
  const instant = NOON + 4 * HOUR;
  const { azimuth } = sceneAt(ground, clear, instant).sun;
  const back = ((azimuth + 180) * Math.PI) / 180;
  const open: Ground = { ...ground, obstacles: [] };
  const found = at(place(20 * Math.sin(back), 20 * Math.cos(back), 1), instant, clear, {
    scene: sceneAt(open, clear, instant),
  });
  expect(found.light.side).toBe("back");
  expect(codes(found)).toContain("sun-in-frame");
});

test("nearer than the lens focuses there is no picture, and that is an answer", () => {
  const input = {
    shot,
    subject: runner,
    position: place(0, -0.2),
    rig,
    order: ORDER,
    scene: sceneAt(ground, clear, NOON),
  };
  expect(assess(input)).toMatchObject({ ok: false, reason: "nearer-than-focus" });
});

test("a shot whose spot is missing is the caller's mistake and says so", () => {
  const input = {
    shot: { ...shot, spotId: "gone" },
    subject: runner,
    position: place(0, -20),
    rig,
    order: ORDER,
  };
  expect(() => assess({ ...input, scene: sceneAt(ground, clear, NOON) })).toThrow(/spot gone/);
});

function numbersIn(value: unknown): number[] {
  if (typeof value === "number") return [value];
  if (typeof value === "object" && value !== null) return Object.values(value).flatMap(numbersIn);
  return [];
}

test("no input makes a number that is none", () => {
  const away = fc.double({ min: -200, max: 200, noNaN: true });
  fc.assert(
    fc.property(
      away,
      away,
      fc.double({ min: 0.05, max: 30, noNaN: true }),
      fc.integer({ min: 0, max: 365 * 24 * 60 }),
      fc.integer({ min: 0, max: 8 }),
      fc.double({ min: -90, max: 90, noNaN: true }),
      fc.constantFrom("print-sharp", "web", "pixel-sharp"),
      (x, y, height, minute, cloudEighths, latitude, tolerance) => {
        const anywhere = { ...ground, anchor: { ...ground.anchor, latitude } };
        const found = assess({
          shot: { ...shot, tolerance: tolerance as Shot["tolerance"] },
          subject: runner,
          position: place(x, y, height),
          rig,
          order: ORDER,
          scene: sceneAt(anywhere, { cloudEighths, readings: [] }, Date.UTC(2026, 0, 1) + minute * MINUTE),
        });
        const numbers = numbersIn(found);
        expect(numbers.length).toBeGreaterThan(1);
        expect(numbers.filter((n) => !Number.isFinite(n))).toEqual([]);
      },
    ),
    { numRuns: 300 },
  );
});

const day = (light: LightPlan, step: number) =>
  timeline({
    shot,
    subject: runner,
    position: place(0, -30),
    rig,
    order: ORDER,
    ground,
    light,
    from: NOON,
    until: NOON + 8 * HOUR,
    step,
  });

test("the timeline's moments are where a grid of ten seconds finds them", () => {
  const { moments } = day(lit, 5 * MINUTE);
  expect(moments.map((b) => b.code)).toEqual(["shade-begins", "lamps-on", "sun-down", "past-ceiling"]);
  const first = (holds: (a: Assessment) => boolean, from: number): number => {
    for (let t = from; ; t += 10_000) if (holds(at(place(0, -30), t, lit))) return t;
  };
  const hour = NOON + 3.5 * HOUR;
  const grid = [
    first((a) => a.light.direct === "shaded", hour),
    first((a) => a.light.lux.lamps > 0, hour),
    first((a) => a.light.direct === "sun-down", hour),
    first((a) => a.settings.short > 0, hour),
  ];
  grid.forEach((t, i) => expect(Math.abs(moments[i]!.at - t)).toBeLessThanOrEqual(11_000));
  expect(Math.abs(moments[1]!.at - lit.lamps!.from)).toBeLessThanOrEqual(1000);
});

test("what comes up is told in its order, the nearest first, with the settings of that moment", () => {
  const course = day(lit, 5 * MINUTE);
  const now = course.points.find((p) => p.at >= NOON + 3 * HOUR)!;
  const coming = comingUp(course, now, 3);
  expect(coming).toHaveLength(3);
  expect(coming.map((c) => c.at)).toEqual([...coming.map((c) => c.at)].sort((a, b) => a - b));
  expect(coming.every((c) => c.at > now.at)).toBe(true);
  expect(coming.find((c) => c.code === "settings")!.settings).not.toEqual(now.settings);
  const last = course.points[course.points.length - 1]!;
  expect(comingUp(course, last, 3)).toEqual([]);
});

test("a clear night without lamps is as dark as the model's floor", () => {
  const midnight = Date.UTC(2026, 0, 15);
  const { light } = at(place(0, -30), midnight);
  expect(light.lux.total).toBeLessThanOrEqual(NIGHT_LUX * 1.0001);
  expect(light.direct).toBe("sun-down");
});

test("the blur ladder repeats the assessment at its own shutter and doubles with the time where motion rules", () => {
  const position = place(0, -30);
  const found = at(position, NOON + 2 * HOUR);
  const own = found.settings.settings.shutter;
  const scene = sceneAt(ground, clear, NOON + 2 * HOUR);
  const ladder = blurLadder({ shot, subject: runner, position, rig, order: ORDER, scene }, found, [
    own - 9,
    own - 6,
    own,
  ]);
  expect(ladder[2]!.parts).toEqual(found.motion.parts);
  const limb = ladder.map((rung) => rung.parts.find((p) => p.partId === "limb")!.blurUm);
  expect(limb[0]! / limb[1]!).toBeGreaterThan(1.98);
  expect(limb[0]! / limb[1]!).toBeLessThan(2);
});

test("a place on the water is out, one on an island in it is not", () => {
  const square = (half: number) => [
    { x: 20 - half, y: -half },
    { x: 20 + half, y: -half },
    { x: 20 + half, y: half },
    { x: 20 - half, y: half },
  ];
  const areas = [
    { id: "pond", name: "Pond", kind: "surface" as const, surface: "water" as const, outline: square(8) },
  ];
  const island = {
    id: "island",
    name: "Island",
    kind: "surface" as const,
    surface: "sand" as const,
    outline: square(2),
  };
  const vetoes = (x: number, on: readonly Area[]) =>
    at(place(x, 0), NOON, clear, {
      scene: sceneAt(
        { ...ground, venue: { ...ground.venue, template: "open-ground" }, areas: on },
        clear,
        NOON,
      ),
    })
      .judgement.filter((j) => j.weight === "veto")
      .map((j) => j.code);
  expect(vetoes(20, areas)).toContain("no-standing");
  expect(vetoes(20, [...areas, island])).not.toContain("no-standing");
  expect(vetoes(30, areas)).not.toContain("no-standing");
});

test("after dark on a pitch without lamps these are asked for; not on open ground, nor by day, nor where they are told", () => {
  const dark = NOON + 8 * HOUR;
  const asks = (instant: number, template: string, light = clear): boolean => {
    const on = { ...ground, venue: { ...ground.venue, template } };
    return at(place(0, -20), instant, light, { scene: sceneAt(on, light, instant) }).judgement.some(
      (j) => j.code === "lamps-untold",
    );
  };
  expect(asks(dark, "field-hockey")).toBe(true);
  expect(asks(dark, "open-ground")).toBe(false);
  expect(asks(NOON, "field-hockey")).toBe(false);
  expect(asks(dark, "field-hockey", lit)).toBe(false);
});
