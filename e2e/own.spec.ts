import { expect, test, type Page } from "@playwright/test";
import { storedKeys } from "./entries";
import { firstVisit, openPanel, openStage, plan, slider, storedOuting } from "./outing";

const DERBY = {
  "Name of the outing": "Town derby",
  "Name of the place": "Mill Road",
  "Latitude, south is − in °": "53.4",
  "Longitude, west is − in °": "-2.25",
  Date: "2027-03-06",
  "You are there from": "13:00",
  "It starts": "14:00",
  "You leave": "16:30",
};

test("a first visit offers the demo", async ({ page }) => {
  await firstVisit(page);
  await page.getByRole("button", { name: "Try the demo" }).click();
  for (const name of [
    "Cup semi-final",
    "League evening",
    "Cross-country day",
    "Lagoon at first light",
    "Diamond afternoon",
  ])
    await expect(page.getByRole("link", { name: new RegExp(name) })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toBeVisible();
});

test("an outing from nothing is walked to a field card and back to a review", async ({ page }) => {
  await firstVisit(page);
  await page.getByRole("button", { name: "Plan my own outing" }).click();
  await page.getByRole("button", { name: "Full-frame 45 MP body", exact: true }).click();
  await page.getByRole("button", { name: /^100–400 mm/ }).click();
  await plan(page, DERBY);
  await page.getByRole("button", { name: /^Ground: Football pitch/ }).click();
  await page.getByLabel("Search ground").fill("rugby union");
  await page.getByRole("button", { name: /^Rugby union/ }).click();
  await page.getByRole("button", { name: /^First subject:/ }).click();
  await page.getByLabel("Search first subject").fill("rugby running");
  await page.getByRole("button", { name: /^Rugby player running with the ball, team sport/ }).click();
  await page.getByRole("button", { name: "Create outing" }).click();

  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/brief$/);
  await expect(page.getByText(/Europe\/London time/)).toBeVisible();
  await expect(page.getByText(/Not settled: ask who allows it/)).toBeVisible();
  await page.getByRole("button", { name: /^Access:/ }).click();
  await page.getByRole("textbox", { name: "Who lets you in" }).fill("The club");
  await page.getByRole("textbox", { name: "Where you may stand" }).fill("behind the rope");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText("The club lets you stand behind the rope; no fallback yet.")).toBeVisible();

  await page.getByRole("button", { name: "Add a shot" }).click();
  await page.getByLabel("Name of the shot", { exact: true }).fill("Try in the corner");
  await page.getByRole("button", { name: "Add the shot" }).click();
  await expect(page.getByRole("list", { name: "Promised shots" }).getByRole("listitem")).toHaveCount(2);

  await openStage(page, "Ground");
  await expect(page.getByRole("img", { name: /^Position A, chosen/ })).toBeVisible();
  await openStage(page, "Frame");
  await expect(page.getByRole("img", { name: /^The frame: .+ fills/ })).toBeVisible();
  await openStage(page, "Expose");
  await expect(slider(page, "Shutter")).toBeVisible();
  await openStage(page, "Run");
  await expect(page.getByLabel(/^shutter 1\/\d+/)).toBeVisible();
  await expect(page.getByLabel(/^aperture f\//)).toBeVisible();
  await expect(page.getByLabel(/^ISO \d+/).first()).toBeVisible();
  await openStage(page, "Review");
  await page.getByLabel("Frames taken").fill("60");
  await page.getByLabel("Keepers", { exact: true }).fill("12");
  await page.getByRole("button", { name: "Save count" }).click();
  await openPanel(page, "Keepers by shutter");
  await expect(page.getByRole("img", { name: /^Keepers by shutter/ })).toBeVisible();
  const stored = await storedOuting(page, "town-derby");
  expect(stored.log).toHaveLength(1);
  expect(stored.ground.venue.template).toBe("rugby-union");
  await page.reload();
  await openPanel(page, "Keepers by shutter");
  await expect(page.getByRole("img", { name: /^Keepers by shutter/ })).toBeVisible();
});

test("what cannot be is said beside its field, and no outing is made", async ({ page }) => {
  await firstVisit(page);
  await page.getByRole("button", { name: "Plan my own outing" }).click();
  await page.getByRole("button", { name: "Use a generic bag for now" }).click();
  await plan(page, {
    ...DERBY,
    "Name of the outing": "",
    "Latitude, south is − in °": "153",
    "You leave": "12:00",
  });
  await page.getByRole("button", { name: "Create outing" }).click();
  await expect(page.getByText("A name is needed.")).toBeVisible();
  await expect(page.getByText("Type a number from -90 to 90.")).toBeVisible();
  await page.getByLabel("Name of the outing", { exact: true }).fill("Town derby");
  await page.getByLabel("Latitude, south is − in °").fill("53.4");
  await page.getByRole("button", { name: "Create outing" }).click();
  await expect(
    page.getByText("Leave after you arrive; for a night or days, say the last day."),
  ).toBeVisible();
  await page.getByLabel("Date", { exact: true }).fill("");
  await page.getByRole("button", { name: "Create outing" }).click();
  await expect(page.getByText("Choose a date.")).toBeVisible();
  expect(await storedKeys(page, "bp/outing/")).toEqual([]);
});

test("coordinates copied from elsewhere fill both fields, and a length is typed in the unit that one thinks in @field", async ({
  page,
}) => {
  await page.goto("/outings");
  await page.getByRole("button", { name: "Plan an outing" }).click();
  await page.getByLabel("Longitude, west is − in °").fill("33°54'S 18°24'E");
  await expect(page.getByLabel("Latitude, south is − in °")).toHaveValue("-33.9");
  await expect(page.getByLabel("Longitude, west is − in °")).toHaveValue("18.4");
  await page.goto("/outing/hockey-semi-final/ground");
  await openPanel(page, "Position");
  await page.getByLabel("Lens height in m").fill("6 ft");
  await page.getByLabel("Lens height in m").press("Enter");
  await expect
    .poll(async () => (await storedOuting(page)).ground.positions[1].lensHeight)
    .toBeCloseTo(1.8288, 4);
});

test("the device tells the place when it is allowed to, and a refusal is said", async ({ page, context }) => {
  await firstVisit(page);
  await page.getByRole("button", { name: "Plan my own outing" }).click();
  await page.getByRole("button", { name: "Use a generic bag for now" }).click();
  await page.getByRole("button", { name: "Use my location" }).click();
  await expect(page.getByText(/place was refused|cannot tell where you are/)).toBeVisible();
  await context.grantPermissions(["geolocation"]);
  await context.setGeolocation({ latitude: -33.9, longitude: 151.2 });
  await page.getByRole("button", { name: "Use my location" }).click();
  await expect(page.getByLabel("Latitude, south is − in °")).toHaveValue("-33.9");
  await plan(page, { ...DERBY, "Latitude, south is − in °": "-33.9", "Longitude, west is − in °": "151.2" });
  await page.getByRole("button", { name: "Create outing" }).click();
  await expect(page.getByText(/Australia\/Sydney time/)).toBeVisible();
});

test("one's own ground: a further position and a spot change what follows @desk", async ({ page }) => {
  await page.goto("/outing/hockey-semi-final/ground");
  await openPanel(page, "Position");
  await page.getByRole("button", { name: "Add a position" }).click();
  await expect(page.getByRole("img", { name: /^Position D, chosen/ })).toBeVisible();
  await openPanel(page, "Spot of this shot");
  await page.getByLabel("Faces in °").fill("90");
  await page.getByLabel("Faces in °").press("Enter");
  await expect.poll(async () => (await storedOuting(page)).ground.spots[0].facing).toBe(90);
  await page.getByLabel("Faces in °").fill("400");
  await expect(page.getByRole("alert")).toContainText("Type a number from 0 to 359.");
  await openPanel(page, "Ground and light");
  await page.getByRole("radio", { name: "Under a roof" }).click();
  await expect(page.getByText("under a roof", { exact: true })).toHaveCount(2);
  await page.getByLabel("Daylight let through in %").fill("120");
  await expect(page.getByText("Type a number from 0 to 100.")).toBeVisible();
  await page.getByRole("radio", { name: "Open sky" }).click();
  await expect(page.getByText("under a roof", { exact: true })).toHaveCount(0);
  await page.getByRole("button", { name: "Delete D" }).click();
  await expect(page.getByRole("img", { name: /^Position D/ })).toHaveCount(0);
});

test("a place from before brings its ground and the way it lies, and asks for the day alone", async ({
  page,
}) => {
  await page.goto("/outings");
  await page.getByRole("button", { name: "Plan an outing" }).click();
  await page.getByRole("button", { name: /^A place from before:/ }).click();
  await page.getByRole("button", { name: /^Quarry Lane/ }).click();
  await expect(page.getByLabel("Latitude, south is − in °")).toHaveCount(0);
  await page.getByLabel("Name of the outing", { exact: true }).fill("Return match");
  await page.getByRole("button", { name: "Create outing" }).click();
  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/brief$/);
  const made = await storedOuting(page, "return-match");
  const known = await storedOuting(page);
  expect(made.place).toBe("Quarry Lane");
  expect(made.ground.venue).toEqual(known.ground.venue);
  expect(made.ground.anchor).toEqual(known.ground.anchor);
});

test("the venue of an outing is changed afterwards, and taken back", async ({ page }) => {
  await page.goto("/outing/hockey-semi-final/ground");
  await openPanel(page, "Ground and light");
  await page.getByRole("button", { name: /^Venue:/ }).click();
  await page.getByLabel("Search venue").fill("handball");
  await page.getByRole("button", { name: /^Handball/ }).click();
  await expect(page.getByRole("img", { name: /^Walls of the hall/ })).toBeVisible();
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByRole("img", { name: /^Walls of the hall/ })).toHaveCount(0);
});

test("looking from elsewhere leaves the plan as it is until it is meant @desk", async ({ page }) => {
  await page.goto("/outing/hockey-semi-final/expose");
  await page.getByRole("button", { name: /^Drag flick from B. Choose another shot/ }).click();
  await page.getByRole("radio", { name: "C", exact: true }).click();
  await expect(page.getByText("Planned from B.")).toBeVisible();
  expect((await storedOuting(page)).choices[0].positionId).toBe("b");
  await page.reload();
  await expect(page.getByRole("heading", { name: "Drag flick from C" })).toBeVisible();
  await page.getByRole("button", { name: /Choose another shot/ }).click();
  await page.getByRole("button", { name: "Plan it from C" }).click();
  await expect.poll(async () => (await storedOuting(page)).choices[0].positionId).toBe("c");
  await expect(page.getByText("Planned from B.")).toHaveCount(0);
});

/** An outing of a spring morning made from nothing, with one subject of the library. */
async function morningOf(page: Page, subject: string, lens: RegExp): Promise<void> {
  await firstVisit(page);
  await page.getByRole("button", { name: "Plan my own outing" }).click();
  await page.getByRole("button", { name: "Full-frame 45 MP body", exact: true }).click();
  await page.getByRole("button", { name: lens }).click();
  await plan(page, { ...DERBY, "Name of the outing": "One morning", Date: "2027-05-06" });
  await page.getByRole("button", { name: /^First subject:/ }).click();
  await page.getByLabel("Search first subject").fill(subject.toLowerCase());
  await page.getByRole("button", { name: new RegExp(`^${subject}`) }).click();
  await page.getByRole("button", { name: "Create outing" }).click();
  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/brief$/);
}

test("a butterfly from nothing: near, its depth a few millimetres, and the stem's sway told with what holds the camera @field", async ({
  page,
}) => {
  await morningOf(page, "Butterfly on a stem, windy", /^100 mm f\/2\.8/);
  await openStage(page, "Frame");
  await expect(page.getByText(/^\d+\smm from \d+\scm: the frame is/)).toBeVisible();
  await expect(page.getByText(/^Sharp from \d+ to \d+\smm$/)).toBeVisible();
  await openPanel(page, "Groups, other lenses, close-up");
  await expect(page.getByText(/^1 : \d/)).toBeVisible();
  await openStage(page, "Expose");
  await openPanel(page, "Still and near");
  await expect(page.getByText("By hand", { exact: true })).toBeVisible();
  await expect(page.getByText("Its own sway and bob bear")).toBeVisible();
  await expect(page.getByText(/rock with it, and take several/)).toBeVisible();
});

test("a small bird from nothing: metres away, its reach told, and the shutter for a bird that only breathes", async ({
  page,
}) => {
  await morningOf(page, "Small bird singing", /^100–400 mm/);
  await openStage(page, "Frame");
  await expect(page.getByText(/^\d+\smm from \d+(\.\d)?\sm: the frame is/)).toBeVisible();
  await openStage(page, "Expose");
  await openPanel(page, "Still and near");
  await expect(page.getByText("By hand", { exact: true })).toBeVisible();
  const panel = page.getByRole("region", { name: "Still and near" });
  await panel.getByRole("button", { name: "How is this worked out?" }).click();
  await expect(panel.getByRole("list", { name: "How this is worked out" })).toContainText("CIPA DC-011");
  const shutter = await slider(page, "Shutter").getAttribute("aria-valuetext");
  expect(shutter).toMatch(/^1\/\d+/);
});
