import type { Ground, Mast } from "../ground";
import type { Rig } from "../optics";
import { apertureFNumber, ledgerBalance, shutterSeconds } from "../exposure";
import { sceneAt, type LightPlan, type Shot } from "../scene";
import { assess, reasonsOf, type AssessInput, type Assessment, type Reasoned } from ".";

/** A rider passes eastward at 10 m/s, 12 m north of the photographer, with a wood 60 m behind. */
const ground: Ground = {
  anchor: { latitude: 52, longitude: 0, elevation: 50 },
  venue: { template: "field-hockey", bearing: 0, centre: { x: 0, y: 300 } },
  zones: [{ id: "all", name: "All", offsetClicks: 0 }],
  spots: [{ id: "spot", name: "Spot", at: { x: 0, y: 12 }, aimHeight: 1.2, facing: 90, zoneId: "all" }],
  tracks: [],
  obstacles: [
    {
      id: "wood",
      name: "Wood",
      kind: "trees",
      outline: [
        { x: -200, y: 72 },
        { x: 200, y: 72 },
        { x: 200, y: 90 },
        { x: -200, y: 90 },
      ],
      height: 12,
    },
  ],
  masts: [],
  areas: [],
  positions: [{ id: "here", name: "Here", at: { x: 0, y: 0 }, lensHeight: 1.2 }],
};
const rig: Rig = {
  body: {
    id: "body",
    name: "Body",
    format: { widthMm: 36, heightMm: 24, widthPx: 6000 },
    baseIso: 100,
    maxIso: 51200,
    isoFloor: 100,
    isoCeiling: 6400,
    fastestShutter: 1 / 8000,
    liftClicks: 0,
  },
  lens: {
    id: "lens",
    name: "Lens",
    minFocalLengthMm: 70,
    maxFocalLengthMm: 70,
    widest: 2.8,
    narrowest: 22,
    closestFocus: 0.5,
    stabiliserStops: 4,
    takesConverter: false,
  },
  support: { id: "hand", name: "Hand", stops: 0 },
};
const rider = {
  id: "rider",
  name: "Rider",
  height: 1.7,
  depth: 0.6,
  length: 1.7,
  bodySpeed: 10,
  bob: 0.3,
  parts: [],
  known: "invented" as const,
};
const pan: Shot = {
  id: "shot",
  name: "Shot",
  intent: "pan",
  subjectId: "rider",
  spotId: "spot",
  technique: "panned",
  part: "whole",
  orientation: "level",
  fill: 0.4,
  holdPartId: "body",
  tolerance: "print-sharp",
  streakShare: 0.05,
  deliveredLongEdgePx: 3000,
  wanted: 3,
};
const NOON = Date.UTC(2026, 5, 21, 12);
const CLEAR: LightPlan = { cloudEighths: 0, readings: [] };

const asking = (
  change: Partial<AssessInput> = {},
  shot: Partial<Shot> = {},
  light = CLEAR,
  on = ground,
): AssessInput => ({
  shot: { ...pan, ...shot },
  subject: rider,
  position: on.positions[0]!,
  rig,
  scene: sceneAt(on, light, NOON),
  order: ["lift", "aperture", "shutter", "iso"],
  ...change,
});

function see(...asked: Parameters<typeof asking>): Assessment {
  const found = assess(asking(...asked));
  if (!found.ok) throw new Error(found.reason);
  return found;
}

/** The codes of the reasons behind a figure. */
const why = (of: Reasoned, ...asked: Parameters<typeof asking>) =>
  reasonsOf(asking(...asked), see(...asked))[of].map((r) => r.code);
const codes = (a: Assessment): string[] => a.judgement.map((j) => j.code);

test("a pan takes the shutter that draws its lines: a twentieth of the frame at 10 m/s, 12 m and 70 mm is 1/33 s", () => {
  const { settings, motion } = see();
  // Pan rate 10/12 rad/s; 1.8 mm of 36 at 70.4 mm behind the lens: 1.8/(0.8333·70.41) s = 1/32.6.
  expect(shutterSeconds(settings.asked.shutter)).toBeCloseTo(1 / 32, 3);
  expect(motion.pan!.streakShare).toBeCloseTo(0.05, 2);
  expect(why("shutter")).toContain("streak-drawn");
});

test("in bright sun a pan goes to base ISO, then the smallest aperture, then a filter in whole stops; the ledger sums to nothing", () => {
  const { settings, judgement } = see();
  expect(settings.settings.iso).toBeGreaterThanOrEqual(0);
  expect(settings.settings.iso).toBeLessThan(3);
  expect(apertureFNumber(settings.settings.aperture)).toBeCloseTo(22.6, 1);
  // 1/33 f/22 ISO 100 is EV 14; front-lit noon sun gives less than a stop more or less than that.
  const dark = see({}, { streakShare: 0.2 });
  expect(dark.settings.filterStops).toBeGreaterThanOrEqual(1);
  expect(Number.isInteger(dark.settings.filterStops)).toBe(true);
  expect(dark.settings.over).toBe(0);
  for (const found of [settings, dark.settings]) expect(ledgerBalance(found.ledger)).toBe(0);
  expect(judgement.some((j) => j.weight === "veto")).toBe(false);
  expect(codes(dark)).toContain("filter-needed");
});

test("a steadier hand keeps more pans, a longer streak fewer", () => {
  const chance = (panSpread: number, streakShare: number) =>
    see({ hands: { trackingResidual: 0.15, panSpread } }, { streakShare }).motion.pan!.keeperChance;
  expect(chance(0.03, 0.05)).toBeGreaterThan(chance(0.05, 0.05));
  expect(chance(0.05, 0.02)).toBeGreaterThan(chance(0.05, 0.1));
  expect(chance(0.05, 0.1)).toBeGreaterThan(0);
});

test("nothing that runs straight at the camera draws lines, and that is said", () => {
  const toward = { ...ground, spots: [{ ...ground.spots[0]!, facing: 180 }] };
  expect(codes(see({ scene: sceneAt(toward, CLEAR, NOON) }))).toContain("nothing-crosses");
});

test("a streak past a still camera draws the subject's own way", () => {
  const { settings, motion } = see({}, { intent: "streak", technique: "pre-framed", streakShare: 0.3 });
  expect(motion.pan).toBeUndefined();
  expect(motion.held.blurUm / 36_000).toBeCloseTo(
    0.3 * shutterSeconds(settings.settings.shutter) * (1 / 0.1841),
    1,
  );
  expect(codes(see({}, { intent: "streak", technique: "pre-framed" }))).not.toContain("motion-not-held");
});

test("what is taken at rest sways but does not run, so its shutter is slower than a freeze's", () => {
  const freeze = see({}, { intent: "freeze", technique: "tracked" });
  const still = see({}, { intent: "still", technique: "pre-framed" });
  const slowest = (a: Assessment): number =>
    typeof a.motion.held.slowest === "number" ? a.motion.held.slowest : 99;
  expect(slowest(still)).toBeGreaterThan(2 * slowest(freeze));
  expect(still.motion.body.transverseSpeed).toBe(0);
});

test("the subject in its place is stopped down for its whole depth, or for another thing that is named", () => {
  const freeze = see({}, { intent: "freeze", technique: "tracked" });
  const context = see({}, { intent: "context", technique: "tracked" });
  expect(context.settings.depth.kind).toBe("whole");
  expect(context.settings.asked.aperture).toBeGreaterThanOrEqual(freeze.settings.asked.aperture);
  const tree = { ...ground.spots[0]!, id: "tree", at: { x: 0, y: 16 } };
  const both = sceneAt({ ...ground, spots: [...ground.spots, tree] }, CLEAR, NOON);
  const asked = [
    { scene: both },
    { intent: "context", technique: "tracked", depth: { kind: "two-things", otherSpotId: "tree" } },
  ] as const;
  const two = see(...asked);
  expect(two.settings.depth.asked).toBeCloseTo(4, 6);
  expect(why("aperture", ...asked)).toContain("depth-of-two-things");
  expect(two.settings.rails.aperture.from).toBeGreaterThan(context.settings.rails.aperture.from);
  expect(two.settings.asked.aperture).toBeLessThanOrEqual(two.settings.rails.aperture.to);
});

test("a face between actions is worth all the ISO that its owner allows, and none past it", () => {
  const dim: LightPlan = { cloudEighths: 8, readings: [] };
  const asked = (intent: Shot["intent"]) =>
    [
      { scene: sceneAt(ground, dim, Date.UTC(2026, 5, 21, 20, 50)) },
      { intent, technique: "tracked" },
    ] as const;
  const night = (intent: Shot["intent"]) => see(...asked(intent));
  expect(night("reaction").settings.rails.iso.to).toBe(night("freeze").settings.rails.iso.to);
  const { iso } = reasonsOf(asking(...asked("reaction")), night("reaction"));
  expect(iso.find((r) => r.code === "ceiling-for-a-face")!.numbers).toEqual({ iso: 6400 });
});

test("all of a long subject seen from the front is its length deep, from the side nothing of it; its face is always a face", () => {
  const depth = (facing: number, wish: Shot["depth"]) => {
    const turned = { ...ground, spots: [{ ...ground.spots[0]!, facing }] };
    return see(
      { subject: { ...rider, length: 2.4, depth: 0.4 }, scene: sceneAt(turned, CLEAR, NOON) },
      { intent: "still", technique: "pre-framed", depth: wish },
    ).settings.depth.asked;
  };
  expect(depth(180, { kind: "whole" })).toBeCloseTo(2.4, 6);
  expect(depth(90, { kind: "whole" })).toBeCloseTo(0.4, 6);
  expect(depth(150, { kind: "whole" })).toBeCloseTo(2.4 * Math.cos(Math.PI / 6), 3);
  expect(depth(180, undefined)).toBeCloseTo(0.25, 9);
  expect(depth(180, { kind: "eye" })).toBe(0);
  expect(depth(180, { kind: "plane", turnDeg: 30 })).toBeCloseTo(1.2, 9);
});

test("wings are framed along the width by their span, and a bird is lit as a ball", () => {
  const bird = { ...rider, length: 0.5, span: 1.2, round: true };
  const toward = sceneAt({ ...ground, spots: [{ ...ground.spots[0]!, facing: 180 }] }, CLEAR, NOON);
  const found = see(
    { subject: bird, scene: toward },
    { along: "width", intent: "freeze", technique: "tracked" },
  );
  // 70 mm at 12 m: 1.2 m is 7.04 mm of 36.
  expect(found.sighting.fill).toBeCloseTo(7.04 / 36, 3);
  const upright = see({}, { intent: "freeze", technique: "tracked" });
  expect(found.light.lux.sun).not.toBeCloseTo(upright.light.lux.sun, 0);
  // Sun high in the south, camera south of the bird: ψ = 90° − h + … ; the ball catches more of a high sun than a post.
  expect(found.light.lux.sun).toBeGreaterThan(upright.light.lux.sun);
});

test("a cyclist head-on was 1.7 m wide: the fill is of what is seen from there", () => {
  const from = (facing: number) => {
    const scene = sceneAt({ ...ground, spots: [{ ...ground.spots[0]!, facing }] }, CLEAR, NOON);
    return see({ subject: { ...rider, depth: 0.5 }, scene }, { along: "width" }).sighting.partSize;
  };
  expect([from(180), from(90)]).toEqual([expect.closeTo(0.5, 6), expect.closeTo(1.7, 6)]);
});

test("the lines of a pan were a share of the sensor: they are of the frame that is delivered", () => {
  const whole = see({}, { fill: 0.1 });
  const cropped = see({}, { fill: 0.6 });
  expect(cropped.sighting.frame.kept).toBeLessThan(0.7);
  for (const found of [whole, cropped]) expect(found.motion.pan!.streakShare / 0.05).toBeCloseTo(1, 0);
  const ratio =
    shutterSeconds(cropped.settings.settings.shutter) / shutterSeconds(whole.settings.settings.shutter);
  expect(Math.abs(Math.log2(ratio / cropped.sighting.frame.kept))).toBeLessThan(0.34);
});

test("softness was that of the widest aperture: it is of the one that is set, and in a pan of its lines", () => {
  const at = (aperture: number, shot: Partial<Shot>) =>
    see({ locked: { aperture } }, shot).sighting.background.smoothness as number;
  const still: Partial<Shot> = { intent: "freeze", technique: "pre-framed" };
  expect(at(9, still) / at(21, still)).toBeCloseTo(4, 6);
  // A tenth of the frame, 3.6 mm of 36, is 0.61 m at the rider and 3.7 m at the wood sixty metres behind: 73 leaves.
  const { body, pan: lines } = see({}, { streakShare: 0.1 }).motion;
  const streak = lines!.streakUm / body.umPerMetre;
  expect(at(21, { streakShare: 0.1 })).toBeCloseTo((streak * 72) / 12 / 0.05, 6);
});

test("passing cloud gives two levels, the sun's and the cloud's", () => {
  const found = see({}, {}, { cloudEighths: 4, passing: true, readings: [] });
  expect(found.light.ev).toBeGreaterThan(found.light.evInCloud! + 1);
  expect(see().light.evInCloud).toBeUndefined();
});

test("masts that tell their intensity light by it, worked by hand; one that does not sends all back to their class", () => {
  const mast: Mast = { id: "m", name: "Mast", at: { x: 0, y: 0 }, height: 1.2, candela: 100_000 };
  const light: LightPlan = {
    cloudEighths: 0,
    readings: [],
    lamps: { class: "II", from: NOON - 1, until: NOON + 1 },
  };
  // A lamp at the camera's own place and the aim's height: I/d² times π/4 of a cylinder lit from the front, a fifth of
  // it two thirds of a ball's.
  const alone = { ...ground, masts: [mast] };
  const one = see({}, {}, light, alone);
  const floor = 0.5 * 0.2 * ((100_000 * 1.2) / Math.hypot(12, 1.2) ** 3);
  expect(one.light.lux.lamps).toBeCloseTo((100_000 / 144) * (0.8 * (Math.PI / 4) + 0.2 * (2 / 3)) + floor, 3);
  expect(why("ev", {}, {}, light, alone)).toContain("light-of-masts");
  const dumb = { ...ground, masts: [mast, { ...mast, id: "n", candela: undefined }] };
  expect(why("ev", {}, {}, light, dumb)).toContain("light-of-lamps");
});

test("old lamps flicker between frames at 1/1000 and not over whole periods", () => {
  const light: LightPlan = {
    cloudEighths: 8,
    readings: [],
    lamps: { class: "I", from: 0, until: NOON * 2, flicker: { mainsHz: 50, modulation: 0.6 } },
  };
  const night = sceneAt(ground, light, Date.UTC(2026, 0, 10, 20));
  const at = (shutter: number) =>
    codes(see({ scene: night, locked: { shutter } }, { intent: "freeze", technique: "tracked" }));
  expect(at(30)).toContain("flicker");
  expect(at(20)).not.toContain("flicker");
});

test("one's own shadow, a place inside a wall and a place below its top are told apart", () => {
  const north = { ...ground, positions: [{ id: "s", name: "S", at: { x: 0, y: 11.2 }, lensHeight: 1.6 }] };
  const near = { ...north, spots: [{ ...ground.spots[0]!, aimHeight: 0.3 }] };
  const winter = sceneAt(near, CLEAR, Date.UTC(2026, 11, 21, 12));
  expect(codes(see({ position: near.positions[0]!, scene: winter }, {}))).toContain("own-shadow");
  const inWood = { id: "w", name: "W", at: { x: 0, y: 80 }, lensHeight: 1.6 };
  expect(codes(see({ position: inWood }))).toContain("inside-obstacle");
  const onTop = { ...inWood, lensHeight: 12.5 };
  expect(codes(see({ position: onTop }))).not.toContain("inside-obstacle");
});

test("an electronic shutter leans the subject by image speed times readout", () => {
  const slow = { ...rig, body: { ...rig.body, readout: 1 / 50 } };
  const found = see({ rig: slow }, { intent: "freeze", technique: "pre-framed" });
  const { body } = found.motion;
  expect(found.motion.skewUm).toBeCloseTo((body.speed * body.umPerMetre) / 50, 6);
  expect(see().motion.skewUm).toBeUndefined();
});

test("each part of the score lies between 0 and 1, weighs by intent, and moves the way the place does", () => {
  const front = see({}, { intent: "freeze", technique: "tracked" });
  for (const { score, weight } of front.score.parts) {
    expect(score).toBeGreaterThanOrEqual(0);
    expect(score).toBeLessThanOrEqual(1);
    expect(weight).toBeGreaterThan(0);
  }
  const part = (a: Assessment, code: string) => a.score.parts.find((p) => p.code === code)?.score;
  const against = see({ lightTurn: 180 }, { intent: "freeze", technique: "tracked" });
  expect(part(front, "light-side")!).toBeGreaterThan(part(against, "light-side")!);
  expect(part(front, "light-side")! + part(against, "light-side")!).toBeCloseTo(1, 9);
  expect(see({}, { intent: "context", technique: "tracked" }).score.parts.map((p) => p.code)).not.toContain(
    "background",
  );
  expect(part(see({ walk: 400 }), "walk")).toBeCloseTo(0.5, 9);
  const whole = front.score.parts.reduce((sum, p) => sum + p.weight, 0);
  const mean = front.score.parts.reduce((sum, p) => sum + (p.weight * p.score) / whole, 0);
  expect(front.score.value).toBeCloseTo(mean, 9);
  expect(front.score.vetoed).toBe(false);
});
