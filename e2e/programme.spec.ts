import { readFileSync } from "node:fs";
import { expect, test, type Page } from "@playwright/test";
import { letLeave, openPanel, storedOuting } from "./outing";

const COURSE = "/outing/cross-country-day";
const GALA = `08:00 is before one is there
10:00 Heat 1 (3 min) @ 9 Water
10:06 Heat 2 (3 min) @ 9 Water
no time at all
10:30 Final (5 min) @ 20 Last`;

async function bringIn(page: Page): Promise<void> {
  await page.goto(`${COURSE}/brief`);
  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Bring in a list" }).click();
}

test("a start list is pasted: what cannot be read is told by its line before anything is added, and it goes out again", async ({
  page,
}) => {
  await bringIn(page);
  await page.getByLabel("Or paste a list, a line each").fill(GALA);
  await expect(page.getByRole("alert")).toContainText("Line 4, “no time at all”: it has no time of a day");
  expect((await storedOuting(page, "cross-country-day")).programme ?? []).toEqual([]);
  await page.getByRole("button", { name: "Add 4 events, without the refused" }).click();
  const list = page.getByRole("list", { name: "Programme" });
  await expect(list.getByRole("listitem")).toHaveCount(4);
  await expect(list.getByRole("button", { name: /^10:06 Heat 2, 3 min · 9 Water/ })).toBeVisible();
  const wait = page.waitForEvent("download");
  await page.getByRole("button", { name: "As a table" }).click();
  await letLeave(page);
  const written = readFileSync(await (await wait).path(), "utf8");
  expect(written.split(/\r?\n/)[2]).toBe(",10:00,Heat 1,3,9 Water,,,2,,3,");

  await list.getByRole("button", { name: /Heat 1/ }).click();
  await page.getByRole("button", { name: "Delete" }).click();
  await expect(list.getByRole("listitem")).toHaveCount(3);
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(list.getByRole("listitem")).toHaveCount(4);
});

test("the course day is brought in from its table and ordered into a way; it runs late in two presses and says what changed", async ({
  page,
}) => {
  await bringIn(page);
  await page.getByRole("button", { name: "Course day" }).click();
  await expect(page.getByRole("button", { name: "Column 1, Start: Start. Change" })).toBeVisible();
  await page.getByRole("button", { name: "Add 80 events" }).click();
  await page.getByRole("button", { name: "All 80 events" }).click();
  await expect(page.getByRole("list", { name: "Programme" }).getByRole("listitem")).toHaveCount(80);
  await page.goto(`${COURSE}/run`);
  await openPanel(page, "The programme, in order");
  await expect(page.getByText(/events? covered.* \d+ % of what the day is worth/)).toBeVisible({
    timeout: 30_000,
  });
  const covered = page.getByRole("list", { name: "Covered, in order" }).getByRole("listitem");
  expect(await covered.count()).toBeGreaterThan(3);
  await expect(page.getByRole("img", { name: /^The day to scale/ })).toBeVisible();
  await page.getByRole("button", { name: "It runs late" }).click();
  await page.getByRole("group", { name: "Late by" }).getByRole("button", { name: "20 min" }).click();
  await expect(page.getByText(/events 20 min later/)).toBeVisible();
  await expect(page.getByText(/events? covered/)).toBeVisible({ timeout: 30_000 });
  const { programme } = await storedOuting(page, "cross-country-day");
  expect(programme.every((e: { late?: number }) => e.late === 20)).toBe(true);
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect
    .poll(async () => (await storedOuting(page, "cross-country-day")).programme[0].late ?? 0)
    .toBe(0);

  // One alone is late: what hangs on it moves, and nothing else.
  await page.getByRole("button", { name: "It runs late" }).click();
  const late = page.getByRole("group", { name: "Late by" });
  await late.getByRole("button", { name: /^What is late/ }).click();
  await late.getByRole("list", { name: "What is late" }).getByRole("button").last().click();
  await expect(late).toContainText(/Nothing waits for it|It holds up/);
  await late.getByRole("button", { name: "10 min" }).click();
  await expect(page.getByText(/10 min later/)).toBeVisible();
  const { programme: now } = await storedOuting(page, "cross-country-day");
  const moved = now.filter((e: { late?: number }) => e.late);
  expect(moved.length).toBeGreaterThan(0);
  expect(new Set(moved.map((e: { place: { id: string } }) => e.place.id)).size).toBe(1);
});

test("an event is typed, must be covered, and an empty name is refused in its field", async ({ page }) => {
  await page.goto(`${COURSE}/brief`);
  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Add an event" }).click();
  await page.getByLabel("Starts", { exact: true }).fill("11:00");
  await page.getByRole("button", { name: "Add the event" }).click();
  await expect(page.getByRole("alert").first()).toBeVisible();
  await page.getByLabel("What it is").fill("Prize giving");
  await page.getByRole("radio", { name: "Must be covered" }).click();
  await page.getByRole("button", { name: "Add the event" }).click();
  await expect(page.getByRole("button", { name: /^11:00 Prize giving.*pinned/ })).toBeVisible();
});

test("an event runs along a track, serves two shots, and each position is judged for both", async ({
  page,
}) => {
  await page.goto(`${COURSE}/brief`);
  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Add an event" }).click();
  await page.getByLabel("What it is").fill("Rider on the course");
  await page.getByLabel("Starts", { exact: true }).fill("11:00");
  const where = page.getByRole("button", { name: /^Where: Not told/ });
  await where.click();
  await page
    .getByRole("list", { name: "Where" })
    .getByRole("button", { name: /, a track$/ })
    .first()
    .click();
  const shots = page.getByRole("group", { name: "Serves the shots" }).getByRole("checkbox");
  await shots.nth(0).click();
  await shots.nth(1).click();
  await page.getByRole("button", { name: "Add the event" }).click();
  await page.getByRole("button", { name: /^11:00 Rider on the course/ }).click();
  const judged = page.getByRole("group", { name: "From where" });
  await expect(judged.getByText(/\d of its 2 shots/).first()).toBeVisible();
  const { programme, shots: promised } = await storedOuting(page, "cross-country-day");
  expect(programme).toMatchObject([{ place: { sort: "track" }, shotIds: [promised[0].id, promised[1].id] }]);
});
