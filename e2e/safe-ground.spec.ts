import { expect, test } from "@playwright/test";
import { openPanel, openStage, planned, storedOuting } from "./outing";

// Where it hurts, or disturbs: from nothing to the field card, and what is said to who goes nearer by hand.

const OUTINGS = [
  ["discus and hammer", "discus thrower"],
  ["squash", "squash stroke"],
  ["ice hockey", "ice hockey skater"],
  ["open ground", "bear walking"],
  ["open ground", "racehorse"],
  ["baseball field, youth", "baseball batter, youth"],
] as const;

for (const [ground, subject] of OUTINGS)
  test(`${subject} from nothing: one begins where one may stand, with a card`, async ({ page }) => {
    await planned(page, ground, subject);
    await openStage(page, "Ground");
    await expect(page.getByRole("img", { name: "Position A, chosen", exact: true })).toBeVisible();
    await openStage(page, "Run");
    await expect(page.getByRole("button", { name: /^shutter 1\/\d+/ })).toBeVisible();
    await expect(page.getByRole("button", { name: /^ISO/ })).toBeVisible();
  });

test("nearer to a bear by hand: it is ruled out, with the distance, the longer lens, and who decides", async ({
  page,
}) => {
  await planned(page, "open ground", "bear walking");
  await openStage(page, "Ground");
  await openPanel(page, "Position");
  const { at } = (await storedOuting(page, "trial-day")).ground.spots[0];
  for (const [label, value] of [
    ["East in m", at.x + 10],
    ["North in m", at.y],
  ] as const) {
    await page.getByLabel(label).fill(String(value));
    await page.getByLabel(label).press("Enter");
  }
  await expect(page.getByRole("img", { name: /^Position A, chosen, ruled out/ })).toBeVisible();
  const said = page.getByText(/^Nearer than this animal is left: /).first();
  await expect(said).toContainText(/keep 91/);
  await expect(said).toContainText("A longer lens, or wait");
  await expect(said).toContainText("Local law, wardens and guides decide");
});

test("the cautions of a bear are those of a dangerous animal, and no list of a game’s", async ({ page }) => {
  await planned(page, "open ground", "bear walking");
  await expect(page.getByText(/Never between it and its young/)).toBeVisible();
  await expect(page.getByText(/Players fall over the line/)).toHaveCount(0);
});
