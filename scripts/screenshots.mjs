// Takes the pictures of docs/screenshots/ from the demo. Needs the build and Chromium: `npm run shots`.
import { spawn } from "node:child_process";
import path from "node:path";
import { chromium as launcher } from "@playwright/test";
import { browserPath } from "./browser-path.mjs";
import { build, chromium, root } from "./prepare.mjs";

const PORT = "4190";
const HOCKEY = "/outing/hockey-semi-final";
const PAST = "/outing/hockey-quarter-final";
const HALL = "/outing/handball-league-evening";
const COURSE = "/outing/cross-country-day";
const DIAMOND = "/outing/diamond-afternoon";
const HIDE = "/outing/lagoon-at-first-light";
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };

/** Moves the outing's minute by quarters of an hour. */
const later = (quarters) => async (page) => {
  const time = page.getByRole("slider", { name: "Time of the outing" });
  await time.focus();
  for (let i = 0; i < quarters; i++) await time.press("PageUp");
  await page.evaluate(() => document.activeElement?.blur());
};

/** Begins drawing and chooses the oak. */
async function draw(page) {
  await page.getByRole("button", { name: "Draw the ground" }).click();
  await page.getByRole("group", { name: /, drawing\./ }).focus();
  for (let i = 0; i < 40; i++) {
    await page.keyboard.press("n");
    if (await page.getByRole("img", { name: "Chosen: Oak" }).count()) break;
  }
  await page.evaluate(() => document.activeElement?.blur());
}

/** Waits for the small pictures of the outing that is over, and lets the sheet fill the screen. */
async function pastSheet(page) {
  const folded = page.getByRole("button", { name: /^Contact sheet/, expanded: false });
  if (await folded.count()) await folded.click();
  await page
    .getByRole("listitem", { name: /\.JPG, Keep/ })
    .first()
    .waitFor();
  await page
    .getByRole("group", { name: "Frames shown" })
    .or(page.getByRole("radiogroup", { name: "Frames shown" }))
    .first()
    .scrollIntoViewIfNeeded();
  await page
    .getByRole("list", { name: "Frames in their bursts" })
    .evaluate((list) => list.scrollIntoView({ block: "center" }));
  await page.waitForTimeout(2500);
}

/** Brings the course day in and lets it be ordered. */
async function orderDay(page) {
  await page.getByRole("button", { name: /^Programme/ }).click();
  await page.getByRole("button", { name: "Bring in a list" }).click();
  await page.getByRole("button", { name: "Course day" }).click();
  await page.getByRole("button", { name: /^Add \d+ events/ }).click();
  await page.getByRole("link", { name: /^Run:/ }).click();
  await page.getByRole("region", { name: "Next" }).waitFor();
  await page.getByRole("status").waitFor({ state: "hidden", timeout: 15_000 });
}

const SHOTS = [
  { name: "outings-phone", url: "/outings", size: PHONE },
  { name: "brief-phone", url: `${HOCKEY}/brief`, size: PHONE },
  { name: "ground-draw-phone", url: `${DIAMOND}/ground`, size: PHONE, act: draw },
  { name: "ground-phone", url: `${HOCKEY}/ground`, size: PHONE },
  { name: "ground-wide", url: `${HOCKEY}/ground`, size: WIDE },
  { name: "first-phone", url: "/first", size: PHONE },
  { name: "ground-lagoon-phone", url: `${HIDE}/ground`, size: PHONE },
  { name: "frame-phone", url: `${COURSE}/frame`, size: PHONE },
  { name: "frame-wide", url: `${HALL}/frame`, size: WIDE },
  { name: "expose-phone", url: `${HOCKEY}/expose`, size: PHONE, act: later(8) },
  { name: "expose-wide", url: `${HOCKEY}/expose`, size: WIDE, act: later(8) },
  { name: "run-phone", url: `${HOCKEY}/run`, size: PHONE, act: later(3) },
  { name: "run-wide", url: `${COURSE}/brief`, size: WIDE, act: orderDay },
  { name: "run-hide-phone", url: `${HIDE}/run`, size: PHONE, theme: "hide" },
  { name: "place-phone", url: "/place/saltmere-hide", size: PHONE },
  { name: "review-phone", url: `${PAST}/review`, size: PHONE, act: pastSheet },
  { name: "kit-phone", url: "/kit", size: PHONE },
  { name: "library-phone", url: "/library", size: PHONE },
  { name: "practice-phone", url: "/practice/stand", size: PHONE },
];

async function take(browser, { name, url, size, theme = "day", act }) {
  const context = await browser.newContext({
    viewport: size,
    deviceScaleFactor: size === WIDE ? 1 : 2,
    hasTouch: size !== WIDE,
    timezoneId: "Europe/London",
    serviceWorkers: "block",
  });
  const page = await context.newPage();
  // A few days before the first outing, so that it is the next one.
  await page.clock.setFixedTime(new Date("2026-10-12T09:00:00Z"));
  await page.addInitScript((t) => {
    const preferences = { version: 1, theme: t, order: ["lift", "aperture", "shutter", "iso"] };
    localStorage.setItem("bp/preferences", JSON.stringify(preferences));
  }, theme);
  await page.goto(`http://127.0.0.1:${PORT}${url}`);
  await page.getByRole("main").first().waitFor();
  await page.waitForTimeout(700);
  if (act) await act(page);
  await page.waitForTimeout(700);
  await page.screenshot({ path: path.join(root, "docs/screenshots", `${name}.png`) });
  await context.close();
}

const wanted = process.argv.slice(2);
const failed = chromium() || build();
if (failed) process.exit(failed);
const server = spawn("npx", ["tsx", "server/index.ts"], {
  cwd: root,
  env: { ...process.env, PORT, HOST: "127.0.0.1", DEMO: "1" },
  detached: true,
});
await new Promise((resolve) => server.stdout.once("data", resolve));
const browser = await launcher.launch({
  executablePath: browserPath(),
  args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
});
for (const shot of SHOTS) if (wanted.length === 0 || wanted.includes(shot.name)) await take(browser, shot);
await browser.close();
process.kill(-server.pid);
