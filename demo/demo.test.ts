import { assess } from "@/core/judge";
import { isInside } from "@/core/ground";
import { sceneAt } from "@/core/scene";
import { bagOf, instantOf, kitSchema, lightPlanOf, rigOf, shootSchema } from "@/data";
import { demoKit, demoShoots } from ".";
import { bank } from "./plan";

test("the demo passes the schemas that everything from outside passes", () => {
  expect(kitSchema.parse(demoKit)).toEqual(demoKit);
  for (const shoot of demoShoots) expect(shootSchema.parse(shoot)).toEqual(shoot);
});

test("every choice of the demo names kit that is in the bag", () => {
  const ids = [...demoKit.bodies, ...demoKit.lenses, ...demoKit.converters, ...demoKit.supports].map(
    (k) => k.id,
  );
  for (const c of demoShoots.flatMap((s) => s.choices))
    for (const id of [c.bodyId, c.lensId, c.supportId, c.converterId])
      if (id !== null) expect(ids).toContain(id);
});

test("no position of the demo stands where nobody may", () => {
  let asked = 0;
  for (const { id, ground } of demoShoots)
    for (const position of ground.positions) {
      asked++;
      const where = [
        id,
        position.id,
        ground.noGo.filter((n) => isInside(position.at, n.outline)).map((n) => n.id),
      ];
      expect(where).toEqual([id, position.id, []]);
    }
  expect(asked).toBe(3 + 4 + 4 + 3);
});

test("what a shot of the demo mounts is in the bag of its outing", () => {
  for (const shoot of demoShoots) {
    const bag = bagOf(shoot, demoKit);
    for (const choice of shoot.choices)
      expect([shoot.id, choice.shotId, rigOf(choice, bag) !== undefined]).toEqual([
        shoot.id,
        choice.shotId,
        true,
      ]);
  }
});

test("every shot of the demo that has a place reaches settings, and where light is short it says a way out", () => {
  let placed = 0;
  for (const shoot of demoShoots)
    for (const choice of shoot.choices) {
      const position = shoot.ground.positions.find((p) => p.id === choice.positionId);
      if (!position) continue;
      placed++;
      const shot = shoot.shots.find((s) => s.id === choice.shotId)!;
      const found = assess({
        shot,
        position,
        subject: shoot.subjects.find((s) => s.id === shot.subjectId)!,
        rig: rigOf(choice, demoKit)!,
        order: ["lift", "aperture", "shutter", "iso"],
        scene: sceneAt(
          shoot.ground,
          lightPlanOf(shoot),
          instantOf(shoot.date, shoot.plannedAt, shoot.zone).at,
        ),
      });
      if (!found.ok) throw new Error(`${shoot.id} ${shot.id}: ${found.reason}`);
      expect([
        shoot.id,
        shot.id,
        found.judgement.filter((j) => j.weight === "veto").map((j) => j.code),
      ]).toEqual([shoot.id, shot.id, []]);
      if (found.settings.missing > 0) expect(found.settings.ways.length).toBeGreaterThan(0);
    }
  expect(placed).toBe(3 + 5 + 4 + 4);
});

test("the hall has lamps that flicker and no sun; the hide's first light is under the alders; twenty fences go round two kilometres", () => {
  const [, hall, course, hide] = demoShoots as [
    never,
    (typeof demoShoots)[0],
    (typeof demoShoots)[0],
    (typeof demoShoots)[0],
  ];
  expect(hall.light.lamps?.flicker?.mainsHz).toBe(50);
  expect(hall.light.roof).toBeDefined();
  expect(hide.ground.spots.some((s) => s.aimHeight > 10)).toBe(true);
  const way = course.ground.tracks[0]!.points;
  const length = way.reduce(
    (sum, p, i) => sum + Math.hypot(p.x - way.at(i - 1)!.x, p.y - way.at(i - 1)!.y),
    0,
  );
  expect(Math.abs(length - 2000)).toBeLessThan(150);
  expect(course.ground.spots).toHaveLength(20);
});

test("a bank keeps within its corners and cuts every one of them off", () => {
  const square = [0, 1, 2, 3].map((i) => ({ x: i === 1 || i === 2 ? 10 : 0, y: i > 1 ? 10 : 0 }));
  const round = bank(square);
  expect(round).toHaveLength(16);
  for (const { x, y } of round) expect(Math.min(x, y, 10 - x, 10 - y)).toBeGreaterThanOrEqual(0);
  for (const corner of square) expect(round).not.toContainEqual(corner);
  expect(bank(square, 1)[0]).toEqual({ x: 2.5, y: 0 });
});
