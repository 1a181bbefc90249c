import { editShot, lockRails } from "@/outing/edits";
import { anOuting } from "../../../test/outings";
import { shutterSeconds } from "@/core/exposure";
import { chance, chanceAt } from "./chance";

const hockey = anOuting("hockey-semi-final");

test("the curve runs about the shutter found, faster ones keep no fewer, and what is offered lies on it", () => {
  const { curve, here, offered } = chance(hockey.view)!;
  expect(curve).toContain(here);
  curve.slice(1).forEach((p, i) => expect(p.chance).toBeGreaterThanOrEqual(curve[i]!.chance - 1e-9));
  for (const point of offered) expect(curve).toContain(point);
});

test("one's own count at the shutter in hand moves the chance, one of another shot does not", () => {
  const { settings } = hockey.view.found!.settings;
  const series = (shotId: string) => ({
    id: "s1",
    shotId,
    at: hockey.view.at,
    settings,
    taken: 120,
    kept: 31,
  });
  const other = hockey.view.outing.shots[1]!.id;
  const counted = (shotId: string) =>
    chance(hockey.changed((o) => ({ ...o, log: [...o.log, series(shotId) as never] })).view)!;
  const mine = counted(hockey.view.shot.id).mine!;
  expect([mine.kept, mine.taken]).toEqual([31, 120]);
  expect(mine.chance).toBeLessThan(1);
  expect(counted(other).mine).toBeUndefined();
});

test("the instant is a cause beside the others, where the shot has one", () => {
  const diamond = anOuting("diamond-afternoon");
  const batting = diamond.view.outing.shots.filter(
    (s) => diamond.view.outing.subjects.find((x) => x.id === s.subjectId)?.figure === "batting",
  );
  expect(batting.length).toBeGreaterThan(0);
  const { instant } = chance(diamond.shot(batting[0]!.id).view)!;
  expect(instant).toBeLessThan(0.1);
  const still = hockey.changed(
    editShot(hockey.view.shot.id, { intent: "still" }),
    lockRails(hockey.view.shot.id, {}),
  );
  expect(chance(still.view)!.here.chance).toBeGreaterThan(0);
});

test("a shutter that is asked about is the nearest that the camera has, and its chance that of the curve", () => {
  const { view } = hockey;
  const { here } = chance(view)!;
  const asked = chanceAt(view, shutterSeconds(here.shutter))!;
  expect(asked).toMatchObject({ shutter: here.shutter, chance: here.chance });
  const chances = [1 / 60, 1 / 250, 1 / 1000, 1 / 4000].map((seconds) => chanceAt(view, seconds)!.chance);
  expect(chances).toEqual([...chances].sort((a, b) => a - b));
  expect(chances.at(-1)! - chances[0]!).toBeGreaterThan(0.5);
});
