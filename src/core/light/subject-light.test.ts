import fc from "fast-check";
import {
  cylinderShare,
  daylight,
  evFromLux,
  litShare,
  luxFromEv,
  moonDaylight,
  overGround,
  skyLeft,
  skySide,
  sphereShare,
  subjectLight,
  upwardTilt,
  type Daylight,
  type Form,
} from ".";
import type { Obstacle } from "../ground";

interface Look {
  readonly altitude?: number;
  readonly turn?: number;
  readonly height?: number;
  readonly form?: Form;
  readonly reaches?: boolean;
  readonly day?: Daylight;
  readonly obstacles?: readonly Obstacle[];
}

/** EV at ISO 100 over grass; J = 80 and a clear sky unless said. */
function ev({
  altitude = 40,
  turn = 0,
  height = 0,
  form = { kind: "upright" },
  reaches = true,
  ...more
}: Look): number {
  const day = more.day ?? daylight({ altitude, dayOfYear: 80, cloudEighths: 0 });
  const cloud = day.cloud === "even" ? 0 : day.cloud;
  const left = skyLeft({ x: 0, y: 0, z: 1 }, more.obstacles ?? [], { azimuth: 0, altitude, cloud });
  const light = subjectLight({
    source: { bearing: 0, height: altitude },
    directNormal: day.directNormal,
    sky: day.sky,
    cloud: day.cloud,
    camera: { bearing: turn, height },
    reaches,
    skyLeft: left.toward(turn),
    skyOnGround: left.onGround,
    reflectance: 0.2,
    form,
  });
  return evFromLux(light.direct + light.sky + light.ground);
}

// ANSI PH2.7 (from memory): side light opens one stop, back light two. CIE clear sky and the split of the two daylight
// models give the figures; an independent computation of the same models is the check.
test.each([
  [40, 14.74, 13.59, 12.21],
  [60, 14.57, 13.66, 12.76],
  [80, 13.89, 13.44, 13.12],
])(
  "over grass with the sun %d° up: EV %d behind the camera, %d from the side, %d against it",
  (altitude, ...wanted) => {
    const found = [0, 90, 180].map((turn) => ev({ altitude, turn }));
    found.forEach((value, i) => expect(Math.abs(value - wanted[i]!)).toBeLessThan(0.05));
  },
);

test("an open shade was as bright from every side: it is EV 12.3 toward the sun's side, 11.7 beside, 11.2 away from it", () => {
  const found = [0, 90, 180].map((turn) => ev({ turn, reaches: false }));
  [12.3, 11.7, 11.2].forEach((wanted, i) => expect(Math.abs(found[i]! - wanted)).toBeLessThan(0.1));
});

/** A stand 7.5 m high and 100 m long, twenty metres toward the sun. */
const STAND: Obstacle = {
  id: "stand",
  name: "Stand",
  kind: "stand",
  height: 7.5,
  outline: [
    { x: -50, y: 20 },
    { x: 50, y: 20 },
    { x: 50, y: 30 },
    { x: -50, y: 30 },
  ],
};

// Common practice: a hard shadow's edge is three stops deep with the sun behind the camera.
test("behind a stand the bright part of the sky is lost with the sun: 3.2 stops, 2.9 at 45°, 2.1 beside, 0.5 against it", () => {
  for (const altitude of [15, 20]) {
    const depth = [0, 45, 90, 180].map(
      (turn) => ev({ altitude, turn }) - ev({ altitude, turn, reaches: false, obstacles: [STAND] }),
    );
    [3.2, 2.9, 2.1, 0.5].forEach((wanted, i) => expect(Math.abs(depth[i]! - wanted)).toBeLessThan(0.12));
    const shade = ev({ altitude, reaches: false, obstacles: [STAND] });
    expect(shade).toBeGreaterThan(10.9);
    expect(shade).toBeLessThan(11.3);
  }
});

// Common practice: the glow after sunset lights a face at EV 8 to 9.
test("a face toward the glow was two stops too dark: EV 8.7 with the sun on the horizon, 8.0 as it has set", () => {
  expect(Math.abs(ev({ altitude: 0 }) - 8.7)).toBeLessThan(0.12);
  expect(Math.abs(ev({ altitude: -0.8 }) - 8)).toBeLessThan(0.1);
});

test("a full moon lights a figure like a small sun: EV −4.4 behind the camera, −5.2 from the side, −6.0 against it", () => {
  const moon = { altitude: 64, phaseAngle: 0, parallax: 0.951 };
  const day = moonDaylight(moon, { apparentAltitude: 64, dayOfYear: 80, cloudEighths: 0 });
  const found = [0, 90, 180].map((turn) => ev({ altitude: 64, turn, day }));
  [-4.4, -5.2, -6].forEach((wanted, i) => expect(Math.abs(found[i]! - wanted)).toBeLessThan(0.06));
});

test("snow under a closed sky gains three quarters of a stop by the light thrown to and fro; a clear sky gains nothing", () => {
  const gain = (cloudEighths: number, reflectance: number): number => {
    const day = daylight({ altitude: 30, dayOfYear: 80, cloudEighths });
    return Math.log2(overGround(day, reflectance).sky / day.sky);
  };
  expect(gain(8, 0.8)).toBeCloseTo(0.76, 2);
  expect(gain(8, 0.2)).toBeCloseTo(0, 12);
  expect(gain(0, 0.8)).toBe(0);
});

test("a high sun left a standing figure dark: head and shoulders take it, and from above they are all that is seen", () => {
  const upright: Form = { kind: "upright" };
  const noon = { bearing: 0, height: 90 };
  expect(litShare(upright, noon, { bearing: 0, height: 0 })).toBeGreaterThan(0.04);
  expect(litShare(upright, noon, { bearing: 0, height: 90 })).toBeCloseTo(2 / 3, 9);
  expect(upwardTilt(upright, { bearing: 0, height: 90 })).toBeCloseTo(1 / 3, 9);
  expect(upwardTilt(upright, { bearing: 0, height: 0 })).toBeCloseTo(0, 12);
});

test("what lies is lit as it lies: a ball by the ball's closed form, a flat one from above by the sine of the sun", () => {
  const lying = (length: number, width: number, height: number): Form => ({
    kind: "lying",
    length,
    width,
    height,
    facing: 30,
  });
  for (const turn of [0, 40, 90, 130, 170]) {
    const [source, camera] = [
      { bearing: turn, height: 20 },
      { bearing: 0, height: 10 },
    ];
    expect(
      Math.abs(litShare(lying(1, 1, 1), source, camera) - litShare({ kind: "round" }, source, camera)),
    ).toBeLessThan(0.004);
  }
  const flat = lying(2, 2, 0.002);
  expect(litShare(flat, { bearing: 70, height: 30 }, { bearing: 0, height: 90 })).toBeCloseTo(0.5, 2);
  expect(upwardTilt(flat, { bearing: 0, height: 60 })).toBeCloseTo(0.5, 2);
  // Lying along the sun it shows its end to it and takes less than lying across.
  const along = litShare(lying(2, 0.4, 0.4), { bearing: 30, height: 10 }, { bearing: 120, height: 0 });
  const across = litShare(lying(2, 0.4, 0.4), { bearing: 120, height: 10 }, { bearing: 120, height: 0 });
  expect(along).toBeLessThan(across);
});

test("the sky's side meets its table, loses it under cloud and in the deep twilight, and an even light has none", () => {
  const at = (altitude: number, turn: number, cloud: number | "even" = 0) =>
    skySide({ altitude, turn, cloud, form: "upright" });
  expect([at(0, 0), at(10, 90), at(40, 180), at(90, 77)]).toEqual([1.31, 0.79, 0.38, 0.44]);
  // The columns between that were not used for the curve (integrated from the CIE clear sky): 45° and 135°.
  const between: readonly (readonly [number, number, number])[] = [
    [0, 1.14, 0.63],
    [20, 1.05, 0.51],
    [40, 0.81, 0.43],
    [60, 0.62, 0.4],
  ];
  for (const [h, near, far] of between) {
    expect(Math.abs(at(h, 45) - near)).toBeLessThan(0.03);
    expect(Math.abs(at(h, 135) - far)).toBeLessThan(0.03);
  }
  expect(at(30, 0, 1)).toBeCloseTo(0.396, 9);
  expect(at(-12, 0)).toBeCloseTo(0.5, 9);
  expect(at(30, 0, "even")).toBe(0.5);
  expect(sphereShare(0)).toBeCloseTo(2 / 3, 9);
});

test("the share of a lit cylinder is the mean over its visible half, integrated step by step", () => {
  for (const turn of [0, 35, 90, 140, 180])
    for (const altitude of [5, 40, 70]) {
      const h = (altitude * Math.PI) / 180;
      const phi = (turn * Math.PI) / 180;
      let lit = 0;
      let seen = 0;
      const steps = 20_000;
      for (let i = 0; i < steps; i++) {
        const a = -Math.PI / 2 + (Math.PI * (i + 0.5)) / steps;
        lit += Math.max(0, Math.cos(a - phi)) * Math.cos(h) * Math.cos(a);
        seen += Math.cos(a);
      }
      expect(cylinderShare(altitude, turn)).toBeCloseTo(lit / seen, 5);
    }
});

test("EV and lux undo each other, and 2.5 lx is EV 0 (ISO 2720, C 250)", () => {
  expect(evFromLux(2.5)).toBe(0);
  fc.assert(
    fc.property(fc.double({ min: -10, max: 20, noNaN: true }), (value) =>
      expect(evFromLux(luxFromEv(value))).toBeCloseTo(value, 9),
    ),
  );
});

test("left and right of the camera are alike, and turning toward the light never darkens", () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 170, noNaN: true }), (turn) => {
      expect(ev({ turn })).toBeCloseTo(ev({ turn: -turn }), 9);
      expect(ev({ turn })).toBeGreaterThanOrEqual(ev({ turn: turn + 10 }) - 1e-9);
    }),
  );
});
