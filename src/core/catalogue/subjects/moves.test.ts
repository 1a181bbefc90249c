import { disciplineOf, grownOf, movesOf, SUBJECTS } from "..";
import { DISCIPLINES } from "../../body";

test("every discipline moves some subject of the library, and who moves stands as tall as a person does", () => {
  const moving = SUBJECTS.filter((s) => disciplineOf(s.id));
  expect(new Set(moving.map((s) => disciplineOf(s.id))).size).toBe(Object.keys(DISCIPLINES).length);
  expect(moving.length).toBeGreaterThan(100);
  for (const row of moving) {
    const grown = SUBJECTS.find((s) => s.id === grownOf(row.id))!;
    const { standing } = movesOf(row, grown.height)!;
    const share = row.height / grown.height;
    expect([row.id, standing / share > 1.5 && standing / share < 2.1]).toEqual([row.id, true]);
  }
});

test("subjects of different sports do not share a body, but for those who run, catch, lunge or throw alike", () => {
  const by = new Map<string, string[]>();
  for (const { id } of SUBJECTS.filter((s) => s.id === grownOf(s.id))) {
    const discipline = disciplineOf(id);
    if (discipline) by.set(discipline, [...(by.get(discipline) ?? []), id]);
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

test("what has no person in it has no person's body", () => {
  for (const id of ["swan-flying", "deer-standing", "racing-car", "butterfly-calm", "road-cyclist"])
    expect(disciplineOf(id)).toBeUndefined();
  expect(movesOf({ id: "swan-flying", height: 0.4 }, 0.4)).toBeUndefined();
});
