import { demoKit, demoOutings } from "../../../demo";
import { hockeyWalk } from "../../../test/hockey-walk";
import { sceneAt } from "../scene";
import { meterSees, METER_SEES } from "../catalogue";
import { assess, automaticMoments, predictAutoIso, timeline } from ".";

const outing = demoOutings[0]!;
const walk = hockeyWalk;
const HOUR = 3_600_000;
const noon = Date.UTC(2026, 9, 17, 12);

test("automatic ISO close up did not know the stops lost there: at 1:1 it is two", () => {
  const macro = { ...demoKit.lenses[0]!, minFocalLengthMm: 100, maxFocalLengthMm: 100, closestFocus: 0.2 };
  const position = { ...walk.position, at: { x: 0, y: 0 }, lensHeight: 1 };
  const spot = { ...outing.ground.spots[0]!, at: { x: 0, y: 0.2 }, aimHeight: 1 };
  const scene = sceneAt({ ...outing.ground, spots: [spot] }, { cloudEighths: 8, readings: [] }, noon);
  const found = assess({
    ...walk,
    position,
    scene,
    rig: { ...walk.rig, lens: macro },
    shot: { ...walk.shot, spotId: spot.id },
    focalLengthMm: 100,
  });
  if (!found.ok) throw new Error(found.reason);
  expect(found.sighting.frame.magnification).toBeCloseTo(1, 6);
  const { settings } = found.settings;
  const lit = Math.round(3 * found.light.ev);
  expect(predictAutoIso({ found, reflectance: 0.157, compensation: 0 }).iso).toBe(
    settings.shutter + settings.aperture - lit + 6,
  );
});

test("snow in the frame makes an automatic ISO two stops too low, a dark crowd too high, and compensation mends it", () => {
  const found = assess({ ...walk, scene: sceneAt(outing.ground, { cloudEighths: 8, readings: [] }, noon) });
  if (!found.ok) throw new Error(found.reason);
  const right = found.settings.settings.iso;
  const iso = (reflectance: number, compensation: number) =>
    predictAutoIso({ found, reflectance, compensation }).iso;
  expect(iso(0.157, 0) - right).toBeCloseTo(0, 9);
  expect(iso(0.06, 0)).toBeGreaterThan(right);
  // log2(0.8/0.157) is 2.35 stops: seven clicks.
  expect(iso(0.8, 7)).toBe(right);
});

test("where a frame is filled with white or black, what is advised brings the picture back within a click", () => {
  const found = assess({ ...walk, scene: sceneAt(outing.ground, { cloudEighths: 8, readings: [] }, noon) });
  if (!found.ok) throw new Error(found.reason);
  expect(METER_SEES.length).toBe(10);
  for (const { id, reflectance } of METER_SEES) {
    const bare = predictAutoIso({ found, reflectance, compensation: 0 });
    expect(Math.sign(bare.pictureOff) + Math.sign(bare.advised)).toBe(0);
    const mended = predictAutoIso({ found, reflectance, compensation: bare.advised });
    // A body whose floor is met has nothing left to give.
    if (mended.off === 0) expect(Math.abs(mended.pictureOff)).toBeLessThanOrEqual(1);
    expect(meterSees(id).reflectance).toBe(reflectance);
  }
  expect(meterSees("no such thing").id).toBe("middle");
});

test("the automatic meets its bounds at the light that it says, and at the moment when the day comes through it", () => {
  const light = { cloudEighths: 0, readings: [] };
  const at = Date.UTC(2026, 9, 17, 14);
  const found = assess({ ...walk, scene: sceneAt(outing.ground, light, at) });
  if (!found.ok) throw new Error(found.reason);
  const auto = predictAutoIso({ found, reflectance: 0.157, compensation: 0 });
  // Ten clicks of ISO are three and a third stops of light: the bounds lie as far apart as the ISO does.
  expect(auto.floorEv - auto.ceilingEv).toBeCloseTo((auto.isoCeiling - auto.isoFloor) / 3, 9);
  const day = timeline({
    ...walk,
    ground: outing.ground,
    light,
    from: at,
    until: at + 5 * HOUR,
    step: 300_000,
  });
  const dark = automaticMoments(day, auto).find((m) => m.code === "auto-at-ceiling")!;
  const [before, after] = [-1, 1].map((side) => {
    const there = assess({ ...walk, scene: sceneAt(outing.ground, light, dark.at + side * 300_000) });
    return there.ok ? there.light.ev : NaN;
  }) as [number, number];
  expect(before).toBeGreaterThan(auto.ceilingEv);
  expect(after).toBeLessThan(auto.ceilingEv);
  expect(automaticMoments({ points: [], moments: [] }, auto)).toEqual([]);
});
