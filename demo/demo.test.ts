import { assess } from "@/core/judge";
import { isClosed, isInside, wayOnFoot, type Point } from "@/core/ground";
import { sceneAt } from "@/core/scene";
import { bagOf, instantOf, kitSchema, lightPlanOf, rigOf, outingSchema } from "@/data";
import { existsSync, statSync } from "node:fs";
import { demoKit, demoOutings, demoPast, demoPreferences } from ".";
import { demoBesides } from "./beside";
import { preferencesSchema } from "@/data/schema/preferences";
import { bank } from "./plan";

test("the demo passes the schemas that everything from outside passes", () => {
  expect(kitSchema.parse(demoKit)).toEqual(demoKit);
  for (const outing of [...demoOutings, demoPast]) expect(outingSchema.parse(outing)).toEqual(outing);
  expect(preferencesSchema.parse(demoPreferences)).toEqual(demoPreferences);
});

test("every choice of the demo names kit that is in the bag", () => {
  const ids = [...demoKit.bodies, ...demoKit.lenses, ...demoKit.converters, ...demoKit.supports].map(
    (k) => k.id,
  );
  for (const c of demoOutings.flatMap((s) => s.choices))
    for (const id of [c.bodyId, c.lensId, c.supportId, c.converterId])
      if (id !== null) expect(ids).toContain(id);
});

test("no position of the demo stands where nobody may", () => {
  let asked = 0;
  for (const { id, ground } of demoOutings)
    for (const position of ground.positions) {
      asked++;
      const where = [
        id,
        position.id,
        ground.areas.filter((n) => isClosed(n) && isInside(position.at, n.outline)).map((n) => n.id),
      ];
      expect(where).toEqual([id, position.id, []]);
    }
  expect(asked).toBe(3 + 4 + 4 + 3 + 3);
});

test("what a shot of the demo mounts is in the bag of its outing", () => {
  for (const outing of demoOutings) {
    const bag = bagOf(outing, demoKit);
    for (const choice of outing.choices)
      expect([outing.id, choice.shotId, rigOf(choice, bag) !== undefined]).toEqual([
        outing.id,
        choice.shotId,
        true,
      ]);
  }
});

test("every shot of the demo that has a place reaches settings, and where light is short it says a way out", () => {
  let placed = 0;
  for (const outing of demoOutings)
    for (const choice of outing.choices) {
      const position = outing.ground.positions.find((p) => p.id === choice.positionId);
      if (!position) continue;
      placed++;
      const shot = outing.shots.find((s) => s.id === choice.shotId)!;
      const found = assess({
        shot,
        position,
        subject: outing.subjects.find((s) => s.id === shot.subjectId)!,
        rig: rigOf(choice, demoKit)!,
        order: ["lift", "aperture", "shutter", "iso"],
        scene: sceneAt(
          outing.ground,
          lightPlanOf(outing),
          instantOf(outing.date, outing.plannedAt, outing.timeZone).at,
        ),
      });
      if (!found.ok) throw new Error(`${outing.id} ${shot.id}: ${found.reason}`);
      expect([
        outing.id,
        shot.id,
        found.judgement.filter((j) => j.weight === "veto").map((j) => j.code),
      ]).toEqual([outing.id, shot.id, []]);
      if (found.settings.missing > 0) expect(found.settings.ways.length).toBeGreaterThan(0);
    }
  expect(placed).toBe(3 + 5 + 4 + 4 + 3);
});

test("the hall has lamps that flicker and no sun; the hide's first light is under the alders; twenty fences go round two kilometres", () => {
  const [, hall, course, hide] = demoOutings as [
    never,
    (typeof demoOutings)[0],
    (typeof demoOutings)[0],
    (typeof demoOutings)[0],
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

test("from position to position of the course one crosses at its crossings alone", () => {
  const course = demoOutings.find((o) => o.id === "cross-country-day")!;
  const { positions, tracks, areas } = course.ground;
  const line = tracks[0]!.points;
  const paths = areas.filter((a) => a.kind === "path");
  let crossed = 0;
  for (const [i, a] of positions.entries())
    for (const b of positions.slice(i + 1)) {
      const found = wayOnFoot(course.ground, a.at, b.at);
      expect([a.id, b.id, found.ok]).toEqual([a.id, b.id, true]);
      if (!found.ok) continue;
      const { way, over } = found.value;
      const meets = way
        .slice(1)
        .flatMap((to, n) => line.slice(1).flatMap((p, k) => meeting(way[n]!, to, line[k]!, p)));
      crossed += meets.length;
      for (const at of meets) expect(paths.some((path) => isInside(at, path.outline))).toBe(true);
      expect(meets.length > 0).toBe(over.length > 0);
    }
  expect(crossed).toBeGreaterThan(4);
});

test("a bank keeps within its corners and cuts every one of them off", () => {
  const square = [0, 1, 2, 3].map((i) => ({ x: i === 1 || i === 2 ? 10 : 0, y: i > 1 ? 10 : 0 }));
  const round = bank(square);
  expect(round).toHaveLength(16);
  for (const { x, y } of round) expect(Math.min(x, y, 10 - x, 10 - y)).toBeGreaterThanOrEqual(0);
  for (const corner of square) expect(round).not.toContainEqual(corner);
  expect(bank(square, 1)[0]).toEqual({ x: 2.5, y: 0 });
});

/** Where two stretches meet, if they do. */
function meeting(a: Point, b: Point, c: Point, d: Point): Point[] {
  const [u, v] = [
    { x: b.x - a.x, y: b.y - a.y },
    { x: d.x - c.x, y: d.y - c.y },
  ];
  const across = u.x * v.y - u.y * v.x;
  const s = ((c.x - a.x) * v.y - (c.y - a.y) * v.x) / across;
  const t = ((c.x - a.x) * u.y - (c.y - a.y) * u.x) / across;
  return s > 0 && s < 1 && t > 0 && t < 1 ? [{ x: a.x + s * u.x, y: a.y + s * u.y }] : [];
}

test("the frames of the outing that is over have their pictures, as large as they are told to be", () => {
  const [{ outingId, framed }] = demoBesides as [(typeof demoBesides)[number]];
  expect(outingId).toBe(demoPast.id);
  expect(framed!.frames).toHaveLength(78);
  for (const { files } of framed!.frames)
    for (const { name, size } of files) {
      expect([name, existsSync(`public/${name}`)]).toEqual([name, true]);
      expect(statSync(`public/${name}`).size).toBe(size);
    }
});
