import AxeBuilder from "@axe-core/playwright";
import { expect, test, type Locator, type Page } from "@playwright/test";
import { isPhone, openStage, OUTING, slider, tag } from "./outing";

const THEMES = ["day", "dusk", "hide"] as const;
const PAPER = { day: "rgb(246, 242, 231)", dusk: "rgb(23, 29, 33)", hide: "rgb(11, 10, 8)" };
interface Screen {
  readonly name: string;
  readonly url: string;
  readonly ready: (page: Page) => Locator;
  readonly act?: (page: Page) => Promise<void>;
}

const SCREENS: readonly Screen[] = [
  {
    name: "outings",
    url: "/outings",
    ready: (page: Page) => page.getByRole("link", { name: /Cup semi-final/ }),
  },
  {
    name: "kit",
    url: "/kit",
    ready: (page: Page) => page.getByRole("button", { name: "Add a body" }),
  },
  {
    name: "library",
    url: "/library",
    ready: (page: Page) => page.getByLabel("Search"),
    // A few rows stand for them all.
    act: (page: Page) => page.getByLabel("Search").fill("hockey"),
  },
  {
    name: "preferences",
    url: "/preferences",
    ready: (page: Page) => page.getByRole("button", { name: "Delete everything" }),
  },
  {
    name: "brief",
    url: `${OUTING}/brief`,
    ready: (page: Page) => page.getByRole("list", { name: "Promised shots" }),
  },
  {
    name: "frame",
    url: "/outing/handball-league-evening/frame",
    ready: (page: Page) => page.getByRole("img", { name: /^The frame/ }),
  },
  {
    name: "review",
    url: `${OUTING}/review`,
    ready: (page: Page) => page.getByRole("button", { name: "Save count" }),
  },
  { name: "ground", url: `${OUTING}/ground`, ready: (page: Page) => tag(page, "B") },
  { name: "expose", url: `${OUTING}/expose`, ready: (page: Page) => slider(page, "Shutter") },
  {
    name: "run",
    url: `${OUTING}/run`,
    ready: (page: Page) => page.getByRole("button", { name: "Too dark" }),
  },
  {
    name: "stops",
    url: "/stops",
    ready: (page: Page) => page.getByRole("button", { name: "Where do the stops come from?" }),
  },
  { name: "nowhere", url: "/nowhere", ready: (page: Page) => page.getByText("leads nowhere") },
];

const keepTheme = (page: Page, theme: string) =>
  page.addInitScript((t) => {
    const preferences = { version: 1, theme: t, order: ["lift", "aperture", "shutter", "iso"] };
    localStorage.setItem("bp/preferences", JSON.stringify(preferences));
  }, theme);

for (const theme of THEMES)
  for (const screen of SCREENS)
    test(`${screen.name} in the ${theme} theme has no serious finding of axe`, async ({ page }) => {
      // The same colours at either size: away from the stages the other themes are looked at once.
      test.skip(!isPhone(page) && theme !== "day" && !screen.url.startsWith("/outing/"));
      await keepTheme(page, theme);
      await page.goto(screen.url);
      await expect(screen.ready(page)).toBeVisible();
      await screen.act?.(page);
      await expect(page.locator("html")).toHaveCSS("background-color", PAPER[theme]);
      const { violations } = await new AxeBuilder({ page }).analyze();
      const serious = violations.filter((v) => v.impact === "serious" || v.impact === "critical");
      expect(serious.map((v) => `${v.id}: ${v.nodes.map((n) => n.html).join(" | ")}`)).toEqual([]);
    });

test("one tap switches the light on every screen, and it stays", async ({ page }) => {
  const switchTo = async (name: string) =>
    page.getByRole("button", { name: new RegExp(`Switch to ${name}$`) }).click();
  const html = page.locator("html");
  await page.goto("/outings");
  await switchTo("Dusk");
  await expect(html).toHaveAttribute("data-theme", "dusk");
  await page.getByRole("link", { name: /Cup semi-final/ }).click();
  await switchTo("Hide");
  await openStage(page, "Expose");
  await expect(html).toHaveAttribute("data-theme", "hide");
  await switchTo("Day");
  await openStage(page, "Run");
  await switchTo("Dusk");
  await page.reload();
  await expect(html).toHaveAttribute("data-theme", "dusk");
});

test("what is pressed in the field is at least 48 px", async ({ page }) => {
  for (const screen of SCREENS.filter((s) => s.name !== "nowhere")) {
    await page.goto(screen.url);
    await expect(screen.ready(page)).toBeVisible();
    const low = await page.getByRole("button").evaluateAll((buttons) =>
      buttons
        .map((button) => ({
          name: button.getAttribute("aria-label"),
          ...button.getBoundingClientRect().toJSON(),
        }))
        .filter(({ width, height }) => width > 0 && height < 47.5)
        .map(({ name, height }) => `${name}: ${height}`),
    );
    expect(low, screen.name).toEqual([]);
  }
});

test("the field card's settings are at least 56 px and in view without a scroll", async ({ page }) => {
  await page.goto(`${OUTING}/run`);
  for (const name of [/^shutter /, /^aperture /, /^ISO \d/]) {
    const line = page.getByLabel(name).first();
    await expect(line).toBeInViewport({ ratio: 1 });
    const size = await line
      .locator("div")
      .first()
      .evaluate((node) => parseFloat(getComputedStyle(node).fontSize));
    expect(size).toBeGreaterThanOrEqual(56);
  }
  await expect(page.getByRole("button", { name: "Too dark" })).toBeInViewport({ ratio: 1 });
});

test("nothing spills over the side of the screen", async ({ page }) => {
  for (const screen of SCREENS) {
    await page.goto(screen.url);
    await expect(screen.ready(page)).toBeVisible();
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(over, screen.name).toBeLessThanOrEqual(0);
  }
});

test("a wide screen takes keys and lists them", async ({ page }) => {
  test.skip(isPhone(page), "keys belong to a keyboard");
  await page.goto(`${OUTING}/ground`);
  await expect(tag(page, "B")).toBeVisible();
  await page.keyboard.press("a");
  await expect(page.getByRole("img", { name: "Position A, chosen" })).toBeVisible();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByText(/planned for 16:32/)).toBeVisible();
  await page.keyboard.press("e");
  await expect(page).toHaveURL(/expose$/);
  await expect(slider(page, "Shutter")).toBeVisible();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog")).toContainText("five minutes earlier or later");
});
