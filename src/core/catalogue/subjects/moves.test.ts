import { bodyNamed, bodyNameOf, bodyOf, grownOf, SUBJECTS } from "..";
import { FIGURES, reachAlong, viewOf } from "../../body";
import { DISCIPLINES } from "../../body/disciplines";
import { FIGURES as DRAWN } from "../../motion";

test("every subject of the library has a body of its own or shares a near relative's, and every body is some subject's", () => {
  const bodies = SUBJECTS.map((s) => bodyNamed(s.id));
  expect(SUBJECTS.filter((_, i) => !bodies[i]).map((s) => s.id)).toEqual([]);
  expect(new Set(bodies).size).toBe(Object.keys(FIGURES).length);
});

test("persons stand as tall as a person does, whatever their posture", () => {
  const persons = SUBJECTS.filter((s) => FIGURES[bodyNamed(s.id)!].unit === "standing");
  expect(persons.length).toBeGreaterThan(110);
  for (const row of persons) {
    const grown = SUBJECTS.find((s) => s.id === grownOf(row.id))!;
    const share = row.height / grown.height;
    const { size } = bodyOf(row);
    expect([row.id, size / share > 1.5 && size / share < 2.1]).toEqual([row.id, true]);
  }
});

test("all else is as long, as high or as wide spread as its row says", () => {
  const along = { height: { x: 0, y: 0, z: 1 }, length: { x: 1, y: 0, z: 0 }, span: { x: 0, y: 1, z: 0 } };
  let counted = 0;
  for (const row of SUBJECTS) {
    const { name, size } = bodyOf(row);
    const { unit, names, posed } = FIGURES[name];
    // The span of a flock is that of one bird of it.
    if (unit === "standing" || name === "flock") continue;
    expect([row.id, row[unit] ?? row.height]).toEqual([row.id, size]);
    // One of its poses has that measure; the others fold, rise or stretch.
    const reaches = names.map((_, pose) => {
      const { least, most } = reachAlong(posed({ pose }).solids, along[unit]);
      return most - least;
    });
    expect([row.id, Math.max(...reaches) > 0.7 && Math.min(...reaches) < 1.35]).toEqual([row.id, true]);
    counted++;
  }
  expect(counted).toBeGreaterThan(100);
});

test("subjects of different sports do not share a body, but for those who run, catch, lunge or throw alike", () => {
  const by = new Map<string, string[]>();
  for (const { id } of SUBJECTS.filter((s) => s.id === grownOf(s.id) && !s.id.endsWith("-youth"))) {
    const body = bodyNamed(id)!;
    by.set(body, [...(by.get(body) ?? []), id]);
  }
  const shared = [...by].filter(([, ids]) => ids.length > 1).map(([name]) => name);
  expect(shared.toSorted()).toEqual([
    "batting",
    "climbing",
    "floor leap",
    "high catch",
    "hurdling",
    "padded keeping",
    "running",
    "running with a stick",
    "shot at a ring",
    "squatting catch",
    "stroke",
    "throwing",
  ]);
});

test("what has no person in it has no person's body, and a person no animal's", () => {
  for (const id of ["swan-flying", "deer-standing", "racing-car", "butterfly-calm", "road-cyclist"])
    expect(bodyNamed(id)! in DISCIPLINES).toBe(false);
  for (const id of ["sprinter", "surfer", "archer"]) expect(bodyNamed(id)! in DISCIPLINES).toBe(true);
});

test("somebody's own subject keeps the body of what it was made of, else has that of its figure", () => {
  expect(bodyNameOf({ id: "own-1", like: "high-jumper", figure: "running" })).toBe("high jump");
  expect(bodyNameOf({ id: "own-1", like: "football-runner-youth" })).toBe("running");
  for (const figure of DRAWN) expect(bodyNameOf({ id: "own-1", figure }) in FIGURES).toBe(true);
  const young = SUBJECTS.find((s) => s.id === "hockey-runner-youth")!;
  expect(bodyOf({ ...young, id: "own-1", like: "hockey-runner-youth" }).size).toBeCloseTo(
    bodyOf(young).size,
    9,
  );
});

test("wings are where wings are told: what flies by its parts has wings, and what has none shows none spread", () => {
  for (const row of SUBJECTS.filter((s) => s.parts.some((p) => p.partClass === "wing"))) {
    const { posed, peak } = FIGURES[bodyOf(row).name];
    const solids = viewOf({ turn: 0, above: 0 }).seen(posed({ pose: peak }).solids);
    expect([row.id, solids.some((s) => s.part === "wing" && s.hub)]).toEqual([row.id, true]);
  }
});
