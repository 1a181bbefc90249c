import { demoOutings } from "../../../demo";
import { NIGHT_LUX, sceneAt } from ".";

const { ground } = demoOutings[0]!;
const evening = Date.UTC(2026, 9, 17, 17);
const lamps = { class: "II" as const, from: evening, until: evening + 3_600_000 };

test("lamps give their class's lux from their first instant until just before their last (EN 12193, from memory)", () => {
  const lux = (at: number) => sceneAt(ground, { cloudEighths: 0, readings: [], lamps }, at).lampLux;
  expect([evening - 1, evening, evening + 3_599_999, evening + 3_600_000].map(lux)).toEqual([0, 200, 200, 0]);
  expect(sceneAt(ground, { cloudEighths: 0, readings: [] }, evening).lampLux).toBe(0);
});

test("the earth stands nearer to the sun in January: direct light is some seven percent stronger than in July", () => {
  const anchor = { ...ground.anchor, latitude: 0, longitude: 0 };
  const direct = (month: number) => {
    const scene = sceneAt(
      { ...ground, anchor },
      { cloudEighths: 4, readings: [] },
      Date.UTC(2026, month, 4, 12),
    );
    return scene.daylight.directNormal / scene.daylight.sky;
  };
  // Against the sky, which the model does not vary; both noons stand at about 67°.
  expect(direct(0) / direct(6)).toBeGreaterThan(1.04);
  expect(direct(0) / direct(6)).toBeLessThan(1.1);
});

test("the same instant gives the same scene, and no scene is darker than the night", () => {
  const plan = { cloudEighths: 3, readings: [] };
  expect(sceneAt(ground, plan, evening)).toEqual(sceneAt(ground, plan, evening));
  expect(NIGHT_LUX).toBeGreaterThan(0.0006);
});

test("under a roof no sun comes in, and of the daylight the share that the windows let through", () => {
  const noon = Date.UTC(2026, 5, 17, 12);
  const open = sceneAt(ground, { cloudEighths: 0, readings: [] }, noon);
  const hall = sceneAt(
    ground,
    { cloudEighths: 0, passing: true, roof: { daylightShare: 0.02 }, readings: [] },
    noon,
  );
  expect(hall.daylight.directNormal).toBe(0);
  expect(hall.inCloud).toBeUndefined();
  expect(hall.cover).toBe("roof");
  expect(hall.daylight.horizontal / open.daylight.horizontal).toBeCloseTo(0.02, 12);
});

test("lamps went out with the end of the outing: without an end they stay alight as long as anybody does", () => {
  const { until: _, ...endless } = lamps;
  const light = { cloudEighths: 0, readings: [], lamps: endless };
  expect(sceneAt(ground, light, evening - 1).lampLux).toBe(0);
  expect(sceneAt(ground, light, evening + 20 * 3_600_000).lampLux).toBe(200);
});

test("under leaves a share of the daylight comes through and no direct sun, out of doors too", () => {
  const noon = Date.UTC(2026, 5, 17, 12);
  const open = sceneAt(ground, { cloudEighths: 0, readings: [] }, noon);
  const wood = sceneAt(ground, { cloudEighths: 0, leaves: { daylightShare: 0.03 }, readings: [] }, noon);
  expect(wood.cover).toBe("leaves");
  expect(wood.daylight.directNormal).toBe(0);
  expect(wood.daylight.horizontal / open.daylight.horizontal).toBeCloseTo(0.03, 12);
  expect(wood.directOutside).toBe(open.daylight.directNormal);
});

test("nights were as dark under a full moon as without one", () => {
  // 2026-12-24 01:28 UTC is a full moon; the plan lies at 53° N, where it stands high near midnight.
  const full = sceneAt(ground, { cloudEighths: 0, readings: [] }, Date.UTC(2026, 11, 24, 0));
  expect(full.moon!.daylight.horizontal).toBeGreaterThan(0.1);
  const newMoon = sceneAt(ground, { cloudEighths: 0, readings: [] }, Date.UTC(2026, 11, 9, 0));
  expect(newMoon.moon?.daylight.horizontal ?? 0).toBeLessThan(0.001);
  expect(sceneAt(ground, { cloudEighths: 0, readings: [] }, Date.UTC(2026, 5, 17, 12)).moon).toBeUndefined();
});

test("the same class of lamps is another light in a hall, over a field and at a pool (EN 12193, from memory)", () => {
  const lux = (kind: "hall" | "field" | "pool") =>
    sceneAt(ground, { cloudEighths: 0, readings: [], lamps: { ...lamps, kind } }, evening).lampLux;
  expect([lux("hall"), lux("field"), lux("pool")]).toEqual([500, 200, 300]);
});
