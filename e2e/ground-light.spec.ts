import { expect, test } from "@playwright/test";
import { openGround, openPanel, storedOuting, tag } from "./outing";

const semiFinal = "/outing/hockey-semi-final";

test("the light is mapped over the ground in clicks against the spot, told in words, and taken off again", async ({
  page,
}) => {
  await openGround(page);
  await openPanel(page, "Light over the ground");
  await page.getByRole("button", { name: /^Map the light at/ }).click();
  const told = page.getByRole("list", { name: "Light over the ground" });
  await expect(told.getByRole("listitem")).toHaveCount(3);
  await expect(told).toContainText(/EV\s\d/);
  await expect(told).toContainText(/Darkest.*darker/s);
  const drawn = page.getByRole("img", { name: "Light over the ground in clicks against the spot" });
  await expect(drawn).toHaveCount(1);
  await page.getByRole("button", { name: "Take it off the plan" }).click();
  await expect(drawn).toHaveCount(0);
});

test("sun and shade of a spot through the year are drawn, with the outing's hour in words", async ({
  page,
}) => {
  await openGround(page);
  await openPanel(page, "Sun, moon and shade");
  await page.getByRole("button", { name: "Drag flick through the year" }).click();
  const year = page.getByRole("img", { name: /^Drag flick through the year\. At 17:00 in sun from .* to / });
  await expect(year).toBeVisible();
  await page.getByRole("button", { name: "Fold the year" }).click();
  await expect(year).toHaveCount(0);
});

test("the same ground is looked at on another day, and when the sun is in one's eyes is said", async ({
  page,
}) => {
  await openGround(page);
  await openPanel(page, "Sun, moon and shade");
  const events = page.getByRole("list", { name: "Sun and moon of the day" });
  const sunrise = async () =>
    (await events.getByRole("listitem").filter({ hasText: "Sunrise" }).innerText()).trim();
  await expect(page.getByText(/^The sun shines into your eyes and onto your lens from /)).toBeVisible();
  const own = await sunrise();
  await page.getByLabel("The ground on").fill("2026-06-21");
  await expect.poll(sunrise).not.toBe(own);
  // Sunrise of midsummer at 53° north, 1.4° west, by British Summer Time: a quarter to five, give or take.
  await expect.poll(sunrise).toMatch(/^04:[34]/);
  await page.getByRole("button", { name: "The outing’s day" }).click();
  await expect.poll(sunrise).toBe(own);
});

test("cloud by the hour changes the light of its hour and stays @field", async ({ page }) => {
  await openGround(page);
  await openPanel(page, "Sky and lamps");
  await page.getByRole("radio", { name: "By the hour" }).click();
  const hours = page.getByRole("group", { name: "Cloud by the hour" });
  await expect(hours.getByText("Cloud at 16:00")).toBeVisible();
  await hours.getByRole("button", { name: "More: Cloud at 16:00" }).click();
  await expect
    .poll(async () => (await storedOuting(page)).light.cloudHours.map((h: { eighths: number }) => h.eighths))
    .toContain(2);
  await page.reload();
  await expect(tag(page, "B")).toBeVisible();
  await openPanel(page, "Sky and lamps");
  await expect(page.getByRole("radio", { name: "By the hour" })).toBeChecked();
});

test("wind is told, and what it carries and how birds head follows for the position", async ({ page }) => {
  await page.goto("/outing/lagoon-at-first-light/ground");
  await expect(tag(page, "1")).toBeVisible();
  await openPanel(page, "Wind and water");
  const wind = page.getByRole("group", { name: "Wind" });
  // One looks west-south-west with the wind in the face: the scent goes the other way.
  await expect(wind).toContainText("your scent is carried past Bank bend");
  await wind.getByRole("textbox", { name: "Wind comes from" }).fill("66");
  await wind.getByRole("textbox", { name: "Wind comes from" }).press("Enter");
  await expect(wind).toContainText("your scent is carried to Bank bend");
  await page.getByRole("button", { name: "The water moves" }).click();
  await expect(page.getByRole("list", { name: "When positions get wet" })).toContainText("stays dry");
  const level = page.getByRole("textbox", { name: "Above the drawn edge" }).last();
  await level.fill("2");
  await level.press("Enter");
  await expect(page.getByRole("list", { name: "When positions get wet" })).toContainText(
    /stands in water from/,
  );
});

test("the light that differs at a spot is told on the day, and the card follows", async ({ page }) => {
  await page.goto(`${semiFinal}/run`);
  await page.getByRole("button", { name: "The light differs at this spot" }).click();
  await page.getByRole("button", { name: "Darker here by 3 clicks" }).click();
  await expect(page.getByText("Drag flick: darker by 3 clicks")).toBeVisible();
  const zones = async () => (await storedOuting(page)).ground.zones;
  await expect.poll(async () => (await zones()).at(-1)).toMatchObject({ offsetClicks: -3, holdsFor: "all" });
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect.poll(async () => (await zones()).length).toBe(2);
});

test("what speaks for each position is said, and the span is weighed with an honest margin", async ({
  page,
}) => {
  await openGround(page);
  await openPanel(page, "Positions compared");
  const reasons = page.getByRole("list", { name: "What speaks for and against each position" });
  await expect(reasons.getByRole("listitem")).toHaveCount(3);
  await expect(reasons).toContainText(/\d+ points/);
  await page.getByRole("button", { name: /^Weigh them from 17:00 to 19:00/ }).click();
  await expect(page.getByText(/^From 17:00 to 19:00: /)).toBeVisible();
});

test("what counts in a search is changed and set back, and the list follows @desk", async ({ page }) => {
  await openGround(page);
  await openPanel(page, "Other positions for this shot");
  await page.getByRole("button", { name: "What counts" }).click();
  const counts = page.getByRole("group", { name: "What counts in the search" });
  await counts.getByRole("button", { name: "More: A calm background" }).click();
  await expect(page.getByText("Your own weights for Freeze")).toBeVisible();
  await page.getByRole("button", { name: "Find positions" }).click();
  await expect(page.getByRole("button", { name: "Move B to candidate 1" })).toBeVisible();
  await page.getByRole("button", { name: "As usual again" }).click();
  await expect(page.getByText("Your own weights for Freeze")).toHaveCount(0);
});

test("the whole ground is looked over for the whole brief, and positions are put down there @desk", async ({
  page,
}) => {
  await openGround(page);
  await openPanel(page, "Places for the whole brief");
  await page.getByRole("button", { name: "Look over the whole ground" }).click();
  const places = page.getByRole("list", { name: "Places of the whole ground for the brief" });
  await expect(places.getByRole("listitem").first()).toContainText(/serves \d of 4 shots/, {
    timeout: 90_000,
  });
  const before = (await storedOuting(page)).ground.positions.length;
  await places.getByRole("button", { name: /^Put 1 position/ }).click();
  await expect.poll(async () => (await storedOuting(page)).ground.positions.length).toBe(before + 1);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect.poll(async () => (await storedOuting(page)).ground.positions.length).toBe(before);
});
