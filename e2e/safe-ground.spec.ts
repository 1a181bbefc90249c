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

test("a hall is planned without coordinates, its lamps are lit and no sun is told; out of doors they are asked", async ({
  page,
}) => {
  await planned(page, "basketball", "basketball player driving");
  await expect(page.getByText(/coordinates not told/)).toBeVisible();
  const { ground, light } = await storedOuting(page, "trial-day");
  expect(ground.anchor.assumed).toBe(true);
  expect(light.roof.daylightShare).toBe(0);
  await openStage(page, "Ground");
  await openPanel(page, "Ground and light");
  await expect(page.getByText(/where this lies is not told/)).toHaveCount(0);
  await page.getByRole("radio", { name: "Open sky" }).click();
  await expect(page.getByText(/where this lies is not told/)).toBeVisible();
  await page.goto("/outings");
  await page.getByRole("button", { name: "Plan an outing" }).click();
  await page.getByRole("radio", { name: "Open sky" }).click();
  await expect(page.getByLabel("Latitude, south is − in °")).toBeVisible();
  await page.getByRole("radio", { name: "Under a roof" }).click();
  await expect(page.getByLabel("Latitude, south is − in °")).toHaveCount(0);
});

test("a left-handed batter stands on the other side of the plate, and the trade on the other side of the field", async ({
  page,
}) => {
  await page.goto("/outing/diamond-afternoon/brief");
  await page
    .getByRole("button", { name: /^Right-handed swing/ })
    .first()
    .click();
  await page.getByRole("radio", { name: "Left", exact: true }).click();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await openStage(page, "Ground");
  await openPanel(page, "In the way, behind, and the faces");
  await expect(page.getByText(/^Left-handed: /)).toBeVisible();
  await openPanel(page, "Where the trade stands");
  await expect(page.getByText("left-handed batter", { exact: false }).first()).toBeVisible();
  await expect(page.getByText("right-handed batter", { exact: false })).toHaveCount(0);
  const { ground, shots } = await storedOuting(page, "diamond-afternoon");
  const spotOf = (id: string) => ground.spots.find((s: { id: string }) => s.id === id);
  const swing = shots.find((s: { id: string }) => s.id === "right-handed-swing");
  expect(spotOf(swing.spotId).name).toBe("Left-handed box");
});

test("from position to position of a course one crosses where a crossing is drawn, and who opens it is said", async ({
  page,
}) => {
  await page.goto("/outing/cross-country-day/ground");
  await openPanel(page, "Positions compared");
  await expect(
    page.getByText(/over “Crossing after fence \d+”.*, once the stewards open it\.$/).first(),
  ).toBeVisible();
});
