import { toCoordinates, type Point } from "@/core/ground";
import { stepWords } from "@/words/where";
import { anOuting } from "../../../test/outings";
import { takenFrom, turnTo, wayThere, whereOnPlan } from "./where-am-i";

const hockey = anOuting("hockey-semi-final").view;
const { ground } = hockey.outing;
const told = (at: Point, accuracy = 5) => ({ ...toCoordinates(ground.anchor, at), accuracy });

test("what the device tells lies on the plan where it is, and another town is another place", () => {
  const { at, away, isFar } = whereOnPlan(hockey, told({ x: 12.5, y: -30 }));
  expect(at).toEqual({ x: 12.5, y: -30 });
  expect([isFar, away < 100]).toEqual([false, true]);
  const far = whereOnPlan(hockey, told({ x: 12_000, y: 0 }));
  expect(far.isFar).toBe(true);
  expect(far.away).toBeGreaterThan(11_000);
});

test("nobody is sent over the pitch in use: the way leads round it, and the arrow points to its first corner", () => {
  const behindGoal = ground.positions[0]!.at;
  const across: Point = { x: -behindGoal.x, y: -behindGoal.y };
  const way = wayThere({ ground, pace: 1.4, from: across, accuracy: 5, to: behindGoal });
  if (way.kind !== "way") throw new Error(way.kind);
  expect(way.way.length).toBeGreaterThan(2);
  expect(way.metres).toBeGreaterThan(Math.hypot(2 * behindGoal.x, 2 * behindGoal.y));
  expect(way.seconds).toBeCloseTo(way.metres / 1.4, 9);
  const said = stepWords("Goal", way, turnTo(way.bearing, way.bearing + 40), "umpires");
  expect(said.toward).toMatch(/^First .* 40° to the left, then round to Goal\.$/);
});

test("nearer than the device can tell is there; where no way is known the straight line says so", () => {
  const { at } = ground.positions[0]!;
  const near = { x: at.x + 6, y: at.y };
  expect(wayThere({ ground, pace: 1, from: near, accuracy: 8, to: at }).kind).toBe("there");
  expect(wayThere({ ground, pace: 1, from: near, accuracy: 3, to: at }).kind).not.toBe("there");
  // From the middle of the field of play no way is told.
  const inside = wayThere({ ground, pace: 1, from: { x: 0, y: 0 }, accuracy: 3, to: at });
  expect(inside).toMatchObject({ kind: "straight", way: [{ x: 0, y: 0 }, at] });
  expect(stepWords("Goal", inside, undefined, "umpires").care).toMatch(/Walk only where you may/);
});

test("a turn is told to the side on which it is shorter", () => {
  expect([turnTo(10, 350), turnTo(350, 10), turnTo(90, 0)]).toEqual([20, -20, 90]);
});

test("a frame is taken from the position that the device is at, from none between them, from that in hand where it tells nothing", () => {
  const [a, b] = ground.positions;
  const beside = { x: b!.at.x + 9, y: b!.at.y };
  expect(takenFrom(ground, told(beside), a!.id)).toBe(b!.id);
  expect(takenFrom(ground, told({ x: 0, y: 0 }), a!.id)).toBeUndefined();
  expect(takenFrom(ground, undefined, a!.id)).toBe(a!.id);
});
