import { expect, test } from "@playwright/test";
import { storedRecord } from "./entries";
import { openStage, storedOuting } from "./outing";

const OUTINGS = [
  { id: "hockey-semi-final", name: "Cup semi-final" },
  { id: "handball-league-evening", name: "League evening" },
  { id: "cross-country-day", name: "Cross-country day" },
  { id: "lagoon-at-first-light", name: "Lagoon at first light" },
  { id: "diamond-afternoon", name: "Diamond afternoon" },
];

for (const { id, name } of OUTINGS)
  test(`${name} reaches a field card for every shot that has a place @field`, async ({ page }) => {
    await page.goto("/outings");
    await page.getByRole("link", { name: new RegExp(name) }).click();
    await openStage(page, "Run");
    const outing = await storedOuting(page, id);
    const placed = outing.choices.filter((c: { positionId: string | null }) => c.positionId !== null);
    expect(placed.length).toBeGreaterThanOrEqual(3);
    for (const { shotId } of placed) {
      const shot = outing.shots.find((s: { id: string }) => s.id === shotId);
      await page.getByRole("button", { name: /Choose another shot/ }).click();
      await page
        .getByRole("dialog")
        .getByRole("button", { name: new RegExp(`^${shot.name},`) })
        .click();
      await page.keyboard.press("Escape");
      await expect(page.getByRole("heading", { name: new RegExp(`^${shot.name} from`) })).toBeVisible();
      await expect(page.getByLabel(/^shutter (1\/\d+|[\d.]+ s)/)).toBeVisible();
      await expect(page.getByLabel(/^aperture f\/[\d.]+/)).toBeVisible();
      await expect(page.getByLabel(/^ISO \d+/).first()).toBeVisible();
    }
  });

test("in the hall the lamps flicker, no sun moves, and what is short has ways out", async ({ page }) => {
  await page.goto("/outing/handball-league-evening/run");
  await expect(page.getByText(/The lamps flicker/)).toBeVisible();
  await openStage(page, "Expose");
  await expect(page.getByRole("heading", { name: /(missing|short). Ways out/ })).toBeVisible();
  await openStage(page, "Ground");
  await expect(page.getByText("under a roof")).toHaveCount(2);
});

test("at the water the pan's lines choose the shutter; over the log the legs do", async ({ page }) => {
  await page.goto("/outing/cross-country-day/run");
  const shutter = async (): Promise<number> =>
    Number((await page.getByLabel(/^shutter 1\//).getAttribute("aria-label"))!.split("1/")[1]);
  expect(await shutter()).toBeLessThanOrEqual(125);
  await page.keyboard.press("2");
  await expect(page.getByRole("heading", { name: /^Over the hanging log/ })).toBeVisible();
  expect(await shutter()).toBeGreaterThanOrEqual(500);
});

test("before dawn in the hide the screen goes dark by itself, where that is liked", async ({ page }) => {
  await page.goto("/preferences");
  await page.getByRole("radio", { name: "By the light" }).click();
  await expect.poll(() => storedRecord(page, "bp/preferences")).toMatchObject({ themeByLight: true });
  await page.goto("/outing/lagoon-at-first-light/run");
  const html = page.locator("html");
  await expect(html).toHaveAttribute("data-theme", "dusk");
  await page.getByRole("slider", { name: "Time of the outing" }).press("Home");
  await expect(html).toHaveAttribute("data-theme", "hide");
  await page.getByRole("slider", { name: "Time of the outing" }).press("End");
  await expect(html).toHaveAttribute("data-theme", "day");
  await page.getByRole("button", { name: /Switch to Dusk$/ }).click();
  await expect(html).toHaveAttribute("data-theme", "dusk");
});
