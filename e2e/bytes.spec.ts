import { readFileSync } from "node:fs";
import path from "node:path";
import { gzipSync } from "node:zlib";
import { expect, test, type Page } from "@playwright/test";
import { openPanel, OUTING, tag } from "./outing";

/** Budgets in kB, gzip level 6. docs/decisions/0004 tells how they came about. */
const BUDGET = { first: 545, list: 456, stage: 598, stageWide: 615, fonts: 100 };

/** A wide screen opens a late panel with the stage, which compares the positions. */
const isWide = (page: Page): boolean => (page.viewportSize()?.width ?? 0) >= 960;

test("the first start, the list and the first stage stay within their bytes", async ({ page }) => {
  const sizes = { js: 0, fonts: 0 };
  page.on("response", (response) => {
    const { pathname } = new URL(response.url());
    const kind = pathname.endsWith(".js") ? "js" : pathname.endsWith(".ttf") ? "fonts" : undefined;
    if (kind) sizes[kind] += gzipSync(readFileSync(path.join("dist", pathname)), { level: 6 }).length / 1000;
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
    loaded.push(path.basename(new URL(response.url()).pathname).split("-")[0]!),
  );
  await page.goto(`${OUTING}/ground`);
  await expect(tag(page, "B")).toBeVisible();
  const late = [
    "FindPositions",
    "Obstacles",
    "LieOfGround",
    "SpotFields",
    "ReadingForm",
    "forms",
    "Promised",
  ];
  expect(loaded).toContain("stages");
  expect(loaded.filter((name) => late.includes(name) || name === "__common")).toEqual([]);
  await openPanel(page, "What stands there");
  await expect(page.getByRole("button", { name: "Add: Trees" })).toBeVisible();
  expect(loaded.filter((name) => late.includes(name))).toEqual(["Obstacles"]);
});
