import { expect, test } from "@playwright/test";
import { isPhone, slider, tabTo } from "./outing";

test.skip(({ viewport }) => (viewport?.width ?? 0) < 960, "a full keyboard belongs to a wide screen");

test("one outing is walked from the list to the review by the keyboard alone", async ({ page }) => {
  expect(isPhone(page)).toBe(false);
  await page.goto("/outings");
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog")).toContainText("plan an outing, under Outings");
  await page.keyboard.press("Escape");
  await tabTo(page, /^Cup semi-final/);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("img", { name: /^Position B, chosen/ })).toBeVisible();

  await page.keyboard.press("p");
  await expect(page).toHaveURL(/brief$/);
  await tabTo(page, /^Access:/);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Who lets you in/);
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type("The steward");
  await tabTo(page, /^Save$/);
  await page.keyboard.press("Enter");
  await expect(page.getByText(/^The steward lets you stand/)).toBeVisible();
  await tabTo(page, /^Move Drag flick/);
  await page.keyboard.press("Space");
  await expect(page.getByText("Drag flick is at place 1 of 4.")).toBeAttached();
  await page.keyboard.press("ArrowDown");
  await expect(page.getByText("Drag flick is at place 2 of 4.")).toBeAttached();
  await page.keyboard.press("Space");
  await expect(
    page.getByRole("list", { name: "Promised shots" }).getByRole("listitem").first(),
  ).toContainText("Keeper’s save");

  await page.keyboard.press("Escape");
  await page.keyboard.press("]");
  await expect(page).toHaveURL(/ground$/);
  await page.keyboard.press("c");
  await expect(page.getByRole("img", { name: /^Position C, chosen/ })).toBeVisible();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByText(/planned for 16:32/).first()).toBeVisible();
  await tabTo(page, /^East in/);
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type("36");
  await page.keyboard.press("Enter");
  await page.keyboard.press("Tab");

  await tabTo(page, /^Frame:/, 200);
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/frame$/);
  await tabTo(page, /^300 mm f\/4 from B/);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Drag flick from B" })).toBeVisible();
  await page.keyboard.press("e");
  await expect(slider(page, "Shutter")).toBeVisible();
  await tabTo(page, /^Shutter$/);
  await page.keyboard.press("ArrowRight");
  await expect(page.getByText("Shutter, held")).toBeVisible();
  await tabTo(page, /^Run:/, 200);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Too dark$/);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Too dark by 1 click$/);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("status")).toContainText("Saved");
  await tabTo(page, /^Review:/, 200);
  await page.keyboard.press("Enter");
  await tabTo(page, /^Frames taken/);
  await page.keyboard.type("10");
  await tabTo(page, /^Keepers/);
  await page.keyboard.type("4");
  await tabTo(page, /^Save count/);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("img", { name: /^Keepers by shutter/ })).toBeVisible();
});
