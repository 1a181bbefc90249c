import { demoKit, demoOutings } from "../../../demo";
import { assessed } from "../../../test/assessed";
import { shutterNearest, shutterSeconds } from "../exposure";
import { alongBearing, type Ground } from "../ground";
import { sceneAt } from "../scene";
import { panLadder, panLeft, streakExposure, sweepOf, warmUpRung, type AssessInput } from ".";

/** A bicycle at 34 km/h passes eastward 8 m north of the photographer (common practice: the pan ladder). */
const base = demoOutings[0]!;
const ground: Ground = {
  ...base.ground,
  obstacles: [],
  spots: [{ id: "spot", name: "Spot", at: { x: 0, y: 8 }, aimHeight: 1, facing: 90, zoneId: "all" }],
  zones: [{ id: "all", name: "All", offsetClicks: 0 }],
};
const here = { id: "here", name: "Here", at: { x: 0, y: 0 }, lensHeight: 1 };
const inputOf = (over: Partial<AssessInput> = {}, on = ground): AssessInput => ({
  shot: {
    ...base.shots[0]!,
    intent: "pan",
    technique: "panned",
    spotId: "spot",
    subjectId: "bicycle",
    holdPartId: "body",
    tolerance: "print-sharp",
    orientation: "level",
    fill: 0.3,
  },
  subject: {
    id: "bicycle",
    name: "Bicycle",
    height: 1.7,
    depth: 0.5,
    length: 1.8,
    bodySpeed: 34 / 3.6,
    bob: 0.1,
    parts: [],
    known: "invented",
  },
  position: here,
  rig: {
    body: demoKit.bodies[0]!,
    lens: { ...demoKit.lenses[0]!, minFocalLengthMm: 70, maxFocalLengthMm: 70, widest: 2.8, narrowest: 22 },
    support: { id: "hand", name: "Hand", stops: 0 },
  },
  scene: sceneAt(on, { cloudEighths: 0, readings: [] }, Date.UTC(2026, 5, 21, 12)),
  focalLengthMm: 70,
  locked: { aperture: 18 },
  hands: { trackingResidual: 0.15, panSpread: 0.03 },
  order: ["lift", "aperture", "shutter", "iso"],
  ...over,
});

test("the ladder of a bicycle at 34 km/h: lines from a hundredth of the frame to three tenths, keepers from nearly all to few", () => {
  const input = inputOf();
  const rungs = panLadder(input, assessed(input));
  expect(rungs.map((r) => r.shutter)).toEqual([24, 21, 18, 15, 12, 9]);
  expect(shutterSeconds(rungs[0]!.shutter)).toBeCloseTo(1 / 256, 6);
  // 70 mm of a body's own 36 mm side, f/8: 0.9 % at 1/250 and 29 % at 1/8 (common practice).
  expect(rungs[0]!.streakShare).toBeCloseTo(0.009, 3);
  expect(rungs.at(-1)!.streakShare).toBeCloseTo(0.29, 2);
  for (let i = 1; i < rungs.length; i++) {
    expect(rungs[i]!.chance).toBeLessThan(rungs[i - 1]!.chance);
    expect(rungs[i]!.streakShare / rungs[i - 1]!.streakShare).toBeCloseTo(2, 6);
    expect(rungs[i]!.filterStops).toBeGreaterThanOrEqual(rungs[i - 1]!.filterStops);
    // Ends and depth blur as the exposure does.
    expect(rungs[i]!.endsUm / rungs[i - 1]!.endsUm).toBeCloseTo(2, 6);
    expect(rungs[i]!.depthUm / rungs[i - 1]!.depthUm).toBeCloseTo(2, 6);
  }
  expect(rungs[0]!.chance).toBeGreaterThan(0.9);
  expect(rungs.at(-1)!.chance).toBeLessThan(0.12);
  expect(warmUpRung(rungs)!.chance).toBeGreaterThanOrEqual(0.8);
  expect(warmUpRung([])).toBeUndefined();
  expect(panLadder({ ...input, shot: { ...input.shot, technique: "tracked" } }, assessed(input))).toEqual([]);
});

test("the sweep turns fastest at the nearest point and does not change there; it goes two seconds before and one after", () => {
  const sweep = sweepOf(inputOf())!;
  expect(sweep.nearest).toBeCloseTo(8, 9);
  expect(sweep.picture.bearing).toBeCloseTo(0, 6);
  expect(sweep.rate).toBeCloseTo(((34 / 3.6 / 8) * 180) / Math.PI, 6);
  expect(sweep.change).toBeCloseTo(0, 9);
  expect(sweep.worst.along).toBeCloseTo(8 / Math.sqrt(3), 9);
  const v = 34 / 3.6;
  expect(sweep.swing).toBeCloseTo(((Math.atan(v / 8) + Math.atan((2 * v) / 8)) * 180) / Math.PI, 6);
  expect(sweep.hidden).toEqual([]);
});

/** A ring of 20 m about a place, drawn every two degrees, as a track that runs clockwise. */
const ring = (centre: { x: number; y: number }) => ({
  id: "ring",
  name: "the ring",
  points: Array.from({ length: 181 }, (_, i) => {
    const { x, y } = alongBearing(180 + 2 * i);
    return { x: centre.x + 20 * x, y: centre.y + 20 * y };
  }),
});

test("a sweep follows the drawn track: from the middle of a ring the turn is even, either way round", () => {
  const v = 34 / 3.6;
  // The spot lies at the top of the ring and faces along it.
  const middle = sweepOf(
    inputOf(
      {},
      { ...ground, tracks: [ring({ x: 0, y: 0 })], spots: [{ ...ground.spots[0]!, at: { x: 0, y: 20 } }] },
    ),
  )!;
  expect(middle.track).toBe("the ring");
  expect(middle.nearest).toBeCloseTo(20, 1);
  expect(middle.rate).toBeCloseTo(((v / 20) * 180) / Math.PI, 0);
  // The track is drawn of corners: a straight pass at 20 m changes by up to 8 °/s², the ring by what its corners make.
  expect(middle.change).toBeLessThan(2);
  expect(middle.worst.change).toBeLessThan(3);
  expect(middle.swing).toBeCloseTo(((3 * v) / 20) * (180 / Math.PI), 0);
  // Against its own way the track is followed backwards.
  const back = sweepOf(
    inputOf(
      {},
      {
        ...ground,
        tracks: [ring({ x: 0, y: 0 })],
        spots: [{ ...ground.spots[0]!, at: { x: 0, y: 20 }, facing: 270 }],
      },
    ),
  )!;
  expect(back.pickUp.at.x).toBeCloseTo(-middle.pickUp.at.x, 0);
  expect(back.swing).toBeCloseTo(middle.swing, 0);
  // A track that crosses the way it moves is none of its ways, nor is one that is far.
  const across = {
    ...ring({ x: 0, y: 0 }),
    points: [
      { x: 0, y: -30 },
      { x: 0, y: 30 },
    ],
  };
  expect(sweepOf(inputOf({}, { ...ground, tracks: [across] }))!.track).toBeUndefined();
  expect(sweepOf(inputOf({}, { ...ground, tracks: [ring({ x: 100, y: 0 })] }))!.track).toBeUndefined();
});

test("a straight drawn track is swept as the straight way is", () => {
  const line = {
    id: "l",
    name: "the lane",
    points: [
      { x: -100, y: 8 },
      { x: 100, y: 8 },
    ],
  };
  const drawn = sweepOf(inputOf({}, { ...ground, tracks: [line] }))!;
  const bare = sweepOf(inputOf({}, { ...ground, tracks: [] }))!;
  expect(drawn.rate).toBeCloseTo(bare.rate, 6);
  expect(drawn.change).toBeCloseTo(bare.change, 6);
  expect(drawn.swing).toBeCloseTo(bare.swing, 6);
  expect(drawn.nearest).toBeCloseTo(bare.nearest, 1);
});

test("the shutter for wished lines gives them: what the ladder draws at a shutter asks for that shutter", () => {
  const input = inputOf();
  const found = assessed(input);
  for (const rung of panLadder(input, found)) {
    const exposure = streakExposure(input, found, sweepOf(input)!, rung.streakShare);
    expect(exposure / shutterSeconds(rung.shutter)).toBeCloseTo(1, 1);
  }
});

test("what stands on the way of a pan is named with where it hides the subject; nothing passes head on", () => {
  const outline = [
    { x: -10, y: 4 },
    { x: -4, y: 4 },
    { x: -4, y: 4.2 },
    { x: -10, y: 4.2 },
  ];
  const van = { id: "v", name: "Van", kind: "building" as const, outline, height: 3 };
  const walled: Ground = { ...ground, obstacles: [van] };
  const sweep = sweepOf(inputOf({}, walled))!;
  expect(sweep.hidden.map((h) => h.by)).toEqual(["Van"]);
  // By similar triangles the wall from −10 to −4 at 4 m hides the way from −20 to −8 at 8 m.
  expect(sweep.hidden[0]!.to.along).toBeLessThanOrEqual(-8);
  expect(sweep.hidden[0]!.to.along).toBeGreaterThan(-10);
  const headOn = { ...ground, spots: [{ ...ground.spots[0]!, facing: 180 }] };
  expect(sweepOf(inputOf({}, headOn))).toBeUndefined();
});

test("the way a subject moves was told and never read: with its heading across it, what faces the camera passes it", () => {
  const facing = { ...ground.spots[0]!, facing: 180 };
  const crossing = { ...facing, heading: 90 };
  const speed = (spot: typeof facing) =>
    assessed(inputOf({}, { ...ground, spots: [spot] })).motion.body.transverseSpeed;
  expect(speed(facing)).toBeCloseTo(0, 6);
  expect(speed(crossing)).toBeCloseTo(34 / 3.6, 6);
  expect(alongBearing(90).x).toBeCloseTo(1, 9);
  expect(shutterNearest(1 / 60)).toBe(18);
});

test("held still the camera smears what passes by f v t over the distance; following leaves the miss of the turn and the bob", () => {
  const input = inputOf();
  const found = assessed(input);
  const sweep = sweepOf(input)!;
  const left = panLeft(input, found, sweep)!;
  const t = shutterSeconds(found.settings.settings.shutter);
  const v = 34 / 3.6;
  // 70 mm at 8 m: 8.8 mm of image for a metre (thin lens).
  expect(left.stillSpeed).toBeCloseTo((v * 70) / (8 - 0.07), 0);
  expect(left.stillUm / 1000).toBeCloseTo((v * t * 70) / (8 - 0.07), 2);
  expect(left.worstUm).toBeLessThan(left.stillUm / 5);
  expect(left.worstUm).toBeGreaterThan(left.bestUm);
  expect(Math.min(left.direction, 180 - left.direction)).toBeLessThan(1);
  // It passes nearest where the picture is: there is nothing to win by going on.
  expect(left.atNearest.keeperChance).toBeCloseTo(found.motion.pan!.keeperChance, 1);
  expect(left.atNearest.streakShare).toBeCloseTo(found.motion.pan!.streakShare, 2);
});
