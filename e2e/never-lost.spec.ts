import { expect, test, type Page } from "@playwright/test";
import { dragTag, fillDatabase, openGround, openStage, OUTING, storedOuting, tag } from "./outing";

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

test("a change in one tab did not show in the other within a second", async ({ page, context }) => {
  await openGround(page);
  const other = await context.newPage();
  await other.goto(`${OUTING}/ground`);
  await expect(tag(other, "B")).toBeVisible();
  await dragTag(page, "B", -60, 25);
  await expect(undoOf(other, /^Undo: B moved/)).toBeVisible({ timeout: 1500 });
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
  await page.evaluate(() => {
    const key = "bp/outing/hockey-semi-final";
    const outing = JSON.parse(localStorage.getItem(key)!);
    const odd = { ...outing, id: "odd", date: "0026-10-17", revision: 3 };
    localStorage.setItem("bp/outing/odd", JSON.stringify(odd));
  });
  await page.goto("/outings");
  await expect(page.getByText("“odd” cannot be read")).toBeVisible();
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  await page.getByRole("button", { name: "Delete", exact: true }).click();
  await page.getByRole("button", { name: "Delete it, I have exported it" }).click();
  await expect(page.getByText("“odd” cannot be read")).toBeHidden();
});
