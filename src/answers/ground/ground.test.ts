import { anOuting, fromNothing, looked } from "../../../test/outings";
import { coversOf, ownPositionsAsked, walkThrough, wholeGroundAsked } from "./brief-places";
import { cloudByHour } from "./cloud-by-hour";
import { distanceOnPlan } from "./distance-on-plan";
import { lampLux } from "./lamps";
import { endsOfLight, lightAsked } from "./light-over";
import { likeThis, LOOKED_AHEAD, sideNow } from "./look-ahead";
import { mesh } from "./mesh";
import { frameFrom } from "./frame-from";
import { walks } from "./positions-compared";
import { dayOf, shadeOn, skyDay, sunInEyes } from "./sun-moon-and-shade";
import { waterAt, wind } from "./wind-and-water";

const hockey = anOuting("hockey-semi-final");
const { view } = hockey;
const DAY = 86_400_000;

test("the walk to each position is what the way on foot takes at the pace; to oneself there is none", () => {
  const found = walks(view);
  expect(found[view.position!.id]).toBe("here");
  const others = view.outing.ground.positions.filter((p) => p.id !== view.position!.id);
  for (const { id, at } of others) {
    const walk = found[id];
    const straight = Math.hypot(at.x - view.position!.at.x, at.y - view.position!.at.y);
    if (typeof walk === "object") expect(walk.seconds).toBeGreaterThanOrEqual(straight / 2.5);
  }
  expect(walkThrough(view.outing.ground, [view.position!.at])).toBe(0);
});

test("a brief is asked with every shot, and its covers serve no fewer the more places they have", () => {
  const { shots, input } = ownPositionsAsked(view);
  expect(input.shots.length).toBe(shots.length);
  expect(wholeGroundAsked(view).input.step).toBeGreaterThan(0);
  const scores = [
    [0.9, 0, 0.2],
    [0, 0.8, 0.3],
  ];
  const covers = coversOf(scores as never, [{ priority: 1 }, { priority: 1 }, { priority: 3 }]);
  const served = covers.map((c) => c.serves.filter(Boolean).length);
  expect(served).toEqual([...served].sort((a, b) => a - b));
});

test("cloud by the hour begins with the cloud of the minute, at every full hour of the outing", () => {
  const hours = cloudByHour(view);
  expect(hours.length).toBeGreaterThan(2);
  expect(new Set(hours.map((h) => h.eighths)).size).toBe(1);
  expect(hours.every((h) => /:00$/.test(h.at))).toBe(true);
});

test("the light over the ground is told against the spot, brightest and darkest with the way there", () => {
  const asked = lightAsked(view)!;
  expect(asked.step).toBeGreaterThanOrEqual(0.25);
  const lit = [
    { at: { x: 0, y: 10 }, ev: 12 },
    { at: { x: 10, y: 0 }, ev: 9 },
  ];
  const { brightest, darkest } = endsOfLight(lit as never, 11, { x: 0, y: 0 });
  expect(brightest).toMatchObject({ clicks: 3, metres: 10, bearing: 0 });
  expect(darkest).toMatchObject({ clicks: -6, metres: 10, bearing: 90 });
});

test("when the light is like this again is within the days looked at, and now is one of the answers", () => {
  const up = view.scene.sun.apparentAltitude;
  const spells = likeThis(view, sideNow(view), [Math.max(0, up - 4), up + 4], 0);
  expect(spells.some(({ from, until }) => view.at >= from && view.at <= until)).toBe(true);
  const first = dayOf(view.outing, view.outing.date).day.from;
  for (const { from } of spells) expect(from).toBeLessThan(first + (LOOKED_AHEAD + 1) * DAY);
});

test("sun and shade of a day cover it from midnight to midnight, and agree with the light found at the minute", () => {
  const { day, shift } = dayOf(view.outing, view.outing.date);
  expect(shift).toBe(0);
  const { spot } = view;
  const stretches = shadeOn(view.outing, { ...spot.at, z: spot.aimHeight }, view.outing.date);
  expect([stretches[0]!.from, stretches.at(-1)!.until]).toEqual([day.from, day.until]);
  const now = stretches.find((s) => view.at >= s.from && view.at < s.until)!;
  expect(now.state === "sun").toBe(view.found!.light.direct === "sun");
  const { events, moonLit } = skyDay(view.outing, view.outing.date);
  expect(events.map((e) => e.at)).toEqual(events.map((e) => e.at).toSorted((a, b) => a - b));
  expect(moonLit).toBeGreaterThanOrEqual(0);
  for (const { from, until } of sunInEyes(view, view.outing.date)) expect(until).toBeGreaterThan(from);
});

test("wind is met as it lies to the view, and water rises over positions in their order", () => {
  expect(wind(view)).toBeUndefined();
  const windy = hockey.changed((o) => ({ ...o, weather: { wind: { from: 0, speed: 4 } } })).view;
  expect(wind(windy)).toMatchObject({ carries: 180, sways: true });
  const shore = looked(fromNothing("wader-feeding"));
  const levels = [
    { at: shore.view.outing.from, metres: 0 },
    { at: shore.view.outing.until, metres: 3 },
  ];
  const tide = shore.changed((o) => ({ ...o, weather: { water: { shore: 20, levels } } }));
  const late = waterAt(tide.at(tide.view.window.until))!;
  expect(late.moved).toBeCloseTo(60, 0);
  expect(waterAt(shore.view)).toBeUndefined();
});

test("lamps, distances and netting are those of the picture", () => {
  expect(lampLux(view)).toBeGreaterThan(0);
  expect(distanceOnPlan(view)).toBeLessThanOrEqual(view.found!.sighting.distance + 1e-9);
  const diamond = anOuting("diamond-afternoon");
  const meshed = diamond.view.outing.shots
    .map((s) => diamond.shot(s.id).view)
    .find((v) => v.found?.judgement.some((j) => j.code === "through-mesh"));
  expect(meshed).toBeDefined();
  const found = mesh(meshed!)!;
  expect(found.mesh.away).toBeGreaterThan(0);
  for (const { from, until } of found.sunny) expect(until).toBeGreaterThanOrEqual(from);
  expect(mesh(view)).toBeUndefined();
});

test("the small frame of a position is the one that its stage draws when one stands there", () => {
  const hockey = anOuting("hockey-semi-final");
  const { positions } = hockey.view.outing.ground;
  expect(positions.length).toBeGreaterThan(2);
  for (const { id } of positions) {
    const seen = frameFrom(hockey.view, id);
    const there = hockey.from(id).view;
    expect([id, seen?.frame.subjectDistance, seen?.frame.metreUp]).toEqual([
      id,
      there.frame?.subjectDistance,
      there.frame?.metreUp,
    ]);
  }
  expect(frameFrom(hockey.view, "no-such-position")).toBeUndefined();
});
