import { demoKit, demoShoots } from "../../demo";
import { createRepository, EMPTY_LIBRARY, type KeyValueStore, type Shoot } from ".";
import { SHOOT_VERSION } from "./schema";

function memory(limit = Infinity): KeyValueStore & { map: Map<string, string> } {
  const map = new Map<string, string>();
  return {
    map,
    getItem: async (key) => map.get(key) ?? null,
    setItem: async (key, value) => {
      const others = [...map].reduce((n, [k, v]) => n + (k === key ? 0 : v.length), 0);
      if (others + value.length > limit)
        throw new DOMException("the quota has been exceeded", "QuotaExceededError");
      map.set(key, value);
    },
    removeItem: async (key) => void map.delete(key),
    getAllKeys: async () => [...map.keys()],
  };
}

const shoot = demoShoots[0]!;
const renamed = (s: Shoot, name: string): Shoot => ({ ...s, name });

const loadDemo = () => Promise.resolve({ shoots: demoShoots, kit: demoKit });

test("a shoot is read back as it was written, one revision on", async () => {
  const repository = createRepository(memory());
  const saved = await repository.saveShoot(shoot);
  expect(saved).toEqual({ ok: true, value: { ...shoot, revision: 1 } });
  expect(await repository.readShoot(shoot.id)).toEqual(saved);
  expect((await repository.listShoots()).shoots).toEqual([{ ...shoot, revision: 1 }]);
});

test("a write that another tab overtook is refused and changes nothing", async () => {
  const store = memory();
  const [mine, theirs] = [createRepository(store), createRepository(store)];
  await mine.saveShoot(shoot);
  await theirs.saveShoot(renamed({ ...shoot, revision: 1 }, "Theirs"));
  const refused = await mine.saveShoot(renamed({ ...shoot, revision: 1 }, "Mine"));
  expect(refused).toEqual({ ok: false, reason: "overtaken", numbers: { stored: 2, mine: 1 } });
  expect(await mine.readShoot(shoot.id)).toMatchObject({ ok: true, value: { name: "Theirs", revision: 2 } });
});

test("a full storage is told and the old record stands", async () => {
  const size = JSON.stringify({ ...shoot, revision: 1 }).length;
  const repository = createRepository(memory(size + 10));
  await repository.saveShoot(shoot);
  const long = renamed({ ...shoot, revision: 1 }, "A name that does not fit any more at all");
  expect(await repository.saveShoot(long)).toEqual({ ok: false, reason: "storage-full" });
  expect(await repository.readShoot(shoot.id)).toMatchObject({
    ok: true,
    value: { name: shoot.name, revision: 1 },
  });
});

test("a storage that fails otherwise is told apart", async () => {
  const store = memory();
  const broken = { ...store, setItem: async () => Promise.reject(new Error("closed")) };
  expect(await createRepository(broken).saveShoot(shoot)).toEqual({ ok: false, reason: "storage-failed" });
});

test("what cannot be read is listed with place and cause, keeps its text, and is never written over", async () => {
  const store = memory();
  const repository = createRepository(store);
  const bad = JSON.stringify({
    ...shoot,
    ground: { ...shoot.ground, spots: [{ ...shoot.ground.spots[0], facing: 400 }] },
  });
  await store.setItem(`bp/shoot/${shoot.id}`, bad);
  const { shoots, unreadable } = await repository.listShoots();
  expect(shoots).toEqual([]);
  expect(unreadable[0]).toMatchObject({ id: shoot.id, raw: bad });
  expect(unreadable[0]!.faults.map((f) => f.path)).toContain("ground.spots.0.facing");
  expect(await repository.saveShoot(shoot)).toMatchObject({ ok: false });
  expect(store.map.get(`bp/shoot/${shoot.id}`)).toBe(bad);
});

test("the demo is put in once: what the user deletes stays deleted", async () => {
  const store = memory();
  const repository = createRepository(store);
  await repository.begin(loadDemo);
  expect((await repository.listShoots()).shoots).toHaveLength(demoShoots.length);
  expect(await repository.readKit()).toEqual({ ok: true, value: demoKit });
  await repository.removeShoot(shoot.id);
  await createRepository(store).begin(loadDemo);
  const left = (await repository.listShoots()).shoots.map((s) => s.id);
  expect(left).toHaveLength(demoShoots.length - 1);
  expect(left).not.toContain(shoot.id);
});

test("preferences fall back to the defaults and are kept once chosen", async () => {
  const repository = createRepository(memory());
  const defaults = await repository.readPreferences();
  expect(defaults.theme).toBe("day");
  await repository.savePreferences({ ...defaults, theme: "hide" });
  expect((await repository.readPreferences()).theme).toBe("hide");
});

test("everything is taken away with one call, what is not ours stays, and the next start is a first one", async () => {
  const store = memory();
  const repository = createRepository(store);
  await store.setItem("somebody-else", "stays");
  expect(await repository.isBegun()).toBe(false);
  await repository.begin(loadDemo);
  expect(await repository.isBegun()).toBe(true);
  await repository.removeEverything();
  expect([...store.map.keys()]).toEqual(["somebody-else"]);
  expect(await repository.isBegun()).toBe(false);
});

test("an own library is empty until something is copied, and is read back", async () => {
  const repository = createRepository(memory());
  expect(await repository.readLibrary()).toEqual({ ok: true, value: EMPTY_LIBRARY });
  const subject = { ...shoot.subjects[0]!, source: "measured at training" };
  await repository.saveLibrary({ ...EMPTY_LIBRARY, subjects: [subject] });
  expect(await repository.readLibrary()).toMatchObject({ ok: true, value: { subjects: [subject] } });
});

test("an outing of version 2 gets walls, surfaces and lamps that stay on, and keeps all the rest", async () => {
  const store = memory();
  const pool: Record<string, unknown> = {
    ...shoot,
    id: "pool-evening",
    version: 2,
    ground: { ...shoot.ground, surface: "grass", venue: { ...shoot.ground.venue, template: "pool-25" } },
    light: {
      ...shoot.light,
      roof: { daylightShare: 0.01 },
      lamps: { class: "II", from: shoot.from, until: shoot.until },
    },
  };
  await store.setItem("bp/shoot/pool-evening", JSON.stringify(pool));
  const read = await createRepository(store).readShoot("pool-evening");
  if (!read.ok) throw new Error(read.reason);
  const { ground, light, ...rest } = read.value;
  expect(ground.surface).toBe("floor");
  expect(ground.hall!.height).toBe(8);
  expect(light.lamps).toEqual({ class: "II", from: shoot.from });
  expect(rest.shots).toEqual(shoot.shots);
  expect(ground.positions).toEqual(shoot.ground.positions);
  // Lamps that were set to go out earlier still do.
  const early = {
    ...shoot,
    version: 2,
    light: { ...shoot.light, lamps: { class: "II", from: shoot.from, until: "18:00" } },
  };
  await store.setItem(`bp/shoot/${shoot.id}`, JSON.stringify(early));
  expect(await createRepository(store).readShoot(shoot.id)).toMatchObject({
    value: { light: { lamps: { until: "18:00" } } },
  });
});

test("records of the first version are raised: outing, kit and preferences keep what they held", async () => {
  const store = memory();
  const { kind, archived, access, cautions, bag, log, notes, ...old } = shoot;
  const shots = shoot.shots.map(({ priority, ...shot }) => shot);
  expect([kind, archived, access, cautions, bag, log, notes, shoot.shots[0]!.priority]).toHaveLength(8);
  await store.setItem(`bp/shoot/${shoot.id}`, JSON.stringify({ ...old, version: 1, shots }));
  const { cards, ...oldKit } = demoKit;
  expect(cards.length).toBeGreaterThan(0);
  await store.setItem("bp/kit", JSON.stringify({ ...oldKit, version: 1 }));
  await store.setItem(
    "bp/preferences",
    JSON.stringify({ version: 1, theme: "hide", order: ["iso", "lift", "shutter", "aperture"] }),
  );
  const repository = createRepository(store);
  const read = await repository.readShoot(shoot.id);
  expect(read).toMatchObject({
    ok: true,
    value: { version: SHOOT_VERSION, kind: "field", bag: null, notes: "" },
  });
  expect(read.ok && read.value.ground).toEqual(shoot.ground);
  expect(read.ok && read.value.shots.map((s) => s.priority)).toEqual([2, 2, 2, 2]);
  expect(await repository.readKit()).toEqual({ ok: true, value: { ...demoKit, cards: [] } });
  expect(await repository.readPreferences()).toMatchObject({
    version: 2,
    theme: "hide",
    order: ["iso", "lift", "shutter", "aperture"],
    units: "m",
  });
});
