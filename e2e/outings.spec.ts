import { expect, test } from "@playwright/test";
import { putRecord, storedKeys, storedRecord } from "./entries";

test.beforeEach(async ({ page }) => {
  await page.clock.setFixedTime(new Date("2026-11-20T10:00:00Z"));
  await page.goto("/outings");
  await expect(page.getByText("Next: Wed 2 Dec, 19:00")).toBeVisible();
});

test("the next outing comes first with what is open, the rest by its time", async ({ page }) => {
  await expect(
    page.getByRole("list", { name: "Promised at League evening" }).getByRole("listitem"),
  ).toHaveCount(5);
  const then = page.getByRole("region", { name: "Coming up" });
  await expect(then.getByRole("link")).toHaveCount(3);
  await expect(
    page.getByRole("region", { name: "Past" }).getByRole("link", { name: /Cup semi-final/ }),
  ).toBeVisible();
});

test("an outing is made again, put away, brought back and removed, each with a way back @desk", async ({
  page,
}) => {
  const more = async (name: string, what: string) => {
    await page.getByRole("button", { name: `More actions for ${name}` }).click();
    await page.getByRole("button", { name: what, exact: true }).click();
  };
  await more("Cross-country day", "Archive");
  const away = page.getByRole("region", { name: "Archived" });
  await expect(away.getByRole("link", { name: /Cross-country day/ })).toBeVisible();
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(away).toBeHidden();
  await more("Cross-country day", "Archive");
  await expect(away).toBeVisible();
  await page.reload();
  await more("Cross-country day", "Restore");
  await expect(page.getByRole("region", { name: "Coming up" }).getByRole("link")).toHaveCount(3);

  await more("Lagoon at first light", "Delete");
  await expect(page.getByRole("link", { name: /Lagoon/ })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByRole("link", { name: /Lagoon/ })).toHaveCount(1);

  await more("League evening", "Duplicate");
  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/brief$/);
  await expect(page.getByRole("heading", { name: "League evening, again" })).toBeVisible();
  await page.getByRole("button", { name: "Back to outings" }).click();
  await expect(page.getByRole("link", { name: /^League evening/ })).toHaveCount(2);
});

test("links and records from before an outing was called one still open, and are saved under the new name @desk", async ({
  page,
}) => {
  await page.goto("/outings");
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  const key = "bp/outing/hockey-semi-final";
  const outing = await storedRecord(page, key);
  await putRecord(page, key, null);
  await page.evaluate(
    (raw) => localStorage.setItem("bp/shoot/hockey-semi-final", raw),
    JSON.stringify({ ...outing, revision: 7 }),
  );
  await page.goto("/shoot/hockey-semi-final/expose");
  await expect(page).toHaveURL(/\/outing\/hockey-semi-final\/expose$/);
  await expect(page.getByRole("slider", { name: "Shutter" })).toBeVisible();
  await page.goto("/outing/hockey-semi-final/run");
  await page.getByRole("button", { name: "It was right" }).click();
  await expect.poll(async () => (await storedRecord(page, key)).revision).toBe(8);
  expect(await storedKeys(page, "state/")).toContain(`state/${key}/7`);
  expect(await page.evaluate(() => Object.keys(localStorage).filter((k) => k.includes("hockey")))).toEqual(
    [],
  );
  await page.goto("/shoots");
  await expect(page).toHaveURL(/\/outings$/);
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toHaveCount(1);
});
