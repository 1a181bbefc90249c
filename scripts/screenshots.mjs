// Takes the pictures of docs/screenshots/ from the demo. Needs the build and Chromium: `npm run shots`.
import { spawn } from "node:child_process";
import path from "node:path";
import { chromium as launcher } from "@playwright/test";
import { build, chromium, root } from "./prepare.mjs";

const PORT = "4190";
const OUTING = "/shoot/hockey-semi-final";
const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };
const SHOTS = [
  { name: "shoots-phone", url: "/shoots", size: PHONE },
  { name: "ground-phone", url: `${OUTING}/ground`, size: PHONE },
  { name: "ground-wide", url: `${OUTING}/ground`, size: WIDE },
  { name: "ground-places-wide", url: `${OUTING}/ground`, size: WIDE, places: true },
  { name: "expose-phone", url: `${OUTING}/expose`, size: PHONE, quarters: 8 },
  { name: "expose-wide", url: `${OUTING}/expose`, size: WIDE, quarters: 8 },
  { name: "run-phone", url: `${OUTING}/run`, size: PHONE, quarters: 3 },
  { name: "run-hide-phone", url: `${OUTING}/run`, size: PHONE, theme: "hide", quarters: 8 },
];

async function take(browser, { name, url, size, theme = "day", quarters = 0, places = false }) {
  const context = await browser.newContext({
    viewport: size,
    deviceScaleFactor: size === PHONE ? 2 : 1,
    hasTouch: size === PHONE,
    timezoneId: "Europe/London",
    serviceWorkers: "block",
  });
  const page = await context.newPage();
  await page.addInitScript((t) => {
    const preferences = { version: 1, theme: t, order: ["lift", "aperture", "shutter", "iso"] };
    localStorage.setItem("bp/preferences", JSON.stringify(preferences));
  }, theme);
  await page.goto(`http://127.0.0.1:${PORT}${url}`);
  await page.getByText("Quarry Lane").first().waitFor();
  if (quarters > 0) {
    const time = page.getByRole("slider", { name: "Time of the shoot" });
    await time.focus();
    for (let i = 0; i < quarters; i++) await time.press("PageUp");
    await page.evaluate(() => document.activeElement?.blur());
  }
  if (places) {
    await page.getByRole("button", { name: "Find places" }).click();
    await page.getByRole("button", { name: "Move B to place 3" }).scrollIntoViewIfNeeded();
  }
  await page.waitForTimeout(700);
  await page.screenshot({ path: path.join(root, "docs/screenshots", `${name}.png`) });
  await context.close();
}

const failed = chromium() || build();
if (failed) process.exit(failed);
const server = spawn("npx", ["tsx", "server/index.ts"], {
  cwd: root,
  env: { ...process.env, PORT, HOST: "127.0.0.1", DEMO: "1" },
  detached: true,
});
await new Promise((resolve) => server.stdout.once("data", resolve));
const browser = await launcher.launch({
  executablePath: process.env.CHROMIUM_PATH ?? "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
});
for (const shot of SHOTS) await take(browser, shot);
await browser.close();
process.kill(-server.pid);
