import { getMoonIllumination, getMoonPosition } from "suncalc";
import { angleBetween } from "../units";
import {
  clearSkyLuminance,
  cylinderShare,
  sphereShare,
  evFromLuminance,
  faceLight,
  groundLux,
  intensityToward,
  lampLuxOnSubject,
  moonAt,
  moonlightLux,
  readLampFile,
} from ".";

test("the moon's place and phase agree with suncalc, an independent implementation, through a year", () => {
  let compared = 0;
  for (let day = 0; day < 365; day += 9)
    for (const latitude of [-55, -20, 0, 35, 60]) {
      const at = Date.UTC(2026, 0, 1 + day, 21);
      const ours = moonAt(at, { latitude, longitude: 10, elevation: 0 });
      if (ours.altitude < 10 || ours.altitude > 80) continue;
      const theirs = getMoonPosition(new Date(at), latitude, 10);
      compared++;
      expect(Math.abs(ours.altitude - theirs.altitude)).toBeLessThan(0.3);
      expect(angleBetween(ours.azimuth, theirs.azimuth)).toBeLessThan(
        0.3 / Math.cos((ours.altitude * Math.PI) / 180),
      );
      expect(Math.abs(ours.litShare - getMoonIllumination(new Date(at)).fraction)).toBeLessThan(0.01);
    }
  expect(compared).toBeGreaterThan(40);
});

// USNO Circular 171 (from memory): a full moon overhead gives 0.27 lx.
test("moonlight: 0.27 lx full and overhead, a tenth of that at half phase, nothing below the horizon", () => {
  expect(moonlightLux({ altitude: 90, phaseAngle: 0, parallax: 0.951 })).toBeCloseTo(0.27, 2);
  const half = moonlightLux({ altitude: 90, phaseAngle: 90, parallax: 0.951 });
  expect(half / 0.27).toBeGreaterThan(0.08);
  expect(half / 0.27).toBeLessThan(0.14);
  expect(moonlightLux({ altitude: -1, phaseAngle: 0, parallax: 0.951 })).toBe(0);
});

test("a brim shades the eyes from a high sun ahead, not from a low one; from behind the face shades itself", () => {
  const sun = (azimuth: number, apparentAltitude: number) => ({ azimuth, apparentAltitude });
  // 5·cos Δ ≤ 7·tan h: straight ahead from 35.5° up.
  expect(faceLight(180, sun(180, 36))).toBe("brim");
  expect(faceLight(180, sun(180, 35))).toBe("lit");
  expect(faceLight(180, sun(0, 50))).toBe("own-shade");
  expect(faceLight(180, sun(255, 20))).toBe("lit");
});

const sun30 = { azimuth: 180, altitude: 30 };

test("with the sun at 30° the darkest sky lies 64° up opposite it, near EV 13.5; the horizon there near EV 15.4", () => {
  const skyLux = 11_500;
  const opposite = Array.from({ length: 88 }, (_, i) => i + 2).map((altitude) => ({
    altitude,
    luminance: clearSkyLuminance({ azimuth: 0, altitude }, sun30, skyLux),
  }));
  const darkest = opposite.reduce((a, b) => (b.luminance < a.luminance ? b : a));
  expect(Math.abs(darkest.altitude - 64)).toBeLessThanOrEqual(2);
  expect(Math.abs(evFromLuminance(darkest.luminance) - 13.5)).toBeLessThan(0.4);
  expect(
    Math.abs(evFromLuminance(clearSkyLuminance({ azimuth: 0, altitude: 1 }, sun30, skyLux)) - 15.4),
  ).toBeLessThan(0.4);
});

test("the sky's luminance integrates to the sky that it was scaled to, on a finer grid than the scaling's", () => {
  const step = 1.5;
  const rad = (step * Math.PI) / 180;
  let sum = 0;
  const one = clearSkyLuminance({ azimuth: 0.75, altitude: 0.75 }, sun30, 1);
  expect(one).toBeGreaterThan(0);
  for (let altitude = step / 2; altitude < 90; altitude += step * 4)
    for (let azimuth = step / 2; azimuth < 360; azimuth += step * 4) {
      const h = (altitude * Math.PI) / 180;
      sum +=
        clearSkyLuminance({ azimuth, altitude }, sun30, 10_000) * Math.sin(h) * Math.cos(h) * (4 * rad) ** 2;
    }
  expect(sum / 10_000).toBeGreaterThan(0.93);
  expect(sum / 10_000).toBeLessThan(1.07);
});

test("a lamp straight above: I/h² on the ground; aside the cosine cubed, worked by hand", () => {
  const lamp = { at: { x: 0, y: 0, z: 10 }, candela: 20_000 };
  expect(groundLux({ x: 0, y: 0 }, [lamp])).toBeCloseTo(200, 9);
  expect(groundLux({ x: 10, y: 0 }, [lamp])).toBeCloseTo(200 * Math.SQRT1_2 ** 3, 6);
});

test("two lamps add in lux, and the nearer side of the subject is brighter", () => {
  const east = { at: { x: 20, y: 0, z: 12 }, candela: 50_000 };
  const west = { at: { x: -20, y: 0, z: 12 }, candela: 50_000 };
  const subject = { x: 0, y: 0, z: 1 };
  const lux = (bearing: number, lamps: (typeof east)[]) =>
    lampLuxOnSubject({
      subject,
      camera: { bearing, height: 0 },
      form: { kind: "upright" },
      lamps,
      reflectance: 0.2,
    });
  expect(lux(90, [east, west])).toBeCloseTo(lux(90, [east]) + lux(90, [west]), 9);
  expect(lux(90, [east])).toBeGreaterThan(lux(270, [east]));
  const d = Math.hypot(20, 11);
  const altitude = (Math.atan2(11, 20) * 180) / Math.PI;
  const floor = 0.1 * ((50_000 * 12) / Math.hypot(20, 12) ** 3);
  // Four fifths of a figure that is seen level are a cylinder, a fifth is a ball.
  const share = 0.8 * cylinderShare(altitude, 0) + 0.2 * sphereShare(altitude);
  expect(lux(90, [east])).toBeCloseTo((50_000 / d ** 2) * share + floor, 6);
});

const FILE = `IESNA:LM-63-2002
[TEST] made up
[MANUFAC] none
TILT=NONE
1 -1 2 3 2 1 2 0.3 0.3 0.1
0.9 1 400
0 45 90
0 90
1000 800
0  1000 400 0`;

test("an LM-63 file is read with multiplier and ballast factor, in any breaking of lines; −1 lumens is absolute", () => {
  const read = readLampFile(FILE);
  expect(read).toMatchObject({
    ok: true,
    value: { lumens: "absolute", watts: 400, verticalAngles: [0, 45, 90] },
  });
  if (!read.ok) return;
  expect(read.value.candela).toEqual([
    [1800, 1440, 0],
    [1800, 720, 0],
  ]);
  expect(intensityToward(read.value, 0, 22.5)).toBeCloseTo(1620, 9);
  expect(intensityToward(read.value, 45, 45)).toBeCloseTo(1080, 9);
  expect(intensityToward(read.value, 180, 45)).toBeCloseTo(1440, 9);
  expect(intensityToward(read.value, 270, 45)).toBeCloseTo(720, 9);
  expect(intensityToward(read.value, 0, 120)).toBe(0);
});

test.each([
  ["nothing", "", "no-tilt-line"],
  ["another tilt", FILE.replace("TILT=NONE", "TILT=INCLUDE"), "tilt-not-read"],
  ["words among the numbers", FILE.replace("1000 800", "1000 bright"), "not-a-number"],
  ["a file cut short", FILE.slice(0, -12), "too-short"],
  ["another photometric type", FILE.replace("3 2 1 2", "3 2 2 2"), "not-type-c"],
  ["angles out of order", FILE.replace("0 45 90\n", "0 90 45\n"), "angles-not-rising"],
])("%s is refused with a code", (_name, text, reason) => {
  expect(readLampFile(text)).toMatchObject({ ok: false, reason });
});
