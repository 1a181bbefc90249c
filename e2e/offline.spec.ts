import { spawn, spawnSync, type ChildProcess } from "node:child_process";
import {
  appendFileSync,
  cpSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { brotliCompressSync, gzipSync } from "node:zlib";
import { expect, test, type Page } from "@playwright/test";
import { fillDatabase, openPanel, openStage, OUTING, slider, storedOuting, tag } from "./outing";

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
    ["/places", "Places"],
    ["/practice", "Practice"],
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

  const update = (page: Page) =>
    page.evaluate(
      async () => void (await (await navigator.serviceWorker.ready).update().catch(() => undefined)),
    );
  /** Until the copy of the version that works is there. */
  const untilCopied = (page: Page) =>
    page.evaluate(async () => {
      const cache = await caches.open("bp-worked");
      while (!(await cache.match("/.worked"))) await new Promise((done) => setTimeout(done, 100));
    });
  const scripts = () => path.join(dist, "_expo/static/js/web");
  const fileOf = (name: string) =>
    path.join(
      scripts(),
      readdirSync(scripts()).find((f) => f.startsWith(name) && f.endsWith(".js"))!,
    );
  /** Changes a file for every way in which it is sent. */
  const spoil = (file: string, text: string) => {
    writeFileSync(file, text);
    if (existsSync(`${file}.br`)) writeFileSync(`${file}.br`, brotliCompressSync(text));
    if (existsSync(`${file}.gz`)) writeFileSync(`${file}.gz`, gzipSync(text));
  };
  async function begin(page: Page): Promise<void> {
    await page.goto(`${address}/outings`);
    await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
    await untilKept(page);
    await page.reload();
    await untilCopied(page);
  }

  test("that came with another file in place of one of its own took over and stayed white: nothing of it takes over", async ({
    page,
  }) => {
    await begin(page);
    spoil(fileOf("KitScreen"), "<!doctype html><title>Sign in to this network</title>");
    appendFileSync(path.join(dist, "sw.js"), "\n// a later build\n");
    askAgain();
    await update(page);
    await page.waitForTimeout(3000);
    await expect(page.getByText("A new version is ready")).toBeHidden();
    await page.goto(`${address}/kit`);
    await expect(page.getByRole("heading", { name: "Kit", exact: true })).toBeVisible();
  });

  /** Every file is asked for again by the next worker: this build shares their names with the one before. */
  function askAgain(): void {
    const worker = readFileSync(path.join(dist, "sw.js"), "utf8");
    writeFileSync(path.join(dist, "sw.js"), worker.replaceAll(/revision:"\w+"/g, `revision:"${Date.now()}"`));
  }

  test("could never be kept where a wrong file was once served under the name of its content: it is fetched past the browser's cache", async ({
    page,
  }) => {
    const part = fileOf("KitScreen");
    const right = readFileSync(part, "utf8");
    spoil(part, "<!doctype html><title>Sign in to this network</title>");
    // Into the browser's own cache, for a year, before there is a worker.
    await page.goto(`${address}/api/start`);
    const url = `/_expo/static/js/web/${path.basename(part)}`;
    expect(await page.evaluate(async (wrong) => (await fetch(wrong)).text(), url)).toContain("Sign in");
    spoil(part, right);
    expect(await page.evaluate(async (wrong) => (await fetch(wrong)).text(), url)).toContain("Sign in");
    await begin(page);
    await page.goto(`${address}/kit`);
    await expect(page.getByRole("heading", { name: "Kit", exact: true })).toBeVisible();
  });

  test("was damaged in the browser's own store: it did not start, and had no way out", async ({
    page: before,
    context,
  }) => {
    const page = await context.newPage();
    await begin(before);
    await before.evaluate(async () => {
      for (const name of await caches.keys()) {
        const cache = await caches.open(name);
        for (const key of await cache.keys())
          if (key.url.includes("/entry-")) {
            await cache.delete(key, { ignoreVary: true });
            await cache.put(key.url, new Response("(", { headers: { "Content-Type": "text/javascript" } }));
          }
      }
    });
    await before.close();
    await page.goto(`${address}/outings`);
    await expect(page.getByRole("alert")).toContainText("Bright Perch has not started");
    await page.getByRole("button", { name: "Fetch it anew" }).click();
    await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  });

  /** A next build whose first script throws, complete in every other way. */
  function buildThatCannotStart(): void {
    const entry = fileOf("entry-");
    const renamed = entry.replace(/-[0-9a-f]{32}\.js$/, `-${"0".repeat(32)}.js`);
    const html = path.join(dist, "index.html");
    writeFileSync(renamed, "throw new Error('a build that cannot start');");
    writeFileSync(html, readFileSync(html, "utf8").replace(path.basename(entry), path.basename(renamed)));
    for (const file of [entry, `${entry}.br`, `${entry}.gz`]) rmSync(file);
    const built = spawnSync(process.execPath, ["scripts/build-sw.mjs"], {
      env: { ...process.env, DIST: dist },
    });
    expect(built.status).toBe(0);
  }
  async function comesBackAfterUpdate(page: Page): Promise<void> {
    const failed = page.waitForEvent("pageerror");
    await page.getByRole("button", { name: "Update" }).click();
    expect((await failed).message).toBe("a build that cannot start");
    await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible({ timeout: 30_000 });
    await page.goto(`${address}${OUTING}/ground`);
    await expect(tag(page, "B")).toBeVisible();
  }

  test("that does not start left a white screen: the one that worked comes back, with all that is stored", async ({
    page,
  }) => {
    await begin(page);
    buildThatCannotStart();
    await update(page);
    await comesBackAfterUpdate(page);
  });

  test("that waited while the working one was copied was copied among it: the working one comes back as it was", async ({
    page,
  }) => {
    await begin(page);
    buildThatCannotStart();
    await update(page);
    await expect(page.getByRole("button", { name: "Update" })).toBeVisible();
    await page.evaluate(() => caches.delete("bp-worked"));
    await page.reload();
    await untilCopied(page);
    await comesBackAfterUpdate(page);
  });

  test("is taken in another tab: the old page still gets its late parts, and an unsaved edit survives the update", async ({
    page,
    context,
  }) => {
    await begin(page);
    const old = await context.newPage();
    await old.goto(`${address}${OUTING}/ground`);
    await expect(tag(old, "B")).toBeVisible();
    const part = fileOf("drawing-parts");
    for (const file of [part, `${part}.br`, `${part}.gz`]) rmSync(file, { force: true });
    const built = spawnSync(process.execPath, ["scripts/build-sw.mjs"], {
      env: { ...process.env, DIST: dist },
    });
    expect(built.status).toBe(0);
    await page.goto(`${address}${OUTING}/run`);
    await expect(page.getByRole("button", { name: "It was right" })).toBeVisible();
    await fillDatabase(page);
    await page.getByRole("button", { name: "It was right" }).click();
    await expect(page.getByText(/^Not saved/)).toBeVisible();
    await update(page);
    page.on("dialog", (dialog) => void dialog.accept());
    await page.getByRole("button", { name: "Update" }).click();
    await expect(page.getByText("1 reading so far. The next?")).toBeVisible();
    await openPanel(old, "On the ground");
    await expect(old.getByRole("list", { name: "On the ground" })).toBeVisible();
  });
});

test("a first start without its scripts stayed white: it is said, with what to do", async ({ page }) => {
  await page.route("**/entry-*.js", (route) => route.abort());
  await page.goto("/outings");
  await expect(page.getByRole("alert")).toContainText("Bright Perch has not started");
  await page.unroute("**/entry-*.js");
  await page.getByRole("button", { name: "Load again" }).click();
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
});

test("nothing is ever sent: of all that a walk over every screen asks for, all is asked of the server's own address", async ({
  page,
}) => {
  const asked: { readonly url: string; readonly body: string | null }[] = [];
  page.on("request", (request) => asked.push({ url: request.url(), body: request.postData() }));
  await visitOnce(page);
  for (const way of ["brief", "ground", "frame", "expose", "run", "review"]) {
    await page.goto(`${OUTING}/${way}`);
    await expect(page.getByRole("heading", { name: "Cup semi-final" })).toBeVisible();
  }
  for (const way of ["kit", "library", "preferences"]) {
    await page.goto(`/${way}`);
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  }
  const own = new URL(page.url()).origin;
  expect(asked.length).toBeGreaterThan(40);
  expect(asked.filter(({ url }) => !/^(data|blob):/.test(url) && new URL(url).origin !== own)).toEqual([]);
  // What is asked for is told nothing: neither a body nor a question.
  expect(asked.filter(({ url, body }) => body !== null || new URL(url).search.length > 60)).toEqual([]);
});
