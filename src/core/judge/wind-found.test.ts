import fc from "fast-check";
import { windFound } from ".";

test("worked cases: wind from behind carries one's scent to the animal and brings birds toward one", () => {
  // One looks north. Common practice, no source: birds land and take off into the wind.
  expect(windFound({ from: 180, view: 0 })).toEqual({ carries: 0, scentReaches: true, intoWind: "toward" });
  expect(windFound({ from: 0, view: 0 })).toEqual({ carries: 180, scentReaches: false, intoWind: "away" });
  expect(windFound({ from: 270, view: 0 })).toEqual({ carries: 90, scentReaches: false, intoWind: "side" });
});

test("what turns together changes nothing", () => {
  const degrees = fc.integer({ min: 0, max: 359 });
  fc.assert(
    fc.property(degrees, degrees, degrees, (from, view, by) => {
      const { carries: _, ...here } = windFound({ from, view });
      const { carries, ...turned } = windFound({ from: (from + by) % 360, view: (view + by) % 360 });
      expect(turned).toEqual(here);
      expect(carries).toBeCloseTo((from + by + 180) % 360, 9);
    }),
  );
});
