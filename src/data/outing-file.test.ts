import { demoKit, demoShoots } from "../../demo";
import { bringIn, DEFAULT_PREFERENCES, outingFileName, readOuting, writeOuting, type Outing } from ".";

const shoot = demoShoots[0]!;
const outing: Outing = { shoot, kit: demoKit, preferences: DEFAULT_PREFERENCES };
const text = writeOuting(outing);
const changed = (edit: (file: Record<string, unknown>) => void): string => {
  const file = JSON.parse(text) as Record<string, unknown>;
  edit(file);
  return JSON.stringify(file);
};

test("an outing is read back from its file to the same state", () => {
  const read = readOuting(text);
  expect(read.ok && read.value.shoot).toEqual(shoot);
  expect(read.ok && read.value.preferences).toEqual(DEFAULT_PREFERENCES);
});

test("the file carries the kit that the outing uses, and no more", () => {
  const file = JSON.parse(text) as { format: string; kit: typeof demoKit };
  expect(file.format).toBe("bright-perch-outing");
  expect(file.kit.bodies.map((b) => b.id)).toEqual(["full-frame-24"]);
  expect(file.kit.lenses.map((l) => l.id)).toEqual(["zoom-70-200", "long-300"]);
});

test("its name is a date and an id", () => {
  expect(outingFileName(shoot)).toBe("2026-10-17-hockey-semi-final.outing.json");
});

test.each([
  ["no JSON at all", "not json", "not-json", ""],
  ["another program's file", '{"type":"FeatureCollection"}', "foreign", "format"],
  ["a list", "[1,2]", "foreign", ""],
  ["nothing", "null", "foreign", ""],
  ["a newer file", changed((f) => (f.version = 9)), "newer-version", "version"],
  [
    "a newer shoot",
    changed((f) => ((f.shoot as { version: number }).version = 99)),
    "faults",
    "shoot.version",
  ],
  [
    "a spot facing nowhere",
    changed((f) => ((f.shoot as typeof shoot).ground.spots[1]!.facing = 720)),
    "faults",
    "shoot.ground.spots.1.facing",
  ],
  [
    "a shot without its spot",
    changed((f) => ((f.shoot as typeof shoot).shots[0]!.spotId = "gone")),
    "faults",
    "shoot.shots.0.spotId",
  ],
  [
    "two spots of one id",
    changed((f) => ((f.shoot as typeof shoot).ground.spots[1]!.id = "flick")),
    "faults",
    "shoot.ground.spots.1.id",
  ],
  [
    "a lens that the file lacks",
    changed((f) => (f.kit as typeof demoKit).lenses.pop()),
    "faults",
    "shoot.choices.3.lensId",
  ],
  [
    "a time of day that is none",
    changed((f) => ((f.shoot as typeof shoot).starts = "25:00")),
    "faults",
    "shoot.starts",
  ],
  [
    "an unknown time zone",
    changed((f) => ((f.shoot as typeof shoot).zone = "Mars/Base")),
    "faults",
    "shoot.zone",
  ],
])("%s is refused with reason and place", (_name, file, reason, path) => {
  const read = readOuting(file);
  expect(read.ok).toBe(false);
  if (read.ok) return;
  expect(read.reason).toBe(reason);
  expect(read.faults.map((f) => f.path)).toContain(path);
  expect(read.faults.every((f) => f.message.length > 5)).toBe(true);
});

test("a file cut short anywhere is refused, never half-read", () => {
  for (let cut = 0; cut < text.length - 2; cut += 997) expect(readOuting(text.slice(0, cut)).ok).toBe(false);
});

const mine = { kit: demoKit, shoots: [{ ...shoot, revision: 7 }] };

test("keeping both gives the newcomer an id of its own; replacing follows the stored revision", () => {
  expect(bringIn(outing, mine, "keep-both").shoot).toMatchObject({ id: "hockey-semi-final-2", revision: 0 });
  expect(bringIn(outing, mine, "replace").shoot).toMatchObject({ id: "hockey-semi-final", revision: 7 });
});

test("the user's kit is never overwritten: what differs is added beside it and the outing points there", () => {
  const lens = demoKit.lenses[0]!;
  const theirs = { ...demoKit, lenses: [{ ...lens, widest: 4 }, ...demoKit.lenses.slice(1)] };
  const { kit, shoot: brought, addedKit } = bringIn({ ...outing, kit: theirs }, mine, "keep-both");
  expect(kit.lenses.find((l) => l.id === lens.id)).toEqual(lens);
  expect(kit.lenses.find((l) => l.id === `${lens.id}-2`)).toMatchObject({ widest: 4 });
  expect(brought.choices[0]!.lensId).toBe(`${lens.id}-2`);
  expect(addedKit).toBe(1);
});

test("the same kit again adds nothing", () => {
  expect(bringIn(outing, mine, "replace")).toMatchObject({ addedKit: 0, kit: demoKit });
});
