// The browser is killed while readings are being saved, and opened again over the same profile: every reading that was told
// as saved must be there. Run with the number of kills; the moments are seeded.
import { spawn } from "node:child_process";
import { once } from "node:events";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { chromium } from "@playwright/test";
import { LAUNCH, withProduct } from "../bench/browser.mjs";

const RUN = "/outing/hockey-semi-final/run";
const kills = Number(process.argv[2] ?? 30);
const LONGEST_MS = 2500;
/** Kills over one profile: an outing holds five hundred readings. */
const A_PROFILE = 25;

/** A linear congruential generator (Numerical Recipes): the same moments at every run. */
let seed = 20261017;
const random = () => (seed = (1664525 * seed + 1013904223) % 2 ** 32) / 2 ** 32;

const open = (profile) =>
  chromium.launchPersistentContext(profile, { ...LAUNCH, viewport: { width: 390, height: 844 } });

/** Every process of the browser over this profile, at once and without a word. */
async function kill(profile) {
  await once(spawn("pkill", ["-9", "-f", `user-data-dir=${profile}`]), "exit");
}

const readings = async (page) => {
  const words = await page.getByText(/^Test shot:|readings? so far/).textContent();
  return Number(/^\d+/.exec(words)?.[0] ?? 0);
};

/** Presses as fast as it is told as saved, until the browser is gone; gives back how often it was. */
async function pressUntilKilled(url, context, profile) {
  const page = context.pages()[0] ?? (await context.newPage());
  await page.goto(url + RUN);
  const before = await readings(page);
  let told = 0;
  let dead;
  try {
    for (;;) {
      await page.getByRole("button", { name: "It was right" }).click({ timeout: 30_000 });
      await page.getByText(`${before + told + 1} reading`).waitFor({ timeout: 30_000 });
      await page.waitForFunction(
        (key) => sessionStorage.getItem(key) === null,
        "bp/unsaved/hockey-semi-final",
      );
      told++;
      dead ??= new Promise((done) => setTimeout(done, random() * LONGEST_MS)).then(() => kill(profile));
    }
  } catch {
    await (dead ?? kill(profile));
  }
  await context.close().catch(() => undefined);
  return { before, told };
}

async function afterwards(url, profile) {
  const context = await open(profile);
  const page = await context.newPage();
  await page.goto(url + RUN);
  await page.getByRole("button", { name: "It was right" }).waitFor();
  const found = await readings(page);
  await context.close();
  return found;
}

const freshProfile = () => mkdtempSync(path.join(tmpdir(), "kills-"));
const clear = (profile) => rmSync(profile, { recursive: true, force: true });
let profile = freshProfile();
let lost = 0;
let acknowledged = 0;
await withProduct(async (_, url) => {
  for (let i = 0; i < kills; i++) {
    if (i > 0 && i % A_PROFILE === 0) {
      clear(profile);
      profile = freshProfile();
    }
    const { before, told } = await pressUntilKilled(url, await open(profile), profile);
    const found = await afterwards(url, profile);
    acknowledged += told;
    const missing = Math.max(0, before + told - found);
    lost += missing;
    console.log(
      `kill ${i + 1}: ${told} told as saved, ${found - before} found${missing > 0 ? `, ${missing} LOST` : ""}`,
    );
  }
});
clear(profile);
console.log(`${kills} kills, ${acknowledged} readings told as saved, ${lost} lost`);
process.exit(lost === 0 && acknowledged > 0 ? 0 : 1);
