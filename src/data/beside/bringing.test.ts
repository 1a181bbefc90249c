import "fake-indexeddb/auto";
import { openDB } from "idb";
import { demoOutings } from "../../../demo";
import { createRepository } from "../repository";
import { freshStore, refusing } from "../store/for-tests";
import type { Store } from "../store/store";
import { openBeside, type Arriving, type Beside } from ".";

const outing = { ...demoOutings[0]!, revision: 0 };
const tag = { id: "t-1", at: 1, kind: "voice" as const, names: ["Ida Roth"] };
const arriving: readonly Arriving[] = [
  {
    outingId: outing.id,
    tagged: { tags: [tag], sounds: [{ tagId: "t-1", type: "audio/webm", file: new Blob(["hum"]) }] },
    picture: {
      name: "plan.png",
      type: "image/png",
      file: new Blob(["drawn"], { type: "image/png" }),
      width: 4,
      height: 2,
      lie: { at: { x: 0, y: 0 }, bearing: 0, metresPerPx: 0.1, shows: 0.6 },
    },
  },
];

let store: Store;
let beside: Beside;
async function fresh(): Promise<void> {
  store = await freshStore();
  beside = openBeside(store, true);
  await beside.clearBytes();
}
beforeEach(fresh);

const all = async () => {
  const bytes = await openDB("bright-perch-bytes");
  const wholes = await bytes.count("heads");
  bytes.close();
  return {
    outings: (await createRepository(store).listOutings()).outings.length,
    tags: (await beside.tags.of(outing.id)).length,
    hum: await (await beside.tags.soundOf(outing.id, "t-1"))?.text(),
    picture: await (await beside.pictures.of(outing.id))?.file.text(),
    wholes,
  };
};
const NOTHING = { outings: 0, tags: 0, hum: undefined, picture: undefined, wholes: 0 };
const WHOLE = { outings: 1, tags: 1, hum: "hum", picture: "drawn", wholes: 2 };

test("tags came in before their outing, and stayed alone where the page ended between: one transaction, whichever operation fails", async () => {
  for (let nth = 1; ; nth++) {
    let isKept = false;
    await fresh();
    const calls = await refusing(
      (n) => (n === nth ? "QuotaExceededError" : undefined),
      async () => {
        const brought = await beside.bringing(arriving).catch(() => undefined);
        if (!brought) return;
        const saved = await createRepository(store)
          .saveTogether({ outings: [outing] }, brought.along)
          .catch(() => undefined);
        isKept = saved?.ok === true;
      },
    );
    expect(await all()).toEqual(isKept ? WHOLE : NOTHING);
    if (calls < nth) return;
  }
});

test("an outing that its schema refuses brings nothing that lay beside it", async () => {
  const brought = await beside.bringing(arriving);
  const broken = { ...outing, date: "2027-02-30" };
  const saved = await createRepository(store).saveTogether({ outings: [broken] }, brought.along);
  expect(saved).toMatchObject({ ok: false, reason: "refused" });
  expect(await all()).toEqual(NOTHING);
});

test("what was brought is taken away with its outing; what was here before stays", async () => {
  const repository = createRepository(store);
  await beside.tags.add(outing.id, { ...tag, id: "t-0" });
  const brought = await beside.bringing(arriving);
  await repository.saveTogether({ outings: [outing] }, brought.along);
  expect(await all()).toEqual({ ...WHOLE, tags: 2 });
  const again = await beside.bringing(arriving);
  await repository.saveTogether({}, again.along);
  expect(await all()).toEqual({ ...WHOLE, tags: 2 });
  await repository.saveTogether({ removed: [outing.id] }, brought.takingAway(5));
  expect((await beside.tags.of(outing.id)).map((t) => t.id)).toEqual(["t-0"]);
  // The picture can be brought back; what was spoken is gone.
  expect(await all()).toMatchObject({ outings: 0, picture: undefined, wholes: 1 });
  expect(await beside.pictures.removedOf(outing.id)).toMatchObject({ removedAt: 5 });
});
