import { expect, test, type Page } from "@playwright/test";
import { putRecord, storedKeys, storedRecord } from "./entries";
import {
  dragTag,
  fillDatabase,
  isPhone,
  openGround,
  openPanel,
  openStage,
  OUTING,
  placeOf,
  slider,
  storedOuting,
  tag,
  valueOf,
} from "./outing";

const undoOf = (page: Page, what: RegExp) => page.getByRole("button", { name: what });

test("a moved position could not be taken back later: undo has its name, survives a reload, and redo does it again", async ({
  page,
}) => {
  await openGround(page);
  const before = (await storedOuting(page)).ground.positions[1].at;
  await dragTag(page, "B", -60, 25);
  await expect(undoOf(page, /^Undo: B moved/)).toBeVisible();
  await expect.poll(async () => (await storedOuting(page)).ground.positions[1].at).not.toEqual(before);
  const moved = (await storedOuting(page)).ground.positions[1].at;
  await page.reload();
  await undoOf(page, /^Undo: B moved/).click();
  await expect.poll(async () => (await storedOuting(page)).ground.positions[1].at).toEqual(before);
  await page.getByRole("button", { name: /^Outing: Cup semi-final/ }).click();
  await page.getByRole("button", { name: /^Redo: B moved/ }).click();
  await expect.poll(async () => (await storedOuting(page)).ground.positions[1].at).toEqual(moved);
  await page.keyboard.press("Escape");
  await page.keyboard.press("ControlOrMeta+z");
  await expect.poll(async () => (await storedOuting(page)).ground.positions[1].at).toEqual(before);
});

test("an earlier state is looked at with what differs, and gone back to", async ({ page }) => {
  await openGround(page);
  await dragTag(page, "B", -60, 25);
  await expect(undoOf(page, /^Undo: B moved/)).toBeVisible();
  await openStage(page, "Run");
  await page.getByRole("button", { name: "It was right" }).click();
  await expect(undoOf(page, /^Undo: 1 reading added/)).toBeVisible();
  await page.getByRole("button", { name: /^Outing: Cup semi-final/ }).click();
  await page.getByRole("button", { name: "Earlier states" }).click();
  const list = page.getByRole("list", { name: "Earlier states" });
  await expect(list.getByRole("listitem")).toHaveCount(2);
  await list.getByRole("button", { name: /^As it began/ }).click();
  await expect(page.getByText("Going back to it makes 2 changes:")).toBeVisible();
  await expect(page.getByText(/^– B moved/)).toBeVisible();
  await page.getByRole("button", { name: "Go back to this state" }).click();
  await expect.poll(async () => (await storedOuting(page)).light.readings).toEqual([]);
});

test("what could not be saved was gone after a reload: it stays, is said on the list, and is saved once there is room", async ({
  page,
}) => {
  await page.goto(`${OUTING}/run`);
  await expect(page.getByRole("button", { name: "It was right" })).toBeVisible();
  await fillDatabase(page);
  await page.getByRole("button", { name: "It was right" }).click();
  await expect(page.getByText("Not saved: this browser’s storage is full")).toBeVisible();
  await page.getByRole("button", { name: "Back to outings" }).click();
  await expect(page.getByText("Cup semi-final is not saved yet")).toBeVisible();
  page.once("dialog", (dialog) => void dialog.accept());
  await page.goto(`${OUTING}/run`);
  await expect(page.getByText("1 reading so far. The next?")).toBeVisible();
  await expect(page.getByText(/^Not saved/)).toBeHidden();
  await expect.poll(async () => (await storedOuting(page)).light.readings.length).toBe(1);
});

test("a change in one tab did not show in the other by itself", async ({ page, context }) => {
  await openGround(page);
  const other = await context.newPage();
  await other.goto(`${OUTING}/ground`);
  await expect(tag(other, "B")).toBeVisible();
  await dragTag(page, "B", -60, 25);
  await expect(undoOf(other, /^Undo: B moved/)).toBeVisible();
  await other.goto("/outings");
  await page.getByRole("button", { name: /^Outing: Cup semi-final/ }).click();
  await page.getByRole("button", { name: "Delete", exact: true }).click();
  await expect(other.getByRole("link", { name: /Cup semi-final/ })).toHaveCount(0);
});

test("a year of two figures blanked the list for good: it is refused where it is typed, and listed where it is stored", async ({
  page,
}) => {
  await page.goto(`${OUTING}/brief`);
  await page.getByRole("button", { name: /^When:/ }).click();
  await page.getByLabel("Date", { exact: true }).fill("0026-10-17");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("alert")).toContainText("The year goes from 1900 to 2200");
  const broken = { ...(await storedOuting(page)), id: "odd", date: "0026-10-17", revision: 3 };
  await putRecord(page, "bp/outing/odd", broken, 3);
  await page.goto("/outings");
  await expect(page.getByText("“odd” cannot be read")).toBeVisible();
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  await page.getByRole("button", { name: "Repair" }).click();
  await expect(page.getByText("– date: 0026-10-17 becomes 2026-10-17")).toBeVisible();
  await page.getByRole("button", { name: "Keep the repaired one" }).click();
  await expect(page.getByText("“odd” cannot be read")).toBeHidden();
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toHaveCount(2);
  await putRecord(page, "bp/outing/worse", { ...broken, id: "worse", date: "soon" });
  await page.reload();
  await page.getByRole("button", { name: "Repair" }).click();
  await expect(page.getByText("This cannot be repaired here")).toBeVisible();
  await page.getByRole("button", { name: "Close" }).last().click();
  await page.getByRole("button", { name: "Delete", exact: true }).click();
  await page.getByRole("button", { name: "Delete, I have exported it" }).click();
  await expect(page.getByText("“worse” cannot be read")).toBeHidden();
});

test("a thing of the kit that was deleted could not come back after a reload: undo has its name, and states are kept", async ({
  page,
}) => {
  await page.goto("/kit");
  const zoom = page.getByRole("button", { name: /^70–200/ });
  await zoom.click();
  await page.getByRole("button", { name: "Delete lens" }).click();
  await expect(zoom).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole("button", { name: /^Add a lens/ })).toBeVisible();
  await expect(zoom).toHaveCount(0);
  await page.getByRole("button", { name: /^Undo: 70–200.* removed/ }).click();
  await expect(zoom).toBeVisible();
  await page.getByRole("button", { name: /^Redo: 70–200.* removed/ }).click();
  await expect(zoom).toHaveCount(0);
  await page.getByRole("button", { name: "Earlier states" }).click();
  await page.getByRole("button", { name: /^As it began/ }).click();
  await expect(page.getByText(/^– 70–200.* added/)).toBeVisible();
  await page.getByRole("button", { name: "Go back to this state" }).click();
  await expect(zoom).toBeVisible();
});

test("a preference chosen while the database was full was dropped without a word: it stays, is said, and is saved later", async ({
  page,
}) => {
  await page.goto("/preferences");
  await expect(page.getByRole("radio", { name: "Feet, °C" })).toBeVisible();
  await fillDatabase(page);
  await page.getByRole("radio", { name: "Feet, °C" }).click();
  await expect(page.getByText(/^Your preferences: Not saved/)).toBeVisible();
  await page.getByRole("link", { name: "Kit", exact: true }).click();
  await expect(page.getByText(/^Your preferences: Not saved/)).toBeVisible();
  page.once("dialog", (dialog) => void dialog.accept());
  await page.goto("/preferences");
  await expect(page.getByRole("radio", { name: "Feet, °C" })).toBeChecked();
  await expect(page.getByText(/^Your preferences: Not saved/)).toBeHidden();
  await page.reload();
  await expect(page.getByRole("radio", { name: "Feet, °C" })).toBeChecked();
});

test("preferences that cannot be read were replaced by the defaults: they are said, repaired, and nothing is lost", async ({
  page,
}) => {
  await page.goto("/preferences");
  await page.getByRole("radio", { name: "Feet, °C" }).click();
  await expect(page.getByRole("button", { name: /^Undo: Units changed/ })).toBeVisible();
  await putRecord(
    page,
    "bp/preferences",
    { ...(await storedRecord(page, "bp/preferences")), walkingPace: 80 },
    99,
  );
  await page.reload();
  await expect(page.getByText("Your preferences cannot be read")).toBeVisible();
  await page.getByRole("radio", { name: "Dusk", exact: true }).click();
  await expect(
    page.getByText("Your preferences: Not saved: what is stored there cannot be read"),
  ).toBeVisible();
  await page.getByRole("button", { name: "Drop the change" }).click();
  await page.getByRole("button", { name: "Repair" }).click();
  await page.getByRole("button", { name: "Keep the repaired one" }).click();
  await expect(page.getByText("Your preferences cannot be read")).toBeHidden();
  await expect(page.getByRole("radio", { name: "Feet, °C" })).toBeChecked();
});

test("nothing was said of work that stands in one browser only: the list reminds after a month, and a file ends it", async ({
  page,
}) => {
  await page.goto("/outings");
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  await expect(page.getByText(/stands in this browser alone/)).toBeHidden();
  await page.evaluate(() =>
    localStorage.setItem("bp/file-marks", JSON.stringify({ workSince: Date.now() - 31 * 86_400_000 })),
  );
  await page.reload();
  await expect(page.getByText(/stands in this browser alone/)).toBeVisible();
  await page.getByRole("link", { name: "Write it to a file" }).click();
  await expect(page.getByRole("list", { name: "Storage" })).toContainText("never");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export everything to a file" }).click();
  await download;
  await expect(page.getByRole("list", { name: "Storage" })).not.toContainText("never");
  await page.getByRole("link", { name: "Outings", exact: true }).click();
  await expect(page.getByText(/stands in this browser alone/)).toBeHidden();
});

test("a second finger dropped what the first had dragged: it is kept where it is shown", async ({ page }) => {
  test.skip(!isPhone(page), "fingers belong to a touch screen");
  await openGround(page);
  const before = (await storedOuting(page)).ground.positions[1].at;
  const { x, y } = await placeOf(page, "B");
  const touch = await page.context().newCDPSession(page);
  const send = (type: "touchStart" | "touchMove" | "touchEnd", ...points: [number, number][]) =>
    touch.send("Input.dispatchTouchEvent", {
      type,
      touchPoints: points.map(([left, top], id) => ({ x: left, y: top, id })),
    });
  await send("touchStart", [x, y - 18]);
  for (const by of [10, 30, 60]) await send("touchMove", [x - by, y - 18]);
  await send("touchStart", [x - 60, y - 18], [x - 160, y + 100]);
  await send("touchMove", [x - 60, y - 18], [x - 180, y + 120]);
  await send("touchEnd");
  await expect(undoOf(page, /^Undo: B moved/)).toBeVisible();
  await expect.poll(async () => (await storedOuting(page)).ground.positions[1].at).not.toEqual(before);
});

test("notes that were being typed were gone with the tab: they come back", async ({ page, context }) => {
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "For next time");
  await page.getByLabel("Notes on this place").fill("The north bank is dry.");
  await expect(page.getByText("Saved when you leave the field.")).toBeVisible();
  await page.close();
  const again = await context.newPage();
  await again.goto(`${OUTING}/review`);
  await openPanel(again, "For next time");
  await expect(again.getByLabel("Notes on this place")).toHaveValue("The north bank is dry.");
});

test("an outing could not go past midnight: its times, lamps and minutes do", async ({ page }) => {
  await page.goto(`${OUTING}/brief`);
  await page.getByRole("button", { name: /^When:/ }).click();
  await page.getByLabel("Date", { exact: true }).fill("2026-10-24");
  await page.getByLabel("You are there from").fill("21:00");
  await page.getByRole("textbox", { name: "It starts" }).fill("22:00");
  await page.getByLabel(/^You leave/).fill("02:30");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText(/Sat 24 Oct 2026, 21:00 to Sun 25 Oct, 02:30/)).toBeVisible();
  await openStage(page, "Expose");
  const time = slider(page, "Time of the outing");
  await time.focus();
  await time.press("End");
  expect(await valueOf(page, "Time of the outing")).toMatch(/02:30/);
  const seen: string[] = [];
  for (let i = 0; i < 10; i++) {
    await time.press("PageDown");
    seen.push((await valueOf(page, "Time of the outing")).split(",")[0]!);
  }
  // The clocks go back at two: the hour before it is gone through twice.
  expect(seen.filter((words) => words.includes("again")).length).toBe(4);
  expect(new Set(seen).size).toBe(seen.length);
});

test("a first visit with a full storage did nothing when it was begun: it says why, and begins once there is room", async ({
  page,
}) => {
  await page.route("**/api/start", (route) => route.fulfill({ json: { begin: "ask" } }));
  await page.goto("/outings");
  await expect(page.getByRole("button", { name: "Try the demo" })).toBeVisible();
  await fillDatabase(page);
  await page.getByRole("button", { name: "Try the demo" }).click();
  await expect(page.getByRole("alert")).toContainText("This browser keeps nothing yet");
  await page.evaluate(() => (window as unknown as { emptyDatabase: () => void }).emptyDatabase());
  await page.getByRole("button", { name: "Try the demo" }).click();
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  await expect(page.getByRole("alert")).toBeHidden();
});

test("a deleted outing was gone once its toast was: it comes back from the list of deleted ones, also after a reload", async ({
  page,
}) => {
  await page.goto("/outings");
  await page.getByRole("button", { name: "More actions for Cup semi-final" }).click();
  await page.getByRole("button", { name: "Delete", exact: true }).click();
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole("link", { name: /League evening/ })).toBeVisible();
  await page.getByRole("button", { name: "Deleted outings" }).click();
  await page.getByRole("button", { name: "Restore Cup semi-final" }).click();
  await page.getByRole("button", { name: "Close" }).last().click();
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
});

/** As a browser that was told to keep no data of the site: each of these throws when it is asked for. */
async function refusing(page: Page, names: readonly string[]): Promise<void> {
  await page.addInitScript((refused) => {
    for (const name of refused)
      Object.defineProperty(window, name, {
        configurable: true,
        get: () => {
          throw new DOMException("Access is denied for this document.", "SecurityError");
        },
      });
  }, names);
}

test("a small storage that is refused hid the whole season without a word: the database still shows it, and keeps on", async ({
  page,
}) => {
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "For next time");
  await page.getByLabel("Notes on this place").fill("Gate B is shut.");
  await page.getByLabel("Notes on this place").blur();
  await expect(page.getByText("Saved when you leave the field.")).toBeHidden();
  await storedOuting(page);
  await refusing(page, ["localStorage", "sessionStorage"]);
  await page.goto("/outings");
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "For next time");
  await expect(page.getByLabel("Notes on this place")).toHaveValue("Gate B is shut.");
});

test("a browser that keeps nothing at all stayed empty: it works, says so on every screen, and all of it goes out as a file", async ({
  page,
}) => {
  await refusing(page, ["localStorage", "sessionStorage", "indexedDB"]);
  await page.goto("/outings");
  await expect(page.getByRole("alert")).toContainText("This browser keeps nothing here");
  await page.getByRole("link", { name: /Cup semi-final/ }).click();
  await expect(page.getByRole("alert").first()).toContainText("This browser keeps nothing here");
  const wait = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save a file" }).click();
  expect((await wait).suggestedFilename()).toMatch(/everything\.json$/);
});

test("a position exactly above its spot took all six stages down", async ({ page }) => {
  await page.goto("/outings");
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  const outing = await storedOuting(page);
  const { spots, positions } = outing.ground;
  outing.ground.positions = positions.map((p: object) => ({ ...p, at: spots[0].at, lensHeight: 12 }));
  const revision = outing.revision + 1;
  await putRecord(page, "bp/outing/hockey-semi-final", { ...outing, revision }, revision);
  const thrown: string[] = [];
  page.on("pageerror", ({ message }) => thrown.push(message));
  for (const stage of ["brief", "ground", "frame", "expose", "run", "review"]) {
    await page.goto(`/outing/hockey-semi-final/${stage}`);
    await expect(page.getByRole("heading", { name: "Cup semi-final" })).toBeVisible();
    await expect(page.getByText(/NaN|Infinity|could not be shown/)).toHaveCount(0);
  }
  expect(thrown).toEqual([]);
});

test("a count, a list and a word that were half typed were gone with the dialog, the stage or the page: they stand as they were left", async ({
  page,
}) => {
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "Count your frames");
  await page.getByLabel("Frames taken").fill("240");
  await openStage(page, "Brief");
  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Bring in a list" }).click();
  await page.getByLabel("Or paste a list, a line each").fill("10:40 100 m women, heat 2 (4 min) @ Finish");
  await page.keyboard.press("Escape");
  await page.reload();
  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Bring in a list" }).click();
  await expect(page.getByLabel("Or paste a list, a line each")).toHaveValue(/^10:40 100 m women/);
  await page.getByRole("button", { name: "Add 1 event" }).click();
  await page.getByRole("button", { name: "Bring in a list" }).click();
  await expect(page.getByLabel("Or paste a list, a line each")).toHaveValue("");
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "Count your frames");
  await expect(page.getByLabel("Frames taken")).toHaveValue("240");
});

test("Esc in a list of a form closed the form with all that was typed there: it closes the list", async ({
  page,
}) => {
  await page.goto("/outings");
  await page.getByRole("button", { name: "Plan an outing" }).click();
  await page.getByLabel("Name of the outing").fill("Spring cup");
  await page.getByRole("button", { name: /^Ground:/ }).click();
  await page.getByLabel("Search ground").fill("pool");
  await page.getByLabel("Search ground").press("Escape");
  await expect(page.getByLabel("Search ground")).toBeHidden();
  await expect(page.getByLabel("Name of the outing")).toHaveValue("Spring cup");
});

test("what was deleted stayed in the browser for ever, voices too: it is gone for good with two presses, or after thirty days", async ({
  page,
}) => {
  const left = async () => ({
    tags: (await storedKeys(page, "tags/hockey-semi-final/")).length,
    states: (await storedKeys(page, "state/bp/outing/hockey-semi-final/")).length,
    beside: (await storedKeys(page, "bp/outing/hockey-semi-final")).length,
  });
  const tagOne = async (): Promise<void> => {
    await page.goto(`${OUTING}/run`);
    await (isPhone(page)
      ? page.getByRole("button", { name: "Who was that? Tag it" }).click()
      : openPanel(page, "Who was that\\?"));
    await page.getByRole("radio", { name: "A word" }).click();
    await page.getByLabel("What was it").fill("touched first");
    await page.getByRole("button", { name: "Tag", exact: true }).click();
    await expect(page.getByRole("list", { name: "Tags, the last first" }).getByRole("listitem")).toHaveCount(
      1,
    );
  };
  const remove = async (): Promise<void> => {
    await page.goto("/outings");
    await page.getByRole("button", { name: "More actions for Cup semi-final" }).click();
    await page.getByRole("button", { name: "Delete", exact: true }).click();
    await page.getByRole("button", { name: "Deleted outings" }).click();
  };
  await tagOne();
  await remove();
  expect(await left()).toMatchObject({ tags: 1 });
  await page.getByRole("button", { name: "Restore Cup semi-final" }).click();
  await expect(page.getByText("Cup semi-final restored")).toBeVisible();
  await remove();
  await page.getByRole("button", { name: "Delete Cup semi-final for good", exact: true }).click();
  expect((await left()).states).toBeGreaterThan(0);
  await page.getByRole("button", { name: "Yes, delete Cup semi-final for good" }).click();
  await expect(page.getByText("Nothing was deleted here", { exact: false })).toBeVisible();
  expect(await left()).toEqual({ tags: 0, states: 0, beside: 0 });
});

test("a month after it was deleted an outing is gone by itself", async ({ page }) => {
  await page.clock.install({ time: new Date("2026-10-12T09:00:00Z") });
  await page.goto("/outings");
  await page.getByRole("button", { name: "More actions for Cup semi-final" }).click();
  await page.getByRole("button", { name: "Delete", exact: true }).click();
  await page.getByRole("button", { name: "Deleted outings" }).click();
  await expect(page.getByText(/gone on/)).toBeVisible();
  for (const [day, count] of [
    ["2026-11-10", 1],
    ["2026-11-12", 0],
  ] as const) {
    await page.clock.setSystemTime(new Date(`${day}T09:00:00Z`));
    await page.reload();
    await expect(page.getByRole("link", { name: /League evening/ })).toBeVisible();
    await page.clock.runFor(11_000);
    await page.waitForTimeout(1000);
    await page.getByRole("button", { name: "Deleted outings" }).click();
    await expect(page.getByRole("button", { name: "Restore Cup semi-final" })).toHaveCount(count);
    await page.getByRole("button", { name: "Close" }).last().click();
  }
});

test("of things added in two tabs at once some were lost: ten of each tab, at the same time, all stand in both", async ({
  page,
  context,
}) => {
  const other = await context.newPage();
  const names = (who: string): string[] => Array.from({ length: 10 }, (_, i) => `${who} card ${i + 1}`);
  const addAll = async (tab: Page, who: string): Promise<void> => {
    await tab.goto("/kit");
    for (const name of names(who)) {
      await tab.getByRole("button", { name: "Add a card" }).click();
      await tab.getByLabel("Name", { exact: true }).fill(name);
      await tab.getByRole("button", { name: "Save", exact: true }).click();
      await expect(tab.getByRole("button", { name: new RegExp(`^${name}`) })).toBeVisible();
    }
  };
  await Promise.all([addAll(page, "Left"), addAll(other, "Right")]);
  const all = [...names("Left"), ...names("Right")];
  await expect
    .poll(async () =>
      (await storedRecord(page, "bp/kit")).cards
        .map((c: { name: string }) => c.name)
        .filter((n: string) => all.includes(n))
        .toSorted(),
    )
    .toEqual(all.toSorted());
  for (const tab of [page, other])
    await expect(tab.getByRole("button", { name: /^(Left|Right) card \d+/ })).toHaveCount(20);
});
