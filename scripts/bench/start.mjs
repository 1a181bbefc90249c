// Seconds until the list of outings can be used, in Chromium slowed four times: on a first visit until its frame and heading
// stand, on later ones until a press on an outing would open it. The service worker answers later visits, as it does for users.
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { chromium } from "@playwright/test";
import { LAUNCH } from "./browser.mjs";

const SLOWED = 4;
const RUNS = 3;
/** Visits after which the service worker answers and the compiled code is kept. */
const WARM = 3;
const PHONE = { viewport: { width: 390, height: 844 } };

/** Seconds from the navigation until a selector's element stands and the page has answered a task since. */
async function until(page, url, selector) {
  const session = await page.context().newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: SLOWED });
  await page.goto(url, { waitUntil: "commit" });
  return page.evaluate(
    (wanted) =>
      new Promise((done) => {
        const look = () =>
          document.querySelector(wanted)
            ? setTimeout(() => done(performance.now() / 1000))
            : requestAnimationFrame(look);
        look();
      }),
    selector,
  );
}

const middle = (times) => times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)];

/** Prints seconds; `aim` is what the product wants. */
export async function benchStart(browser, url) {
  const first = [];
  for (let run = 0; run < RUNS; run++) {
    const context = await browser.newContext(PHONE);
    first.push(await until(await context.newPage(), `${url}/outings`, "h1, [role=heading][aria-level='1']"));
    await context.close();
  }
  console.log("the list of outings, slowed four times, seconds in the middle of three");
  console.log(`  first visit, frame and heading ${middle(first).toFixed(1)} (aim 2.0)`);
  console.log(`  later visits, can be used      ${middle(await laterVisits(url)).toFixed(1)} (aim 2.0)`);
}

/** With a profile on the disk, as users have: there alone a browser keeps what it compiled. */
async function laterVisits(url) {
  const folder = mkdtempSync(path.join(tmpdir(), "visits-"));
  const context = await chromium.launchPersistentContext(folder, { ...LAUNCH, ...PHONE });
  const times = [];
  for (let visit = 0; visit < WARM + RUNS; visit++) {
    const page = await context.newPage();
    times.push(await until(page, `${url}/outings`, "a[href^='/outing/']"));
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.waitForTimeout(1500);
    await page.close();
  }
  await context.close();
  rmSync(folder, { recursive: true, force: true });
  return times.slice(WARM);
}
