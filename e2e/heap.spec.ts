import { expect, test, type Page } from "@playwright/test";
import { isPhone, OUTING, slider } from "./outing";

/** Steps of the strip until caches and compiled code are full, after which what a page keeps is told, and those after which it is told again. */
const WARM = 1000;
const STEPS = 2000;
/** Share by which what is kept may have grown. */
const GROWN = 0.05;

/** Bytes that the page's scripts keep after everything that can go has gone. */
async function kept(page: Page): Promise<number> {
  const session = await page.context().newCDPSession(page);
  await session.send("HeapProfiler.enable");
  for (let i = 0; i < 3; i++) await session.send("HeapProfiler.collectGarbage");
  const { usedSize } = await session.send("Runtime.getHeapUsage");
  await session.detach();
  return usedSize;
}

/** Goes up and down the strip by so many steps, a frame for each. */
const scrub = (page: Page, steps: number): Promise<void> =>
  page.evaluate(async (count) => {
    const strip = document.activeElement!;
    for (let i = 0; i < count; i++) {
      const key = Math.floor(i / 20) % 2 === 0 ? "ArrowRight" : "ArrowLeft";
      strip.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true }));
      await new Promise(requestAnimationFrame);
    }
  }, steps);

test("two thousand steps along the strip leave what the page keeps within 5 %", async ({ page }) => {
  test.skip(!isPhone(page), "the same store and the same answers at both sizes");
  test.setTimeout(300_000);
  await page.goto(`${OUTING}/expose`);
  const time = slider(page, "Time of the outing");
  await time.focus();
  const before = await time.getAttribute("aria-valuetext");
  await scrub(page, 20);
  await expect(time).not.toHaveAttribute("aria-valuetext", before!);
  await scrub(page, WARM);
  const at = await kept(page);
  await scrub(page, STEPS);
  const after = await kept(page);
  expect(at).toBeGreaterThan(1_000_000);
  expect(after / at).toBeLessThan(1 + GROWN);
});
