import { daylight, evFromLux, windowFactor, windowLux } from ".";
import { paneLoss } from "../optics";

const window = { id: "w", name: "W", at: { x: 0, y: 0 }, facing: 0, width: 3, height: 2, sill: 0 };

test("a window of 3 × 2 m at 4 m takes 0.105 of the plane (textbook), less aside, nothing from outside", () => {
  expect(windowFactor(window, { x: 0, y: -4, z: 1 })).toBeCloseTo(0.105, 3);
  expect(windowFactor(window, { x: 3, y: -4, z: 1 })).toBeLessThan(0.07);
  expect(windowFactor(window, { x: 0, y: 4, z: 1 })).toBe(0);
  // Right before a window without end one sees half the sphere's cosine: all of the plane.
  const huge = { ...window, width: 1e6, height: 1e6, sill: -5e5 };
  expect(windowFactor(huge, { x: 0, y: -1, z: 0 })).toBeCloseTo(1, 4);
});

test("overcast, the sun at 30°: some 338 lx on the plane, EV 6.7 from the window's side", () => {
  const outside = daylight({ altitude: 30, dayOfYear: 80, cloudEighths: 8 });
  const lit = (toCamera: number) =>
    windowLux({
      windows: [window],
      outside,
      sun: { azimuth: 180, altitude: 30 },
      point: { x: 0, y: -4, z: 1 },
      toCamera,
      reflectance: 0.2,
    });
  // Seen from the window's side the cylinder gets π/4 of the plane.
  expect(lit(0) / (Math.PI / 4)).toBeGreaterThan(338 * 0.95);
  expect(lit(0) / (Math.PI / 4)).toBeLessThan(338 * 1.05);
  expect(evFromLux(lit(0))).toBeCloseTo(6.7, 1);
  expect(lit(90)).toBeCloseTo(lit(0) / Math.PI, 6);
  expect(lit(180)).toBeCloseTo(0, 6);
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
