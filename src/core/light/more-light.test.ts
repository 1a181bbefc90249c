import fc from "fast-check";
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
  ["nothing", "", "no-tilt-line", undefined],
  ["another tilt", FILE.replace("TILT=NONE", "TILT=INCLUDE"), "tilt-not-read", 4],
  ["words among the numbers", FILE.replace("1000 800", "1000 bright"), "not-a-number", 9],
  ["a file cut short", FILE.slice(0, -12), "too-short", 10],
  ["another photometric type", FILE.replace("3 2 1 2", "3 2 2 2"), "not-type-c", 5],
  ["angles out of order", FILE.replace("0 45 90\n", "0 90 45\n"), "angles-not-rising", 7],
  ["no vertical angle", FILE.replace("1 -1 2 3 2", "1 -1 2 0 2"), "not-a-count", 5],
  ["a count below zero", FILE.replace("1 -1 2 3 2", "1 -1 2 3 -2"), "not-a-count", 5],
  ["half an angle", FILE.replace("1 -1 2 3 2", "1 -1 2 2.5 2"), "not-a-count", 5],
  ["a multiplier of nothing", FILE.replace("1 -1 2 3 2", "1 -1 0 3 2"), "factor-not-positive", 5],
  ["horizontal angles that end anywhere", FILE.replace("0 90\n", "0 70\n"), "angles-not-read", 8],
  ["light below nothing", FILE.replace("1000 400 0", "1000 -400 0"), "candela-below-zero", 10],
])("%s is refused with a code and the line where it stands", (_name, text, reason, line) => {
  expect(readLampFile(text)).toMatchObject({ ok: false, reason });
  const read = readLampFile(text);
  expect(!read.ok && read.numbers?.line).toBe(line);
});

test("a lamp given from 90 to 270 degrees was read as if it began at 0: it mirrors in that plane", () => {
  const half = readLampFile(
    FILE.replace("1 -1 2 3 2", "1 -1 1 3 3")
      .replace("0.9 1", "1 1")
      .replace("0 90\n", "90 180 270\n")
      .replace("1000 800\n0  1000 400 0", "100 80 0\n100 60 0\n100 40 0"),
  );
  if (!half.ok) throw new Error(half.reason);
  const at45 = (angle: number): number => intensityToward(half.value, angle, 45);
  expect([90, 135, 180, 225, 270].map(at45)).toEqual([80, 70, 60, 50, 40]);
  expect([80, 45, 0, 350, 315, 280].map(at45)).toEqual([100, 135, 180, 190, 225, 260].map(at45));
});

test("the ballast-lamp factor of the older forms counts, and the same number in newer ones does not", () => {
  const first = (heading: string): number => {
    const read = readLampFile(FILE.replace("IESNA:LM-63-2002", heading).replace("0.9 1 400", "0.9 0.8 400"));
    return read.ok ? read.value.candela[0]![0]! : NaN;
  };
  expect(first("IESNA:LM-63-2002")).toBeCloseTo(1800, 9);
  expect(first("IESNA:LM-63-1995")).toBeCloseTo(1800, 9);
  expect(first("IESNA91")).toBeCloseTo(1440, 9);
  expect(first("[A FILE OF 1986 NAMES NO FORM]")).toBeCloseTo(1440, 9);
});

test("no file of a lamp throws: whatever is broken in it is refused, and what is read gives light", () => {
  const words = FILE.split(/(\s+)/);
  const junk = fc.constantFrom(
    "",
    "-1",
    "0",
    "x",
    "1e999",
    "NaN",
    "\n",
    "9999999",
    "0.5",
    "0x10",
    "TILT=NONE",
    "∞",
  );
  let [read, refusedFiles] = [0, 0];
  fc.assert(
    fc.property(
      fc.nat(words.length - 1),
      junk,
      fc.double({ min: -720, max: 720, noNaN: true }),
      (i, word, angle) => {
        const file = readLampFile(words.map((w, k) => (k === i ? word : w)).join(""));
        if (!file.ok) return void refusedFiles++;
        read++;
        expect(intensityToward(file.value, angle, Math.abs(angle) / 4)).toBeGreaterThanOrEqual(0);
      },
    ),
    { numRuns: 500 },
  );
  expect(Math.min(read, refusedFiles)).toBeGreaterThan(20);
});
