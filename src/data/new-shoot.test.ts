import { VENUES } from "@/core/ground";
import { asSubject, SUBJECTS } from "@/core/catalogue";
import { demoKit, demoShoots } from "../../demo";
import {
  bagOf,
  bagWeight,
  DEFAULT_PREFERENCES,
  duplicateShoot,
  EMPTY_LIBRARY,
  idFromName,
  KINDS,
  newShoot,
  shootSchema,
  writeEverything,
  type NewShoot,
} from ".";
import { readEverything } from "./everything-file";

const subjectOf = (id: string) => {
  const subject = asSubject(SUBJECTS.find((s) => s.id === id)!);
  return { ...subject, parts: [...subject.parts] };
};
const wish: NewShoot = {
  name: "Cup final",
  kind: "field",
  template: "football",
  place: "Mill Road",
  latitude: 53.2,
  longitude: -1.4,
  zone: "Europe/London",
  date: "2027-03-06",
  from: "13:00",
  until: "16:00",
  starts: "14:00",
  subject: subjectOf("football-runner"),
};
const make = (edit: Partial<NewShoot> = {}) =>
  newShoot({ ...wish, ...edit }, demoKit, DEFAULT_PREFERENCES, []);

test("an outing from nothing passes the schema, whatever its kind, venue and subject", () => {
  let made = 0;
  for (const kind of KINDS)
    for (const template of ["open-ground", ...VENUES.map((v) => v.id)]) {
      const shoot = make({ kind, template });
      expect(shootSchema.safeParse(shoot).error?.issues).toBeUndefined();
      made++;
    }
  for (const { id } of SUBJECTS) {
    const subject = subjectOf(id);
    expect([id, shootSchema.safeParse(make({ subject })).error?.issues]).toEqual([id, undefined]);
    made++;
  }
  expect(made).toBe(KINDS.length * (VENUES.length + 1) + SUBJECTS.length);
});

test("it begins outside the field, with the limb to hold, and a hall with its lamps on", () => {
  const shoot = make();
  expect(Math.abs(shoot.ground.positions[0]!.at.x)).toBeGreaterThan(34);
  expect(shoot.shots[0]).toMatchObject({ holdPartId: "limb", orientation: "upright", intent: "freeze" });
  const hall = make({ kind: "court", template: "handball" });
  expect(hall.light.lamps).toMatchObject({ kind: "hall", from: "13:00" });
  expect(hall.light.roof).toBeDefined();
});

test("ids are readable, free and never too long", () => {
  expect(idFromName("Keeper’s save!", [])).toBe("keepers-save");
  expect(idFromName("Café", [{ id: "cafe" }, { id: "cafe-2" }])).toBe("cafe-3");
  expect(idFromName("日本", [], "shot")).toBe("shot");
  const long = idFromName("a".repeat(80), [{ id: "a".repeat(40) }]);
  expect(long.length).toBeLessThanOrEqual(40);
  expect(long).not.toBe("a".repeat(40));
});

test("a duplicate is a new outing: what was measured and counted stays behind", () => {
  const [shoot] = demoShoots;
  const again = duplicateShoot(
    {
      ...shoot!,
      log: [
        { id: "s", shotId: "drag-flick", settings: { shutter: 30, aperture: 9, iso: 12 }, taken: 9, kept: 2 },
      ],
    },
    demoShoots,
  );
  expect(again).toMatchObject({ id: "cup-semi-final", revision: 0, log: [] });
  expect(shootSchema.safeParse(again).success).toBe(true);
});

test("the bag is what was put in; its weight counts what tells one, and says how much does not", () => {
  const bag = {
    bodies: ["crop-26"],
    lenses: ["gone"],
    converters: [],
    supports: ["monopod"],
    cards: ["card-64"],
  };
  const packed = bagOf({ bag }, demoKit);
  expect(packed.bodies.map((b) => b.id)).toEqual(["crop-26"]);
  expect(packed.lenses).toEqual(demoKit.lenses);
  expect(packed.converters).toEqual([]);
  expect(bagOf({ bag: null }, demoKit)).toBe(demoKit);
  const grams = 500 + demoKit.lenses.reduce((sum, l) => sum + (l.weightG ?? 0), 0) + 550;
  expect(bagWeight(packed)).toEqual({ grams, unweighed: 1 });
});

test("everything goes into one file and comes back the same; one fault refuses all of it", () => {
  const everything = {
    shoots: demoShoots,
    kit: demoKit,
    library: EMPTY_LIBRARY,
    preferences: DEFAULT_PREFERENCES,
  };
  const text = writeEverything(everything);
  expect(readEverything(JSON.parse(text))).toEqual({ ok: true, value: everything });
  const broken = JSON.parse(text);
  broken.shoots[2].date = "2027-02-30";
  expect(readEverything(broken)).toMatchObject({
    ok: false,
    reason: "faults",
    faults: [{ path: "shoots.2.date" }],
  });
  expect(readEverything({ ...broken, version: 9 })).toMatchObject({ ok: false, reason: "newer-version" });
  expect(readEverything({ ...broken, shoots: "none" })).toMatchObject({
    ok: false,
    faults: [{ path: "shoots" }],
  });
});
