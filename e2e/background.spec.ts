import { expect, test } from "@playwright/test";
import { isPhone, OUTING } from "./outing";

/** Milliseconds after which what was under way when the page was left is over, and through which nothing may then go on. */
const SETTLED = 400_000;
const LEFT = 600_000;

test("a page that is not seen runs no timer", async ({ page }) => {
  test.skip(!isPhone(page), "a hidden page has no size");
  await page.clock.install();
  await page.addInitScript(() => {
    let ran = 0;
    for (const name of ["setTimeout", "setInterval", "requestAnimationFrame"] as const) {
      const own = window[name] as (work: (...told: unknown[]) => void, ...rest: unknown[]) => number;
      Object.assign(window, {
        [name]: (work: (...told: unknown[]) => void, ...rest: unknown[]) =>
          own(
            (...told: unknown[]) => {
              ran++;
              work(...told);
            },
            ...rest,
          ),
      });
    }
    Object.assign(window, { ranSince: () => [ran, (ran = 0)][0] });
  });
  const ranSince = () => page.evaluate(() => (window as unknown as { ranSince: () => number }).ranSince());
  await page.goto(`${OUTING}/run`);
  await expect(page.getByRole("button", { name: "Too dark" })).toBeVisible();
  await page.clock.runFor(LEFT / 10);
  expect(await ranSince()).toBeGreaterThan(0);
  await page.evaluate(() => {
    Object.defineProperty(document, "hidden", { configurable: true, get: () => true });
    Object.defineProperty(document, "visibilityState", { configurable: true, get: () => "hidden" });
    document.dispatchEvent(new Event("visibilitychange"));
  });
  await page.clock.runFor(SETTLED);
  await ranSince();
  await page.clock.runFor(LEFT);
  expect(await ranSince()).toBe(0);
});
