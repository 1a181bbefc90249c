import { VENUES, standingAt, surfaceAt } from "@/core/ground";
import { asSubject, soughtUnder, STAGED, stagingOf, SUBJECTS, usualSubject } from "@/core/catalogue";
import { demoKit, demoOutings } from "../../../demo";
import {
  bagOf,
  bagWeight,
  DEFAULT_PREFERENCES,
  duplicateOuting,
  idFromName,
  instantOf,
  lightPlanOf,
  newId,
  rigOf,
  outingSchema,
  type Outing,
} from "@/data";
import { assess } from "@/core/judge";
import { sceneAt } from "@/core/scene";
import { newOuting, type NewOuting } from "./new-outing";

const subjectOf = (id: string) => {
  const subject = asSubject(SUBJECTS.find((s) => s.id === id)!);
  return { ...subject, parts: [...subject.parts] };
};
const wish: NewOuting = {
  name: "Cup final",
  template: "football",
  place: "Mill Road",
  latitude: 53.2,
  longitude: -1.4,
  timeZone: "Europe/London",
  date: "2027-03-06",
  from: "13:00",
  until: "16:00",
  starts: "14:00",
  subject: subjectOf("football-runner"),
};
const make = (edit: Partial<NewOuting> = {}) => {
  const { id } = edit.subject ?? wish.subject;
  const known = { staging: stagingOf(id), group: SUBJECTS.find((s) => s.id === id)?.group };
  return newOuting({ ...wish, ...known, ...edit }, demoKit, DEFAULT_PREFERENCES);
};

test("an outing from nothing passes the schema, whatever its venue and subject", () => {
  let made = 0;
  for (const template of ["open-ground", ...VENUES.map((v) => v.id)]) {
    const subject = subjectOf(usualSubject(template) ?? "person-standing");
    for (const outing of [make({ template }), make({ template, subject })]) {
      expect([template, outingSchema.safeParse(outing).error?.issues]).toEqual([template, undefined]);
      made++;
    }
  }
  expect(made).toBe(2 * (VENUES.length + 1));
});

test("under a roof nobody is asked where it lies, and what the venue has for a roof is not what is told", () => {
  const { latitude: _latitude, longitude: _longitude, ...nowhere } = wish;
  const hall = newOuting({ ...nowhere, template: "basketball" }, demoKit, DEFAULT_PREFERENCES);
  expect(hall.ground.anchor.assumed).toBe(true);
  expect(hall).toMatchObject({ light: { roof: { daylightShare: 0 }, lamps: { class: "II", kind: "hall" } } });
  expect(outingSchema.safeParse(hall).error).toBeUndefined();
  const outdoors = make({ template: "basketball", roofed: false });
  expect(outdoors.light.roof).toBeUndefined();
  expect(outdoors.light.lamps).toBeNull();
  expect(outdoors.ground.hall).toBeUndefined();
  expect(outdoors.ground.anchor.assumed).toBeUndefined();
  const covered = make({ template: "tennis", roofed: true });
  expect(covered).toMatchObject({ light: { roof: { daylightShare: 0 }, lamps: { kind: "hall" } } });
});

function assessed(outing: Outing) {
  const choice = outing.choices[0]!;
  const shot = outing.shots[0]!;
  const found = assess({
    shot,
    subject: outing.subjects[0]!,
    position: outing.ground.positions[0]!,
    rig: rigOf(choice, demoKit)!,
    scene: sceneAt(
      outing.ground,
      lightPlanOf(outing),
      instantOf(outing.date, outing.starts, outing.timeZone).at,
    ),
    order: DEFAULT_PREFERENCES.order,
  });
  if (!found.ok) throw new Error(`${outing.sport}: ${found.reason}`);
  return found;
}

/** What new outings began with: footballers with umpires on a running track, pools out of doors, horses for a bicycle. */
test.each(SUBJECTS.map((s) => [s.id, s.group] as const))(
  "a new outing of %s did not begin sensibly: within reach, no veto, right ground, right cautions, right light",
  (id, group) => {
    const staging = stagingOf(id)!;
    const template = staging.venues[0]!;
    const outing = make({ template, subject: subjectOf(id) });
    expect(outingSchema.safeParse(outing).error?.issues).toBeUndefined();
    const found = assessed(outing);
    const vetoes = found.judgement.filter((j) => j.weight === "veto");
    expect([vetoes, found.sighting.frame.kept > 0.5]).toEqual([[], true]);
    expect(found.sighting.distance).toBeLessThan(FAR.test(id) ? 230 : 75);
    expect(standingAt(outing.ground, outing.ground.positions[0]!.at).rule).toBe("open");
    // A thrown ball in a pool whose windows nobody told is the darkest of them.
    expect(found.settings.missing).toBeLessThanOrEqual(id === "water-polo-throw-youth" ? 7 : 4);
    expect(surfaceAt(outing.ground, outing.ground.spots[0]!.at)).toBe(SURFACES_OF[id] ?? surfaceOf(template));
    // Cautions fit: no balls without a ball, horses for horses, an indoor pool over water with its mains.
    const said = outing.cautions;
    const ball = outing.subjects[0]!.parts.some((p) => /ball|puck|sliotar/.test(p.name));
    expect(said.includes("balls")).toBe(ball);
    expect(said.includes("horses")).toBe(group === "horses");
    expect(said.includes("avalanche")).toBe(id === "skier");
    expect(said.includes("electricity")).toBe(/^(pool|water-polo|diving-pool)/.test(template));
    expect(said.includes("dogs")).toBe(group === "dogs");
    expect(said.includes("off-the-track")).toBe(template === "savanna");
    expect(said.includes("nests")).toBe(group === "birds" || group === "mammals");
    if (staging.scenery === "wall") expect(said).toContain("heights");
  },
);

/** Who is kept a long way off: large carnivores, whales and dolphins, what flies in a display. */
const FAR = /^(bear|wolf|big-cat|whale|dolphin|aircraft|helicopter)/;

/** What the subject stands, runs, rides, skates or swims on, where that is not what its venue is made of at large. */
const SURFACES_OF: Readonly<Record<string, string>> = {
  ...Object.fromEntries(
    ["skier", "slalom-skier", "ski-jumper", "cross-country-skier"].map((id) => [id, "snow"]),
  ),
  ...Object.fromEntries(
    [
      "road-cyclist",
      "road-runner",
      "racing-car",
      "rally-car",
      "road-racing-motorcycle",
      "motocross-rider",
      "kart",
    ].map((id) => [id, "track"]),
  ),
  ...Object.fromEntries(
    [
      "canoe-slalom",
      "surfer",
      "kitesurfer",
      "windsurfer",
      "paddle-boarder",
      "open-water-swimmer",
      "diver",
      "dolphin-leaping",
      "whale-surfacing",
      "gannet-diving",
      "flock-flying",
      "osprey-diving",
      "duck-feeding",
      "gannet-flying",
      "gull-feeding",
      "swan-feeding",
      "coot-swimming",
      "dinghy-sailor",
      "otter-swimming",
      "tern-diving",
      "heron-standing",
      "kingfisher-diving",
      "kingfisher-perched",
      "duck-swimming",
      "swan-swimming",
      "grebe-swimming",
    ].map((id) => [id, "water"]),
  ),
  "high-jumper": "grass",
  "pole-vaulter": "grass",
  "shot-putter": "grass",
  "long-jumper": "sand",
};

function surfaceOf(template: string): string {
  if (/^(pool|water-polo|rowing)/.test(template)) return "water";
  if (template === "athletics-400") return "track";
  if (template === "ice-hockey" || template === "curling-sheet") return "ice";
  return VENUES.find((v) => v.id === template)?.surface ?? "grass";
}

test("a new outing of a bear, a horse, a racing car began as near as one of a walker: each keeps its distance", () => {
  const away = (id: string): number =>
    assessed(make({ template: stagingOf(id)!.venues[0]!, subject: subjectOf(id) })).sighting.distance;
  expect(away("bear-walking")).toBeGreaterThan(91);
  // A second of its way at 9 m/s.
  expect(away("cross-country-horse")).toBeGreaterThan(9);
  expect(away("racing-car")).toBeGreaterThan(29.9);
});

test("a swimmer swims along the lanes, a sprinter runs in a lane, a batter stands at the plate", () => {
  const spot = (id: string) =>
    make({ template: stagingOf(id)!.venues[0]!, subject: subjectOf(id) }).ground.spots[0]!;
  expect(spot("swimmer-crawl").facing % 180).toBe(0);
  const { at, facing } = spot("sprinter");
  expect(facing % 180).toBe(0);
  expect((at.x - 36.5) / 1.22).toBeGreaterThan(0);
  expect((at.x - 36.5) / 1.22).toBeLessThan(8);
  expect(Math.hypot(spot("baseball-batter").at.x, spot("baseball-batter").at.y + 61)).toBeLessThan(1.5);
});

test("a hall has walls, a roof and lamps that stay on; a running track brings an athlete; leaving is no event of the light", () => {
  const hall = make({ template: "handball", subject: subjectOf("handball-throw") });
  expect(hall.light).toMatchObject({ roof: { daylightShare: 0 }, lamps: { kind: "hall", from: "13:00" } });
  expect(hall.light.lamps!.until).toBeUndefined();
  expect(hall.ground.hall!.outline).toHaveLength(4);
  const pool = make({ template: "pool-25", subject: subjectOf("swimmer-fly") });
  expect(pool).toMatchObject({
    kind: "pool",
    light: { lamps: { kind: "pool" } },
    ground: { surface: "floor" },
  });
  expect(make({ template: "tennis", subject: subjectOf("tennis-serve") }).light.lamps).toBeNull();
  expect(usualSubject("athletics-400")).toBe("sprinter");
  expect(VENUES.filter((v) => !usualSubject(v.id)).map((v) => v.id)).toEqual([]);
});

test("every subject is staged on venues that exist, inside what is played on, with words to search by", () => {
  expect(STAGED.filter((id) => !SUBJECTS.some((s) => s.id === id))).toEqual([]);
  for (const { id: subjectId } of SUBJECTS) {
    const { venues } = stagingOf(subjectId)!;
    const words = soughtUnder(subjectId);
    for (const id of venues) expect(id === "open-ground" || VENUES.some((v) => v.id === id)).toBe(true);
    expect(words.length).toBeGreaterThan(3);
  }
});

test("ids are readable, free and never too long", () => {
  expect(idFromName("Keeper’s save!", [])).toBe("keepers-save");
  expect(idFromName("Café", [{ id: "cafe" }, { id: "cafe-2" }])).toBe("cafe-3");
  expect(idFromName("日本", [], "shot")).toBe("shot");
  const long = idFromName("a".repeat(80), [{ id: "a".repeat(40) }]);
  expect(long.length).toBeLessThanOrEqual(40);
  expect(long).not.toBe("a".repeat(40));
});

test("an outing of the name of a deleted one had its id, its tags and its earlier states: no id is used again", () => {
  const ids = Array.from({ length: 2000 }, () => newId());
  expect(new Set(ids).size).toBe(2000);
  for (const id of ids) expect(id).toMatch(/^[a-v0-9]{16}$/);
  expect(make().id).not.toBe(make().id);
});

test("a duplicate is a new outing: what was measured and counted stays behind", () => {
  const [outing] = demoOutings;
  const again = duplicateOuting({
    ...outing!,
    log: [
      { id: "s", shotId: "drag-flick", settings: { shutter: 30, aperture: 9, iso: 12 }, taken: 9, kept: 2 },
    ],
  });
  expect(again).toMatchObject({ revision: 0, log: [] });
  expect(again.id).not.toBe(outing!.id);
  expect(outingSchema.safeParse(again).success).toBe(true);
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
