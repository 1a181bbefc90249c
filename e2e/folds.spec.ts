import { expect, test, type Page } from "@playwright/test";
import { isPhone } from "./outing";

/** A fold is what a phone shows at once; nobody scrolls past three of them. */
const FOLD = 844;
const FOLDS = 3;
const STAGES = ["brief", "ground", "frame", "expose", "run", "review"];

/** Px of the longest that scrolls on the screen. */
const longest = (page: Page): Promise<number> =>
  page.evaluate(() =>
    Math.max(
      ...[...document.querySelectorAll("[role=main] *")]
        .filter((e) => /auto|scroll/.test(getComputedStyle(e).overflowY))
        .map((e) => e.scrollHeight),
    ),
  );

/** The same once nothing is awaited any more, and it has stopped growing. */
async function atRest(page: Page): Promise<number> {
  let before = -1;
  await expect(async () => {
    await expect(page.getByText("One moment", { exact: true }).filter({ visible: true })).toHaveCount(0);
    const now = await longest(page);
    const grown = now - before;
    before = now;
    expect(grown).toBe(0);
  }).toPass({ intervals: [500] });
  return before;
}

/** Stages of an outing that are longer than they may be as they open, the sheet of Ground raised. */
async function tooLong(page: Page, id: string): Promise<string[]> {
  const long: string[] = [];
  for (const stage of STAGES) {
    await page.goto(`/outing/${id}/${stage}`);
    await expect(page.getByRole("main")).toBeVisible();
    const raise = page.getByRole("button", { name: /\. More$/ });
    if (stage === "ground") await raise.click();
    const height = await atRest(page);
    expect(height).toBeGreaterThan(100);
    if (height > FOLDS * FOLD) long.push(`${stage}: ${height} px`);
  }
  return long;
}

for (const id of [
  "hockey-semi-final",
  "handball-league-evening",
  "cross-country-day",
  "lagoon-at-first-light",
  "diamond-afternoon",
  "hockey-quarter-final",
])
  test(`no stage of ${id} is longer than three folds as it opens, folded rows counted`, async ({ page }) => {
    test.skip(!isPhone(page), "a wide screen shows its columns side by side");
    expect(await tooLong(page, id)).toEqual([]);
  });

for (const [group, subject] of [
  ["Swimming", /^Crawl/],
  ["Birds", /^Small bird singing/],
  ["Running, athletics", /^Road runner/],
  ["Wheels, horses, dogs", /^Road cyclist/],
] as const)
  test(`nor is one of an outing from nothing: ${group}`, async ({ page }) => {
    test.skip(!isPhone(page), "a wide screen shows its columns side by side");
    await page.clock.setFixedTime(new Date("2027-06-12T11:00:00Z"));
    await page.goto("/first");
    await page.getByRole("button", { name: group }).click();
    await page.getByRole("button", { name: subject }).click();
    const paste = page.getByLabel(/paste it/);
    const light = page.getByRole("button", { name: /^(Dim|Sun)$/ });
    await expect(paste.or(light).first()).toBeVisible();
    if (await paste.isVisible()) {
      await paste.fill("53.2, -1.4");
      await page.getByRole("button", { name: /^Take/ }).click();
    }
    await light.first().click();
    await expect(page).toHaveURL(/\/run$/);
    const [, id] = /outing\/([a-z0-9]+)\//.exec(page.url())!;
    // Settings, what is graver than they are, and why: all in the first fold.
    for (const rail of ["Shutter", "Aperture"]) {
      const box = await page
        .getByRole("button", { name: new RegExp(`^${rail} `) })
        .first()
        .boundingBox();
      expect(box!.y).toBeLessThan(FOLD);
    }
    expect(await tooLong(page, id!)).toEqual([]);
  });
