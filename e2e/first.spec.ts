import { expect, test, type Page } from "@playwright/test";
import { firstVisit } from "./outing";

/** Every activation and every field is counted: choices, pickers and what goes on to the next question. */
function counting(page: Page) {
  const counted = { taps: 0, fields: 0 };
  return {
    counted,
    press: async (name: string | RegExp): Promise<void> => {
      counted.taps++;
      await page
        .getByRole("button", { name, exact: typeof name === "string" })
        .first()
        .click();
    },
    fill: async (name: string | RegExp, text: string): Promise<void> => {
      counted.fields++;
      await page.getByLabel(name).fill(text);
    },
  };
}

/** No question offers more than eight choices. */
async function fewChoices(page: Page): Promise<void> {
  const tiles = page.getByRole("main").getByRole("group").getByRole("button");
  await expect(tiles.first()).toBeVisible();
  expect(await tiles.count()).toBeLessThanOrEqual(8);
}

/** The card with its three settings, and why it is the best that can be had, in the first fold. */
async function cardInPlainWords(page: Page): Promise<void> {
  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/run$/);
  const plain = page.getByRole("region", { name: "In plain words" });
  await expect(plain.getByRole("button", { name: /^Shutter 1\/\d+\./ })).toBeVisible();
  await expect(plain.getByRole("button", { name: /^Aperture f\/[\d.]+\./ })).toBeVisible();
  await expect(plain.getByRole("button", { name: /^ISO (ISO )?\d+\./ })).toBeVisible();
  await expect(plain.getByText(/Nothing is given up|The best that this camera|Even so/)).toBeVisible();
  await plain.getByRole("button", { name: /^Shutter/ }).click();
  await expect(plain.getByText(/How long the picture takes/)).toBeVisible();
}

test.beforeEach(async ({ page }) => {
  await page.clock.setFixedTime(new Date("2027-06-12T11:00:00Z"));
  await firstVisit(page);
});

test("a parent at the pool with a kit zoom has a card in plain words by five taps and no field", async ({
  page,
}) => {
  const { press, counted } = counting(page);
  await press("What do I set?");
  await fewChoices(page);
  await press("Swimming");
  await fewChoices(page);
  await press(/^Crawl/);
  await fewChoices(page);
  await expect(page.getByText(/No flash is counted on/)).toBeVisible();
  await press("Dim");
  await fewChoices(page);
  await press("A first camera, its 18–55 zoom");
  await cardInPlainWords(page);
  expect(counted).toEqual({ taps: 5, fields: 0 });
});

test("a birder who lets the device say where has a card by six taps", async ({ page, context }) => {
  await context.grantPermissions(["geolocation"]);
  await context.setGeolocation({ latitude: 53.2, longitude: -1.4, accuracy: 8 });
  const { press, counted } = counting(page);
  await press("What do I set?");
  await press("Birds");
  await fewChoices(page);
  await press(/^Small bird singing/);
  await press("Here");
  await fewChoices(page);
  await press("Under trees");
  await press("A camera with a 150–600 zoom");
  await cardInPlainWords(page);
  expect(counted).toEqual({ taps: 6, fields: 0 });
});

test("a runner’s friend who pastes the place has a card by six taps and one field", async ({ page }) => {
  const { press, fill, counted } = counting(page);
  await press("What do I set?");
  await press("Running, athletics");
  await press(/^Road runner/);
  await fill(/paste it/, "somewhere");
  await expect(page.getByText(/No place in this/)).toBeVisible();
  await page.getByLabel(/paste it/).fill("https://maps.example/#map=15/53.2004/-1.4021");
  await press("Take 53.200, -1.402");
  await press("Sun and clouds");
  await press("A phone");
  await cardInPlainWords(page);
  expect(counted).toEqual({ taps: 6, fields: 1 });
});

test("what is typed is found, a question is gone back, another time is told, and the next outing asks no kit", async ({
  page,
}) => {
  await page.getByRole("button", { name: "What do I set?" }).click();
  await page.getByLabel(/Type it/).fill("nothing of the kind");
  await expect(page.getByText("Nothing found")).toBeVisible();
  await page.getByLabel(/Type it/).fill("judo");
  await page.getByRole("group", { name: "Found" }).getByRole("button").first().click();
  await expect(page.getByRole("heading", { name: "How light is it in there?" })).toBeVisible();
  await page.getByRole("button", { name: "Back a question" }).click();
  await page.getByRole("button", { name: "Sport in a hall" }).click();
  await page.getByRole("button", { name: /judo/i }).click();
  await page.getByRole("button", { name: "Another time" }).click();
  await page.getByLabel("Date").fill("2027-06-20");
  await page.getByLabel("From").fill("15:30");
  await page.getByRole("button", { name: "Bright, as on TV" }).click();
  await page.getByRole("button", { name: "Full frame, 70–200 f/2.8" }).click();
  await cardInPlainWords(page);
  await expect(page.getByText(/Sun 20 Jun, 15:30/).first()).toBeVisible();
  await page.goto("/first");
  await page.getByRole("button", { name: "Swimming" }).click();
  await page.getByRole("button", { name: /^Diver/ }).click();
  await page.getByRole("button", { name: "Ordinary" }).click();
  await cardInPlainWords(page);
});

test("a browser that cleared away what was kept is told of, and the last file is offered", async ({
  page,
}) => {
  await expect(page.getByRole("button", { name: "What do I set?" })).toBeVisible();
  await expect(page.getByText(/cleared away/)).toHaveCount(0);
  await page.evaluate(() =>
    localStorage.setItem("bp/file-marks", JSON.stringify({ writtenAt: Date.UTC(2027, 4, 2, 18) })),
  );
  await page.reload();
  await expect(page.getByText("The browser has cleared away what was kept here")).toBeVisible();
  await expect(page.getByText(/2 May.*Open a file below/)).toBeVisible();
});
