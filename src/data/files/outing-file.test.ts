import { demoKit, demoOutings } from "../../../demo";
import { DEFAULT_PREFERENCES, EMPTY_LIBRARY, EMPTY_PLACES, EMPTY_PRACTICE, fileNameOf } from "..";
import {
  jsonFile,
  jsonText,
  readFile,
  readOutingFile,
  readsBackWhole,
  everythingInFile,
  outingInFile,
  type OutingFile,
} from ".";
import { readText } from "./for-tests";
import { pictureName } from "./outing-file";

const outing = demoOutings[0]!;
const file: OutingFile = { outing, kit: demoKit, preferences: DEFAULT_PREFERENCES };
const text = jsonText(outingInFile(file));
const changed = (edit: (file: Record<string, unknown>) => void): string => {
  const file = JSON.parse(text) as Record<string, unknown>;
  edit(file);
  return JSON.stringify(file);
};

test("an outing is read back from its file to the same state", () => {
  const read = readOutingFile(text);
  expect(read.ok && read.value.outing).toEqual(outing);
  expect(read.ok && read.value.preferences).toEqual(DEFAULT_PREFERENCES);
});

test("the file carries the kit that the outing uses or has in the bag, and no more", () => {
  const file = JSON.parse(text) as { format: string; kit: typeof demoKit };
  expect(file.format).toBe("bright-perch-outing");
  expect(file.kit.bodies.map((b) => b.id)).toEqual(["full-frame-24", "crop-26"]);
  expect(file.kit.lenses.map((l) => l.id)).toEqual(["zoom-70-200", "long-300", "zoom-24-70"]);
});

test("its name is its day and the name of the outing", () => {
  expect(fileNameOf(outing, "outing.json")).toBe("2026-10-17-cup-semi-final.outing.json");
});

test.each([
  ["no JSON at all", "not json", "not-json", ""],
  ["another program's file", '{"type":"FeatureCollection"}', "foreign", "format"],
  ["a list", "[1,2]", "foreign", ""],
  ["nothing", "null", "foreign", ""],
  ["a newer file", changed((f) => (f.version = 9)), "newer-version", "version"],
  [
    "a newer outing",
    changed((f) => ((f.outing as { version: number }).version = 99)),
    "faults",
    "outing.version",
  ],
  [
    "a spot facing nowhere",
    changed((f) => ((f.outing as typeof outing).ground.spots[1]!.facing = 720)),
    "faults",
    "outing.ground.spots.1.facing",
  ],
  [
    "a shot without its spot",
    changed((f) => ((f.outing as typeof outing).shots[0]!.spotId = "gone")),
    "faults",
    "outing.shots.0.spotId",
  ],
  [
    "two spots of one id",
    changed((f) => ((f.outing as typeof outing).ground.spots[1]!.id = "flick")),
    "faults",
    "outing.ground.spots.1.id",
  ],
  [
    "a lens that the file lacks",
    changed((f) => (f.kit as typeof demoKit).lenses.splice(1, 1)),
    "faults",
    "outing.choices.3.lensId",
  ],
  [
    "a time of day that is none",
    changed((f) => ((f.outing as typeof outing).starts = "25:00")),
    "faults",
    "outing.starts",
  ],
  [
    "an unknown time zone",
    changed((f) => ((f.outing as typeof outing).timeZone = "Mars/Base")),
    "faults",
    "outing.timeZone",
  ],
])("%s is refused with reason and place", (_name, file, reason, path) => {
  const read = readOutingFile(file);
  expect(read.ok).toBe(false);
  if (read.ok) return;
  expect(read.reason).toBe(reason);
  expect(read.faults.map((f) => f.path)).toContain(path);
  expect(read.faults.every((f) => f.message.length > 5)).toBe(true);
});

test("a file cut short anywhere is refused, never half-read", () => {
  for (let cut = 0; cut < text.length - 2; cut += 997)
    expect(readOutingFile(text.slice(0, cut)).ok).toBe(false);
});

test("files of the first version, in which an outing had another name, still open", async () => {
  const { outing: named, ...rest } = JSON.parse(text) as Record<string, unknown>;
  const old = JSON.stringify({ ...rest, version: 1, shoot: named });
  expect(readOutingFile(old)).toEqual(readOutingFile(text));
  const everything = JSON.parse(
    jsonText(
      everythingInFile({
        outings: [outing],
        kit: demoKit,
        library: EMPTY_LIBRARY,
        places: EMPTY_PLACES,
        practice: EMPTY_PRACTICE,
        preferences: DEFAULT_PREFERENCES,
      }),
    ),
  ) as Record<string, unknown>;
  const { outings, ...kept } = everything;
  expect(await readText(JSON.stringify({ ...kept, version: 1, shoots: outings }))).toEqual(
    await readText(JSON.stringify(everything)),
  );
  expect(readOutingFile(JSON.stringify({ ...rest, version: 3, outing: named }))).toMatchObject({
    reason: "newer-version",
  });
});

test("an outing whose kit was removed since was written into a file that was refused", () => {
  const gone = outing.choices[0]!;
  const left = {
    ...demoKit,
    bodies: demoKit.bodies.filter((b) => b.id !== gone.bodyId),
    lenses: demoKit.lenses.filter((l) => l.id !== gone.lensId),
    converters: [],
  };
  expect(left.bodies.length).toBeLessThan(demoKit.bodies.length);
  const read = readOutingFile(
    jsonText(outingInFile({ outing, kit: left, preferences: DEFAULT_PREFERENCES })),
  );
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  expect(read.value.outing.choices[0]).toMatchObject({
    shotId: gone.shotId,
    bodyId: left.bodies[0]!.id,
    lensId: left.lenses[0]!.id,
    converterId: null,
  });
});

const picture = {
  name: "plan.png",
  type: "image/png" as const,
  file: new Blob(["hello"], { type: "image/png" }),
  width: 40,
  height: 30,
  lie: { at: { x: 1, y: 2 }, bearing: 10, metresPerPx: 0.5, shows: 0.6 },
};
const tagged = {
  tags: [{ id: "t", at: 1_794_000_000_000, kind: "voice" as const, names: ["Ida"], seconds: 2 }],
  sounds: [{ tagId: "t", type: "audio/webm", file: new Blob(["hum"], { type: "audio/webm" }) }],
};

test("a picture goes along where it is wanted, and one that is none refuses the file with its place", async () => {
  const written = await (await jsonFile(outingInFile({ ...file, picture }))).text();
  expect(written).toContain(`"base64": "${btoa("hello")}"`);
  const read = readOutingFile(written);
  if (!read.ok) throw new Error(read.reason);
  expect(read.value.picture).toEqual(picture);
  expect(await read.value.picture!.file.text()).toBe("hello");
  expect(readOutingFile(written.replace('"image/png"', '"text/html"'))).toMatchObject({
    ok: false,
    faults: [{ path: "picture.type" }],
  });
  expect(readOutingFile(written.replace(btoa("hello"), "no letters"))).toMatchObject({
    ok: false,
    faults: [{ path: "picture.base64" }],
  });
  expect(jsonText(outingInFile(file))).not.toContain('"picture"');
});

test("a file of everything lacked what is traced over: one of each comes back as it was, bytes too", async () => {
  const everything = everythingInFile({
    outings: demoOutings,
    kit: demoKit,
    library: EMPTY_LIBRARY,
    places: EMPTY_PLACES,
    practice: EMPTY_PRACTICE,
    preferences: DEFAULT_PREFERENCES,
    writtenAt: "2026-11-29T10:00:00.000Z",
    tagged: { [outing.id]: tagged },
    pictures: { [demoOutings[1]!.id]: picture },
  });
  const whole = await jsonFile(everything);
  expect(await readsBackWhole(everything, whole)).toBe(true);
  const read = await readFile(whole);
  if (!read.ok) throw new Error(read.reason);
  expect(read.value.outings.map((o) => o.outing)).toEqual(demoOutings);
  expect(await read.value.outings[0]!.tagged!.sounds[0]!.file.text()).toBe("hum");
  expect(await read.value.outings[1]!.picture!.file.text()).toBe("hello");
});

test("what a schema would leave out was called whole: a file is compared with all that was told to it", async () => {
  const full = outingInFile({ ...file, tagged, picture });
  expect(await readsBackWhole(full, await jsonFile(full))).toBe(true);
  type Told = Record<string, Record<string, unknown>>;
  const lacking = async (edit: (told: Told) => void): Promise<boolean> => {
    const told = structuredClone({ ...full, picture: undefined, tagged: undefined }) as unknown as Told;
    Object.assign(told, { picture: { ...picture }, tagged: { ...tagged } });
    edit(told);
    return readsBackWhole(told, await jsonFile(told));
  };
  expect(await lacking(() => undefined)).toBe(true);
  expect(await lacking((told) => (told.outing!.unheardOf = 1))).toBe(false);
  expect(await lacking((told) => ((told.outing!.light as Record<string, unknown>).unheardOf = 1))).toBe(
    false,
  );
  expect(await lacking((told) => (told.kit!.unheardOf = [1]))).toBe(false);
  expect(await lacking((told) => (told.picture!.unheardOf = 1))).toBe(false);
  expect(await lacking((told) => (told.tagged!.unheardOf = 1))).toBe(false);
});

test("bytes that came otherwise into a file than they were told were called whole", async () => {
  const told = outingInFile({ ...file, tagged, picture });
  for (const other of ["jello", "hell"]) {
    const changed = { ...picture, file: new Blob([other], { type: "image/png" }) };
    expect(await readsBackWhole(told, await jsonFile({ ...told, picture: changed }))).toBe(false);
  }
  expect(await readsBackWhole(told, await jsonFile({ ...told, tagged: { ...tagged, sounds: [] } }))).toBe(
    false,
  );
});

test("a picture with a long name shrank its file to the bare record: the end of the name goes along", () => {
  const long = `${"plan ".repeat(60)}.png`;
  expect(pictureName(long)).toHaveLength(200);
  expect(pictureName(long)).toMatch(/\.png$/);
  expect(pictureName("plan.png")).toBe("plan.png");
});
