import { expect, test } from "@playwright/test";

test("three stops dark: from the first screen to why, what each rail gives, and what remains", async ({
  page,
}) => {
  await page.goto("/outings");
  await page.getByRole("button", { name: "Too dark? Where stops come from" }).click();
  await expect(page).toHaveURL(/stops$/);
  await expect(page.getByRole("textbox", { name: /^Shutter/ })).toHaveValue("");
  await page.getByRole("button", { name: "Show me an example" }).click();
  // As practice tells it (common practice, no source).
  const alone = page.getByRole("list", { name: "Each alone, up to its limit" });
  const practice = page.getByRole("list", { name: "In practice, one after the other" });
  await expect(practice.getByRole("listitem")).toHaveCount(2);
  await expect(page.getByText("1/500, f/2.8, ISO 5000").first()).toBeVisible();
  await expect(page.getByText(/^1 stop \(3 clicks\) still missing/)).toBeVisible();
  await expect(page.getByText(/^You set all three by hand/)).toBeVisible();
  await expect(page.getByRole("list", { name: "Another place, in clear weather" })).toContainText(
    "+2.5 stops",
  );

  await page.getByRole("textbox", { name: "Slowest shutter that still holds the movement" }).fill("1/60");
  await page.getByRole("textbox", { name: "Highest ISO you accept" }).fill("25600");
  await page.getByRole("radio", { name: "ISO by itself" }).click();
  await page.getByRole("button", { name: "Where do the stops come from?" }).click();
  await expect(alone).toContainText("3 stops, all of it: 1/100, f/2.8, ISO 2000");
  await expect(alone).toContainText("3 stops, all of it: 1/800, f/2.8, ISO 16000");
  await expect(page.getByText("Nothing is left: the picture comes out right.")).toBeVisible();
  await expect(page.getByText(/something bright in the frame misled its meter/)).toBeVisible();

  await page.getByRole("textbox", { name: "ISO", exact: true }).fill("1");
  await page.getByRole("button", { name: "Where do the stops come from?" }).click();
  await expect(page.getByRole("alert").first()).toBeVisible();
  await page.getByRole("button", { name: "Cancel" }).click();
  await expect(page).toHaveURL(/outings$/);
});

test("a blurred frame of a dark hall is not called right, no sun is offered there, and there is a way on", async ({
  page,
}) => {
  await page.goto("/stops");
  await page.getByRole("textbox", { name: /^Shutter/ }).fill("60");
  await page.getByRole("textbox", { name: "Aperture, f/" }).fill("4");
  await page.getByRole("textbox", { name: "ISO", exact: true }).fill("6400");
  await page.getByRole("radio", { name: "A sport program" }).click();
  await page.getByRole("radio", { name: "Under a roof" }).click();
  await page.getByRole("textbox", { name: "Clicks too dark" }).fill("6");
  await page.getByRole("button", { name: "Where do the stops come from?" }).click();
  await expect(page.getByText(/^It is blurred too/)).toBeVisible();
  await expect(page.getByText(/still missing/)).toBeVisible();
  await expect(page.getByRole("group", { name: "What else helps" })).toContainText("turns, walls and rests");
  await expect(page.getByRole("list", { name: "Another place, in clear weather" })).toBeHidden();
  await expect(page.getByText(/The camera chose a shutter that smears/)).toBeVisible();
});
