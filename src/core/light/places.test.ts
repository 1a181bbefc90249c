import fc from "fast-check";
import { postShadeTop } from "../optics";
import {
  candelaToward,
  cylinderShare,
  daylight,
  ownShadowFalls,
  passingCloud,
  readLampFile,
  shadedBy,
  shadeOverDay,
  sphereShare,
  sunAt,
} from ".";
import type { Obstacle } from "../ground";

const anchor = { latitude: 53.21, longitude: -1.44, elevation: 120 };
const wall: Obstacle = {
  id: "wall",
  name: "Wall",
  kind: "building",
  outline: [
    { x: -30, y: -20 },
    { x: 30, y: -20 },
    { x: 30, y: -15 },
    { x: -30, y: -15 },
  ],
  height: 12,
};
const from = Date.UTC(2026, 9, 17, 0);

test("sun and shade over a day: the stretches join, and a fine grid of seconds finds the same edges", () => {
  const point = { x: 0, y: 0, z: 1 };
  const input = { point, place: anchor, obstacles: [wall], from, until: from + 86_400_000 };
  const stretches = shadeOverDay(input);
  expect(stretches.map((s) => s.state)).toEqual(["sun-down", "sun", "shaded", "sun", "sun-down"]);
  expect(stretches[2]!.by).toBe("wall");
  stretches.slice(1).forEach((s, i) => expect(s.from).toBe(stretches[i]!.until));
  const edge = stretches[2]!.from;
  const shadedAt = (at: number) => shadedBy(point, sunAt(at, anchor), [wall]) !== undefined;
  const grid = [...Array(240).keys()].map((i) => edge - 120_000 + i * 1000);
  const first = grid.find(shadedAt)!;
  expect(Math.abs(first - edge)).toBeLessThanOrEqual(2000);
});

test("passing cloud gives two levels and never their mean", () => {
  const input = { altitude: 35, dayOfYear: 180, cloudEighths: 4 };
  const { inSun, inCloud } = passingCloud(input);
  const clear = daylight({ ...input, cloudEighths: 0 });
  expect(inSun.directNormal).toBe(clear.directNormal);
  expect(inCloud.directNormal).toBe(0);
  expect(inSun.sky).toBe(inCloud.sky);
  expect(inCloud.horizontal).toBe(inCloud.sky);
  const mean = daylight(input);
  expect(mean.horizontal).toBeLessThan(inSun.horizontal);
  expect(mean.horizontal).toBeGreaterThan(inCloud.horizontal);
});

test("one's own shadow falls on what lies straight away from the sun within its length", () => {
  const sun = { azimuth: 180, apparentAltitude: 30 };
  const lens = { x: 0, y: 0, z: 1.6 };
  // 1.8 m at 30° throws 3.12 m to the north.
  const falls = (x: number, y: number, z = 0) => ownShadowFalls({ lens, subject: { x, y, z }, sun });
  expect([
    falls(0, 3),
    falls(0, 3.2),
    falls(0.5, 2),
    falls(0, -2),
    falls(0, 2, 0.5),
    falls(0, 2, 0.8),
  ]).toEqual([true, false, false, false, true, false]);
  const down = { azimuth: 180, apparentAltitude: -1 };
  expect(ownShadowFalls({ lens, subject: { x: 0, y: 1, z: 0 }, sun: down })).toBe(false);
});

test("a bird straight overhead was called shaded by the photographer below it", () => {
  const lens = { x: 0, y: 0, z: 1.6 };
  for (const apparentAltitude of [1, 30, 60, 89]) {
    const sun = { azimuth: 180, apparentAltitude };
    expect(ownShadowFalls({ lens, subject: { x: 0, y: 0, z: 12 }, sun })).toBe(false);
    expect(ownShadowFalls({ lens, subject: { x: 0, y: 3, z: 8 }, sun })).toBe(false);
  }
});

test("from a tier or a tower the shadow is that of a person up there: it falls far out, and not at the foot", () => {
  const lens = { x: 0, y: 0, z: 6 };
  const sun = { azimuth: 180, apparentAltitude: 30 };
  // Head at 6.2 m throws to 10.74 m, feet at 4.4 m to 7.62 m.
  const falls = (y: number) => ownShadowFalls({ lens, subject: { x: 0, y, z: 0 }, sun });
  expect([falls(3), falls(7.5), falls(7.7), falls(10.7), falls(10.8)]).toEqual([
    false,
    false,
    true,
    true,
    false,
  ]);
});

test("a ball is lit two thirds in front, none from straight behind, and agrees with a sum over its surface", () => {
  expect(sphereShare(0)).toBeCloseTo(2 / 3, 9);
  expect(sphereShare(180)).toBeCloseTo(0, 9);
  for (const turn of [0, 40, 90, 130, 170]) {
    // Mean over the seen half-sphere of the cosine to the source, by brute force, weighed as projected to the camera.
    const psi = (turn * Math.PI) / 180;
    let [sum, seen] = [0, 0];
    const n = 200;
    for (let i = 0; i < n; i++)
      for (let j = 0; j < n; j++) {
        const [u, v] = [((i + 0.5) / n) * 2 - 1, ((j + 0.5) / n) * 2 - 1];
        if (u * u + v * v >= 1) continue;
        const w = Math.sqrt(1 - u * u - v * v);
        sum += Math.max(0, u * Math.sin(psi) + w * Math.cos(psi));
        seen++;
      }
    expect(sphereShare(turn)).toBeCloseTo(sum / seen, 2);
  }
});

test("the cylinder and the ball fall steadily as the sun goes round behind the subject", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 179, noNaN: true }),
      fc.double({ min: 0, max: 85, noNaN: true }),
      (turn, h) => {
        expect(sphereShare(turn + 1)).toBeLessThanOrEqual(sphereShare(turn));
        expect(cylinderShare(h, turn + 1)).toBeLessThanOrEqual(cylinderShare(h, turn) + 1e-12);
      },
    ),
  );
});

test("an aimed lamp throws its axis where it looks, by its file", () => {
  const file = readLampFile(
    ["IESNA:LM-63-2002", "TILT=NONE", "1 -1 1 3 1 1 2 0 0 0", "1 1 400", "0 30 60", "0", "9000 3000 0"].join(
      "\n",
    ),
  );
  if (!file.ok) throw new Error(file.reason);
  const lamp = { file: file.value, at: { x: 0, y: 0, z: 20 }, aim: { x: 20, y: 0, z: 0 } };
  expect(candelaToward(lamp, { x: 20, y: 0, z: 0 })).toBeCloseTo(9000, 1);
  // Straight down is 45° off that axis: half way from 3000 at 30° to nothing at 60°.
  expect(candelaToward(lamp, { x: 0, y: 0, z: 0 })).toBeCloseTo(1500, 1);
  expect(candelaToward({ ...lamp, aim: { x: 0, y: 0, z: 0 } }, { x: 0, y: 0, z: 0 })).toBeCloseTo(9000, 1);
});

test("a post in front of a netting shades it only up to where its top's shadow falls", () => {
  // 3 m post, 1 m in front, sun square to the netting at 45°: its top's shadow falls at 2 m.
  expect(postShadeTop({ postHeight: 3, depth: 1, angle: 90, sunAltitude: 45 })).toBeCloseTo(2, 9);
  expect(postShadeTop({ postHeight: 3, depth: 1, angle: 30, sunAltitude: 70 })).toBe(0);
});
