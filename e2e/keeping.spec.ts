import { readFile } from "node:fs/promises";
import { expect, test, type Page } from "@playwright/test";
import {
  allStored,
  putBeside,
  putBytes,
  putRecord,
  storedBeside,
  storedBytes,
  storedKeys,
  storedRecord,
} from "./entries";
import {
  bringIn,
  dragTag,
  fillDatabase,
  letLeave,
  openFile,
  openGround,
  openPanel,
  OUTING,
  storedOuting,
  tag,
} from "./outing";

async function writeToFile(page: Page): Promise<string> {
  await page.getByRole("button", { name: /^Outing: Cup semi-final/ }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export to a file" }).click();
  await letLeave(page, { tick: ["Contacts, codes and passes", "Who gave leave to be shown"] });
  return (await download).path();
}

test("an outing is written to a file and read back elsewhere to the same state", async ({
  page,
  browser,
}) => {
  await openGround(page);
  await dragTag(page, "B", -60, 25);
  await expect(page.getByRole("status")).toBeVisible();
  const file = await writeToFile(page);
  const kept = await storedOuting(page);

  const elsewhere = await (await browser.newContext({ viewport: page.viewportSize() })).newPage();
  await elsewhere.goto("/outings");
  await elsewhere.getByRole("link", { name: /Cup semi-final/ }).click();
  await elsewhere.getByRole("button", { name: /^Outing: Cup semi-final/ }).click();
  await elsewhere.getByRole("button", { name: "Delete", exact: true }).click();
  await expect(elsewhere.getByRole("link", { name: /Cup semi-final/ })).toHaveCount(0);
  await openFile(elsewhere, "semi.json", await readFile(file, "utf8"));
  await expect(elsewhere.getByText("1 outing: 1 new, 0 that differ from yours, 0 the same.")).toBeVisible();
  await bringIn(elsewhere);
  await expect(tag(elsewhere, "B")).toBeVisible();
  expect({ ...(await storedOuting(elsewhere)), revision: 0 }).toEqual({ ...kept, revision: 0 });
  await elsewhere.close();
});

test("an outing that is here already is replaced or kept beside, as the user says", async ({ page }) => {
  await openGround(page);
  const text = await readFile(await writeToFile(page), "utf8");
  await page.goto("/outings");
  await openFile(page, "semi.json", text);
  await expect(page.getByText("Here already, the same")).toBeVisible();
  await expect(page.getByRole("button", { name: "Nothing to bring in" })).toBeDisabled();
  await page.getByRole("dialog").getByRole("button", { name: "Cancel" }).click();
  await openFile(
    page,
    "semi.json",
    text.replace('"name": "Cup semi-final"', '"name": "Cup semi-final, mine"'),
  );
  await expect(page.getByText(/^Differs from yours: Name changed/)).toBeVisible();
  await bringIn(page);
  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/ground$/);
  await page.getByRole("button", { name: "Back to outings" }).click();
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toHaveCount(2);
  await openFile(page, "semi.json", text.replace('"name": "Cup semi-final"', '"name": "Cup replay"'));
  await page.getByRole("radio", { name: "Replace mine" }).click();
  await bringIn(page);
  await expect(page.getByRole("heading", { name: "Cup replay" })).toBeVisible();
  expect((await storedOuting(page)).name).toBe("Cup replay");
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByText("The import was undone.")).toBeVisible();
  await expect.poll(async () => (await storedOuting(page)).name).toBe("Cup semi-final");
});

test("a broken or foreign file is refused with reason and place, and changes nothing", async ({ page }) => {
  await openGround(page);
  const text = await readFile(await writeToFile(page), "utf8");
  await page.goto("/outings");
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  const before = await allStored(page);
  const cases = [
    ["cut.json", text.slice(0, 400), "cannot be read as JSON"],
    ["track.json", '{"type":"FeatureCollection","features":[]}', "not an outing file of Bright Perch"],
    ["turned.json", text.replace(/"facing": 8,/, '"facing": 800,'), "outing.ground.spots.0.facing"],
    ["newer.json", text.replace('"version": 2,', '"version": 7,'), "newer version"],
  ] as const;
  for (const [name, content, reason] of cases) {
    await openFile(page, name, content);
    const dialog = page.getByRole("dialog");
    await expect(dialog).toContainText(reason);
    await expect(dialog).toContainText("Nothing was changed");
    await dialog.getByRole("button", { name: "Close" }).last().click();
    await expect(dialog).toBeHidden();
  }
  expect(await allStored(page)).toBe(before);
});

test("a reload loses nothing, right after a drag", async ({ page }) => {
  await openGround(page);
  const before = (await storedOuting(page)).ground.positions[1].at;
  await dragTag(page, "B", -90, 10);
  await page.reload();
  await expect(tag(page, "B")).toBeVisible();
  await expect.poll(async () => (await storedOuting(page)).ground.positions[1].at).not.toEqual(before);
  await expect(page.getByRole("alert")).toBeHidden();
});

test("a full storage is told, the old record stands, and a retry keeps the change", async ({ page }) => {
  await page.goto(`${OUTING}/run`);
  await expect(page.getByRole("button", { name: "It was right" })).toBeVisible();
  const before = await storedOuting(page);
  await fillDatabase(page);
  await page.getByRole("button", { name: "Too dark" }).click();
  await page.getByRole("button", { name: "Too dark by 3 clicks" }).click();
  await expect(page.getByRole("alert")).toContainText("storage is full");
  expect(await storedOuting(page)).toEqual(before);
  await page.evaluate(() => (window as unknown as { emptyDatabase: () => void }).emptyDatabase());
  await page.getByRole("button", { name: "Try again" }).click();
  await expect(page.getByRole("alert")).toBeHidden();
  await expect.poll(async () => (await storedOuting(page)).light.readings.length).toBe(1);
});

test("the small storage was full and an edit could not be kept: the database keeps it, also over a reload", async ({
  page,
}) => {
  await page.goto(`${OUTING}/run`);
  await expect(page.getByRole("button", { name: "It was right" })).toBeVisible();
  await page.evaluate(() => {
    let block = "x".repeat(1024 * 1024);
    for (let i = 0; block.length > 0;) {
      try {
        localStorage.setItem(`filler-${i}`, block);
        i++;
      } catch {
        block = block.slice(0, Math.floor(block.length / 2));
      }
    }
  });
  await page.getByRole("button", { name: "It was right" }).click();
  await expect(page.getByRole("status")).toContainText("Saved");
  await expect(page.getByRole("alert")).toBeHidden();
  await page.reload();
  await expect(page.getByText("1 reading so far. The next?")).toBeVisible();
});

test("a tab that was overtaken says so with both sides, and whichever is taken the other is a step back", async ({
  page,
  context,
}) => {
  // Without word from the other tab this one finds out when it saves.
  await page.addInitScript(() => Object.assign(window, { BroadcastChannel: undefined }));
  await openGround(page);
  const other = await context.newPage();
  await openGround(other);
  const before = (await storedOuting(page)).ground.positions;
  await dragTag(other, "B", -60, 20);
  await expect(other.getByRole("status")).toContainText("B moved");
  await expect.poll(async () => (await storedOuting(page)).ground.positions).not.toEqual(before);
  const theirs = (await storedOuting(page)).ground.positions;
  await dragTag(page, "B", 20, 20);
  await expect(page.getByRole("alert")).toContainText("changed elsewhere");
  await expect(page.getByRole("alert").getByText(/^Here: B moved/)).toBeVisible();
  await expect(page.getByRole("alert").getByText(/^Elsewhere: B moved/)).toBeVisible();
  expect((await storedOuting(page)).ground.positions).toEqual(theirs);
  await page.getByRole("button", { name: "Load the saved version" }).click();
  await expect(page.getByRole("alert")).toBeHidden();
  await expect.poll(async () => (await storedOuting(page)).ground.positions).toEqual(theirs);
  await page.getByRole("button", { name: /^Undo: B moved/ }).click();
  await expect.poll(async () => (await storedOuting(page)).ground.positions).not.toEqual(theirs);
});

test("a removed outing comes back by undo, and stays away without", async ({ page }) => {
  await page.goto(`${OUTING}/ground`);
  const remove = async () => {
    await page.getByRole("button", { name: /^Outing: Cup semi-final/ }).click();
    await page.getByRole("button", { name: "Delete", exact: true }).click();
    await expect(page.getByRole("link", { name: /Cup semi-final/ })).toHaveCount(0);
  };
  await remove();
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await page.getByRole("link", { name: /Cup semi-final/ }).click();
  await remove();
  await page.reload();
  await expect(page.getByRole("link", { name: /League evening/ })).toBeVisible();
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toHaveCount(0);
});

test("bad links show the way back", async ({ page }) => {
  for (const url of ["/outing/no-such-outing/ground", "/nowhere", "/outing/hockey-semi-final/nothing"]) {
    await page.goto(url);
    await page.getByRole("button", { name: "Back to outings" }).last().click();
    await expect(page.getByRole("heading", { name: "Outings", exact: true })).toBeVisible();
  }
});

/** What lies beside the records: tags, sounds and pictures, with the bytes that they name. */
async function besideRecords(page: Page) {
  const bytes = await storedBytes(page);
  const tags = await storedBeside(page, "tags/");
  const sounds = await storedBeside(page, "tag-sounds/");
  const pictures = await storedBeside(page, "pictures/");
  return {
    tags,
    frames: { ...(await storedBeside(page, "frames/")), ...(await storedBeside(page, "frame-clocks/")) },
    sounds: Object.entries(sounds).map(([key, sound]) => [key, sound.type, bytes[sound.bytes]]),
    pictures: Object.values(pictures).map(({ file, carried: _, ...rest }) => ({
      ...rest,
      file: bytes[file.bytes],
    })),
    wholes: Object.keys(bytes).length,
  };
}

/** Puts a run of practice, and a spoken tag and a traced picture beside an outing, as the application keeps them. */
async function putOneOfEach(page: Page): Promise<void> {
  const outingId = "hockey-semi-final";
  const tag = { id: "t-1", at: Date.UTC(2026, 9, 17, 17), kind: "voice", names: ["Ida Roth"], seconds: 2 };
  const lie = { at: { x: 1, y: 2 }, bearing: 8, metresPerPx: 0.1, shows: 0.6 };
  const picture = await page.evaluate(async () => {
    const canvas = document.createElement("canvas");
    const file = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/png"));
    const { width, height } = canvas;
    return { width, height, content: [...new Uint8Array(await file!.arrayBuffer())] };
  });
  const { content, ...px } = picture;
  await putBytes(page, "spoken", [1, 2, 3, 250]);
  await putBytes(page, "drawn", content);
  const file = { bytes: "drawn", type: "image/png", size: content.length };
  const run = { id: "r-1", drill: "moment", at: Date.UTC(2026, 9, 17, 17), seed: 7, tries: [12, -30, 4] };
  await putRecord(page, "bp/practice", { version: 1, runs: [run] });
  await putBeside(page, {
    [`tags/${outingId}/000000`]: [tag],
    [`tag-sounds/${outingId}/t-1`]: { bytes: "spoken", type: "audio/webm", size: 4 },
    [`pictures/${outingId}`]: { outingId, name: "plan.png", file, ...px, lie },
  });
}

test("a browser with one of each is written to a file, emptied, and brought in again: all of it is equal, bytes too", async ({
  page,
}) => {
  // Frames and tags of the outing that is over are there once somebody looked for any.
  await page.goto("/outing/hockey-quarter-final/review");
  await openPanel(page, "Pictures in");
  await expect(page.getByText(/^78 frames in 18 bursts/)).toBeVisible();
  await page.goto("/preferences");
  await page.getByRole("radio", { name: "Feet, °C" }).click();
  await page.goto("/kit");
  await page.getByRole("button", { name: "Add a card" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Old card");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Old card/ })).toBeVisible();
  await putOneOfEach(page);
  const kept = async () => ({
    records: Object.fromEntries(
      await Promise.all(
        (await storedKeys(page, "bp/")).map(async (key) => {
          const record = await storedRecord(page, key);
          return [key, key.startsWith("bp/outing/") ? { ...record, revision: 0 } : record] as const;
        }),
      ),
    ),
    ...(await besideRecords(page)),
  });
  const before = await kept();
  expect(before).toMatchObject({
    tags: { "tags/hockey-semi-final/000000": [{ id: "t-1" }] },
    sounds: [["tag-sounds/hockey-semi-final/t-1", "audio/webm", [1, 2, 3, 250]]],
    wholes: 2,
  });
  expect(before.pictures).toHaveLength(1);
  expect(Object.keys(before.frames)).toHaveLength(2);
  await page.goto("/preferences");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export everything to a file" }).click();
  const text = await readFile(await (await download).path(), "utf8");
  await expect(page.getByText("Everything is in the file.")).toBeVisible();
  await page.getByRole("button", { name: "Delete everything" }).click();
  await page.getByRole("button", { name: "Continue" }).click();
  await page.getByRole("button", { name: "Delete everything now" }).click();
  await expect(page.getByRole("button", { name: "Try the demo" })).toBeVisible();
  expect(await kept()).toEqual({ records: {}, tags: {}, frames: {}, sounds: [], pictures: [], wholes: 0 });
  await openFile(page, "everything.json", text);
  await bringIn(page);
  await expect(page.getByText(/6 outings opened from the file/)).toBeVisible();
  const after = await kept();
  // A library that nobody wrote into is one that has nothing in it.
  expect({ ...after.records, "bp/library": undefined }).toEqual({
    ...before.records,
    "bp/library": undefined,
  });
  expect({ ...after, records: {} }).toEqual({ ...before, records: {} });
});
