import { readFileSync } from "node:fs";
import { expect, test, type Page } from "@playwright/test";
import { storedRecord } from "./entries";
import { openPanel, openStage, planned, storedOuting } from "./outing";

const places = (page: Page) => storedRecord(page, "bp/places");
const textOf = async (page: Page, press: () => Promise<void>): Promise<string> => {
  const download = page.waitForEvent("download");
  await press();
  return readFileSync(await (await download).path(), "utf8");
};

test.beforeEach(async ({ page }) => {
  await page.clock.setFixedTime(new Date("2027-03-26T10:00:00Z"));
  await page.goto("/outings");
  await expect(page.getByRole("region", { name: "Coming up" })).toBeVisible();
});

test("last spring comes up when its day is near, on the list and at its place", async ({ page }) => {
  const region = page.getByRole("region", { name: "Comes round" });
  await expect(region).toContainText(
    /Marsh harrier, arrival: on .*30 Mar 2026, at Food pass, in 3 years\. Its day is in 4 days\./,
  );
  await region.getByRole("link", { name: "Open Saltmere hide" }).first().click();
  await expect(page.getByRole("heading", { name: "Saltmere hide", level: 1 })).toBeVisible();
  await expect(page.getByRole("img", { name: /^The year: .*Marsh harrier, arrival/ })).toBeVisible();
  await expect(page.getByRole("img", { name: /^Plan of Saltmere hide/ })).toBeVisible();
});

test("what was seen is put down with wind and spot, and taken away with a way back", async ({ page }) => {
  await page.goto("/place/saltmere-hide");
  await page.getByRole("button", { name: "Put down what was seen" }).click();
  const form = page.getByRole("dialog", { name: "What was seen" });
  await form.getByLabel("Animal").fill("Snipe");
  await form.getByRole("radio", { name: "arrival" }).click();
  await form.getByLabel("Wind from in °").fill("230");
  await form.getByLabel("Wind speed in m/s").fill("4");
  await form.getByRole("button", { name: "Keep it" }).click();
  const list = page.getByRole("list", { name: "Put down here" });
  await expect(list).toContainText("Snipe, arrival");
  // It stands on the screen before it stands on the disk.
  await expect
    .poll(async () => (await places(page)).sightings.at(-1))
    .toMatchObject({
      name: "Snipe",
      what: "arrival",
      on: "2027-03-26",
      wind: { from: 230, speed: 4 },
      spotId: "bank-bend",
    });
  await list.getByRole("button", { name: /^Remove Snipe/ }).click();
  await expect(list).not.toContainText("Snipe");
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(list).toContainText("Snipe");
});

test("a new outing at a place from before has its ground, its venue and what is known of it", async ({
  page,
}) => {
  await page.getByRole("button", { name: "Plan an outing", exact: true }).click();
  await page.getByRole("button", { name: /^A place from before/ }).click();
  await page
    .getByRole("list", { name: "A place from before" })
    .getByRole("button", { name: /^Quarry Lane/ })
    .click();
  await expect(page.getByText("The lamps as they were measured")).toBeVisible();
  await page.getByLabel("Name of the outing").fill("Spring league");
  await page.getByRole("checkbox", { name: /^Leave by/ }).click();
  await page.getByRole("button", { name: "Create outing" }).click();
  await expect(page).toHaveURL(/\/outing\/[a-z0-9-]+\/brief$/);
  const id = /outing\/([a-z0-9-]+)\//.exec(page.url())![1]!;
  const made = await storedRecord(page, `bp/outing/${id}`);
  const { places: all } = await places(page);
  const quarry = all.find((p: { id: string }) => p.id === "quarry-lane");
  expect(made.ground.venue).toEqual(quarry.ground.venue);
  expect(made.ground.obstacles).toEqual(quarry.ground.obstacles);
  expect(made.ground.spots).toEqual(quarry.ground.spots);
  expect(made.placeId).toBe("quarry-lane");
  expect(made.access.allowedBy).toBe("");
  expect(made.light.taken.lamps.stops).toBeLessThan(0);
});

test("an outing made from nothing keeps its place, and gives it what is other; two are set side by side", async ({
  page,
}) => {
  await page.goto("/outing/handball-league-evening/brief");
  await openPanel(page, "The place");
  const panel = page.getByRole("region", { name: "The place" });
  await panel.getByRole("button", { name: "Keep Redbrick Hall" }).click();
  await expect(panel).toContainText("Redbrick Hall has all that this outing knows of it.");
  await expect.poll(async () => (await places(page)).places.length).toBe(3);

  await page.goto("/place/quarry-lane");
  await page.getByRole("button", { name: "Set two side by side" }).click();
  const one = page.getByRole("group", { name: /^Cup quarter-final/ });
  await expect(one).toContainText(/36 of 78, 46.%/);
  await expect(page.getByRole("group", { name: /^Cup semi-final/ })).toContainText("nothing counted");
});

test("the windows of a year are found, drawn and taken along as a calendar; a hall has none", async ({
  page,
}) => {
  await page.goto("/place/saltmere-hide");
  await page.getByRole("button", { name: "Light as wished" }).click();
  await page.getByRole("button", { name: "Find the windows of a year" }).click();
  const list = page.getByRole("list", { name: "Windows of the year, the best first" });
  await expect(list.getByRole("listitem")).toHaveCount(6, { timeout: 60_000 });
  await expect(list.getByRole("listitem").first()).toContainText(/sun \d+° up in \d+°/);
  const text = await textOf(page, () =>
    page.getByRole("button", { name: "The windows as a calendar file" }).click(),
  );
  const events = text.match(/BEGIN:VEVENT/g)!.length;
  expect(events).toBeGreaterThan(6);
  expect(events).toBeLessThanOrEqual(60);
  expect(text).toContain("LOCATION:Saltmere hide");
});

test("a place deleted comes back with all that was seen there, and its earlier states are kept", async ({
  page,
}) => {
  await page.goto("/place/saltmere-hide");
  await page.getByRole("button", { name: "Delete this place" }).click();
  await expect(page.getByRole("list", { name: "Places that are kept" }).getByRole("listitem")).toHaveCount(1);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByRole("list", { name: "Places that are kept" }).getByRole("listitem")).toHaveCount(2);
  expect((await places(page)).sightings).toHaveLength(20);
  await page.getByRole("button", { name: "Earlier states" }).click();
  await expect(page.getByRole("dialog")).toContainText(/Saltmere hide/);
});

test("the journal reads as the day, with its plan and kept pictures, and names nobody who was left out", async ({
  page,
}) => {
  await page.goto("/outing/hockey-quarter-final/review");
  await openPanel(page, "The journal");
  await expect(page.getByRole("list", { name: "The day" })).toContainText("First quarter");
  await page.getByRole("button", { name: "Journal as HTML" }).click();
  await page.getByRole("radio", { name: "Without people" }).click();
  const html = await textOf(page, () => page.getByRole("button", { name: "Write the file" }).click());
  for (const text of ["<h1>Cup quarter-final</h1>", "First quarter"])
    expect([text, html.includes(text)]).toEqual([text, true]);
  expect(html.includes('<figure class="plan"><svg')).toBe(true);
  expect(html.match(/data:image\/jpeg;base64/g)!.length).toBeGreaterThan(5);
  for (const name of ["Ines Dahl", "Tova Brandt", "Mila Oster"])
    expect([name, html.includes(name)]).toEqual([name, false]);
});

test("what tells of a nest goes into no file for others, and the own backup stays exact and says so", async ({
  page,
}) => {
  await page.goto("/outing/lagoon-at-first-light/review");
  await openPanel(page, "The journal");
  await page.getByRole("button", { name: "Journal as HTML" }).click();
  await expect(page.getByRole("list", { name: "What goes" })).toContainText("No name of the place");
  const html = await textOf(page, () => page.getByRole("button", { name: "Write the file" }).click());
  for (const name of ["Saltmere", "Song reed", "Food pass", "Lagoon at first light"])
    expect([name, html.includes(name)]).toEqual([name, false]);
  expect(html.includes('class="plan"><svg')).toBe(false);

  await page.goto("/preferences");
  await expect(page.getByText(/nests and dens exactly/)).toBeVisible();
  const all = await textOf(page, () => page.getByRole("button", { name: /^Export everything/ }).click());
  expect(JSON.parse(all).places.sightings).toHaveLength(20);
  expect(all.includes("Song reed")).toBe(true);
});

test("a place is carried through three outings: what the second adds there the third begins with", async ({
  page,
}) => {
  test.setTimeout(180_000);
  await planned(page, "handball");
  const panel = page.getByRole("region", { name: "The place" });
  await openPanel(page, "The place");
  await panel.getByRole("button", { name: "Keep Mill Lane" }).click();
  await expect(panel).toContainText("Mill Lane has all that this outing knows of it.");

  const again = async (name: string): Promise<void> => {
    await page.goto("/places");
    await page.getByRole("link", { name: /Mill Lane/ }).click();
    await page.getByRole("button", { name: "New outing here" }).click();
    await page.getByLabel("Name of the outing").fill(name);
    await page.getByRole("button", { name: "Create outing" }).click();
    await expect(page.getByRole("heading", { name })).toBeVisible();
  };
  await again("The second");
  await openStage(page, "Ground");
  await openPanel(page, "Position");
  await page.getByRole("button", { name: "Add a position" }).click();
  await expect(page.getByRole("img", { name: /^Position B, chosen/ })).toBeVisible();
  const second = (await storedOuting(page, "the-second")).ground.positions;
  await openStage(page, "Brief");
  await openPanel(page, "The place");
  await panel.getByRole("button", { name: "Give to the place" }).click();
  await expect(panel).toContainText("Mill Lane has all that this outing knows of it.");

  await again("The third");
  const third = await storedOuting(page, "the-third");
  const at = (list: { at: unknown; name: string }[]) => list.map(({ name, at: where }) => [name, where]);
  expect(at(third.ground.positions)).toEqual(expect.arrayContaining(at(second)));
  expect((await storedOuting(page, "trial-day")).ground.positions).toHaveLength(1);
});
