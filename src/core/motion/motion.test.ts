import fc from "fast-check";
import { imageDistanceMm } from "../optics";
import {
  blurBudget,
  keptVerdict,
  bodyMotion,
  diffractionLimit,
  HAND_SHAKE,
  imageVelocity,
  partSpeed,
  project,
  shakeUmPerSecond,
  slowestExposure,
  toleranceUm,
  BODY_PART,
  type Camera,
} from ".";

const coordinate = fc.double({ min: -30, max: 30, noNaN: true });
const speed = fc.double({ min: -30, max: 30, noNaN: true });
const vector = (c: fc.Arbitrary<number>) => fc.record({ x: c, y: c, z: c });
const camera: Camera = { lens: { x: 0, y: -40, z: 1.2 }, aim: { x: 3, y: 0, z: 1 }, imageDistanceMm: 400 };

test("the analytic image velocity is the numerical derivative of the projection", () => {
  fc.assert(
    fc.property(vector(coordinate), vector(speed), (point, velocity) => {
      const dt = 1e-5;
      const at = (t: number) =>
        project(camera, {
          x: point.x + velocity.x * t,
          y: point.y + velocity.y * t,
          z: point.z + velocity.z * t,
        });
      const before = at(-dt);
      const after = at(dt);
      const found = imageVelocity(camera, point, velocity);
      if (!before || !after || !found || point.y < -35) return;
      expect(found.x).toBeCloseTo((after.x - before.x) / (2 * dt), 2);
      expect(found.y).toBeCloseTo((after.y - before.y) / (2 * dt), 2);
    }),
  );
});

test("what is behind the camera has no image", () => {
  expect(project(camera, { x: 0, y: -60, z: 1 })).toBeUndefined();
  expect(imageVelocity(camera, { x: 0, y: -60, z: 1 }, { x: 1, y: 0, z: 0 })).toBeUndefined();
});

test("across the view at the focused distance the speed is f·v/(s − f)", () => {
  const straight: Camera = {
    lens: { x: 0, y: 0, z: 1 },
    aim: { x: 0, y: 40, z: 1 },
    imageDistanceMm: imageDistanceMm(400, 40),
  };
  const found = imageVelocity(straight, straight.aim, { x: 7, y: 0, z: 0 });
  expect(found?.x).toBeCloseTo((400 * 7) / (40 - 0.4), 6);
  expect(found?.y).toBeCloseTo(0, 9);
});

test("coming nearer, a point at image radius r runs outward at r·v/s", () => {
  const straight: Camera = { lens: { x: 0, y: 0, z: 1 }, aim: { x: 0, y: 40, z: 1 }, imageDistanceMm: 404 };
  const edge = { x: 0.85, y: 40, z: 1 };
  const radius = project(straight, edge)!.x;
  expect(imageVelocity(straight, edge, { x: 0, y: -7, z: 0 })!.x).toBeCloseTo((radius * 7) / 40, 9);
});

test("the reciprocal rule: in 1/f seconds an unsteady hand blurs one circle of confusion of 36×24 (common practice)", () => {
  for (const focalLengthMm of [50, 200, 400]) {
    const blur = shakeUmPerSecond({ focalLengthMm, stabiliserStops: 0, supportStops: 0 }) / focalLengthMm;
    expect(blur).toBeCloseTo(28.8, 9);
  }
  expect(HAND_SHAKE).toBe(0.0288);
});

test("stabiliser and support add in stops and are capped at six", () => {
  const at = (stabiliserStops: number, supportStops: number) =>
    shakeUmPerSecond({ focalLengthMm: 400, stabiliserStops, supportStops });
  expect(at(0, 0) / at(4, 0)).toBeCloseTo(16, 9);
  expect(at(0, 0) / at(4, 5)).toBeCloseTo(64, 9);
  expect(at(0, -1) / at(0, 0)).toBeCloseTo(2, 9);
});

const blur = {
  motionUmPerSecond: 20_000,
  shakeUmPerSecond: 900,
  defocusUm: 10,
  workingFNumber: 4,
  pixelUm: 6,
};

test("pure motion reports its own length, a disc 0.87 of its diameter, a pixel its side", () => {
  const none = {
    motionUmPerSecond: 0,
    shakeUmPerSecond: 0,
    defocusUm: 0,
    workingFNumber: 1e-9,
    pixelUm: 1e-9,
  };
  expect(blurBudget({ ...none, motionUmPerSecond: 1000 }, 0.02).totalUm).toBeCloseTo(20, 6);
  expect(blurBudget({ ...none, defocusUm: 30 }, 0.02).totalUm / 30).toBeCloseTo(Math.sqrt(12 / 16), 6);
  expect(blurBudget({ ...none, pixelUm: 6 }, 0.02).totalUm).toBeCloseTo(6, 6);
});

test("variances add as a brute-force convolution of a box, a disc and a box says", () => {
  // Two boxes and a disc thrown together: the variance of a sum of independent draws, on a fine regular grid.
  const grid = (n: number) => Array.from({ length: n }, (_, i) => (i + 0.5) / n - 0.5);
  const variance = (values: number[], weights = values.map(() => 1)) => {
    const total = weights.reduce((a, b) => a + b, 0);
    return values.reduce((sum, v, i) => sum + weights[i]! * v * v, 0) / total;
  };
  const motion = grid(400).map((v) => v * 40);
  const pixel = grid(400).map((v) => v * 6);
  const disc = grid(4000).map((v) => v * 20);
  const chord = disc.map((v) => Math.sqrt(Math.max(0, 100 - v * v)));
  const brute = variance(motion) + variance(pixel) + variance(disc, chord);
  const found = blurBudget(
    { ...blur, motionUmPerSecond: 40, shakeUmPerSecond: 0, defocusUm: 20, workingFNumber: 1e-9 },
    1,
  );
  expect(found.totalUm ** 2 / 12).toBeCloseTo(brute, 1);
});

test("shares sum to one", () => {
  const { shares } = blurBudget(blur, 1 / 500);
  expect(Object.values(shares).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
});

test("the closed form of the slowest shutter meets the tolerance exactly", () => {
  fc.assert(
    fc.property(fc.double({ min: 12, max: 200, noNaN: true }), (tol) => {
      const slowest = slowestExposure(blur, tol);
      if (slowest === "none")
        return expect(blurBudget(blur, 1e-9).totalUm).toBeGreaterThanOrEqual(tol - 1e-6);
      expect(typeof slowest).toBe("number");
      expect(blurBudget(blur, slowest as number).totalUm).toBeCloseTo(tol, 6);
    }),
  );
});

test("no shutter holds what focus alone blurs, and any holds what does not move", () => {
  expect(slowestExposure({ ...blur, defocusUm: 100 }, 28.8)).toBe("none");
  expect(slowestExposure({ ...blur, defocusUm: 100 }, 28.8, true)).not.toBe("none");
  expect(slowestExposure({ ...blur, motionUmPerSecond: 0, shakeUmPerSecond: 0 }, 28.8)).toBe("any");
});

test("at the diffraction limit diffraction alone takes half of the tolerance's variance", () => {
  const still = { motionUmPerSecond: 0, shakeUmPerSecond: 0, defocusUm: 0, pixelUm: 1e-9 };
  expect(blurBudget({ ...still, workingFNumber: diffractionLimit(28.8) }, 1).totalUm).toBeCloseTo(
    28.8 / Math.SQRT2,
    6,
  );
});

test("a part is held from 85 of 100 frames, mostly from 50, at the edge from 20, lost below (common practice)", () => {
  expect([1, 0.85, 0.849, 0.5, 0.499, 0.2, 0.199, 0].map(keptVerdict)).toEqual([
    "held",
    "held",
    "mostly-held",
    "mostly-held",
    "at-the-edge",
    "at-the-edge",
    "lost",
    "lost",
  ]);
});

const basis = { circleOfConfusionUm: 28.8, pixelUm: 6, deliveredPixelUm: 12, umPerMetre: 10_000 };
const limb = { id: "limb", name: "hands", partClass: "limb" as const, speed: 5 };

test("tolerances by kind and part", () => {
  expect(toleranceUm({ ...basis, kind: "print-sharp", part: BODY_PART })).toBe(28.8);
  expect(toleranceUm({ ...basis, kind: "print-sharp", part: limb })).toBe(57.6);
  expect(toleranceUm({ ...basis, kind: "web", part: BODY_PART })).toBe(18);
  expect(toleranceUm({ ...basis, kind: "pixel-sharp", part: BODY_PART })).toBe(9);
  const stick = { ...limb, partClass: "tool" as const, halfWidth: 0.025 };
  expect(toleranceUm({ ...basis, kind: "print-sharp", part: stick })).toBe(250);
});

const runner = {
  id: "r",
  name: "Runner",
  height: 1.7,
  depth: 0.5,
  bodySpeed: 7,
  bob: 0.5,
  parts: [limb],
  known: "from memory" as const,
};

test("following leaves 0.15 of the transverse speed and the bob, standing still leaves it all", () => {
  const view: Camera = { lens: { x: 0, y: 0, z: 1 }, aim: { x: 0, y: 40, z: 1 }, imageDistanceMm: 404 };
  const motion = (technique: "tracked" | "pre-framed") =>
    bodyMotion({ camera: view, subject: runner, bodyVelocity: { x: 7, y: 0, z: 0 }, technique });
  expect(motion("tracked").speed).toBeCloseTo(Math.hypot(0.15 * 7, 0.5), 9);
  expect(motion("pre-framed").speed).toBeCloseTo(Math.hypot(7, 0.5), 9);
  expect(partSpeed(motion("tracked"), limb)).toBeCloseTo(Math.hypot(0.15 * 7, 0.5, 5), 9);
  const coming = bodyMotion({
    camera: view,
    subject: runner,
    bodyVelocity: { x: 0, y: -7, z: 0 },
    technique: "tracked",
  });
  expect(coming.transverseSpeed).toBeCloseTo(0, 9);
  expect(coming.radialSpeed).toBeCloseTo(7, 9);
  expect(coming.growth).toBeCloseTo((0.85 * 7) / 40, 6);
});
