import { expect, test } from "@playwright/test";

test("the tour leads over the real screens, is left, and is taken up where it was left", async ({ page }) => {
  await page.goto("/outings");
  await page.getByRole("button", { name: "Tour, five minutes" }).click();
  const tour = page.getByRole("region", { name: "Tour" });
  await expect(tour.getByText(/^1 of 6/)).toBeVisible();
  await expect(page).toHaveURL(/hockey-semi-final\/brief$/);
  await tour.getByRole("button", { name: "Next" }).click();
  await expect(page).toHaveURL(/hockey-semi-final\/ground$/);
  await tour.getByRole("button", { name: "Next" }).click();
  await tour.getByRole("button", { name: "Leave" }).click();
  await expect(tour).toHaveCount(0);
  await page.goto("/outings");
  await page.getByRole("button", { name: "Tour, five minutes" }).click();
  await expect(tour.getByText(/^3 of 6/)).toBeVisible();
  await expect(page).toHaveURL(/hockey-semi-final\/frame$/);
  for (let i = 0; i < 3; i++) await tour.getByRole("button", { name: "Next" }).click();
  await expect(page.getByRole("main")).toBeVisible();
  await tour.getByRole("button", { name: "Done" }).click();
  await expect(tour).toHaveCount(0);
});
