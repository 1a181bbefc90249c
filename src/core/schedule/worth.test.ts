import { demoOutings } from "../../../demo";
import { hockeyWalk } from "../../../test/hockey-walk";
import { sceneAt } from "../scene";
import { worthFrom, type Picture } from ".";

const { ground } = demoOutings[0]!;
const { position, ...asked } = hockeyWalk;
const scene = sceneAt(ground, { cloudEighths: 8, readings: [] }, Date.UTC(2026, 9, 17, 14));
/** The same question at another spot. */
const at = (spotId: string): Picture["asked"][number] => ({ ...asked, shot: { ...asked.shot, spotId } });
const [here, there] = [asked.shot.spotId, ground.spots.find((s) => s.id !== asked.shot.spotId)!.id];
const worth = (...pictures: readonly Picture[]): number => worthFrom(pictures, position, scene).worth;
const one = (spotId: string): Picture => ({ asked: [at(spotId)], where: "chosen" });

test("where one chooses, a picture is worth its best spot; where it may be anywhere, the mean of all", () => {
  const [a, b] = [worth(one(here)), worth(one(there))];
  expect(a).not.toBeCloseTo(b, 3);
  const both = [at(here), at(there)];
  expect(worth({ asked: both, where: "chosen" })).toBeCloseTo(Math.max(a, b), 9);
  expect(worth({ asked: both, where: "anywhere" })).toBeCloseTo((a + b) / 2, 9);
});

test("an event is worth the mean of its pictures, whatever their order, and nothing without one", () => {
  const [a, b] = [worth(one(here)), worth(one(there))];
  expect(worth(one(here), one(there))).toBeCloseTo((a + b) / 2, 9);
  expect(worth(one(there), one(here))).toBeCloseTo((a + b) / 2, 9);
  expect(worthFrom([], position, scene)).toEqual({ worth: 0, best: [] });
});

test("each picture is told with its best spot and what is found there", () => {
  const { best } = worthFrom(
    [{ asked: [at(there), at(here)], where: "chosen" }, one(there)],
    position,
    scene,
  );
  const [a, b] = [worth(one(here)), worth(one(there))];
  expect(best.map((found) => found.spotId)).toEqual([a >= b ? here : there, there]);
  expect(best.map((found) => found.score)).toEqual([Math.max(a, b), b]);
});

test("a place from which every spot is nearer than the lens focuses is worth nothing", () => {
  const spot = ground.spots.find((s) => s.id === here)!;
  const tooNear = { ...position, at: spot.at, lensHeight: spot.aimHeight + 0.1 };
  expect(worthFrom([one(here)], tooNear, scene).worth).toBe(0);
});

test("of many spots the six nearest are tried where one chooses, all of them where it may be anywhere", () => {
  const spot = ground.spots.find((s) => s.id === here)!;
  const [x, y] = [spot.at.x - position.at.x, spot.at.y - position.at.y];
  // Each a tenth farther than the next: the last is the nearest.
  const spots = Array.from({ length: 9 }, (_, i) => ({
    ...spot,
    id: `s${i}`,
    at: { x: position.at.x + x * (1.9 - i / 10), y: position.at.y + y * (1.9 - i / 10) },
  }));
  const many = { ...scene, ground: { ...ground, spots } };
  const asked = spots.map((s) => at(s.id));
  const one = (spotId: string) =>
    worthFrom([{ asked: [at(spotId)], where: "anywhere" }], position, many).worth;
  const each = spots.map((s) => one(s.id));
  expect(new Set(each).size).toBeGreaterThan(1);
  expect(worthFrom([{ asked, where: "chosen" }], position, many).worth).toBe(Math.max(...each.slice(3)));
  const mean = each.reduce((sum, w) => sum + w, 0) / 9;
  expect(worthFrom([{ asked, where: "anywhere" }], position, many).worth).toBeCloseTo(mean, 9);
});
