import { existsSync, statSync } from "node:fs";
import path from "node:path";
import { expect, test, type Page } from "@playwright/test";
import { openPanel, OUTING, tag } from "./outing";

/** A file as the server sends it: packed with the build where that pays. */
const sentBytes = (file: string): number => statSync(existsSync(`${file}.br`) ? `${file}.br` : file).size;

/** Budgets in kB as they are sent, with brotli. docs/decisions/0004 tells how they came about. */
const BUDGET = { first: 376, list: 364, stage: 547, stageWide: 564, fonts: 66 };

/** A wide screen opens a late panel with the stage, which compares the positions. */
const isWide = (page: Page): boolean => (page.viewportSize()?.width ?? 0) >= 960;

test("the first start, the list and the first stage stay within their bytes", async ({ page }) => {
  const sizes = { js: 0, fonts: 0 };
  page.on("response", (response) => {
    const { pathname } = new URL(response.url());
    const kind = pathname.endsWith(".js") ? "js" : pathname.endsWith(".ttf") ? "fonts" : undefined;
    if (kind) sizes[kind] += sentBytes(path.join("dist", pathname)) / 1000;
  });
  await page.goto("/outings");
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  expect(sizes.js).toBeGreaterThan(100);
  expect(sizes.js).toBeLessThan(BUDGET.first);
  expect(sizes.fonts).toBeGreaterThan(10);
  expect(sizes.fonts).toBeLessThan(BUDGET.fonts);
  sizes.js = 0;
  await page.goto("/outings");
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  expect(sizes.js).toBeGreaterThan(100);
  expect(sizes.js).toBeLessThan(BUDGET.list);
  sizes.js = 0;
  await page.goto(`${OUTING}/ground`);
  await expect(tag(page, "B")).toBeVisible();
  await page.waitForLoadState("networkidle");
  expect(sizes.js).toBeLessThan(isWide(page) ? BUDGET.stageWide : BUDGET.stage);
});

test("a late panel comes when it is first seen and costs the stage nothing before", async ({ page }) => {
  const loaded: string[] = [];
  page.on("response", (response) =>
    loaded.push(path.basename(new URL(response.url()).pathname).replace(/-[0-9a-f]{8,}\.js$/, "")),
  );
  await page.goto(`${OUTING}/ground`);
  await expect(tag(page, "B")).toBeVisible();
  const late = [
    "FindPositions",
    "drawing-parts",
    "LieOfGround",
    "SpotFields",
    "ReadingForm",
    "forms",
    "Promised",
  ];
  expect(loaded).toContain("stages");
  expect(loaded.filter((name) => late.includes(name) || name === "__common")).toEqual([]);
  await openPanel(page, "On the ground");
  await expect(page.getByRole("list", { name: "On the ground" })).toBeVisible();
  expect(loaded.filter((name) => late.includes(name))).toEqual(["drawing-parts"]);
});
