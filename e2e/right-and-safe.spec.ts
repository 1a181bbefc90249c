import { expect, test } from "@playwright/test";
import { openGround, openPanel, openStage, OUTING, planned, slider, storedOuting, valueOf } from "./outing";

// What a photographer could be led into, and is not: one test a way.

test("a new outing on a football pitch proposed places beside the players: every place found is one where one may stand", async ({
  page,
}) => {
  await planned(page, "football pitch");
  await openStage(page, "Ground");
  await openPanel(page, "Other positions for this shot");
  await page.getByRole("button", { name: "Find positions" }).click();
  await page.getByRole("button", { name: "Move A to candidate 1" }).click();
  await expect(page.getByRole("img", { name: /^Position A, chosen$/ })).toBeVisible();
  const { at } = (await storedOuting(page, "trial-day")).ground.positions[0];
  expect(Math.abs(at.x) > 34 || Math.abs(at.y) > 52.5).toBe(true);
});

test("the run-off was open ground: it is closed until the brief says that leave was given, and the official is named", async ({
  page,
}) => {
  await openGround(page);
  await openPanel(page, "Position");
  await page.getByLabel("East in m").fill("26.7");
  await page.getByLabel("East in m").press("Enter");
  await page.getByLabel("North in m").fill("46");
  await page.getByLabel("North in m").press("Enter");
  await expect(page.getByText(/^The run-off: only if the umpires agree/).first()).toBeVisible();
  await expect(page.getByRole("img", { name: /^Position B, chosen, ruled out/ })).toBeVisible();
  await openStage(page, "Brief");
  await page.getByRole("button", { name: /^Access:/ }).click();
  await page
    .getByRole("radiogroup", { name: "Run-off, agreed with the umpires" })
    .getByRole("radio", { name: "Agreed", exact: true })
    .click();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await openStage(page, "Ground");
  await expect(page.getByRole("img", { name: "Position B, chosen", exact: true })).toBeVisible();
});

test("a new pool lay outdoors on grass: it is indoors over water, under lamps, with its cautions", async ({
  page,
}) => {
  await planned(page, "swimming pool, 25", "butterfly swimmer");
  await expect(page.getByText(/Wet edges slip/)).toBeVisible();
  await expect(page.getByText(/Battery power only beside a pool/)).toBeVisible();
  await openStage(page, "Ground");
  await expect(page.getByText("under a roof")).toHaveCount(2);
  const pool = await storedOuting(page, "trial-day");
  expect(pool.light.lamps.kind).toBe("pool");
  expect(pool.light.lamps.until).toBeUndefined();
  await openStage(page, "Expose");
  await expect(slider(page, "Shutter")).toBeVisible();
});

test("choosing the running track brought a footballer: ground and subject belong together, and the kind follows", async ({
  page,
}) => {
  await page.goto("/outings");
  await page.getByRole("button", { name: "Plan an outing" }).click();
  await page.getByRole("radio", { name: "Pool" }).click();
  await page.getByRole("button", { name: /^Ground:/ }).click();
  await page.getByLabel("Search ground").fill("running track");
  await page.getByRole("button", { name: /^Athletics track/ }).click();
  await expect(page.getByRole("button", { name: /^First subject: Sprinter/ })).toBeVisible();
  await page.getByRole("button", { name: /^First subject:/ }).click();
  await page.getByLabel("Search first subject").fill("quarterback");
  await page.getByRole("list", { name: "First subject" }).getByRole("button").first().click();
  await expect(page.getByRole("button", { name: /^Ground: Gridiron field/ })).toBeVisible();
  await expect(page.getByRole("radio", { name: "Field", exact: true })).toBeChecked();
});

test("a lens taken out of the bag went on being used: the best of what is left is, and it is said on every stage", async ({
  page,
}) => {
  await page.goto(`${OUTING}/brief`);
  await page.getByRole("button", { name: /^Bag:/ }).click();
  await page.getByRole("checkbox", { name: "70–200 mm f/2.8" }).click();
  await page.getByRole("button", { name: "Done" }).click();
  await expect(page.getByRole("status").last()).toContainText("Now using instead");
  for (const stage of ["Ground", "Frame", "Expose", "Run"] as const) {
    await openStage(page, stage);
    await expect(page.getByText(/70–200 mm f\/2.8 not in the bag; using/).first()).toBeVisible();
  }
});

test("depth was nobody's choice: it is the shot's, and Expose says what was asked and what is held", async ({
  page,
}) => {
  await page.goto(`${OUTING}/brief`);
  await page.getByRole("button", { name: /^Drag flick,/ }).click();
  await page.getByRole("radio", { name: "Whole subject" }).click();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await openStage(page, "Expose");
  await expect(page.getByText(/^Whole subject asks for \d/)).toBeVisible();
  await openStage(page, "Brief");
  await page.getByRole("button", { name: /^Drag flick,/ }).click();
  await page.getByRole("radio", { name: "Eye only" }).click();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await openStage(page, "Expose");
  await expect(page.getByText(/^Only the eye is asked for/)).toBeVisible();
});

test("a rail went past what lens and body have: it stops there and says why", async ({ page }) => {
  await page.goto(`${OUTING}/expose`);
  await slider(page, "Aperture").press("Home");
  await expect.poll(() => valueOf(page, "Aperture")).toMatch(/^f\/2.8, This lens opens no wider/);
  await slider(page, "Shutter").press("End");
  await expect.poll(() => valueOf(page, "Shutter")).toMatch(/^1\/8000\b.*This body goes no faster/);
  await page.getByRole("button", { name: "Let go of Shutter" }).click();
  await expect.poll(() => valueOf(page, "Shutter")).toBe("1/1000");
});

test("a test shot that was right took typing: it is one press, and other settings can be typed", async ({
  page,
}) => {
  await page.goto(`${OUTING}/run`);
  await page.getByRole("button", { name: "It was right" }).click();
  await expect(page.getByRole("status")).toContainText("it was right");
  expect((await storedOuting(page)).light.readings).toMatchObject([{ offClicks: 0 }]);
  await page.getByRole("button", { name: "Other settings" }).click();
  await page.getByLabel("Clicks off, − is too dark").fill("-5");
  await page.getByRole("button", { name: "Save reading" }).click();
  await expect.poll(async () => (await storedOuting(page)).light.readings.length).toBe(2);
  expect((await storedOuting(page)).light.readings[1]).toMatchObject({ offClicks: -5 });
});

test("close to, lengths were rounded to metres: a butterfly's depth is in millimetres", async ({ page }) => {
  await planned(page, "open ground", "butterfly on a stem, calm");
  await openStage(page, "Frame");
  await expect(page.getByText(/^Sharp from \d+(\.\d)? to \d+(\.\d)?\s(mm|cm)$/).first()).toBeVisible();
});
