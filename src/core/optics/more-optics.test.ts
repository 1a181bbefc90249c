import fc from "fast-check";
import {
  circleByRule,
  framesOnCard,
  fullFrameEquivalent,
  lightStopsBelowFullFrame,
  nettingEffect,
  postShade,
  stabiliserStopsOf,
  type Body,
  type Lens,
} from ".";

const FULL_FRAME = { widthMm: 36, heightMm: 24, widthPx: 6000 };
const FOUR_THIRDS = { widthMm: 17.3, heightMm: 13, widthPx: 5200 };
const netting = { pitch: 0.05, wire: 0.003, distance: 0.15 };
const through = (focalLengthMm: number, subject: number) =>
  nettingEffect({ netting, focalLengthMm, fNumber: 2.8, subjectDistance: subject, frameWidth: 2 });

test("a 3 mm wire at 0.15 m takes 5.4 % of 200 f/2.8 at 25 m, 15.4 % of 70 at 15 m, 2.7 % of 400 at 40 m", () => {
  expect(through(200, 25).wireLoss).toBeCloseTo(0.054, 3);
  expect(through(70, 15).wireLoss).toBeCloseTo(0.154, 3);
  expect(through(400, 40).wireLoss).toBeCloseTo(0.027, 3);
  expect([200, 70, 400].map((f) => through(f, 30).structure)).toEqual(["faint", "seen", "gone"]);
});

test("the worst loss of a wire across the middle of a round pupil is what small steps across it say", () => {
  const { footprint, wireLoss } = through(200, 25);
  const r = footprint / 2;
  let covered = 0;
  const steps = 20_000;
  for (let i = 0; i < steps; i++) {
    const x = -netting.wire / 2 + (netting.wire * (i + 0.5)) / steps;
    covered += (2 * Math.sqrt(r * r - x * x) * netting.wire) / steps;
  }
  expect(covered / (Math.PI * r * r)).toBeCloseTo(wireLoss, 3);
});

test("at a knot of two a wire takes (2 − w/F) times as much while a footprint has room for one alone, and no more from there on", () => {
  const small = through(70, 15);
  expect(small.footprint).toBeLessThan(1.2 * netting.pitch);
  expect(small.localLoss / small.wireLoss).toBeCloseTo(2 - netting.wire / small.footprint, 9);
  const large = through(200, 25);
  expect(large.footprint).toBeGreaterThan(1.2 * netting.pitch);
  expect(large.localLoss).toBe(large.wireLoss);
  // Two crossing wires of a fine one shade w·D twice, the crossing once.
  expect(through(14, 15).localLoss).toBeLessThanOrEqual(1);
});

test("a veil is told once the footprint covers more than a pitch; nearness and width decide about one opening", () => {
  expect(through(200, 25).veil).toBeCloseTo(1 - (1 - 0.003 / 0.05) ** 2, 9);
  expect(through(70, 15).veil).toBe("structured");
  const fine = {
    netting: { pitch: 0.08, wire: 0.003, distance: 0.02 },
    focalLengthMm: 100,
    fNumber: 2.8,
    subjectDistance: 20,
    frameWidth: 4,
  };
  expect(nettingEffect(fine).oneOpening).toBe(true);
  expect(nettingEffect({ ...fine, frameWidth: 60 }).oneOpening).toBe(false);
});

test("post shade: q·cot β flat, r·(cot(β/2) − 1) round, none from behind or square on", () => {
  expect(postShade({ depth: 0.1, round: false, angle: 45, sameSide: true })).toBeCloseTo(0.1, 9);
  expect(postShade({ depth: 0.05, round: true, angle: 60, sameSide: true })).toBeCloseTo(
    0.05 * (Math.sqrt(3) - 1),
    9,
  );
  expect(postShade({ depth: 0.1, round: true, angle: 60, sameSide: false })).toBe(0);
  expect(postShade({ depth: 0.1, round: true, angle: 90, sameSide: true })).toBe(0);
});

test("a 2.0 crop collects 1.94 stops less, and its ISO 6400 collects as 24600", () => {
  expect(lightStopsBelowFullFrame(FOUR_THIRDS)).toBeCloseTo(1.94, 2);
  const same = fullFrameEquivalent({ format: FOUR_THIRDS, focalLengthMm: 300, fNumber: 4, iso: 6400 });
  expect(same.iso / 24_600).toBeCloseTo(1, 2);
  expect(same.focalLengthMm).toBeCloseTo(600, -1);
});

test("36×24 is its own equivalent; a crop to half the sides loses two stops", () => {
  expect(fullFrameEquivalent({ format: FULL_FRAME, focalLengthMm: 200, fNumber: 2.8, iso: 400 })).toEqual({
    focalLengthMm: 200,
    fNumber: 2.8,
    iso: 400,
  });
  expect(lightStopsBelowFullFrame(FULL_FRAME, 0.5)).toBeCloseTo(2, 9);
});

test("circles of confusion by rule: 0.0288 by the diagonal, 0.0126 by the arc-minute, never under a sensor pixel", () => {
  const circle = (rule: "diagonal" | "delivered-pixel" | "arc-minute", deliveredLongEdgePx = 3000) =>
    circleByRule({ rule, format: FULL_FRAME, kept: 1, deliveredLongEdgePx, viewingDiagonals: 1 });
  expect(circle("diagonal")).toBeCloseTo(0.0288, 4);
  expect(circle("arc-minute")).toBeCloseTo(0.0126, 4);
  expect(circle("delivered-pixel")).toBeCloseTo(0.012, 9);
  fc.assert(
    fc.property(fc.integer({ min: 200, max: 30_000 }), (px) =>
      expect(circle("delivered-pixel", px)).toBeGreaterThanOrEqual(0.006),
    ),
  );
});

test("of two stabilisers the better one counts, and a card holds its size over the frame's", () => {
  const body = (stabiliserStops?: number) => ({ stabiliserStops }) as Body;
  const lens = (stabiliserStops: number) => ({ stabiliserStops }) as Lens;
  expect(stabiliserStopsOf({ body: body(), lens: lens(4) })).toBe(4);
  expect(stabiliserStopsOf({ body: body(5), lens: lens(4) })).toBe(5);
  expect(stabiliserStopsOf({ body: body(5), lens: lens(0) })).toBe(5);
  expect(framesOnCard({ capacityGb: 128 }, 28)).toBe(4571);
  expect(framesOnCard({ capacityGb: 128 }, undefined)).toBe(0);
});
