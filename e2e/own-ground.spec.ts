import { expect, test, type Page } from "@playwright/test";
import { drag, isPhone, openPanel, openStage, storedOuting, tabTo, tag } from "./outing";

const FIELDS = {
  "Name of the outing": "Meadow evening",
  "Name of the place": "Long Meadow",
  "Latitude, south is − in °": "53.4",
  "Longitude, west is − in °": "-2.25",
  Date: "2027-05-06",
  "You are there from": "17:00",
  "It starts": "18:00",
  "You leave": "20:30",
};
const ID = "meadow-evening";
const ground = async (page: Page) => (await storedOuting(page, ID)).ground;
const chosen = (page: Page) => page.getByRole("img", { name: /^Chosen: / });
const planOf = (page: Page) => page.getByRole("group", { name: /, drawing\./ });

/** A thing is put on the ground and told as chosen. */
async function add(page: Page, name: string): Promise<void> {
  await page.getByRole("button", { name: "Add", exact: true }).click();
  await page.getByRole("dialog").getByRole("button", { name, exact: true }).click();
  await expect(chosen(page)).toBeVisible();
}

test("a ground of one's own from nothing to a decided position, by finger or by mouse", async ({ page }) => {
  await page.goto("/outings");
  await page.getByRole("button", { name: "Plan an outing" }).click();
  for (const [label, value] of Object.entries(FIELDS))
    await page.getByLabel(label, { exact: true }).fill(value);
  await page.getByRole("button", { name: /^Ground: Football pitch/ }).click();
  await page.getByLabel("Search ground").fill("open");
  await page.getByRole("button", { name: /^Open ground/ }).click();
  await page.getByRole("button", { name: "Create outing" }).click();
  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/brief$/);
  await openStage(page, "Ground");
  await page.getByRole("button", { name: "Draw the ground" }).first().click();

  await add(page, "Wall");
  const wall = (await chosen(page).locator("path").first().boundingBox())!;
  const before = (await ground(page)).obstacles.at(-1);
  await drag(page, { x: wall.x + wall.width / 2, y: wall.y + wall.height / 2 }, { x: -50, y: -40 });
  const after = (await ground(page)).obstacles.at(-1);
  expect(after.outline[0]).not.toEqual(before.outline[0]);
  await page.getByRole("button", { name: "Let go" }).click();
  await add(page, "Position");
  const put = (await ground(page)).positions.at(-1);
  const mark = (await chosen(page).locator("circle").first().boundingBox())!;
  await drag(page, { x: mark.x + mark.width / 2, y: mark.y + mark.height / 2 }, { x: 40, y: 50 });
  const position = (await ground(page)).positions.at(-1);
  expect(Math.hypot(position.at.x - put.at.x, position.at.y - put.at.y)).toBeGreaterThan(0.2);
  await page.getByRole("button", { name: "Let go" }).click();
  await page.getByRole("button", { name: "Done" }).click();
  await expect(tag(page, `${position.name}, chosen`)).toBeVisible();
  await decide(page, position.name);
  await expect.poll(async () => (await storedOuting(page, ID)).choices[0].positionId).toBe(position.id);
});

/** Plans the shot in hand from the position that is looked from. */
async function decide(page: Page, name: string): Promise<void> {
  await openPanel(page, "Position");
  await page.getByRole("button", { name: `Plan it from ${name}` }).click();
}

test("a ground of one's own from nothing to a decided position, by keys alone", async ({ page }) => {
  test.skip(isPhone(page), "a full keyboard belongs to a wide screen");
  await page.goto("/outings");
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  await tabTo(page, /^Plan an outing/);
  await page.keyboard.press("Enter");
  for (const [label, value] of Object.entries(FIELDS)) {
    const field = page.getByLabel(label, { exact: true });
    // A browser's own field of a date or a time takes its parts one by one; it is filled as a whole here.
    await field.focus();
    await field.fill(value);
  }
  await tabTo(page, /^Ground: Football pitch/, 80);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Search ground/);
  await page.keyboard.type("open");
  await tabTo(page, /^Open ground/);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Create outing/, 80);
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/brief$/);
  await tabTo(page, /^Ground:/, 80);
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/ground$/);
  await tabTo(page, /^Draw the ground/);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Add$/, 80);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Wall$/, 80);
  await page.keyboard.press("Enter");
  await expect(chosen(page)).toHaveAttribute("aria-label", "Chosen: Wall");
  const before = (await ground(page)).obstacles.at(-1);
  await tabTo(page, /, drawing\./, 80);
  await page.keyboard.press("Shift+ArrowUp");
  await expect
    .poll(async () => (await ground(page)).obstacles.at(-1).outline[0])
    .not.toEqual(before.outline[0]);
  await page.keyboard.press("Escape");
  await tabTo(page, /^Add$/, 80);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Position$/, 80);
  await page.keyboard.press("Enter");
  await expect.poll(async () => (await ground(page)).positions.length).toBe(2);
  const { id, name } = (await ground(page)).positions.at(-1);
  await tabTo(page, /, drawing\./, 80);
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("Escape");
  await tabTo(page, /^Done$/, 80);
  await page.keyboard.press("Enter");
  await expect(planOf(page)).toHaveCount(0);
  await expect(tag(page, `${name}, chosen`)).toBeVisible();
  await tabTo(page, new RegExp(`^Plan it from ${name}`), 80);
  await page.keyboard.press("Enter");
  await expect.poll(async () => (await storedOuting(page, ID)).choices[0].positionId).toBe(id);
});
