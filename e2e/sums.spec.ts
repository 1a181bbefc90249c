import { expect, test } from "@playwright/test";
import { openPanel } from "./outing";

const HOCKEY = "/outing/hockey-semi-final";

test("a number of the field card opens to its sum, step by step down to the kit, and names its function", async ({
  page,
}) => {
  await page.goto(`${HOCKEY}/run`);
  await page.getByRole("button", { name: /^shutter 1\/\d+$/ }).click();
  const sheet = page.getByRole("dialog", { name: "Shutter" });
  await expect(sheet.getByText(/Function shutterSeconds/)).toBeVisible();
  await sheet.getByRole("button", { name: /^clicks, \d+ clicks\. How\?$/ }).click();
  await expect(sheet.getByText(/Function shutterNoSlower/)).toBeVisible();
  await sheet.getByRole("button", { name: /^exposure, 1\/\d+\. How\?$/ }).click();
  await expect(sheet.getByText("√(tolerance² − still²) ÷ moving")).toBeVisible();
  await sheet.getByRole("button", { name: /^still, .* µm\. How\?$/ }).click();
  await sheet.getByRole("button", { name: /^pixel, .* µm\. How\?$/ }).click();
  await expect(sheet.getByText("from your kit").first()).toBeVisible();
  await sheet.getByRole("button", { name: "Back to still" }).click();
  await expect(sheet.getByText(/Function stillLengthUm/)).toBeVisible();
});

test("blur, chance, light, softness and the four figures of a place open to their sums too", async ({
  page,
}) => {
  await page.goto(`${HOCKEY}/expose`);
  await page.getByRole("button", { name: /^EV .* on the subject/ }).click();
  await expect(page.getByRole("dialog").getByText("log₂(lux ÷ 2.5)")).toBeVisible();
  await page.keyboard.press("Escape");
  await openPanel(page, "Chance of a keeper");
  const chance = page.getByRole("region", { name: "Chance of a keeper" });
  await chance
    .getByRole("button", { name: /^(?!Chance).*of 100/ })
    .first()
    .click();
  await expect(page.getByRole("dialog").getByText(/Function keeperChance/)).toBeVisible();
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^(?!Blur).*px of \d/ }).click();
  await expect(page.getByRole("dialog").getByText("√((moving · exposure)² + still²)")).toBeVisible();
  await page.keyboard.press("Escape");
  await page.goto(`${HOCKEY}/ground`);
  await page.getByRole("button", { name: /m, to .*Why\?$/ }).click();
  await page.getByRole("button", { name: "The distance, its sum" }).click();
  await expect(page.getByRole("dialog").getByText(/Function distance/)).toBeVisible();
});

test("the score of a place opens to what each of its parts weighs, and each part to what it rests on", async ({
  page,
}) => {
  await page.goto(`${HOCKEY}/ground`);
  await openPanel(page, "Positions compared");
  await page.getByRole("button", { name: /^B · / }).click();
  const sheet = page.getByRole("dialog", { name: "Score of B" });
  await expect(sheet.getByText(/Function weighedMean/)).toBeVisible();
  await expect(sheet.getByText("weighs 3").first()).toBeVisible();
  await sheet.getByRole("button", { name: /^reach, .*How\?$/ }).click();
  await expect(sheet.getByText(/Function reachShare/)).toBeVisible();
  await sheet.getByRole("button", { name: /^fill, .*How\?$/ }).click();
  await expect(sheet.getByText(/Function fillOf/)).toBeVisible();
  await sheet.getByRole("button", { name: "Back to reach" }).click();
  await sheet.getByRole("button", { name: "Back to score" }).click();
  await sheet.getByRole("button", { name: /^movement, .*How\?$/ }).click();
  await expect(sheet.getByText(/Function holdShare/)).toBeVisible();
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /^A · / }).click();
  await expect(
    page.getByRole("dialog", { name: "Score of A" }).getByText(/Function weighedMean/),
  ).toBeVisible();
});
