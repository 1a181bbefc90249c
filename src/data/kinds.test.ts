import { z } from "zod";
import { demoKit, demoOutings } from "../../demo";
import { changesOfRecord, createRepository, DEFAULT_PREFERENCES, EMPTY_LIBRARY, mergeRecords } from ".";
import { everythingInFile, readEverything } from "./files/everything-file";
import { jsonText } from "./files";
import { besideWrite } from "./files/import";
import { ONE_KINDS, type Kinds, type RecordOf } from "./records";
import { freshStore, lay } from "./store/for-tests";

const placeSchema = z.object({ id: z.string(), name: z.string() });
const placesSchema = z.object({ version: z.literal(2), places: z.array(placeSchema).max(3) });
type Places = z.infer<typeof placesSchema>;

/** A kind that no screen knows: one row, one schema. */
interface WithPlaces extends RecordOf {
  readonly places: Places;
}
const KINDS: Kinds<WithPlaces> = {
  ...ONE_KINDS,
  places: {
    key: "bp/places",
    schema: placesSchema,
    version: 2,
    migrations: { 1: (old) => ({ ...old, places: old.list ?? [] }) },
    begins: { version: 2, places: [] },
    arrives: "joined",
    knownBy: "places",
  },
};
const quarry = { id: "quarry", name: "Quarry" };
const lagoon = { id: "lagoon", name: "Lagoon" };
const one: Places = { version: 2, places: [quarry] };
const two: Places = { version: 2, places: [quarry, lagoon] };

async function fresh() {
  const store = await freshStore();
  return { store, repository: createRepository<WithPlaces>(store, () => undefined, KINDS) };
}

test("a further kind is a row: it begins, is kept after its schema and what it follows, and has its earlier states", async () => {
  const { repository } = await fresh();
  expect(await repository.read("places")).toEqual({ ok: true, value: KINDS.places.begins, revision: 0 });
  expect(await repository.save("places", one, 0)).toEqual({ ok: true, value: one });
  expect(await repository.save("places", two, 0)).toMatchObject({ reason: "overtaken" });
  const many = { ...two, places: [1, 2, 3, 4].map((n) => ({ id: `p${n}`, name: "P" })) };
  expect(await repository.save("places", many, 1)).toMatchObject({
    reason: "refused",
    faults: [{ path: "places" }],
  });
  expect(await repository.save("places", two, 1, { change: "[]", undoTo: 1 })).toMatchObject({ ok: true });
  expect(await repository.statesOfRecord("places")).toMatchObject([
    { revision: 2, undoTo: 1 },
    { revision: 1 },
  ]);
  expect(await repository.recordAt("places", 1)).toEqual({ ok: true, value: one });
  expect(changesOfRecord(one, two)).toEqual([{ code: "added", name: "Lagoon" }]);
  expect(mergeRecords(one, two, { ...one, places: [{ ...quarry, name: "Old quarry" }] })).toEqual({
    version: 2,
    places: [{ ...quarry, name: "Old quarry" }, lagoon],
  });
});

test("an older one is raised, a broken one told with place, taken away and still among its states", async () => {
  const { store, repository } = await fresh();
  await lay(store, "bp/places", JSON.stringify({ version: 1, list: [quarry] }));
  expect(await repository.read("places")).toMatchObject({ ok: true, value: { places: [quarry] } });
  const other = await fresh();
  await lay(other.store, "bp/places", '{"version":2,"places":[{"id":"x"}]}');
  expect(await other.repository.read("places")).toMatchObject({
    reason: "unreadable",
    unreadable: { id: "places", faults: [{ path: "places.0.name" }] },
  });
  expect(await other.repository.removeRecord("places")).toEqual({ ok: true, value: true });
  expect(await other.repository.read("places")).toMatchObject({ ok: true, revision: 2 });
  expect(await other.repository.statesOfRecord("places")).toHaveLength(2);
});

test("it goes into the file of everything and comes back equal, and a file from before it opens as it begins", async () => {
  const everything = {
    outings: demoOutings,
    kit: demoKit,
    library: EMPTY_LIBRARY,
    preferences: DEFAULT_PREFERENCES,
    places: two,
  };
  const raw = JSON.parse(jsonText(everythingInFile(everything))) as object;
  expect(await readEverything<WithPlaces>(raw, undefined, KINDS)).toEqual({ ok: true, value: everything });
  const { places: _, ...before } = raw as { places: unknown };
  expect(await readEverything<WithPlaces>(before, undefined, KINDS)).toMatchObject({
    ok: true,
    value: { places: { places: [] } },
  });
  expect(
    await readEverything<WithPlaces>({ ...raw, places: { version: 2 } }, undefined, KINDS),
  ).toMatchObject({
    ok: false,
    faults: [{ path: "places.places" }],
  });
});

test("an import joins it beside mine, keeps it with the rest or not at all, and takes it back", async () => {
  const { repository } = await fresh();
  await repository.save("places", { version: 2, places: [{ ...quarry, name: "Mine" }] }, 0);
  const mine = await repository.read("places");
  if (!mine.ok) throw new Error(mine.reason);
  const written = besideWrite<WithPlaces>(
    { places: two },
    { places: mine.value },
    { preferences: false },
    KINDS,
  );
  expect(written.places!.places.map((p) => p.name)).toEqual(["Mine", "Quarry", "Lagoon"]);
  const overtaken = await repository.saveTogether({
    ...written,
    outings: [{ ...demoOutings[0]!, revision: 7 }],
    follows: { places: 1 },
  });
  expect(overtaken).toMatchObject({ ok: false });
  expect(await repository.read("places")).toMatchObject({ revision: 1 });
  expect(await repository.saveTogether({ ...written, follows: { places: 1 } })).toMatchObject({ ok: true });
  expect(await repository.read("places")).toMatchObject({ revision: 2 });
  await repository.removeEverything();
  expect(await repository.read("places")).toMatchObject({ revision: 0 });
});
