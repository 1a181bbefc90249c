import fc from "fast-check";
import { cylinderShare, daylight, evFromLux, luxFromEv, subjectLight } from ".";

const at40 = daylight({ altitude: 40, dayOfYear: 172, cloudEighths: 0 });

function ev(turn: number, sunReaches = true): number {
  const light = subjectLight({
    sunAzimuth: 180,
    sunAltitude: 40,
    directNormal: at40.directNormal,
    sky: at40.sky,
    overcast: 0,
    bearingToCamera: 180 + turn,
    sunReaches,
    skyOpen: 1,
    reflectance: 0.2,
  });
  return evFromLux(light.sun + light.sky + light.ground);
}

// The published exposure guide opens one stop for side light and two for back light (ANSI PH2.7, from memory).
test("at 40° over grass: EV 14.7 front, 13.5 side, 12.3 back", () => {
  expect(Math.abs(ev(0) - 14.7)).toBeLessThan(0.1);
  expect(Math.abs(ev(90) - 13.5)).toBeLessThan(0.1);
  expect(Math.abs(ev(180) - 12.3)).toBeLessThan(0.1);
});

test("in the shade under an open sky EV 11.6, three stops under the sun (common practice: three)", () => {
  expect(Math.abs(ev(0, false) - 11.6)).toBeLessThan(0.1);
  expect(Math.abs(ev(0) - ev(0, false) - 3.1)).toBeLessThan(0.1);
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
      expect(ev(turn)).toBeCloseTo(ev(-turn), 9);
      expect(ev(turn)).toBeGreaterThanOrEqual(ev(turn + 10) - 1e-9);
    }),
  );
});
