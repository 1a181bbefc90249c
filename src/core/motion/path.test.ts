import fc from "fast-check";
import { norm, subtract, type Vector } from "../ground";
import {
  betweenFrames,
  covarianceOf,
  flickerBands,
  imageVelocityOnPath,
  panDepthBlurUm,
  panOnPath,
  panRate,
  preBurstSeconds,
  principalAxes,
  rollingShutterLeanMm,
  smearOnPath,
  stateOnPath,
  takeOffSpeed,
  type Camera,
  type Path,
} from ".";
import { panRateChange } from "./pan";

const metres = fc.double({ min: -30, max: 30, noNaN: true });
const place = fc.record({ x: metres, y: metres, z: fc.double({ min: 0, max: 5, noNaN: true }) });
const simple: fc.Arbitrary<Exclude<Path, { kind: "turning" }>> = fc.oneof(
  fc.record({ kind: fc.constant("straight" as const), from: place, velocity: place }),
  fc.record({ kind: fc.constant("flight" as const), from: place, velocity: place }),
  fc.record({
    kind: fc.constant("arc" as const),
    centre: place,
    radius: fc.double({ min: 1, max: 40, noNaN: true }),
    startBearing: fc.double({ min: 0, max: 360, noNaN: true }),
    speed: fc.double({ min: -20, max: 20, noNaN: true }),
  }),
);
const path: fc.Arbitrary<Path> = fc.oneof(
  simple,
  fc.record({
    kind: fc.constant("turning" as const),
    hub: simple,
    axis: fc.constantFrom<Vector>({ x: 1, y: 0, z: 0 }, { x: 0.3, y: -2, z: 0.4 }, { x: 0, y: 0, z: 3 }),
    radius: fc.double({ min: 0.1, max: 2, noNaN: true }),
    degreesPerSecond: fc.double({ min: -2000, max: 2000, noNaN: true }),
    phase: fc.double({ min: 0, max: 360, noNaN: true }),
  }),
);
const time = fc.double({ min: -1, max: 1, noNaN: true });
const STEP = 1e-5;
const slope = (a: Vector, b: Vector): Vector => ({
  x: (b.x - a.x) / (2 * STEP),
  y: (b.y - a.y) / (2 * STEP),
  z: (b.z - a.z) / (2 * STEP),
});

test("velocity and acceleration are the numerical derivatives of place and velocity, on every kind of path", () => {
  fc.assert(
    fc.property(path, time, (p, t) => {
      const [a, b, c] = [stateOnPath(p, t - STEP), stateOnPath(p, t), stateOnPath(p, t + STEP)];
      const close = (found: Vector, wanted: Vector) =>
        expect(norm(subtract(found, wanted))).toBeLessThan(1e-3 * (1 + norm(wanted)));
      close(slope(a.at, c.at), b.velocity);
      close(slope(a.velocity, c.velocity), b.acceleration);
    }),
  );
});

const camera: Camera = {
  lens: { x: 0, y: -60, z: 1.5 },
  aim: { x: 0, y: 0, z: 1.2 },
  imageDistanceMm: 402,
};

test("the image velocity on a path is the numerical derivative of the projection", () => {
  fc.assert(
    fc.property(path, time, (p, t) => {
      const image = imageVelocityOnPath(camera, p, t);
      const smear = smearOnPath(camera, p, t, 2 * STEP);
      if (!image.ok || !smear.ok) {
        expect(image.ok).toBe(smear.ok);
        return;
      }
      const speed = Math.hypot(image.value.x, image.value.y);
      // Something that passes the lens within a hand races over the sensor: the difference is a share of its speed.
      expect(Math.abs(smear.value / (2 * STEP) - speed)).toBeLessThan(0.1 + 1e-3 * speed);
    }),
  );
  const behind: Path = { kind: "straight", from: { x: 0, y: -80, z: 1 }, velocity: { x: 1, y: 0, z: 0 } };
  expect(imageVelocityOnPath(camera, behind, 0)).toEqual({ ok: false, reason: "behind-the-camera" });
});

test("a rolling wheel stands still where it touches and goes twice as fast on top", () => {
  const [speed, radius] = [10, 0.34];
  const rim = (phase: number): Path => ({
    kind: "turning",
    // Eastward; its axis points south, so a right-handed turn would roll it west: the rate is negative.
    hub: { kind: "straight", from: { x: 0, y: 0, z: radius }, velocity: { x: speed, y: 0, z: 0 } },
    axis: { x: 0, y: -1, z: 0 },
    radius,
    degreesPerSecond: -((speed / radius) * 180) / Math.PI,
    phase,
  });
  const points = Array.from({ length: 360 }, (_, phase) => stateOnPath(rim(phase), 0));
  const lowest = points.reduce((a, b) => (b.at.z < a.at.z ? b : a));
  const highest = points.reduce((a, b) => (b.at.z > a.at.z ? b : a));
  expect(norm(lowest.velocity)).toBeCloseTo(0, 6);
  expect(norm(highest.velocity)).toBeCloseTo(2 * speed, 6);
});

test("a jump of 0.6 m takes off at 3.4 m/s and stands still on top for an instant", () => {
  const up = takeOffSpeed(0.6);
  expect(up).toBeCloseTo(3.43, 2);
  const jump: Path = { kind: "flight", from: { x: 0, y: 0, z: 0 }, velocity: { x: 0, y: 0, z: up } };
  const top = stateOnPath(jump, up / 9.80665);
  expect(top.at.z).toBeCloseTo(0.6, 9);
  expect(top.velocity.z).toBeCloseTo(0, 9);
});

test("the turn of a pan: the textbook's straight pass, an arc about the lens, and numbers for the rest", () => {
  const pass: Path = { kind: "straight", from: { x: 0, y: 8, z: 1 }, velocity: { x: 9, y: 0, z: 0 } };
  const lens = { x: 0, y: 0, z: 1 };
  fc.assert(
    fc.property(fc.double({ min: -3, max: 3, noNaN: true }), (t) => {
      const { rate, change } = panOnPath(lens, pass, t);
      expect(rate).toBeCloseTo(panRate({ nearest: 8, speed: 9 }, 9 * t), 9);
      expect(Math.abs(change)).toBeCloseTo(Math.abs(panRateChange({ nearest: 8, speed: 9 }, 9 * t)), 9);
    }),
  );
  const bend: Path = { kind: "arc", centre: lens, radius: 12, startBearing: 300, speed: 6 };
  expect(panOnPath(lens, bend, 0.7)).toEqual({ rate: expect.closeTo(0.5, 9), change: expect.closeTo(0, 9) });
  fc.assert(
    fc.property(path, time, (p, t) => {
      const far = { x: 100, y: 3, z: 2 };
      const numeric = (panOnPath(far, p, t + STEP).rate - panOnPath(far, p, t - STEP).rate) / (2 * STEP);
      const { change } = panOnPath(far, p, t);
      expect(Math.abs(numeric - change)).toBeLessThan(1e-3 * (1 + Math.abs(change)));
    }),
  );
});

test("principal axes: one smear is itself in any direction, two at right angles keep their own lengths", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 100, noNaN: true }),
      fc.double({ min: 0, max: 179, noNaN: true }),
      (lengthUm, direction) => {
        const one = principalAxes(covarianceOf([{ lengthUm, direction }]));
        expect(one.worstUm).toBeCloseTo(lengthUm, 6);
        expect(one.bestUm).toBeLessThan(1e-4 * lengthUm);
        expect(Math.sin(((one.direction - direction) * Math.PI) / 180)).toBeCloseTo(0, 6);
        const cross = principalAxes(
          covarianceOf([
            { lengthUm, direction },
            { lengthUm: lengthUm / 2, direction: direction + 90 },
          ]),
        );
        expect(cross.bestUm).toBeCloseTo(lengthUm / 2, 5);
      },
    ),
  );
});

test("principal axes of slanting smears agree with points drawn from them", () => {
  const smears = [
    { lengthUm: 30, direction: 20 },
    { lengthUm: 18, direction: 75 },
  ];
  // Brute force: every pair of places along the two smears, each smear sampled evenly about its middle.
  const n = 400;
  let [xx, xy, yy] = [0, 0, 0];
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) {
      const [a, b] = [((i + 0.5) / n - 0.5) * 30, ((j + 0.5) / n - 0.5) * 18];
      const x = a * Math.cos(0.349066) + b * Math.cos(1.308997);
      const y = a * Math.sin(0.349066) + b * Math.sin(1.308997);
      xx += (x * x) / n / n;
      xy += (x * y) / n / n;
      yy += (y * y) / n / n;
    }
  const brute = principalAxes({ xx, xy, yy });
  const found = principalAxes(covarianceOf(smears));
  expect(found.worstUm).toBeCloseTo(brute.worstUm, 2);
  expect(found.direction).toBeCloseTo(brute.direction, 2);
});

test("skew, bands, pre-burst and the way between frames", () => {
  // A pan of 0.8 rad/s at 200 mm drags an upright by 160 mm/s: 2.4 mm in a readout of 15 ms.
  expect(rollingShutterLeanMm({ imageMmPerSecond: 160, readout: 0.015 })).toBeCloseTo(2.4, 9);
  const old = { mainsHz: 50, modulation: 0.4, exposure: 1 / 1000 };
  expect(flickerBands({ ...old, readout: 0.03 }).count).toBeCloseTo(3, 9);
  expect(flickerBands({ ...old, readout: 0.03 }).stops).toBeGreaterThan(1);
  expect(flickerBands({ ...old, readout: 0.001 }).stops).toBe(0);
  expect(preBurstSeconds(10, 20)).toBe(0.5);
  expect(betweenFrames(10, 20)).toBe(0.5);
});

test("a pan on one lane leaves the next lane moving, the more the nearer it is", () => {
  const pan = { speed: 9, followed: 8, focalLengthMm: 70, exposure: 1 / 60 };
  expect(panDepthBlurUm({ ...pan, part: 8 })).toBe(0);
  expect(panDepthBlurUm({ ...pan, part: 7 })).toBeCloseTo((9 * 70 * 1000 * (1 / 7 - 1 / 8)) / 60, 6);
  expect(panDepthBlurUm({ ...pan, part: 7 })).toBeGreaterThan(panDepthBlurUm({ ...pan, part: 9 }));
});
