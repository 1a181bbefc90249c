import { EMPTY_LIBRARY } from "@/data";
import { standOff } from "@/outing/edits";
import { anOuting } from "../../../test/outings";
import { distanceOnPlan } from "../ground/distance-on-plan";
import { blur } from "./blur";
import { instant } from "./instant";
import { knownLevels, toldLight } from "./when-right";
import { ledger } from "./ledger";
import { clickNoiseEqual } from "./one-click";
import { pan } from "./pan";
import { placeLight } from "./place-light";
import { setUp } from "./focus-drive-and-white-balance";
import { still } from "./still";

const hockey = anOuting("hockey-semi-final");
const course = anOuting("cross-country-day");

test("shares of the blur add up to one, what is most of it first, and the rung of the shutter found is the budget's own", () => {
  const { shares, held, ladder } = blur(hockey.view)!;
  expect(shares.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 6);
  shares.slice(1).forEach((s, i) => expect(s.share).toBeLessThanOrEqual(shares[i]!.share));
  const own = ladder.find((r) => r.shutter === hockey.view.found!.settings.settings.shutter)!;
  expect(own.parts.find((p) => p.partId === held.partId)!.blurUm).toBe(held.blurUm);
});

test("the ledger's lines add up to its balance, which is what is missing or too much", () => {
  for (const at of [hockey.view.window.from, hockey.view.window.until]) {
    const view = hockey.at(at);
    const { lines, balance } = ledger(view)!;
    const { over, missing } = view.found!.settings;
    expect(lines.reduce((sum, l) => sum + l.clicks, 0)).toBe(balance);
    expect(balance).toBe(over - missing);
  }
});

test("the same exposure by other shutters lets in the same light, and one click is one third of it", () => {
  const { equal, clicks } = clickNoiseEqual(hockey.view)!;
  const { shutter, iso } = hockey.view.found!.settings.settings;
  for (const s of equal) expect(s.shutter - s.iso).toBe(shutter - iso);
  for (const click of clicks) expect(Math.abs(click.brighter)).toBe(1);
});

test("a pan at the water has a ladder and a sweep; what stands still has the hand and its supports", () => {
  const atWater = course.view.outing.shots.find((s) => s.technique === "panned")!;
  const { rungs, sweep, streaks } = pan(course.shot(atWater.id).view)!;
  expect(rungs.length).toBeGreaterThan(3);
  expect(sweep).toBeDefined();
  expect(streaks.map((s) => s.exposure)).toEqual([...streaks.map((s) => s.exposure)].sort((a, b) => a - b));
  expect(still(course.view)).toBeDefined();
  expect(instant(course.view)!.run).toBeDefined();
});

test("in a hall lamps ask for flicker reduction in the set-up, by day they do not", () => {
  expect(setUp(anOuting("handball-league-evening").view)!.flicker).toBe("reduction");
  expect(setUp(hockey.at(hockey.view.window.from))!.flicker).toBe("none");
});

test("light levels that were written in the library were read by nothing: one's own come first", () => {
  const mine = {
    id: "sunny",
    name: "My pitch",
    evFrom: 13,
    evTo: 14,
    known: "estimated" as const,
    source: "mine",
  };
  const own = hockey.with({ library: { ...EMPTY_LIBRARY, lightLevels: [mine] } }).view;
  expect(knownLevels(own)[0]).toMatchObject({ id: "own-sunny", own: true, evFrom: 13 });
  expect(knownLevels(own).length).toBe(knownLevels(hockey.view).length + 1);
  const ev = hockey.view.found!.light.ev;
  expect(toldLight(hockey.view, ev + 1)).toMatchObject({ off: 1 });
  expect(toldLight(hockey.view, ev)!.right.length).toBeGreaterThan(0);
});

test("a shadow's edge and whites are told in the sun, a sunset where there is one", () => {
  const view = course.at(course.view.window.starts);
  const answer = placeLight(view)!;
  expect(answer.edge === undefined).toBe(view.found!.light.lux.sun <= 0);
  expect(answer.sunset).toBeGreaterThan(view.at);
  expect(answer.priority.shutter).toBeGreaterThan(0);
});

test("a distance is typed: the position goes to it on the side on which it stands", () => {
  const { spot, position } = hockey.view;
  const moved = hockey.changed(standOff(position!.id, spot.at, 9)).view;
  expect(distanceOnPlan(moved)).toBeCloseTo(9, 2);
  const bearing = (p: { x: number; y: number }) => Math.atan2(p.x - spot.at.x, p.y - spot.at.y);
  expect(bearing(moved.position!.at)).toBeCloseTo(bearing(position!.at), 2);
  const onIt = hockey.changed(standOff(position!.id, position!.at, 3)).view;
  expect(onIt.position!.at.y).toBeCloseTo(position!.at.y - 3, 2);
});
