import { expect, test } from "@playwright/test";
import { openGround, openPanel, openStage, storedOuting, tag } from "./outing";

test("places are searched over the ground, listed with their reasons, and one press stands there", async ({
  page,
}) => {
  await openGround(page);
  const before = (await storedOuting(page)).ground.positions[1].at;
  await openPanel(page, "Places for this shot");
  await page.getByRole("button", { name: "Find places" }).click();
  const first = page.getByRole("button", { name: "Move B to place 1" });
  await expect(first).toBeVisible();
  await expect(page.getByRole("img", { name: /^How good each place is/ })).toBeVisible();
  await expect(page.getByText(/\d+ of 100/).first()).toBeVisible();
  await first.click();
  await expect(page.getByText("B moved to place 1")).toBeVisible();
  await expect.poll(async () => (await storedOuting(page)).ground.positions[1].at).not.toEqual(before);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(tag(page, "B")).toBeVisible();
  await page.getByRole("button", { name: "Clear", exact: true }).click();
  await expect(page.getByRole("button", { name: "Find places" })).toBeVisible();
});

test("passing cloud tells both levels on Expose, and the card says how to expose", async ({ page }) => {
  await openGround(page);
  await openPanel(page, "Sky and lamps");
  for (let i = 0; i < 3; i++) await page.getByRole("button", { name: "More: Cloud" }).click();
  await page.getByRole("radio", { name: "Passing the sun" }).click();
  await openStage(page, "Expose");
  await openPanel(page, "Light on the subject");
  await expect(page.getByText(/while a cloud passes/)).toBeVisible();
  await openStage(page, "Run");
  await expect(page.getByText(/^(Manual|Automatic ISO)/)).toBeVisible();
});

test("in a hide places are looked for about the spot, none of them on the water, with what is in the bag", async ({
  page,
}) => {
  await page.goto("/outing/lagoon-at-first-light/ground");
  await expect(tag(page, "1")).toBeVisible();
  await openPanel(page, "Places for this shot");
  await page.getByRole("button", { name: "Find places" }).click();
  const first = page.getByRole("button", { name: "Move 1 to place 1" });
  await expect(first).toBeVisible();
  await first.click();
  await expect(page.getByText("1 moved to place 1")).toBeVisible();
  await expect(page.getByText("This place lies on the water")).toHaveCount(0);
  const { lensId } = (await storedOuting(page, "lagoon-at-first-light")).choices[0];
  expect(["zoom-150-600", "long-300", "zoom-24-70"]).toContain(lensId);
});
