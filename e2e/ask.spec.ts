import { expect, test, type Page } from "@playwright/test";
import { firstVisit, isPhone, openPanel, OUTING } from "./outing";

const field = (page: Page) => page.getByRole("complementary", { name: "Ask anything" }).getByRole("textbox");
const answers = (page: Page) => page.getByRole("list", { name: "Answers" });

test("a question is asked beside the open stage, answered in a line, and leads to its panel", async ({
  page,
}) => {
  await page.goto(`${OUTING}/expose`);
  await expect(page.getByRole("button", { name: "Ask anything" })).toBeVisible();
  await page.keyboard.press("/");
  await field(page).fill("is 1/60 enough");
  await expect(page.getByText(/^1\/60: \d+ of 100 frames hold the stick/)).toBeVisible();
  await field(page).fill("when does shade reach the goal");
  const shade = answers(page).getByRole("button", { name: /^Sun, moon and shade/ });
  await expect(shade).toBeVisible();
  if (!isPhone(page)) await expect(page.getByRole("main")).toBeVisible();
  await shade.click();
  await expect(page).toHaveURL(/\/ground$/);
  const panel = page.getByRole("button", { name: /^Sun, moon and shade/, expanded: true });
  await expect(panel).toBeVisible();
});

test("a word is told where it stands, a subject and an outing are found, nonsense is not", async ({
  page,
}) => {
  await page.goto("/outings");
  await page.getByRole("button", { name: "Ask anything" }).click();
  await field(page).fill("what is a stop");
  await expect(page.getByText(/^Twice or half the light/)).toBeVisible();
  await field(page).fill("kingfsher");
  await expect(
    answers(page)
      .getByRole("button", { name: /^Kingfisher/ })
      .first(),
  ).toBeVisible();
  await field(page).fill("mortgage interest");
  await expect(page.getByText("Nothing found")).toBeVisible();
  await field(page).fill("lagoon");
  await answers(page)
    .getByRole("button", { name: /^Lagoon at first light/ })
    .click();
  await expect(page).toHaveURL(/\/brief$/);
});

test("Escape closes it; before anything was begun it leads to the first answers", async ({ page }) => {
  await firstVisit(page);
  await expect(page.getByRole("button", { name: "Ask anything" })).toBeVisible();
  await page.keyboard.press("/");
  await expect(field(page)).toBeFocused();
  await page.keyboard.press("Escape");
  await expect(field(page)).toHaveCount(0);
  await page.keyboard.press("/");
  await field(page).fill("which shutter");
  await answers(page).getByRole("button").first().click();
  await expect(page.getByRole("heading", { name: "What do you photograph?" })).toBeVisible();
});

test("every panel says what it is for: those of the open stage at once, each at its own press", async ({
  page,
}) => {
  await page.goto(`${OUTING}/expose`);
  await page.getByRole("button", { name: "Ask anything" }).click();
  const here = page.getByRole("list", { name: "On this screen" });
  await expect(here.getByRole("listitem").nth(5)).toBeVisible();
  await expect(here.getByText("Blur in the picture")).toBeVisible();
  await page.getByRole("button", { name: "Close the questions" }).click();
  await page.getByRole("button", { name: "What is Blur in the picture?" }).click();
  await expect(page.getByRole("dialog").getByText(/^Limits: /)).toBeVisible();
});

test("a preference is found by what it is about, and stands in view when it is pressed", async ({ page }) => {
  await page.goto("/outings");
  await page.getByRole("button", { name: "Ask anything" }).click();
  await field(page).fill("12 hour clock");
  await answers(page)
    .getByRole("button", { name: /^Clock, in Preferences/ })
    .click();
  await expect(page).toHaveURL(/preferences\?part=clock$/);
  await expect(page.getByRole("radio", { name: "4:27 pm" })).toBeInViewport();
});

test("words of the field are told in the help of a panel, and what stands on a screen at its foot", async ({
  page,
}) => {
  await page.goto(`${OUTING}/expose`);
  await openPanel(page, "Chance of a keeper");
  await page.getByRole("button", { name: "What is Chance of a keeper?" }).click();
  const words = page.getByRole("dialog").getByRole("list", { name: "Words of the field" });
  await expect(words.getByText("A frame that one would hand over.")).toBeVisible();
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "? What is on this screen" }).click();
  await expect(
    page.getByRole("list", { name: "On this screen" }).getByText("Settings", { exact: true }),
  ).toBeVisible();
});
