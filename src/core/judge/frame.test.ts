import { demoKit, demoOutings } from "../../../demo";
import { assessed } from "../../../test/assessed";
import { lensOf } from "../ground";
import { sceneAt } from "../scene";
import {
  facesInRow,
  fillRing,
  fNumberEndToEnd,
  groupSharp,
  lensesServe,
  leversFor,
  printFound,
  reachFound,
  sameOnFullFrame,
  takeOver,
  withBodies,
  withConverters,
  type AssessInput,
} from ".";

const outing = demoOutings[0]!;
const AT = Date.UTC(2026, 9, 17, 13);
const full = { widthMm: 36, heightMm: 24, widthPx: 6000 };
const body = { ...demoKit.bodies[0]!, id: "full", name: "36×24", format: full };
const half = { ...body, id: "half", name: "Half", format: { widthMm: 17.3, heightMm: 13, widthPx: 5184 } };
const lens = {
  ...demoKit.lenses[0]!,
  id: "l400",
  name: "400 mm f/4",
  minFocalLengthMm: 400,
  maxFocalLengthMm: 400,
  widest: 4,
  takesConverter: true,
};
const short = {
  ...lens,
  id: "l70",
  name: "70–200",
  minFocalLengthMm: 70,
  maxFocalLengthMm: 200,
  widest: 2.8,
};
const converters = [
  { id: "c14", name: "1.4×", factor: 1.4 },
  { id: "c2", name: "2×", factor: 2 },
];
function inputOf(over: Partial<AssessInput> = {}): AssessInput {
  return {
    shot: { ...outing.shots[0]!, fill: 0.5, orientation: "level", part: "whole", along: "height" },
    subject: outing.subjects.find((s) => s.id === outing.shots[0]!.subjectId)!,
    position: { id: "s", name: "S", at: { x: 0, y: -60 }, lensHeight: 1.5 },
    rig: { body, lens, support: demoKit.supports[0]! },
    scene: sceneAt(outing.ground, { cloudEighths: 8, readings: [] }, AT),
    order: ["lift", "aperture", "shutter", "iso"],
    ...over,
  };
}

test("reach goes both ways: the lens that fills from here, put on, fills; the distance that fills, walked to, fills", () => {
  const input = inputOf();
  const reach = reachFound(input, assessed(input));
  const there = { ...lens, minFocalLengthMm: reach.focalLengthMm, maxFocalLengthMm: reach.focalLengthMm };
  const with_ = assessed(inputOf({ rig: { ...input.rig, lens: there } }));
  expect(with_.sighting.frame.fill * with_.sighting.frame.kept).toBeCloseTo(0.5, 6);
  // The image grows with the focal length, as far as the subject is far away: from end to end of a zoom by its range.
  const zoom = { ...lens, minFocalLengthMm: 100, maxFocalLengthMm: 400 };
  const ends = reachFound(inputOf({ rig: { ...input.rig, lens: zoom } }), assessed(input));
  expect(ends.fillAtLong / ends.fillAtShort).toBeCloseTo(4, 9);
  if (!reach.distance.ok) throw new Error(reach.distance.reason);
  const { partSize } = assessed(input).sighting;
  // Thin lens: half of 24 mm from 400 mm of a part in metres, s = f(1 + 1/m).
  const m = 12 / (1000 * partSize);
  expect(reach.distance.value).toBeCloseTo(0.4 * (1 + 1 / m), 6);
  // Level ground between: the ring is as wide as the distance, but for the lens and the aim standing at other heights.
  const ring = fillRing(input, assessed(input))!;
  expect(ring).toBeLessThanOrEqual(reach.distance.value);
  expect(ring / reach.distance.value).toBeGreaterThan(0.99);
  expect(reach.marked).toBeGreaterThan(assessed(input).sighting.distance);
  // At infinity 400 mm takes 5.15° of 36 mm (handbook); nearer it takes less.
  expect(reach.angleAcross).toBeLessThan(5.16);
  expect(reach.angleAcross).toBeGreaterThan(5);
});

test("400 mm f/4 with 1.4× is 560 f/5.6 and a stop down, with 2× 800 f/8 and two, with both on each other three (common practice)", () => {
  const [one, both, two] = withConverters(inputOf(), { converters });
  expect(one).toMatchObject({ name: "1.4×" });
  expect(one!.focalLengthMm).toBeCloseTo(560, 9);
  expect(one!.widest).toBeCloseTo(5.6, 9);
  expect(one!.loss).toBeCloseTo(0.97, 2);
  expect(two!.focalLengthMm).toBeCloseTo(800, 9);
  expect(two!.loss).toBeCloseTo(2, 9);
  expect(both!.loss).toBeCloseTo(one!.loss + two!.loss, 9);
  expect(two!.iso - one!.iso).toBeGreaterThanOrEqual(2);
  expect(
    withConverters(inputOf({ rig: { ...inputOf().rig, lens: { ...lens, takesConverter: false } } }), {
      converters,
    }),
  ).toEqual([]);
});

test("a 2.0 crop from the same place fills twice as much and collects two stops less; the same picture on 36×24 is told", () => {
  const [large, small] = withBodies(inputOf({ shot: { ...inputOf().shot, fill: 0.05 } }), [body, half]);
  expect(small!.fill / large!.fill).toBeCloseTo(24 / 13, 6);
  const input = inputOf({ rig: { ...inputOf().rig, body: half } });
  const same = sameOnFullFrame(input, assessed(input));
  // 1.94 stops by the area of 17.3×13.
  expect(Math.log2((36 * 24) / (17.3 * 13))).toBeCloseTo(1.94, 2);
  expect(same.focalLengthMm / assessed(input).sighting.frame.focalLengthMm).toBeCloseTo(1.999, 2);
});

test("levers for a soft background are ranked by what they bring, each as it comes out when it is really tried", () => {
  const input = inputOf({ locked: { aperture: 15 } });
  const answer = assessed(input);
  const before = answer.sighting.background.smoothness as number;
  const longer = { ...lens, id: "l600", maxFocalLengthMm: 600, minFocalLengthMm: 600 };
  const levers = leversFor(input, answer, { bodies: [body], lenses: [lens, short, longer] });
  const codes = levers.map((l) => l.code);
  expect(codes).toEqual(expect.arrayContaining(["nearer", "open", "farther-background", "longer"]));
  expect(codes).not.toContain("larger-sensor");
  const gains = levers.map((l) => (l.gain === "plain" ? Infinity : l.gain));
  expect([...gains].sort((a, b) => b - a)).toEqual(gains);
  const open = levers.find((l) => l.code === "open")!;
  // A stop wider is √2 times the disc.
  expect(open.gain).toBeCloseTo(Math.SQRT2, 1);
  const nearer = levers.find((l) => l.code === "nearer")!;
  const tried = assessed(
    inputOf({ locked: { aperture: 15 }, position: { ...input.position, at: nearer.change.at! } }),
  );
  expect((tried.sighting.background.smoothness as number) / before).toBeCloseTo(nearer.gain as number, 6);
  expect(lensOf(input.scene.ground, { ...input.position, at: nearer.change.at! }).y).toBeCloseTo(-58.5, 0);
});

test("a group behind its leader is sharp as far as the depth goes; each lens serves up to where it fills", () => {
  const input = inputOf();
  const answer = assessed(input);
  const { near, far } = answer.sighting.depth;
  const depth = (far as number) - near;
  const { before, behind } = groupSharp(answer, depth / 10);
  expect(before + (behind as number)).toBeGreaterThanOrEqual(8);
  expect(before + (behind as number)).toBeLessThanOrEqual(10);
  expect(before).toBeLessThanOrEqual(behind as number);
  const serve = lensesServe(input, answer, [short, lens]);
  expect(serve.map((s) => s.lens.id)).toEqual(["l400", "l70"]);
  // Distances go as focal lengths, but for the thin lens's own length.
  expect(serve[0]!.to / serve[1]!.to).toBeCloseTo(2, 6);
  expect(fNumberEndToEnd(input, answer, 0)).toBe(0);
  expect(fNumberEndToEnd(input, answer, 60)).toBeGreaterThan(fNumberEndToEnd(input, answer, 20));
});

test("a print asks for its pixels and its viewer's circle: from its own diagonal one arc-minute is the diagonal over 3438", () => {
  const input = inputOf();
  const found = assessed(input);
  const { kept } = found.sighting.frame;
  const a4 = {
    kind: "print",
    longEdgeMm: 297,
    shortEdgeMm: 210,
    pixelsPerInch: 300,
    viewingDistance: Math.hypot(297, 210) / 1000,
  } as const;
  const print = printFound(input, found, a4);
  expect(print.crop.wantedPx).toBe(3508);
  expect(print.circleMm).toBeCloseTo((Math.hypot(36, 24) * kept) / 3438, 6);
  // Seen from twice as far it may be twice as soft, and more of it is sharp.
  const far = printFound(input, found, { ...a4, viewingDistance: 2 * a4.viewingDistance });
  expect(far.circleMm / print.circleMm).toBeCloseTo(2, 9);
  expect(far.depth.near).toBeLessThan(print.depth.near);
});

test("several faces in a row: between them the aperture is wider than on the first, and both hold their ends", () => {
  const input = inputOf();
  const found = assessed(input);
  const row = facesInRow(input, found, 4, 1);
  expect(row.between).toBeLessThan(row.onFirst);
  expect(row.onFirst / row.between).toBeGreaterThan(1.5);
  const alone = facesInRow(input, found, 1, 1);
  expect(alone.onFirst).toBeLessThan(row.between);
  const { distance } = found.sighting;
  expect(row.focusAt).toBeGreaterThan(distance);
  expect(row.focusAt).toBeLessThan(distance + 3);
});

test("a second camera takes over where the first no longer fits: there the short end fills the frame, and the other fills its share", () => {
  const zoom = { ...lens, id: "z", minFocalLengthMm: 200, maxFocalLengthMm: 400 };
  const input = inputOf({ rig: { body, lens: zoom, support: demoKit.supports[0]! }, focalLengthMm: 200 });
  const found = assessed(input);
  const over = takeOver(input, found, { body, lenses: [zoom, short] })!;
  expect(over.lens.id).toBe("l70");
  expect(over.fill).toBeCloseTo(1, 9);
  // By similar triangles: 1.75 m high fill the 24 mm of the frame at 200 mm.
  const size = found.sighting.partSize;
  expect(over.nearerThan).toBeCloseTo(0.2 + (size * 200) / 24, 2);
  expect(
    takeOver(inputOf({ rig: { ...input.rig, lens: short } }), found, { body, lenses: [zoom, short] }),
  ).toBeUndefined();
  // A body of half the size sees twice as long: its 70 mm is 140 mm here.
  const half = { ...body, id: "h", format: { ...body.format, widthMm: 18, heightMm: 12 } };
  expect(takeOver(input, found, { body: half, lenses: [zoom, short] })!.fill).toBeCloseTo(1, 9);
  expect(takeOver(input, found, { body: half, lenses: [zoom] })).toBeUndefined();
});
