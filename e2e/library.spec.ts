import { expect, test, type Page } from "@playwright/test";
import { openPanel, storedOuting } from "./outing";

const open = async (page: Page, section: string, search: string, row: RegExp): Promise<void> => {
  await page.goto("/library");
  await page.getByRole("radio", { name: section, exact: true }).click();
  await page.getByLabel("Search", { exact: true }).fill(search);
  await page.getByRole("list", { name: section }).getByRole("button", { name: row }).click();
};

test("slips of the finger find what is meant, and what stands in another part is said with how many", async ({
  page,
}) => {
  await page.goto("/library");
  const search = page.getByLabel("Search", { exact: true });
  for (const [typed, row] of [
    ["kingfsher", /^Kingfisher/],
    ["badmington", /^Badminton/],
    ["dolfin", /^Dolphin/],
  ] as const) {
    await search.fill(typed);
    await expect(
      page.getByRole("list", { name: "Subjects" }).getByRole("button", { name: row }).first(),
    ).toBeVisible();
  }
  await search.fill("professional park");
  await page.getByRole("button", { name: /^\d+ in Light$/ }).click();
  await expect(
    page.getByRole("list", { name: "Light" }).getByRole("button", { name: /^Professional park/ }),
  ).toBeVisible();
  await search.fill("zzzzqq");
  await expect(page.getByText("Nothing of that name. Try a shorter word.")).toBeVisible();
});

test("an entry of each part is drawn: speeds and what is sharp, a plan with its places, the light with one's readings, both schools", async ({
  page,
}) => {
  test.setTimeout(180_000);
  await open(page, "Subjects", "osprey diving", /^Osprey diving/);
  const opened = page.getByRole("dialog");
  await expect(opened.getByRole("img", { name: /^Body: .*m\/s/ })).toBeVisible();
  await expect(opened.getByRole("img", { name: /^About by day; April to September/ })).toBeVisible();
  await expect(opened.getByRole("img", { name: /: held in \d+\s%.*at 1\/1000/ }).first()).toBeVisible();
  await open(page, "Venues", "handball", /^Handball court/);
  await expect(opened.getByRole("img", { name: /^Plan with / })).toBeVisible();
  await expect(opened.getByRole("list", { name: "Places" }).getByRole("listitem").first()).toBeVisible();
  await open(page, "Settings", "skiing", /^Skiing/);
  await expect(opened.getByRole("list", { name: "The two schools" }).getByRole("listitem")).toHaveCount(2);
  await open(page, "Places", "javelin", /^/);
  await expect(opened.getByRole("img", { name: /^Plan with / })).toBeVisible();
  await page.goto("/outing/hockey-semi-final/run");
  await page.getByRole("button", { name: "Too dark", exact: true }).click();
  await page.getByRole("button", { name: "Too dark by 2" }).click();
  await expect.poll(async () => (await storedOuting(page)).light.readings.length).toBe(1);
  await page.goto("/library");
  await page.getByRole("radio", { name: "Light", exact: true }).click();
  await expect(
    page.getByRole("img", { name: /From the moon to snow in the sun; the circles are 5 readings of yours/ }),
  ).toBeVisible();
});

test("a favourite is kept, filtered for, and stands first where a subject is chosen", async ({ page }) => {
  await open(page, "Subjects", "kingfisher diving", /^Kingfisher diving/);
  const title = await page.getByRole("dialog").getByRole("heading").first().textContent();
  await page.getByRole("button", { name: "Keep as a favourite" }).click();
  await expect(page.getByRole("button", { name: "No favourite any more" })).toBeVisible();
  await page.getByRole("button", { name: "Close" }).last().click();
  await page.reload();
  await page.getByRole("button", { name: /^Show: Everything/ }).click();
  await page
    .getByRole("list", { name: "Show" })
    .getByRole("button", { name: /^Favourites/ })
    .click();
  await expect(page.getByRole("list", { name: "Subjects" }).getByRole("listitem")).toHaveCount(1);
  await page.goto("/outings");
  await page.getByRole("button", { name: "Plan an outing" }).click();
  await page.getByRole("button", { name: /^First subject:/ }).click();
  await expect(page.getByRole("list", { name: "First subject" }).getByRole("button").first()).toContainText(
    title!,
  );
});

/** Plans an outing of a subject on a day. */
async function plannedOf(page: Page, subject: RegExp, name: string, date: string): Promise<void> {
  await page.goto("/outings");
  await page.getByRole("button", { name: "Plan an outing" }).click();
  await page.getByRole("button", { name: /^First subject:/ }).click();
  await page.getByRole("list", { name: "First subject" }).getByRole("button", { name: subject }).click();
  for (const [label, value] of Object.entries({
    "Name of the outing": name,
    "Name of the place": "The reed bed",
    "Latitude, south is − in °": "53.4",
    "Longitude, west is − in °": "-1.5",
    Date: date,
  }))
    await page.getByLabel(label, { exact: true }).fill(value);
  await page.getByRole("button", { name: "Create outing" }).click();
  await expect(page.getByRole("heading", { name })).toBeVisible();
}

test("an edit of one's own entry acts in an outing to come; one that is over keeps what it had until the new one is taken", async ({
  page,
}) => {
  await open(page, "Subjects", "harrier", /^Harrier quartering/);
  await page.getByRole("button", { name: "Copy and edit" }).click();
  await expect(page.getByLabel("Source")).toHaveValue(/^copied from Harrier quartering and changed; there /);
  await page.getByLabel("Name", { exact: true }).fill("Our harrier");
  await page.getByRole("button", { name: "Save to my library" }).click();
  await plannedOf(page, /^Our harrier/, "Before", "2026-05-02");
  await plannedOf(page, /^Our harrier/, "To come", "2031-05-02");
  const speed = async (name: string): Promise<number> =>
    (await storedOuting(page, name)).subjects[0].bodySpeed;
  const was = await speed("before");
  await open(page, "Subjects", "our harrier", /^Our harrier/);
  await page.getByRole("button", { name: "Edit", exact: true }).click();
  await page.getByLabel("Body speed in m/s").fill("4.5");
  await page.getByRole("button", { name: "Save to my library" }).click();
  await expect.poll(() => speed("to-come")).toBe(4.5);
  expect(await speed("before")).toBe(was);
  await page.goto(`/outing/${(await storedOuting(page, "before")).id}/brief`);
  await openPanel(page, "Promised");
  await page.getByRole("button", { name: /^Use the new one: Our harrier/ }).click();
  await expect.poll(() => speed("before")).toBe(4.5);
  await expect(page.getByRole("button", { name: /^Use the new one/ })).toHaveCount(0);
});
