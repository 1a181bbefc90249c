import { expect, test } from "@playwright/test";

test.beforeEach(async ({ page }) => {
  await page.clock.setFixedTime(new Date("2026-11-20T10:00:00Z"));
  await page.goto("/shoots");
  await expect(page.getByText("Next: Wed 2 Dec, 19:00")).toBeVisible();
});

test("the next outing comes first with what is open, the rest by its time", async ({ page }) => {
  await expect(
    page.getByRole("list", { name: "Promised at League evening" }).getByRole("listitem"),
  ).toHaveCount(5);
  const then = page.getByRole("region", { name: "Then" });
  await expect(then.getByRole("link")).toHaveCount(2);
  await expect(
    page.getByRole("region", { name: "Past" }).getByRole("link", { name: /Cup semi-final/ }),
  ).toBeVisible();
});

test("an outing is made again, put away, brought back and removed, each with a way back", async ({
  page,
}) => {
  const more = async (name: string, what: string) => {
    await page.getByRole("button", { name: `More about ${name}` }).click();
    await page.getByRole("button", { name: what }).click();
  };
  await more("Cross-country day", "Put away");
  const away = page.getByRole("region", { name: "Put away" });
  await expect(away.getByRole("link", { name: /Cross-country day/ })).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(away).toBeHidden();
  await more("Cross-country day", "Put away");
  await page.reload();
  await more("Cross-country day", "Bring back");
  await expect(page.getByRole("region", { name: "Then" }).getByRole("link")).toHaveCount(2);

  await more("Lagoon at first light", "Remove this outing");
  await expect(page.getByRole("link", { name: /Lagoon/ })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("link", { name: /Lagoon/ })).toHaveCount(1);

  await more("League evening", "Make the same again");
  await expect(page).toHaveURL(/league-evening\/brief$/);
  await expect(page.getByRole("heading", { name: "League evening, again" })).toBeVisible();
  await page.getByRole("button", { name: "Back to shoots" }).click();
  await expect(page.getByRole("link", { name: /^League evening/ })).toHaveCount(2);
});
