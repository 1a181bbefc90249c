import { dangersOf, SUBJECTS } from ".";

test("every subject of the library tells its dangers, every animal how near one keeps to it", () => {
  for (const { id, group } of SUBJECTS) {
    const dangers = dangersOf(id);
    expect([id, dangers !== undefined]).toEqual([id, true]);
    if (group === "mammals" || group === "birds")
      expect([id, dangers!.some((d) => d.kind === "animal")]).toEqual([id, true]);
  }
  expect(dangersOf("nobody")).toBeUndefined();
});

// United States National Park Service: 100 yards from bears and wolves, 25 from other large mammals (from memory); a yard is 0.9144 m.
test("the distances that the park service publishes are kept in metres", () => {
  const keepOff = (id: string) => dangersOf(id)!.map((d) => (d.kind === "animal" ? d.keepOff : 0));
  expect(keepOff("bear-walking")[0]).toBeCloseTo(100 * 0.9144, 0);
  expect(keepOff("wolf-trotting")[0]).toBeCloseTo(100 * 0.9144, 0);
  expect(keepOff("deer-standing")[0]).toBeCloseTo(25 * 0.9144, 0);
});

test("a young player is a player: the same dangers, smaller and slower", () => {
  const young = SUBJECTS.find((s) => s.id === "football-runner-youth")!;
  const grown = SUBJECTS.find((s) => s.id === "football-runner")!;
  expect(dangersOf(young.id)).toBe(dangersOf(grown.id));
  expect(young.height).toBeLessThan(grown.height);
  expect(young.bodySpeed).toBeLessThan(grown.bodySpeed);
});
