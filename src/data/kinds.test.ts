import { z } from "zod";
import { demoKit, demoOutings } from "../../demo";
import {
  changesOfRecord,
  createRepository,
  DEFAULT_PREFERENCES,
  EMPTY_LIBRARY,
  EMPTY_PLACES,
  EMPTY_PRACTICE,
  mergeRecords,
} from ".";
import { everythingInFile, readEverything } from "./files/everything-file";
import { jsonText } from "./files";
import { besideWrite } from "./files/import";
import { ONE_KINDS, type Kinds, type RecordOf } from "./records";
import { freshStore, lay } from "./store/for-tests";

const bookSchema = z.object({ id: z.string(), name: z.string() });
const booksSchema = z.object({ version: z.literal(2), books: z.array(bookSchema).max(3) });
type Books = z.infer<typeof booksSchema>;

/** A kind that no screen knows: one row, one schema. */
interface WithBooks extends RecordOf {
  readonly books: Books;
}
const KINDS: Kinds<WithBooks> = {
  ...ONE_KINDS,
  books: {
    key: "bp/books",
    schema: booksSchema,
    version: 2,
    migrations: { 1: (old) => ({ ...old, books: old.list ?? [] }) },
    begins: { version: 2, books: [] },
    arrives: "joined",
    knownBy: "books",
  },
};
const quarry = { id: "quarry", name: "Quarry" };
const lagoon = { id: "lagoon", name: "Lagoon" };
const one: Books = { version: 2, books: [quarry] };
const two: Books = { version: 2, books: [quarry, lagoon] };

async function fresh() {
  const store = await freshStore();
  return { store, repository: createRepository<WithBooks>(store, () => undefined, KINDS) };
}

test("a further kind is a row: it begins, is kept after its schema and what it follows, and has its earlier states", async () => {
  const { repository } = await fresh();
  expect(await repository.read("books")).toEqual({ ok: true, value: KINDS.books.begins, revision: 0 });
  expect(await repository.save("books", one, 0)).toEqual({ ok: true, value: one });
  expect(await repository.save("books", two, 0)).toMatchObject({ reason: "overtaken" });
  const many = { ...two, books: [1, 2, 3, 4].map((n) => ({ id: `p${n}`, name: "P" })) };
  expect(await repository.save("books", many, 1)).toMatchObject({
    reason: "refused",
    faults: [{ path: "books" }],
  });
  expect(await repository.save("books", two, 1, { change: "[]", undoTo: 1 })).toMatchObject({ ok: true });
  expect(await repository.statesOfRecord("books")).toMatchObject([
    { revision: 2, undoTo: 1 },
    { revision: 1 },
  ]);
  expect(await repository.recordAt("books", 1)).toEqual({ ok: true, value: one });
  expect(changesOfRecord(one, two)).toEqual([{ code: "added", name: "Lagoon" }]);
  expect(mergeRecords(one, two, { ...one, books: [{ ...quarry, name: "Old quarry" }] })).toEqual({
    version: 2,
    books: [{ ...quarry, name: "Old quarry" }, lagoon],
  });
});

test("an older one is raised, a broken one told with place, taken away and still among its states", async () => {
  const { store, repository } = await fresh();
  await lay(store, "bp/books", JSON.stringify({ version: 1, list: [quarry] }));
  expect(await repository.read("books")).toMatchObject({ ok: true, value: { books: [quarry] } });
  const other = await fresh();
  await lay(other.store, "bp/books", '{"version":2,"books":[{"id":"x"}]}');
  expect(await other.repository.read("books")).toMatchObject({
    reason: "unreadable",
    unreadable: { id: "books", faults: [{ path: "books.0.name" }] },
  });
  expect(await other.repository.removeRecord("books")).toEqual({ ok: true, value: true });
  expect(await other.repository.read("books")).toMatchObject({ ok: true, revision: 2 });
  expect(await other.repository.statesOfRecord("books")).toHaveLength(2);
});

test("it goes into the file of everything and comes back equal, and a file from before it opens as it begins", async () => {
  const everything = {
    outings: demoOutings,
    kit: demoKit,
    library: EMPTY_LIBRARY,
    preferences: DEFAULT_PREFERENCES,
    places: EMPTY_PLACES,
    practice: EMPTY_PRACTICE,
    books: two,
  };
  const raw = JSON.parse(jsonText(everythingInFile(everything))) as object;
  expect(await readEverything<WithBooks>(raw, undefined, KINDS)).toEqual({ ok: true, value: everything });
  const { books: _, ...before } = raw as { books: unknown };
  expect(await readEverything<WithBooks>(before, undefined, KINDS)).toMatchObject({
    ok: true,
    value: { books: { books: [] } },
  });
  expect(await readEverything<WithBooks>({ ...raw, books: { version: 2 } }, undefined, KINDS)).toMatchObject({
    ok: false,
    faults: [{ path: "books.books" }],
  });
});

test("an import joins it beside mine, keeps it with the rest or not at all, and takes it back", async () => {
  const { repository } = await fresh();
  await repository.save("books", { version: 2, books: [{ ...quarry, name: "Mine" }] }, 0);
  const mine = await repository.read("books");
  if (!mine.ok) throw new Error(mine.reason);
  const written = besideWrite<WithBooks>(
    { books: two },
    { books: mine.value },
    { preferences: false },
    KINDS,
  );
  expect(written.books!.books.map((p) => p.name)).toEqual(["Mine", "Quarry", "Lagoon"]);
  const overtaken = await repository.saveTogether({
    ...written,
    outings: [{ ...demoOutings[0]!, revision: 7 }],
    follows: { books: 1 },
  });
  expect(overtaken).toMatchObject({ ok: false });
  expect(await repository.read("books")).toMatchObject({ revision: 1 });
  expect(await repository.saveTogether({ ...written, follows: { books: 1 } })).toMatchObject({ ok: true });
  expect(await repository.read("books")).toMatchObject({ revision: 2 });
  await repository.removeEverything();
  expect(await repository.read("books")).toMatchObject({ revision: 0 });
});
