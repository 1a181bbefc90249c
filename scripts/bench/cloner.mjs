// The first minutes of somebody who clones: packages, build and first page apart, and how long a second start takes. By the two commands
// of the README, in a clone of its own; packages come by the network that there is.
import { spawn, spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { createInterface } from "node:readline";
import { chromium } from "@playwright/test";
import { root } from "../prepare.mjs";
import { LAUNCH } from "./browser.mjs";

const PORT = 4192;
/** What the demo says of where it is, in its order. */
const SAYS = {
  install: /^Installing packages/,
  build: /^Building the application/,
  served: /^Bright Perch is at/,
};

/** Starts the demo in a folder and tells in seconds when it said what, and when its list of outings stood in a browser. */
async function start(cwd) {
  const began = performance.now();
  const since = () => (performance.now() - began) / 1000;
  const at = {};
  const demo = spawn("npm", ["run", "--silent", "demo"], {
    cwd,
    env: { ...process.env, PORT: String(PORT) },
    stdio: ["ignore", "pipe", "inherit"],
    detached: true,
  });
  for await (const line of createInterface({ input: demo.stdout })) {
    for (const [step, said] of Object.entries(SAYS)) if (said.test(line)) at[step] = since();
    if (at.served) break;
  }
  try {
    if (!at.served) throw new Error("the demo ended before it served");
    const browser = await chromium.launch(LAUNCH);
    const page = await browser.newPage();
    await page.goto(`http://127.0.0.1:${PORT}/outings`);
    await page.getByRole("link", { name: /Cup semi-final/ }).waitFor();
    at.page = since();
    await browser.close();
  } finally {
    process.kill(-demo.pid, "SIGTERM");
  }
  return at;
}

/** Prints seconds; `aim` is what the product wants. */
export async function benchCloner() {
  const clone = mkdtempSync(path.join(tmpdir(), "bright-perch-clone-"));
  spawnSync("git", ["clone", "--quiet", root, clone]);
  const first = await start(clone);
  const second = await start(clone);
  rmSync(clone, { recursive: true, force: true });
  console.log("from a clone to the first page, seconds");
  console.log(`  packages               ${(first.build - first.install).toFixed(0)}`);
  console.log(`  build                  ${(first.served - first.build).toFixed(0)}`);
  console.log(`  first page, of the whole ${first.page.toFixed(0)} (aim 240)`);
  console.log(`  second start to a page ${second.page.toFixed(1)} (aim 10)`);
}
