import { daylight, evFromLux } from ".";
import { windowFactor, windowLux } from "./window-light";
import { paneLoss } from "../optics";

/** 3 × 2 m, its sill 1 m up, looking north; the subject's middle 2 m up in the room to the south of it. */
const window = { id: "w", name: "W", at: { x: 0, y: 0 }, facing: 0, width: 3, height: 2, sill: 1 };
const middle = { x: 0, y: 0, z: 2 };

/** Worked examples of the configuration factor of a rectangle (textbook), a flat face toward the window's middle. */
test.each([
  [{ x: 0, y: -4, z: 2 }, 0.105],
  [{ x: 4, y: -4, z: 2 }, 0.043],
  [{ x: 6, y: -2, z: 2 }, 0.016],
])(
  "a window of 3 × 2 m seen from %p gives a face toward its middle %p of the lux on its plane",
  (point, factor) => {
    expect(windowFactor(window, point, middle)).toBeCloseTo(factor, 3);
  },
);

test("nothing comes from outside, and right before a window without end one sees all of its plane", () => {
  expect(windowFactor(window, { x: 0, y: 4, z: 2 }, middle)).toBe(0);
  const wide = { ...window, width: 16, height: 16, sill: -6 };
  expect(windowFactor(wide, { x: 0, y: -2, z: 2 }, middle)).toBeGreaterThan(0.92);
});

/** The sides of a rectangle over its distance: four corners add up to any rectangle opposite a parallel face (textbook). */
const fromCorner = (a: number, b: number): number => {
  const [ra, rb] = [Math.sqrt(1 + a * a), Math.sqrt(1 + b * b)];
  return ((a / ra) * Math.atan(b / ra) + (b / rb) * Math.atan(a / rb)) / (2 * Math.PI);
};

test("pieces add up to the closed form of a parallel face to a hundredth from half its width on", () => {
  let tried = 0;
  for (const away of [1.5, 2, 4, 8])
    for (const aside of [0, 1, 3]) {
      const [left, right, half] = [(-1.5 - aside) / away, (1.5 - aside) / away, 1 / away];
      const exact = 2 * (fromCorner(right, half) - fromCorner(left, half));
      const point = { x: aside, y: -away, z: 2 };
      expect(Math.abs(windowFactor(window, point, { ...point, y: 0 }) / exact - 1)).toBeLessThan(0.01);
      tried++;
    }
  expect(tried).toBe(12);
});

const outside = daylight({ altitude: 30, dayOfYear: 80, cloudEighths: 8 });
const input = { windows: [window], outside, sun: { azimuth: 180, altitude: 30 }, reflectance: 0.2 };

test("overcast, the sun at 30°: 265 lx on the half that looks to a window 4 m off, EV 6.7; from the far side next to nothing", () => {
  const lit = (toCamera: number) => windowLux({ ...input, point: { x: 0, y: -4, z: 2 }, toCamera });
  expect(lit(0) / 265).toBeCloseTo(1, 1);
  expect(evFromLux(lit(0))).toBeCloseTo(6.7, 1);
  // From aside a third of it; from behind only what the window's own width lets round.
  expect(lit(90) / lit(0)).toBeGreaterThan(0.3);
  expect(lit(90) / lit(0)).toBeLessThan(0.37);
  expect(lit(180) / lit(0)).toBeLessThan(0.01);
});

test("the half seen from aside takes 0.786 of what a flat face there takes, not more than the window gives", () => {
  const point = { x: 6, y: -2, z: 2 };
  const toCamera = (Math.atan2(-6, 2) * 180) / Math.PI + 360;
  const onPlane = windowLux({ ...input, point: { x: 0, y: -4, z: 2 }, toCamera: 0 }) / 0.105;
  const seen = windowLux({ ...input, point, toCamera }) / onPlane / windowFactor(window, point, middle);
  // Both over the same plane: π/4 of a flat face when all of the window lies one way.
  expect(seen).toBeCloseTo(1, 1);
});

test("a room gives back a share of the light to all sides, more for more glass, none where it is not told", () => {
  const hall = {
    outline: [
      { x: -10, y: -20 },
      { x: 10, y: -20 },
      { x: 10, y: 0 },
      { x: -10, y: 0 },
    ],
    height: 6,
  };
  const back = (windows = [window]) =>
    windowLux({ ...input, windows, point: { x: 0, y: -4, z: 2 }, toCamera: 180, hall }) -
    windowLux({ ...input, windows, point: { x: 0, y: -4, z: 2 }, toCamera: 180 });
  // 0.85·6/(1280·0.5)·(39·0.3 + 5·0.6) per cent of the diffuse lux outside (split flux, by hand).
  expect(back() / outside.sky).toBeCloseTo((((0.85 * 6) / 640) * 14.7) / 100, 9);
  expect(back([window, window])).toBeCloseTo(2 * back(), 9);
});

test("a clean sheet of glass square on takes about 8 % (handbook), three sheets have six surfaces, askew takes more", () => {
  expect(paneLoss({ sheets: 1, angle: 0 }).passed).toBeCloseTo(0.917, 2);
  expect(paneLoss({ sheets: 3, angle: 0 }).surfaces).toBe(6);
  expect(paneLoss({ sheets: 3, angle: 0 }).stops).toBeCloseTo(
    3 * paneLoss({ sheets: 1, angle: 0 }).stops,
    12,
  );
  expect(paneLoss({ sheets: 1, angle: 60 }).stops).toBeGreaterThan(
    1.8 * paneLoss({ sheets: 1, angle: 0 }).stops,
  );
  expect(paneLoss({ sheets: 1, angle: 90 }).passed).toBeLessThan(0.02);
});
