import { isInside, planDistance } from "@/core/ground";
import { readingOffset } from "@/core/light";
import { choiceOf, DEFAULT_PREFERENCES, outingSchema, type Place, type Sighting } from "@/data";
import { placeSchema, placesSchema } from "@/data/schema/place";
import { demoKit, demoOutings, demoPast, demoPlaces } from "../../../demo";
import { outingHere, type OutingHere } from "./begin-here";
import { differsFrom, PLACE_PARTS, withGiven } from "./given";
import { keepOffOf, nestAreas } from "./keep-off";
import { keptFrom } from "./kept-from";
import { lampsMeasured, readByHour, zonesMeasured } from "./measured";
import { placeOf } from "./place-of";
import { windowsCalendar } from "./windows-calendar";

const quarry = demoPlaces.places[0]!;
const lagoon = demoPlaces.places[1]!;
const lagoonDay = demoOutings.find((o) => o.placeId === lagoon.id)!;

const wish = (subject: OutingHere["subject"]): OutingHere => ({
  name: "Again",
  date: "2027-05-20",
  from: "04:30",
  starts: "05:00",
  until: "08:00",
  subject,
  lampsAsMeasured: true,
  zonesAsMeasured: true,
  leaveStands: true,
});
const here = (place: Place, sightings: readonly Sighting[], change: Partial<OutingHere> = {}) =>
  outingHere(
    { ...wish(place === quarry ? demoPast.subjects[0]! : lagoonDay.subjects[0]!), ...change },
    place,
    sightings,
    demoKit,
    DEFAULT_PREFERENCES,
  );

test("the demo's places pass the schema, and every sighting is of one of them and at a spot of it", () => {
  expect(placesSchema.parse(demoPlaces)).toEqual(demoPlaces);
  for (const s of demoPlaces.sightings) {
    const place = demoPlaces.places.find((p) => p.id === s.placeId)!;
    expect(place.ground.spots.map((spot) => spot.id)).toContain(s.spotId);
  }
});

test("a place holds all that an outing knows of it, and then nothing differs", () => {
  const place = placeOf(demoPast, "quarry");
  expect(placeSchema.parse(place)).toEqual(place);
  const placed = demoPast.log.filter((s) => choiceOf(demoPast, s.shotId)?.positionId);
  expect(placed.length).toBeGreaterThan(3);
  expect(place.worked.reduce((sum, w) => sum + w.taken, 0)).toBe(placed.reduce((sum, s) => sum + s.taken, 0));
  expect(differsFrom(place, demoPast)).toEqual([]);
});

test("what is other is told by its part and its names, each is given by itself, and what others gave stays", () => {
  const place = placeOf(demoPast, "quarry");
  const ground = {
    ...demoPast.ground,
    spots: [...demoPast.ground.spots, { ...demoPast.ground.spots[0]!, id: "new", name: "New spot" }],
    positions: demoPast.ground.positions.slice(1),
  };
  const second = {
    ...demoPast,
    id: "second",
    ground,
    access: { ...demoPast.access, allowedBy: "The new groundsman" },
    log: demoPast.log.slice(0, 2),
  };
  const differs = differsFrom(place, second);
  expect(differs.map((d) => d.part)).toEqual(["ground", "worked", "access"]);
  expect(differs[0]).toMatchObject({ added: ["New spot"], removed: [demoPast.ground.positions[0]!.name] });
  const access = withGiven(place, second, ["access"]);
  expect(access.ground).toEqual(place.ground);
  expect(access.access.allowedBy).toBe("The new groundsman");
  const all = withGiven(place, second, PLACE_PARTS);
  expect(all.worked.filter((w) => w.outingId === demoPast.id)).toEqual(place.worked);
  expect(all.worked.length).toBeGreaterThan(place.worked.length);
  expect(differsFrom(all, second)).toEqual([]);
  // Given twice it stands once.
  expect(withGiven(all, second, PLACE_PARTS)).toEqual(all);
});

test("a new outing here has the ground with everything drawn, the position that kept most, and a schema's word for it", () => {
  const outing = here(quarry, []);
  expect(outingSchema.parse(outing)).toEqual(JSON.parse(JSON.stringify(outing)));
  expect(outing.placeId).toBe(quarry.id);
  for (const list of ["obstacles", "spots", "tracks", "masts", "areas"] as const)
    expect(outing.ground[list]).toEqual(quarry.ground[list]);
  const kept = (id: string) =>
    quarry.worked.filter((w) => w.positionId === id).reduce((sum, w) => sum + w.kept, 0);
  const best = outing.choices[0]!.positionId!;
  expect(Math.max(...quarry.ground.positions.map((p) => kept(p.id)))).toBe(kept(best));
  expect(outing.access).toEqual(quarry.access);
  expect(here(quarry, [], { leaveStands: false }).access.allowedBy).toBe("");
  // The place is a record of its own: nothing of it was changed.
  expect(demoPlaces.places[0]).toBe(quarry);
});

test("a venue from before stays the venue that it was, of every place of the demo", () => {
  for (const { place } of keptFrom([...demoOutings, demoPast], [])) {
    const again = outingHere(wish(demoPast.subjects[0]!), place, [], demoKit, DEFAULT_PREFERENCES);
    expect(again.ground.venue).toEqual(place.ground.venue);
    expect(again.kind).toBe(place.kind);
    expect(again.light.roof).toEqual(place.light.roof);
  }
});

test("lamps and zones as measured stand in the new outing; without them it is planned as before", () => {
  const lit: Place = {
    ...quarry,
    light: { ...quarry.light, lamps: { class: "II", from: "17:00" } },
  };
  const offsets = lit.light.readings.filter((r) => r.zoneId === "pitch").map(readingOffset);
  const measured = lampsMeasured(lit)!;
  expect(measured.readings).toBe(offsets.length);
  expect(measured.stops).toBeCloseTo(offsets.reduce((a, b) => a + b, 0) / offsets.length, 9);
  const outing = here(lit, []);
  expect(outing.light.taken?.lamps?.stops).toBeCloseTo(Math.round(3 * measured.stops) / 3, 9);
  const benches = zonesMeasured(lit).find((z) => z.zoneId === "benches")!;
  expect(outing.ground.zones.find((z) => z.id === "benches")!.offsetClicks).toBe(benches.offsetClicks);
  expect(benches.offsetClicks).toBeLessThan(-1);
  const plain = here(lit, [], { lampsAsMeasured: false, zonesAsMeasured: false });
  expect(plain.light.taken).toBeUndefined();
  expect(plain.ground.zones).toEqual(lit.ground.zones);
  expect(lampsMeasured({ ...lit, light: { ...lit.light, lamps: null } })).toBeUndefined();
});

test("a nest of any year is kept off by its metres, and no position of a new outing lies within", () => {
  const spot = lagoon.ground.spots[0]!;
  const nest: Sighting = {
    id: "nest",
    placeId: lagoon.id,
    name: "Tern",
    what: "nest",
    on: "2025-05-20",
    spotId: spot.id,
    keepOff: 40,
  };
  const [area] = nestAreas(lagoon, [nest]);
  expect(area!.kind).toBe("nest");
  // The whole circle lies within it.
  for (let turn = 0; turn < 360; turn += 5) {
    const rad = (turn * Math.PI) / 180;
    const edge = { x: spot.at.x + 39.99 * Math.sin(rad), y: spot.at.y + 39.99 * Math.cos(rad) };
    expect(isInside(edge, area!.outline)).toBe(true);
  }
  const outing = here(lagoon, [nest]);
  expect(outing.ground.positions.length).toBeLessThan(lagoon.ground.positions.length);
  for (const p of outing.ground.positions) expect(planDistance(p.at, spot.at)).toBeGreaterThan(40);
  expect(keepOffOf({ ...nest, keepOff: undefined })).toBe(100);
  // Given back with the ground it is not drawn a second time.
  const given = withGiven(lagoon, outing, ["ground"]);
  expect(nestAreas(given, [nest])).toEqual([]);
});

test("with every position inside what is kept off the shot has none, rather than one that disturbs", () => {
  const nest: Sighting = {
    id: "n",
    placeId: lagoon.id,
    name: "Tern",
    what: "nest",
    on: "2025-05-20",
    spotId: lagoon.ground.spots[0]!.id,
    keepOff: 400,
  };
  const outing = here(lagoon, [nest]);
  expect(outing.ground.positions).toEqual([]);
  expect(outing.choices[0]!.positionId).toBeNull();
  expect(outingSchema.safeParse(outing).success).toBe(true);
});

test("outings of one name and place become one place with the counts of all; those that are kept are left out", () => {
  const free = (o: (typeof demoOutings)[number]) => ({ ...o, placeId: undefined });
  const all = [...demoOutings, demoPast].map(free);
  const found = keptFrom(all, []);
  const hockey = found.find((f) => f.place.name === "Quarry Lane")!;
  expect(hockey.outingIds).toHaveLength(2);
  expect(found.map((f) => f.place.id).length).toBe(new Set(found.map((f) => f.place.id)).size);
  expect(
    keptFrom([...demoOutings, demoPast], demoPlaces.places).some((f) => f.place.name === "Quarry Lane"),
  ).toBe(false);
});

test("windows of light go out as a calendar", () => {
  const at = Date.UTC(2027, 3, 28, 5, 10);
  const text = windowsCalendar(
    "Saltmere hide",
    [{ from: at, until: at + 1_800_000, azimuth: 84, altitude: 6, fit: 0.9 }],
    at,
  );
  expect(text).toContain("BEGIN:VEVENT");
  expect(text).toContain("DTSTART:20270428T051000Z");
  expect(text).toContain("DTEND:20270428T054000Z");
  expect(text).toContain("LOCATION:Saltmere hide");
});

test("readings stand by zone and by the hour of the place's own clock, each counted once", () => {
  const hours = readByHour(quarry);
  expect(hours.reduce((sum, h) => sum + h.readings, 0)).toBe(quarry.light.readings.length);
  // Ten past six in universal time is ten past seven in summer there.
  expect(new Set(hours.map((h) => h.hour))).toEqual(new Set([19]));
  const [pitch] = hours;
  expect(pitch!.ev).toBeCloseTo((7.1 + 7) / 2, 9);
  expect(pitch!.stops).toBeCloseTo((7.1 + 7) / 2 - 7.4, 9);
});
