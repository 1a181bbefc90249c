import { expect, test, type Page } from "@playwright/test";
import { firstVisit, openPanel, openStage, plan, storedOuting } from "./outing";

/** An outing of a spring morning made from nothing with one body, of one subject that is searched for. */
async function begin(
  page: Page,
  body: string,
  search: string,
  subject: RegExp,
  fields: Record<string, string>,
): Promise<void> {
  await firstVisit(page);
  await page.getByRole("button", { name: "Plan my own outing" }).click();
  await page.getByRole("button", { name: body, exact: true }).click();
  const lens = page.getByRole("button", { name: /^150–600 mm/ });
  // A body with its lens for good asks for no lens.
  if (await lens.isVisible()) await lens.click();
  await plan(page, fields);
  await page.getByRole("button", { name: /^First subject:/ }).click();
  await page.getByLabel("Search first subject").fill(search);
  await page.getByRole("button", { name: subject }).click();
  await page.getByRole("button", { name: "Create outing" }).click();
  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/brief$/);
}

/** The id of the outing that is open. */
const idOf = (page: Page): string => /\/outing\/([a-v0-9]{16})/.exec(page.url())![1]!;

const MORNING = {
  "Name of the outing": "One morning",
  "Name of the place": "The reserve",
  "Latitude, south is − in °": "52.2",
  "Longitude, west is − in °": "0.3",
  Date: "2027-05-06",
};

test("a misspelt elephant is found, begins from the vehicle on its track, and the brief tells its hours", async ({
  page,
}) => {
  await begin(page, "Full-frame 45 MP body", "elefant", /^Elephant walking/, MORNING);
  await openPanel(page, "When it is about");
  const about = page.getByRole("list", { name: "When it is about" });
  await expect(about.getByText("Elephant walking: at dawn, by day and at dusk")).toBeVisible();
  await expect(about.getByText(/^Its hours while you are there: /)).toBeVisible();
  const { ground, kind, cautions } = await storedOuting(page, idOf(page));
  expect([kind, ground.venue.template]).toEqual(["wild", "savanna"]);
  expect(cautions).toContain("off-the-track");
  // The track runs across, forty metres south of the middle, five wide.
  expect(Math.abs(ground.positions[0].at.y + 40)).toBeLessThan(2.5);
  await openStage(page, "Ground");
  await expect(page.getByRole("img", { name: /^Position A, chosen/ })).toBeVisible();
});

test("whoever has a phone and nothing else is asked for no lens, and every answer is the phone's", async ({
  page,
}) => {
  await begin(page, "Phone, main camera", "sheepdog", /^Sheepdog working its flock/, MORNING);
  const { choices } = await storedOuting(page, idOf(page));
  expect(choices[0]).toMatchObject({ bodyId: "phone-main", lensId: "phone-main-lens" });
  await openStage(page, "Frame");
  await expect(page.getByText(/^7\smm from \d+(\.\d)?\sm: the frame is/)).toBeVisible();
});

test("the library forgives a slip, and tells of a subject its hours, its framing, its grounds and what to mind", async ({
  page,
}) => {
  await page.goto("/library");
  await page.getByLabel("Search").fill("osprei");
  await page
    .getByRole("list", { name: "Subjects" })
    .getByRole("button", { name: /^Osprey diving/ })
    .click();
  const opened = page.getByRole("dialog", { name: "Osprey diving" });
  for (const said of [
    "by day",
    "April to September, half a year later in the south",
    "50 m and more",
    "40 % of the width, held level",
    "the strike",
  ])
    await expect(opened.getByText(said, { exact: true })).toBeVisible();
  await expect(opened.getByText(/Nests and dens/)).toBeVisible();
});
