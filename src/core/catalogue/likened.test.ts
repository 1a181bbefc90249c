import { grownOf, likenedTo, SUBJECTS, type CatalogueSubject } from ".";

const toolsOf = ({ parts }: CatalogueSubject) => parts.filter((p) => p.partClass === "tool");
const named = (s: CatalogueSubject): string =>
  toolsOf(s)
    .map((p) => p.id)
    .sort()
    .join(" ");
const GROWN = SUBJECTS.filter((s) => grownOf(s.id) === s.id && toolsOf(s).length > 0);

test("what is thrown or struck is likened to the library's row with the same things that is nearest in speed", () => {
  let asked = 0;
  for (const things of new Set(GROWN.map(named)))
    for (const speed of [1, 7, 14, 21, 24.6, 26.5, 29, 37, 60, 300]) {
      const off = (s: CatalogueSubject): number => Math.abs(toolsOf(s)[0]!.speed - speed);
      const best = Math.min(...GROWN.filter((s) => named(s) === things).map(off));
      const found = SUBJECTS.find((s) => s.id === likenedTo(things, speed));
      expect([things, speed, found && named(found), found && off(found)]).toEqual([
        things,
        speed,
        things,
        best,
      ]);
      asked++;
    }
  expect(asked).toBeGreaterThan(150);
  expect(likenedTo("umbrella", 3)).toBeUndefined();
});
