import { spawn, type ChildProcess } from "node:child_process";
import { appendFileSync, cpSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { expect, test, type Page } from "@playwright/test";
import { openStage, OUTING, slider, storedOuting, tag } from "./outing";

test.use({ serviceWorkers: "allow" });

const untilKept = (page: Page) =>
  page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    // Claimed by the worker, so that the next request goes through it.
    while (!navigator.serviceWorker.controller) await new Promise((done) => setTimeout(done, 50));
  });

async function visitOnce(page: Page): Promise<void> {
  await page.goto("/outings");
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  await untilKept(page);
}

test("once opened, every part of the application opens again without a network", async ({
  page,
  context,
}) => {
  await visitOnce(page);
  await context.setOffline(true);
  await page.goto(`${OUTING}/ground`);
  await expect(tag(page, "B")).toBeVisible();
  for (const stage of ["Brief", "Frame", "Expose", "Run", "Review"] as const) await openStage(page, stage);
  for (const [place, heading] of [
    ["/kit", "Kit"],
    ["/library", "Library"],
    ["/preferences", "Preferences"],
  ] as const) {
    await page.goto(place);
    await expect(page.getByRole("heading", { name: heading, exact: true })).toBeVisible();
  }
});

test("what is written without a network is there after a reload without a network", async ({
  page,
  context,
}) => {
  await visitOnce(page);
  await context.setOffline(true);
  await page.goto(`${OUTING}/run`);
  await page.getByRole("button", { name: "Too dark" }).click();
  await page.getByRole("button", { name: "Too dark by 3 clicks" }).click();
  await expect(page.getByRole("status")).toContainText("Saved");
  await page.reload();
  await expect(page.getByLabel("ISO 1000", { exact: true })).toBeVisible();
  expect((await storedOuting(page)).light.readings).toHaveLength(1);
});

test("a network that goes in the middle of the work takes nothing away", async ({ page, context }) => {
  await visitOnce(page);
  await page.goto(`${OUTING}/expose`);
  await expect(slider(page, "Shutter")).toBeVisible();
  await context.setOffline(true);
  await openStage(page, "Brief");
  // The forms are a part that was not loaded before.
  await page.getByRole("button", { name: /^Access:/ }).click();
  await page.getByLabel("Fallback, if that falls through").fill("the bridge");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText(/if not, the bridge/)).toBeVisible();
  await context.setOffline(false);
  await page.reload();
  await expect(page.getByText(/if not, the bridge/)).toBeVisible();
});

test.describe("a new version", () => {
  let server: ChildProcess;
  let dist: string;
  let address: string;

  test.beforeEach(async ({ page }, { parallelIndex }) => {
    expect(page.url()).toBe("about:blank");
    dist = mkdtempSync(path.join(tmpdir(), "bright-perch-dist-"));
    cpSync("dist", dist, { recursive: true });
    const port = String(4300 + parallelIndex);
    address = `http://127.0.0.1:${port}`;
    server = spawn(process.execPath, ["node_modules/tsx/dist/cli.mjs", "server/index.ts"], {
      env: { ...process.env, PORT: port, HOST: "127.0.0.1", DIST: dist, DEMO: "1" },
    });
    await new Promise((ready) => server.stdout!.once("data", ready));
  });
  test.afterEach(() => {
    server.kill();
    rmSync(dist, { recursive: true, force: true });
  });

  test("is offered, waits while it is not wanted, and is loaded when it is taken", async ({ page }) => {
    await page.goto(`${address}/outings`);
    await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
    await untilKept(page);
    await expect(page.getByText("A new version is ready")).toBeHidden();
    appendFileSync(path.join(dist, "sw.js"), "\n// a later build\n");
    await page.evaluate(async () => void (await (await navigator.serviceWorker.ready).update()));
    await expect(page.getByText("A new version is ready")).toBeVisible();
    await page.getByRole("button", { name: "Later" }).click();
    await expect(page.getByText("A new version is ready")).toBeHidden();
    expect(await page.evaluate(async () => (await navigator.serviceWorker.ready).waiting !== null)).toBe(
      true,
    );
    await page.reload();
    const reloaded = page.waitForEvent("load");
    await page.getByRole("button", { name: "Update" }).click();
    await reloaded;
    await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
    await expect(page.getByText("A new version is ready")).toBeHidden();
    expect(await page.evaluate(async () => (await navigator.serviceWorker.ready).waiting === null)).toBe(
      true,
    );
  });
});
