import { expect, test, type Page } from "@playwright/test";
import { openPanel, openStage, planned, storedOuting } from "./outing";

const RUN = "/outing/hockey-semi-final/run";

/** A test shot that came out too dark by so many clicks. */
async function tooDark(page: Page, clicks: string): Promise<void> {
  await page.getByRole("button", { name: "Too dark", exact: true }).click();
  await page.getByRole("button", { name: `Too dark by ${clicks}` }).click();
}

test("the day is darker than planned: said in a line with when the ceiling breaks, put into everything by a press, and taken back", async ({
  page,
}) => {
  await page.goto(RUN);
  const today = page.getByRole("region", { name: "The light today" });
  await expect(page.getByRole("button", { name: "Too dark", exact: true })).toBeVisible();
  await expect(today).toHaveCount(0);
  await tooDark(page, "6 clicks");
  await expect(today).toContainText(/(Daylight|Lamps) 2 stops? under the plan since \d\d:\d\d/);
  await expect(today).toContainText(/ISO ceiling|plan since \d\d:\d\d\.$/);
  await today.getByRole("button", { name: /^Plan everything/ }).click();
  await expect(today).toHaveCount(0);
  const { taken } = (await storedOuting(page)).light;
  expect((taken.day ?? taken.lamps).stops).toBeLessThan(-1);
  await openStage(page, "Ground");
  await openPanel(page, "Sky and lamps");
  const told = page.getByRole("group", { name: "The light as it was measured" });
  await expect(told).toContainText(/taken 2.*under since \d\d:\d\d/);
  await told.getByRole("button", { name: "As planned" }).click();
  await expect(told).toHaveCount(0);
  expect((await storedOuting(page)).light.taken).toBeUndefined();
  await openStage(page, "Run");
  await expect(today).toBeVisible();
});

test("where am I: said before it is asked, a place on the plan with how sure it is, a way round the pitch, another town is told as one", async ({
  page,
  context,
}) => {
  await page.goto(RUN);
  await expect(page.getByRole("button", { name: "Too dark", exact: true })).toBeVisible();
  const { ground } = await storedOuting(page);
  const { latitude, longitude } = ground.anchor;
  await context.grantPermissions(["geolocation"]);
  await context.setGeolocation({ latitude: latitude + 0.0002, longitude: longitude - 0.0009, accuracy: 6 });
  await openPanel(page, "Where am I");
  const panel = page.getByRole("group", { name: "Where am I" });
  await expect(panel).toContainText("kept nowhere and sent to nobody");
  await panel.getByRole("button", { name: "Show where I am" }).click();
  await expect(panel).toContainText(/Within 6.m/);
  await expect(panel.getByRole("img", { name: "My place on the plan" })).toBeVisible();
  await expect(panel).toContainText(/\d+.m, .*\d.min/);
  await expect(panel).toContainText(/toward \d+° [NESW]+/);
  await panel.getByRole("button", { name: /^Walk me to/ }).click();
  await panel.getByRole("list", { name: "Walk me to" }).getByRole("button").last().click();
  await expect(panel).toContainText(/toward \d+°/);
  await context.setGeolocation({ latitude: latitude + 1, longitude, accuracy: 6 });
  await expect(panel).toContainText(/You are 11\d.*km from this ground/);
  await panel.getByRole("button", { name: "Stop asking where I am" }).click();
  await expect(panel.getByRole("button", { name: "Show where I am" })).toBeVisible();
});

test("a walk is timed by two presses, over a reload, and stands as metres and seconds", async ({ page }) => {
  await page.goto(RUN);
  await openPanel(page, "Where am I");
  const panel = page.getByRole("group", { name: "Timed walk" });
  await panel.getByRole("button", { name: "Leaving now" }).click();
  await expect(panel).toContainText(/On the way: \d+.m/);
  await page.reload();
  await openPanel(page, "Where am I");
  await panel.getByRole("button", { name: "I am there" }).click();
  await expect(panel).toContainText(/The last: \d+.m in \d+.s/);
  const [walk] = (await storedOuting(page)).walks;
  expect(walk.there).toBeGreaterThan(walk.left);
  expect(walk.metres).toBeGreaterThan(5);
});

test("what somebody waits for stands among what is owed, by its hour, and is delivered in a press", async ({
  page,
}) => {
  await page.goto("/outing/hockey-semi-final/brief");
  await openPanel(page, "Arrangements");
  for (const [what, by] of [
    ["Ten for the club", "tomorrow 9:00"],
    ["One for the web", "17:15"],
  ] as const) {
    await page.getByRole("button", { name: "Add what somebody waits for" }).click();
    await page.getByLabel("What", { exact: true }).fill(what);
    await page.getByLabel("For whom").fill("The club");
    await page.getByLabel("By when").fill(by);
    await page.getByRole("button", { name: "Add it" }).click();
  }
  await openStage(page, "Run");
  await openPanel(page, "Still owed");
  const rows = page.getByRole("list", { name: "Still owed" }).getByRole("listitem");
  const texts = async (): Promise<string[]> => (await rows.allInnerTexts()).map((t) => t.split("\n")[0]!);
  await expect.poll(async () => (await texts()).includes("One for the web, for The club")).toBe(true);
  const order = await texts();
  expect(order.indexOf("One for the web, for The club")).toBeLessThan(
    order.indexOf("Ten for the club, for The club"),
  );
  await page.getByRole("button", { name: "One for the web is delivered" }).click();
  await expect.poll(async () => (await texts()).includes("One for the web, for The club")).toBe(false);
  expect((await storedOuting(page)).deliverables).toMatchObject([{ done: false }, { done: true }]);
});

test("down and distance, from nothing: a press moves the ball, the position follows the line to be gained, and undo takes both back", async ({
  page,
}) => {
  await planned(page, "gridiron");
  await openStage(page, "Run");
  await openPanel(page, "Down and distance");
  const before = await storedOuting(page, "trial-day");
  await page.getByRole("button", { name: "First down here" }).click();
  await expect(page.getByText(/^1st and (10|goal) at /).first()).toBeVisible();
  await page.getByRole("button", { name: "Gained 3 yards" }).click();
  await expect(page.getByText(/^2nd and 7 at /).first()).toBeVisible();
  const after = await storedOuting(page, "trial-day");
  expect(after.downs).toMatchObject({ down: 2, toGo: 7 });
  expect(after.ground.spots[0].at).not.toEqual(before.ground.spots[0].at);
  expect(after.ground.positions[0].at).not.toEqual(before.ground.positions[0].at);
  await page.getByRole("slider", { name: "The ball" }).press("End");
  await expect(page.getByText("1st and goal at the other 1").first()).toBeVisible();
  await expect(page.getByText(/at the end zone/)).toBeVisible();
});
