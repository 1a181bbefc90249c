import { expect, test } from "@playwright/test";
import { OUTING, tag } from "./outing";

test.use({ serviceWorkers: "allow" });

test("once opened, the application opens again without a network", async ({ page, context }) => {
  await page.goto("/shoots");
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await context.setOffline(true);
  await page.goto(`${OUTING}/ground`);
  await expect(tag(page, "B")).toBeVisible();
});
