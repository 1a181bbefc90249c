import { demoKit, demoOutings } from "../../demo";
import { createRepository, DEFAULT_PREFERENCES, EMPTY_LIBRARY, type Outing } from ".";
import { OUTING_VERSION } from "./schema";
import { freshStore, lay, refusing } from "./store/for-tests";
import { pageEntries } from "./store/page-entries";
import { createStore } from "./store/store";

const [semiFinal] = demoOutings as [Outing];
/** With what every earlier version could tell of a ground. */
const outing: Outing = {
  ...semiFinal,
  ground: {
    ...semiFinal.ground,
    areas: semiFinal.ground.areas.filter(({ kind }) => kind === "no-go" || kind === "surface"),
  },
};
const renamed = (s: Outing, name: string): Outing => ({ ...s, name });

const loadDemo = () => Promise.resolve({ outings: demoOutings, kit: demoKit });

test("an outing is read back as it was written, one revision on", async () => {
  const repository = createRepository(await freshStore());
  const saved = await repository.saveOuting(outing);
  expect(saved).toEqual({ ok: true, value: { ...outing, revision: 1 } });
  expect(await repository.readOuting(outing.id)).toEqual(saved);
  expect((await repository.listOutings()).outings).toEqual([{ ...outing, revision: 1 }]);
});

test("a write that another tab overtook is refused and changes nothing", async () => {
  const store = await freshStore();
  const [mine, theirs] = [createRepository(store), createRepository(store)];
  await mine.saveOuting(outing);
  await theirs.saveOuting(renamed({ ...outing, revision: 1 }, "Theirs"));
  const refused = await mine.saveOuting(renamed({ ...outing, revision: 1 }, "Mine"));
  expect(refused).toEqual({ ok: false, reason: "overtaken", numbers: { stored: 2, mine: 1 } });
  expect(await mine.readOuting(outing.id)).toMatchObject({
    ok: true,
    value: { name: "Theirs", revision: 2 },
  });
});

test.each([
  ["QuotaExceededError", "storage-full"],
  ["UnknownError", "storage-failed"],
])("a database that refuses with %s is told as %s and the old record stands", async (error, reason) => {
  const store = await freshStore();
  const repository = createRepository(store);
  await repository.saveOuting(outing);
  await refusing(
    (_, method) => (method === "put" ? error : undefined),
    async () =>
      expect(await repository.saveOuting({ ...outing, revision: 1, name: "New" })).toEqual({
        ok: false,
        reason,
      }),
  );
  expect(await repository.readOuting(outing.id)).toMatchObject({
    ok: true,
    value: { name: outing.name, revision: 1 },
  });
  expect(await repository.statesOfOuting(outing.id)).toHaveLength(1);
});

test("what cannot be read is listed with place and cause, keeps its text, and is never written over", async () => {
  const store = await freshStore();
  const repository = createRepository(store);
  const bad = JSON.stringify({
    ...outing,
    ground: { ...outing.ground, spots: [{ ...outing.ground.spots[0], facing: 400 }] },
  });
  await lay(store, `bp/outing/${outing.id}`, bad);
  const { outings, unreadable } = await repository.listOutings();
  expect(outings).toEqual([]);
  expect(unreadable[0]).toMatchObject({ id: outing.id, raw: bad });
  expect(unreadable[0]!.faults.map((f) => f.path)).toContain("ground.spots.0.facing");
  expect(await repository.saveOuting(outing)).toMatchObject({ ok: false });
  expect((await store.standing(`bp/outing/${outing.id}`)).text).toBe(bad);
});

test("the demo is put in once: what the user deletes stays deleted", async () => {
  const store = await freshStore();
  const repository = createRepository(store);
  await repository.begin(loadDemo);
  expect((await repository.listOutings()).outings).toHaveLength(demoOutings.length);
  expect(await repository.read("kit")).toMatchObject({ ok: true, value: demoKit });
  await repository.removeOuting(outing.id);
  await createRepository(store).begin(loadDemo);
  const left = (await repository.listOutings()).outings.map((s) => s.id);
  expect(left).toHaveLength(demoOutings.length - 1);
  expect(left).not.toContain(outing.id);
});

test("preferences fall back to the defaults and are kept once chosen", async () => {
  const repository = createRepository(await freshStore());
  expect(await repository.read("preferences")).toEqual({ ok: true, value: DEFAULT_PREFERENCES, revision: 0 });
  await repository.save("preferences", { ...DEFAULT_PREFERENCES, theme: "hide" }, 0);
  expect(await repository.read("preferences")).toMatchObject({ ok: true, value: { theme: "hide" } });
});

test("everything is taken away with one call, and the next start is a first one", async () => {
  const store = await freshStore();
  const repository = createRepository(store);
  expect(await repository.isBegun()).toBe(false);
  await repository.begin(loadDemo);
  expect(await repository.isBegun()).toBe(true);
  await repository.removeEverything();
  expect(await store.all("")).toEqual([]);
  expect(await repository.isBegun()).toBe(false);
});

test("an own library is empty until something is copied, and is read back", async () => {
  const repository = createRepository(await freshStore());
  expect(await repository.read("library")).toEqual({ ok: true, value: EMPTY_LIBRARY, revision: 0 });
  const subject = { ...outing.subjects[0]!, source: "measured at training" };
  await repository.save("library", { ...EMPTY_LIBRARY, subjects: [subject] }, 0);
  expect(await repository.read("library")).toMatchObject({ ok: true, value: { subjects: [subject] } });
});

/** A ground as version 4 and those before it had it: what is closed in a list of its own. */
function oldGround({ areas, ...ground }: Outing["ground"]): object {
  const unnamed = ({ kind, ...area }: Outing["ground"]["areas"][number]) => ({ kind, area });
  const told = areas.map(unnamed);
  const of = (closed: boolean) => told.filter((t) => (t.kind === "no-go") === closed).map((t) => t.area);
  return { ...ground, areas: of(false), noGo: of(true) };
}

/** An outing as version 3 and those before it had it. */
const asOfOld = ({ timeZone, choices, ground, ...rest }: Outing) => ({
  ...rest,
  ground: oldGround(ground),
  version: 3,
  zone: timeZone,
  choices: choices.map(({ locked, ...choice }) => ({ ...choice, held: locked })),
});

test("an outing of version 3 keeps its locked rails and its time zone under their new names", async () => {
  const store = await freshStore();
  const locked = { ...outing, choices: outing.choices.map((c) => ({ ...c, locked: { iso: 9 } })) };
  await lay(store, `bp/outing/${outing.id}`, JSON.stringify(asOfOld(locked)));
  expect(await createRepository(store).readOuting(outing.id)).toEqual({ ok: true, value: locked });
});

test("an outing of version 4 has its surfaces and its closed places in one list, and ids that stood in both are told apart", async () => {
  const store = await freshStore();
  const outline = outing.ground.areas[0]!.outline;
  const ground = {
    ...oldGround(outing.ground),
    areas: [{ id: "team-benches", name: "Pond", surface: "water", outline }],
  };
  await lay(store, `bp/outing/${outing.id}`, JSON.stringify({ ...outing, version: 4, ground }));
  const read = await createRepository(store).readOuting(outing.id);
  if (!read.ok) throw new Error(read.reason);
  expect(read.value.ground.areas).toEqual([
    { id: "team-benches", name: "Pond", kind: "surface", surface: "water", outline },
    { ...outing.ground.areas[0]!, id: "team-benches-2" },
  ]);
  expect(read.value.ground).not.toHaveProperty("noGo");
});

test("an outing of version 5 keeps where its events are and the shot that each serves", async () => {
  const store = await freshStore();
  const event = { name: "Heat", at: "17:30", minutes: 4, calls: [], priority: 2, setUp: 3 };
  const programme = [
    { ...event, id: "a", spotId: outing.ground.spots[0]!.id, shotId: outing.shots[1]!.id },
    { ...event, id: "b", spotId: null, shotId: null },
    { ...event, id: "c", spotId: null },
  ];
  await lay(store, `bp/outing/${outing.id}`, JSON.stringify({ ...outing, version: 5, programme }));
  expect(await createRepository(store).readOuting(outing.id)).toMatchObject({
    ok: true,
    value: {
      version: OUTING_VERSION,
      programme: [
        {
          ...event,
          id: "a",
          place: { sort: "spot", id: outing.ground.spots[0]!.id },
          shotIds: [outing.shots[1]!.id],
        },
        { ...event, id: "b", place: null },
        { ...event, id: "c", place: null },
      ],
    },
  });
});

test("an outing of version 2 gets walls, surfaces and lamps that stay on, and keeps all the rest", async () => {
  const store = await freshStore();
  const pool: Record<string, unknown> = {
    ...asOfOld(outing),
    id: "pool-evening",
    version: 2,
    ground: { ...outing.ground, surface: "grass", venue: { ...outing.ground.venue, template: "pool-25" } },
    light: {
      ...outing.light,
      roof: { daylightShare: 0.01 },
      lamps: { class: "II", from: outing.from, until: outing.until },
    },
  };
  await lay(store, "bp/outing/pool-evening", JSON.stringify(pool));
  const read = await createRepository(store).readOuting("pool-evening");
  if (!read.ok) throw new Error(read.reason);
  const { ground, light, ...rest } = read.value;
  expect(ground.surface).toBe("floor");
  expect(ground.hall!.height).toBe(8);
  expect(light.lamps).toEqual({ class: "II", from: outing.from });
  expect(rest.shots).toEqual(outing.shots);
  expect(ground.positions).toEqual(outing.ground.positions);
  // Lamps that were set to go out earlier still do.
  const early = {
    ...asOfOld(outing),
    version: 2,
    light: { ...outing.light, lamps: { class: "II", from: outing.from, until: "18:00" } },
  };
  await lay(store, `bp/outing/${outing.id}`, JSON.stringify(early));
  expect(await createRepository(store).readOuting(outing.id)).toMatchObject({
    value: { light: { lamps: { until: "18:00" } } },
  });
});

test("a record of an older version stays among the earlier states for good when it is first saved as a newer one", async () => {
  const store = await freshStore();
  const key = `bp/outing/${outing.id}`;
  const old = JSON.stringify({ ...asOfOld(outing), version: 2, revision: 1 });
  await lay(store, key, old);
  const repository = createRepository(store);
  for (let revision = 1; revision < 130; revision++) await repository.saveOuting({ ...outing, revision });
  const states = await repository.statesOfOuting(outing.id);
  expect(states.at(-1)).toMatchObject({ revision: 1, isLastOfVersion: true });
  expect(states).toHaveLength(101);
  expect(await store.textOf(key, 1)).toBe(old);
});

test("records of the first version are raised: outing, kit and preferences keep what they held", async () => {
  const store = await freshStore();
  const { kind, archived, access, cautions, bag, log, notes, ...old } = asOfOld(outing);
  const shots = outing.shots.map(({ priority, ...shot }) => shot);
  expect([kind, archived, access, cautions, bag, log, notes, outing.shots[0]!.priority]).toHaveLength(8);
  await lay(store, `bp/outing/${outing.id}`, JSON.stringify({ ...old, version: 1, shots }));
  const { cards, ...oldKit } = demoKit;
  expect(cards.length).toBeGreaterThan(0);
  await lay(store, "bp/kit", JSON.stringify({ ...oldKit, version: 1 }));
  await lay(
    store,
    "bp/preferences",
    JSON.stringify({ version: 1, theme: "hide", order: ["iso", "lift", "shutter", "aperture"] }),
  );
  const repository = createRepository(store);
  const read = await repository.readOuting(outing.id);
  expect(read).toMatchObject({
    ok: true,
    value: { version: OUTING_VERSION, kind: "field", bag: null, notes: "" },
  });
  expect(read.ok && read.value.ground).toEqual(outing.ground);
  expect(read.ok && read.value.shots.map((s) => s.priority)).toEqual([2, 2, 2, 2]);
  expect(await repository.read("kit")).toMatchObject({ ok: true, value: { ...demoKit, cards: [] } });
  expect(await repository.read("preferences")).toMatchObject({
    ok: true,
    value: { version: 2, theme: "hide", order: ["iso", "lift", "shutter", "aperture"], units: "m" },
  });
});

test("an import is undone in one write: what was new goes, what was replaced comes back", async () => {
  const repository = createRepository(await freshStore());
  const [mine, other] = demoOutings as [Outing, Outing];
  await repository.saveOuting(mine);
  await repository.saveTogether({
    outings: [{ ...renamed(mine, "Theirs"), revision: 1 }, other],
    kit: demoKit,
  });
  const undone = await repository.saveTogether({
    removed: [other.id],
    outings: [{ ...mine, revision: 2 }],
  });
  expect(undone.ok).toBe(true);
  const { outings } = await repository.listOutings();
  expect(outings.map((o) => o.name)).toEqual([mine.name]);
});

test("what cannot be read is written over by its repair alone, and stays among the earlier states", async () => {
  const store = await freshStore();
  const raw = JSON.stringify({ ...outing, revision: 3, date: "0026-10-17" });
  await lay(store, `bp/outing/${outing.id}`, raw, 3);
  const repository = createRepository(store);
  expect(await repository.saveOuting({ ...outing, revision: 3 })).toMatchObject({
    ok: false,
    reason: "overtaken",
  });
  expect(await repository.replaceUnreadable(outing)).toMatchObject({ ok: true, value: { revision: 4 } });
  expect(await repository.readOuting(outing.id)).toMatchObject({ ok: true, value: { date: outing.date } });
  expect((await repository.statesOfOuting(outing.id)).map((s) => s.revision)).toEqual([4, 3]);
  expect(await repository.outingAt(outing.id, 3)).toMatchObject({ ok: false, reason: "unreadable" });
});

test("kit, library and preferences had no way back: their states are kept and can be read", async () => {
  const repository = createRepository(await freshStore());
  const less = { ...demoKit, lenses: demoKit.lenses.slice(1) };
  await repository.save("kit", demoKit, 0);
  await repository.save("kit", less, 1, { change: "[]", undoTo: 1 });
  expect(await repository.statesOfRecord("kit")).toMatchObject([{ revision: 2, undoTo: 1 }, { revision: 1 }]);
  expect(await repository.recordAt("kit", 1)).toEqual({ ok: true, value: demoKit });
  expect(await repository.removeRecord("kit")).toEqual({ ok: true, value: true });
  expect(await repository.read("kit")).toMatchObject({ ok: false, reason: "missing" });
  expect(await repository.recordAt("kit", 2)).toEqual({ ok: true, value: less });
});

test.each<[string, (r: ReturnType<typeof createRepository>) => Promise<unknown>]>([
  ["an outing", (r) => r.saveOuting({ ...renamed(outing, "New"), revision: 1 })],
  ["a kit", async (r) => r.save("kit", { ...demoKit, cards: [] }, (await r.read("kit")).revision)],
  ["a removal", (r) => r.removeOuting(outing.id)],
  ["an import", (r) => r.saveTogether({ outings: [demoOutings[1]!], library: EMPTY_LIBRARY })],
])("whichever single operation of the storage fails, %s is kept or stands as it was", async (_name, work) => {
  for (let nth = 1; nth < 60; nth++) {
    const store = await freshStore();
    await createRepository(store).saveTogether({ outings: [outing], kit: demoKit });
    let done = { ok: false };
    const calls = await refusing(
      (n) => (n === nth ? "UnknownError" : undefined),
      async () => {
        done = (await work(createRepository(store)).catch(() => ({ ok: false }))) as { ok: boolean };
      },
    );
    const { outings, unreadable } = await createRepository(store).listOutings();
    expect(unreadable).toEqual([]);
    if (!done.ok) {
      expect(outings).toEqual([{ ...outing, revision: 1 }]);
      expect(await store.standing("bp/kit")).toMatchObject({ revision: 1 });
      expect(await store.states(`bp/outing/${outing.id}`)).toHaveLength(1);
    }
    if (calls < nth) return;
  }
  throw new Error("more operations than expected");
});

test("a deleted outing could come back for eight seconds only: it is listed as it was last, and comes back", async () => {
  const repository = createRepository(await freshStore());
  await repository.saveOuting(outing);
  await repository.saveOuting({ ...renamed(outing, "Last name"), revision: 1 });
  expect(await repository.deletedOutings()).toEqual([]);
  await repository.removeOuting(outing.id);
  const [deleted] = await repository.deletedOutings();
  expect(deleted).toMatchObject({ outing: { id: outing.id, name: "Last name" } });
  expect(await repository.saveOuting({ ...deleted!.outing, revision: 0 })).toMatchObject({ ok: true });
  expect(await repository.deletedOutings()).toEqual([]);
  expect((await repository.listOutings()).outings.map((o) => o.name)).toEqual(["Last name"]);
});

test("what was deleted is forgotten with all its states, what stands is not, and its id begins anew", async () => {
  const repository = createRepository(await freshStore());
  await repository.saveOuting(outing);
  expect(await repository.forgetOuting(outing.id)).toMatchObject({ ok: false, reason: "overtaken" });
  await repository.removeOuting(outing.id);
  expect(await repository.deletedOutings()).toHaveLength(1);
  expect(await repository.forgetOuting(outing.id)).toEqual({ ok: true, value: true });
  expect(await repository.deletedOutings()).toEqual([]);
  expect(await repository.statesOfOuting(outing.id)).toEqual([]);
  expect(await repository.readOuting(outing.id)).toMatchObject({ ok: false, reason: "missing" });
});

test("a browser without a database works on until the page is left, with the same answers", async () => {
  const repository = createRepository(createStore(pageEntries()));
  expect(await repository.saveOuting(outing)).toMatchObject({ ok: true, value: { revision: 1 } });
  expect(await repository.saveOuting(outing)).toMatchObject({ ok: false, reason: "overtaken" });
  expect(await repository.saveOuting({ ...outing, revision: 1, name: "Replay" })).toMatchObject({ ok: true });
  expect(await repository.outingAt(outing.id, 1)).toMatchObject({ value: { name: outing.name } });
  await repository.removeOuting(outing.id);
  expect(await repository.deletedOutings()).toMatchObject([{ outing: { name: "Replay" } }]);
  await repository.removeEverything();
  expect(await repository.listOutings()).toEqual({ outings: [], unreadable: [] });
});
