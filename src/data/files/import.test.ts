import { demoKit, demoOutings } from "../../../demo";
import { DEFAULT_PREFERENCES, EMPTY_LIBRARY, EMPTY_PLACES, EMPTY_PRACTICE, type Library } from "..";
import {
  importWrite,
  previewImport,
  jsonText,
  everythingInFile,
  outingInFile,
  type FileContents,
  type ImportChoices,
  type Mine,
} from ".";
import { readText } from "./for-tests";
import { readEverything } from "./everything-file";

const [first, second] = demoOutings as [(typeof demoOutings)[number], (typeof demoOutings)[number]];
const mine: Mine = {
  outings: [{ ...first, revision: 7 }],
  kit: demoKit,
  library: EMPTY_LIBRARY,
  places: EMPTY_PLACES,
  practice: EMPTY_PRACTICE,
  preferences: DEFAULT_PREFERENCES,
};
const renamed = { ...first, name: "The other final" };
const of = (...outings: FileContents["outings"]): FileContents => ({ outings });
const KEEP_BOTH: ImportChoices = { differing: "keep-both", preferences: false };

test("a preview tells what is new, what differs and what is the same, and nothing is written by it", () => {
  const file = of({ outing: renamed }, { outing: second }, { outing: first });
  expect(previewImport(file, mine).rows.map((row) => row.standing)).toEqual(["differs", "new", "same"]);
  expect(previewImport(file, mine).rows[0]!.own).toMatchObject({ name: first.name, revision: 7 });
});

test("keeping both gives the newcomer an id of its own; replacing follows the stored revision; mine can be left", () => {
  const file = of({ outing: renamed });
  const write = (differing: ImportChoices["differing"]) =>
    importWrite(file, mine, { differing, preferences: false }).outings;
  expect(write("keep-both")).toMatchObject([{ id: expect.stringMatching(/^[a-v0-9]{16}$/), revision: 0 }]);
  expect(write("replace")).toMatchObject([{ id: "hockey-semi-final", revision: 7, name: renamed.name }]);
  expect(write("leave-mine")).toEqual([]);
});

test("two outings of one id in one file lost one of the two: both arrive, and what is the same is not doubled", () => {
  const two = importWrite(
    of({ outing: second }, { outing: { ...second, name: "Another" } }),
    mine,
    KEEP_BOTH,
  );
  expect(two.outings!.map((o) => o.name)).toEqual([second.name, "Another"]);
  expect(new Set([second.id, ...two.outings!.map((o) => o.id)]).size).toBe(2);
  expect(importWrite(of({ outing: first }), mine, KEEP_BOTH).outings).toEqual([]);
});

test("what comes with an outing went to the wrong one where both are kept: each is told where it arrives", () => {
  const file = of({ outing: renamed }, { outing: second });
  const arrives = (differing: ImportChoices["differing"]) =>
    importWrite(file, mine, { differing, preferences: false }).arrivesAs;
  const [beside, ...rest] = arrives("keep-both");
  expect(beside).toMatch(/^[a-v0-9]{16}$/);
  expect(rest).toEqual([second.id]);
  expect(arrives("replace")).toEqual([first.id, second.id]);
  expect(arrives("leave-mine")).toEqual([undefined, second.id]);
  expect(importWrite(of({ outing: first }), mine, KEEP_BOTH).arrivesAs).toEqual([first.id]);
});

test("the user's kit is never overwritten: what differs is added beside it and the outing points there, once", () => {
  const lens = demoKit.lenses[0]!;
  const kit = { ...demoKit, lenses: [{ ...lens, widest: 4 }, ...demoKit.lenses.slice(1)] };
  const file = of({ outing: renamed, kit });
  const write = importWrite(file, mine, KEEP_BOTH);
  expect(write.kit!.lenses.find((l) => l.id === lens.id)).toEqual(lens);
  expect(write.kit!.lenses.find((l) => l.id === `${lens.id}-2`)).toMatchObject({ widest: 4 });
  expect(write.outings![0]!.choices[0]!.lensId).toBe(`${lens.id}-2`);
  expect(previewImport(file, mine).addedKit).toBe(1);
  const again = importWrite(file, { ...mine, kit: write.kit }, KEEP_BOTH);
  expect(again.kit).toBeUndefined();
  expect(again.outings![0]!.choices[0]!.lensId).toBe(`${lens.id}-2`);
});

test("the same kit again adds nothing, and a first kit comes as it is", () => {
  expect(importWrite(of({ outing: first, kit: demoKit }), mine, KEEP_BOTH).kit).toBeUndefined();
  expect(
    importWrite(of({ outing: second, kit: demoKit }), { ...mine, kit: undefined }, KEEP_BOTH).kit,
  ).toEqual(demoKit);
});

const subject = { ...demoOutings[0]!.subjects[0]!, id: "mine", name: "Mine", source: "own" };
const libraryOf = (name: string): Library => ({ ...EMPTY_LIBRARY, subjects: [{ ...subject, name }] });

test("favourites of a file stand beside mine, each once, where I had none too", () => {
  const file: FileContents = { outings: [], library: { ...EMPTY_LIBRARY, favourites: ["a", "b"] } };
  const joinedWith = (library: Library) =>
    importWrite(file, { ...mine, library }, KEEP_BOTH).library!.favourites;
  expect(joinedWith({ ...EMPTY_LIBRARY, favourites: ["b", "c"] })).toEqual(["b", "c", "a"]);
  expect(joinedWith(EMPTY_LIBRARY)).toEqual(["a", "b"]);
});

test("an entry of the library that differs under the same id was dropped: it comes beside mine", () => {
  const file: FileContents = { outings: [], library: libraryOf("Theirs") };
  const write = importWrite(file, { ...mine, library: libraryOf("Mine") }, KEEP_BOTH);
  expect(write.library!.subjects.map((s) => [s.id, s.name])).toEqual([
    ["mine", "Mine"],
    ["mine-2", "Theirs"],
  ]);
});

test("preferences were taken unasked: they are taken where that was chosen", () => {
  const file: FileContents = { outings: [], preferences: { ...DEFAULT_PREFERENCES, theme: "hide" } };
  expect(previewImport(file, mine).preferencesDiffer).toBe(true);
  expect(importWrite(file, mine, KEEP_BOTH).preferences).toBeUndefined();
  expect(importWrite(file, mine, { ...KEEP_BOTH, preferences: true }).preferences).toMatchObject({
    theme: "hide",
  });
});

test("a long file is read with progress, and can be stopped", async () => {
  const outings = Array.from({ length: 50 }, (_, i) => ({ ...first, id: `outing-${i}` }));
  const text = jsonText(
    everythingInFile({
      outings,
      kit: demoKit,
      library: EMPTY_LIBRARY,
      places: EMPTY_PLACES,
      practice: EMPTY_PRACTICE,
      preferences: DEFAULT_PREFERENCES,
    }),
  );
  const seen: number[] = [];
  const read = await readText(text, async (done, of) => {
    seen.push(done);
    expect(of).toBe(50);
    return true;
  });
  expect(read.ok && read.value.outings).toHaveLength(50);
  expect(seen).toEqual([0, 20, 40]);
  expect(await readText(text, async (done) => done < 20)).toMatchObject({ ok: false, reason: "stopped" });
});

test("what was carried out as it is stored was refused as a file: a record that is whole opens", async () => {
  expect(await readText(JSON.stringify(first))).toEqual({
    ok: true,
    value: { outings: [{ outing: first }] },
  });
  expect(await readText(JSON.stringify(demoKit))).toMatchObject({ ok: true, value: { kit: demoKit } });
  expect(await readText(JSON.stringify(EMPTY_LIBRARY))).toMatchObject({
    ok: true,
    value: { library: EMPTY_LIBRARY },
  });
  expect(await readText(JSON.stringify(DEFAULT_PREFERENCES))).toMatchObject({
    ok: true,
    value: { preferences: DEFAULT_PREFERENCES },
  });
  for (const text of ["{}", "[]", "null", '{"version":1}', JSON.stringify({ ...first, shots: [] })])
    expect(await readText(text)).toMatchObject({ ok: false });
});

test("a file says when it was written; an instant that is none is left out", async () => {
  const file = { outing: first, kit: demoKit, preferences: DEFAULT_PREFERENCES };
  const at = "2026-10-17T16:20:00.000Z";
  const read = await readText(jsonText(outingInFile({ ...file, writtenAt: at })));
  expect(read.ok && read.value.writtenAt).toBe(at);
  const odd = await readText(jsonText(outingInFile({ ...file, writtenAt: "yesterday" })));
  expect(odd.ok && odd.value.writtenAt).toBeUndefined();
});

test("everything goes into one file and comes back the same; one fault refuses all of it", async () => {
  const everything = {
    outings: demoOutings,
    kit: demoKit,
    library: EMPTY_LIBRARY,
    places: EMPTY_PLACES,
    practice: EMPTY_PRACTICE,
    preferences: DEFAULT_PREFERENCES,
  };
  const text = jsonText(everythingInFile(everything));
  expect(await readEverything(JSON.parse(text))).toEqual({ ok: true, value: everything });
  const broken = JSON.parse(text);
  broken.outings[2].date = "2027-02-30";
  expect(await readEverything(broken)).toMatchObject({
    ok: false,
    reason: "faults",
    faults: [{ path: "outings.2.date" }],
  });
  expect(await readEverything({ ...broken, version: 9 })).toMatchObject({
    ok: false,
    reason: "newer-version",
  });
  expect(await readEverything({ ...broken, outings: "none" })).toMatchObject({
    ok: false,
    faults: [{ path: "outings" }],
  });
});
