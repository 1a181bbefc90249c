import { expect, test, type Page } from "@playwright/test";
import { isPhone, openPanel, openStage, OUTING, storedOuting } from "./outing";

const openBrief = async (page: Page): Promise<void> => {
  await page.goto(`${OUTING}/brief`);
  await expect(page.getByRole("list", { name: "Promised shots" })).toBeVisible();
};
const names = (page: Page) =>
  page
    .getByRole("list", { name: "Promised shots" })
    .getByRole("button", { name: /wanted/ })
    .allInnerTexts();
const order = async (page: Page): Promise<string[]> =>
  (await names(page)).map((text) => text.split("\n")[0]!);
const FIRST = ["Drag flick", "Keeper’s save", "Winger’s run", "Coach after a goal"];

test("when, where and by whose leave are sentences that open their editors", async ({ page }) => {
  await openBrief(page);
  await page.getByRole("button", { name: /^When:/ }).click();
  await page.getByLabel("Date", { exact: true }).fill("2026-10-18");
  await page.getByLabel("You leave").fill("15:00");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(
    page.getByText("Leave after you arrive; for a night or days, say the last day."),
  ).toBeVisible();
  expect((await storedOuting(page)).date).toBe("2026-10-17");
  await page.getByLabel("You leave").fill("19:30");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText(/^Sun 18 Oct 2026, 15:30 to 19:30/)).toBeVisible();

  await page.getByRole("button", { name: /^Where:/ }).click();
  await page.getByLabel("Longitude, west is − in °").fill("-74");
  await page.getByLabel("Latitude, south is − in °").fill("40,7");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText(/America\/New York time/)).toBeVisible();
  const moved = await storedOuting(page);
  expect(moved.from).toBe("15:30");
  await page.getByRole("button", { name: /^Where:/ }).click();
  await page.getByLabel("Time zone").fill("Mars/Base");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("alert")).toContainText("IANA name");
});

test("a day on which the clocks change says so", async ({ page }) => {
  await openBrief(page);
  await page.getByRole("button", { name: /^When:/ }).click();
  await page.getByLabel("Date", { exact: true }).fill("2027-03-28");
  await page.getByLabel("You are there from").fill("01:30");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("status").last()).toContainText("The clocks change that day: 01:30");
});

test("the order of the promises is changed by dragging and by keys, and stays", async ({ page }) => {
  await openBrief(page);
  expect(await order(page)).toEqual(FIRST);
  const grip = (name: string) => page.getByRole("button", { name: new RegExp(`^Move ${name}`) });
  await grip("Drag flick").focus();
  await page.keyboard.press("Space");
  await expect(page.getByText("Drag flick is at place 1 of 4.")).toBeAttached();
  await page.keyboard.press("ArrowDown");
  await expect(page.getByText("Drag flick is at place 2 of 4.")).toBeAttached();
  await page.keyboard.press("Space");
  await expect.poll(() => order(page)).toEqual([FIRST[1], FIRST[0], FIRST[2], FIRST[3]]);

  await grip("Coach after a goal").scrollIntoViewIfNeeded();
  const from = (await grip("Coach after a goal").boundingBox())!;
  const to = (await grip("Keeper’s save").boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  for (let i = 1; i <= 8; i++)
    await page.mouse.move(from.x + from.width / 2, from.y + ((to.y - from.y - 10) * i) / 8);
  await page.mouse.up();
  await expect.poll(() => order(page)).toEqual([FIRST[3], FIRST[1], FIRST[0], FIRST[2]]);
  await page.reload();
  await expect.poll(() => order(page)).toEqual([FIRST[3], FIRST[1], FIRST[0], FIRST[2]]);
});

test("a shot is changed in one editor, its subject searched with its speeds and how they are known", async ({
  page,
}) => {
  await openBrief(page);
  await page.getByRole("button", { name: /^Winger’s run,/ }).click();
  await page.getByRole("button", { name: /^Subject: Field hockey player running/ }).click();
  await page.getByLabel("Search subject").fill("sprint");
  await expect(
    page.getByRole("button", { name: /^Sprinter, athletics, body 10.m\/s.*from memory/ }),
  ).toBeVisible();
  await page.getByRole("button", { name: /^Sprinter, athletics/ }).click();
  await page.getByLabel("How full the frame should be in %").fill("300");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText("Type a number from 2 to 100.")).toBeVisible();
  await page.getByLabel("How full the frame should be in %").fill("45");
  await page.getByLabel("Pictures needed").fill("2.5");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("alert")).toBeVisible();
  await page.getByLabel("Pictures needed").fill("7");
  await page.getByRole("radio", { name: "Must have" }).click();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText(/^Sprinter, frozen, whole, upright · 7 wanted, must have/)).toBeVisible();
  const shot = (await storedOuting(page)).shots[2];
  expect(shot).toMatchObject({ subjectId: "sprinter", fill: 0.45, wanted: 7, priority: 1 });
});

test("a shot is taken back and comes back by undo; the last one stays", async ({ page }) => {
  await openBrief(page);
  await page.getByRole("button", { name: /^Keeper’s save,/ }).click();
  await page.getByRole("button", { name: "Delete shot" }).click();
  await expect.poll(() => order(page)).toEqual([FIRST[0], FIRST[2], FIRST[3]]);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect.poll(() => order(page)).toEqual(FIRST);
});

test("a subject of one's own is described and is in the library afterwards @desk", async ({ page }) => {
  await openBrief(page);
  await page.getByRole("button", { name: "Add a shot" }).click();
  await page.getByLabel("Pictures needed").fill("9");
  await page.getByRole("button", { name: "Add your own subject" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Our left winger");
  await page.getByLabel("Body speed in m/s").fill("fast");
  await page.getByRole("button", { name: "Save to my library" }).click();
  await expect(page.getByText("Type a number from 0 to 120.")).toBeVisible();
  await page.getByLabel("Body speed in m/s").fill("8,2");
  await page.getByRole("button", { name: "Save to my library" }).click();
  await expect(page.getByRole("button", { name: /^Subject: Our left winger/ })).toBeVisible();
  await page.getByRole("button", { name: "Add the shot" }).click();
  await expect(page.getByText(/^Our left winger, frozen.* 9 wanted/)).toBeVisible();
  await page.goto("/library");
  await page.getByLabel("Search").fill("left winger");
  await expect(page.getByRole("button", { name: /^Our left winger, yours, body 8.2.m\/s/ })).toBeVisible();
});

test("the bag decides what can be mounted, and what it weighs is said", async ({ page }) => {
  await openBrief(page);
  await page.getByRole("button", { name: /^Bag: 2 bodies, 3 lenses, 2 cards: 5.4 kg/ }).click();
  await page.getByRole("checkbox", { name: "300 mm f/4" }).click();
  await page.getByRole("button", { name: "Done" }).click();
  await expect(page.getByText("2 bodies, 2 lenses, 2 cards: 4.2 kg.")).toBeVisible();
  await openStage(page, "Expose");
  await openPanel(page, "Kit for this shot");
  await expect(page.getByRole("radio", { name: "24–70 mm f/2.8" })).toBeVisible();
  await expect(page.getByRole("radio", { name: "300 mm f/4" })).toHaveCount(0);
});

test("cautions are chosen, and said on the ground as well", async ({ page }) => {
  await openBrief(page);
  await page.getByRole("button", { name: "Choose cautions" }).click();
  await page.getByRole("checkbox", { name: "Young people" }).click();
  await page.getByRole("checkbox", { name: "Lightning" }).click();
  await page.getByRole("button", { name: "Done" }).click();
  await expect(page.getByText(/At the first thunder/)).toBeVisible();
  await openStage(page, "Ground");
  if (isPhone(page)) await openPanel(page, "Cautions");
  await expect(page.getByText(/Balls leave the field at speed/)).toBeVisible();
});
