import { expect, test } from "@playwright/test";
import { openPanel, storedOuting } from "./outing";

test("supplies are sums of the day that change with the cold and the bursts", async ({ page }) => {
  await page.goto("/outing/hockey-semi-final/brief");
  await openPanel(page, "Supplies of the day");
  const sums = page.getByRole("list", { name: "Supplies of the day" });
  await expect(sums.getByRole("listitem")).toHaveCount(5);
  await page.getByLabel("Bursts of the day").fill("300");
  await page.getByLabel("Bursts of the day").press("Enter");
  await expect(sums).toContainText("300 bursts of 0.8 s at 10 a second");
  await expect(sums).toContainText("2400");
  const batteries = sums.getByRole("listitem").filter({ hasText: "Batteries" });
  const warm = await batteries.innerText();
  await page.getByLabel("Air").fill("-10");
  await page.getByLabel("Air").press("Enter");
  await expect(batteries).toContainText("50 % of it at −10 °C");
  expect(await batteries.innerText()).not.toBe(warm);
  expect(await storedOuting(page)).toMatchObject({ packing: { bursts: 300 }, weather: { temperature: -10 } });
  await page.getByRole("button", { name: "How is this worked out?" }).last().click();
  await expect(page.getByText(/round up \(frames ÷ \(rated frames · 2 · cold share\)\) \+ 1/)).toBeVisible();
});

test("a packing list follows what the day is, is ticked off with its weight, and holds one's own things", async ({
  page,
}) => {
  await page.goto("/outing/lagoon-at-first-light/brief");
  await openPanel(page, "Packing list");
  await expect(page.getByRole("checkbox", { name: "Hide", exact: true })).toBeChecked();
  const list = page.getByRole("group", { name: "To pack" });
  await expect(list.getByRole("checkbox", { name: "Seat and a flask" })).toBeVisible();
  await list.getByRole("checkbox", { name: "Seat and a flask" }).click();
  await page.getByRole("checkbox", { name: "Boat", exact: true }).click();
  await expect(list.getByRole("checkbox", { name: /^Life vest/ })).toBeVisible();
  await page.getByLabel("Something of your own").fill("Folding saw");
  await page.getByRole("button", { name: "Add", exact: true }).click();
  await expect(list.getByRole("checkbox", { name: "Folding saw" })).toBeVisible();
  const { packing } = await storedOuting(page, "lagoon-at-first-light");
  expect(packing).toMatchObject({ ticked: ["seat"], own: [{ name: "Folding saw" }] });
  expect(packing.conditions).toContain("boat");
});

test("arrangements and deliveries are written down, and one is ticked off when it is out", async ({
  page,
}) => {
  await page.goto("/outing/lagoon-at-first-light/brief");
  await openPanel(page, "Arrangements");
  await expect(page.getByText(/^Be in the hide by \d\d:\d\d, before the first light/)).toBeVisible();
  await page.getByRole("button", { name: "Write the arrangements down" }).click();
  await page.getByRole("radio", { name: "Forbidden" }).click();
  await page.getByLabel("Who guides").fill("The warden");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText("No flash.")).toBeVisible();
  await expect(page.getByText("Guide: The warden")).toBeVisible();
  await page.getByRole("button", { name: "Add what somebody waits for" }).click();
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(page.getByRole("alert").first()).toBeVisible();
  await page.getByLabel("What", { exact: true }).fill("Ten of the otter");
  await page.getByLabel("For whom").fill("The reserve");
  await page.getByLabel("By when").fill("Sunday noon");
  await page.getByRole("button", { name: "Add it" }).click();
  await page.getByRole("checkbox", { name: "Ten of the otter, for The reserve" }).click();
  expect((await storedOuting(page, "lagoon-at-first-light")).deliverables).toMatchObject([{ done: true }]);
});

test("what is still owed stands in the order in which the light ends it, and a press counts one as had", async ({
  page,
}) => {
  await page.goto("/outing/hockey-semi-final/run");
  const list = page.getByRole("list", { name: "Still owed" });
  await expect(list.getByRole("listitem").first()).toContainText(/\d owed, before 1\d:\d\d/);
  const before = await list.getByRole("listitem").first().innerText();
  await list
    .getByRole("button", { name: /^Got one of/ })
    .first()
    .click();
  await expect(list.getByRole("listitem").first()).not.toHaveText(before);
  const { shots } = await storedOuting(page);
  expect(shots.reduce((n: number, s: { got?: number }) => n + (s.got ?? 0), 0)).toBe(1);
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect
    .poll(async () => (await storedOuting(page)).shots.some((s: { got?: number }) => s.got === 1))
    .toBe(false);
});

test("Run says what to mind at the minute: the dangers of the course while it is on, who has to be told on arrival", async ({
  page,
}) => {
  await page.goto("/outing/cross-country-day/run");
  const mind = page.getByRole("list", { name: "Mind now" });
  await expect(mind).toContainText("Horses: Stay out of the line of a fence");
  await expect(mind).toContainText("Vehicles: Never in the run-off of a bend");
  const strip = page.getByRole("slider", { name: /time|minute|light/i }).first();
  await strip.focus();
  await strip.press("Home");
  await expect(mind).not.toContainText("Horses");
  await expect(mind.getByRole("listitem").first()).toBeVisible();
});
