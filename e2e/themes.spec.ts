import AxeBuilder from "@axe-core/playwright";
import { expect, test, type Locator, type Page } from "@playwright/test";
import { isPhone, openPanel, openStage, OUTING, slider, tag } from "./outing";

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
  {
    name: "a place",
    url: "/place/saltmere-hide",
    ready: (page: Page) => page.getByRole("button", { name: "Put down what was seen" }),
  },
  {
    name: "a drill",
    url: "/practice/pan",
    ready: (page: Page) => page.getByRole("button", { name: "Begin", exact: true }),
  },
  { name: "nowhere", url: "/nowhere", ready: (page: Page) => page.getByText("leads nowhere") },
];

/** What a screen gains or loses by its colours alone. */
const OF_COLOURS = ["color-contrast", "link-in-text-block"];

/** The findings of axe that keep somebody out, each with where it stands. */
async function seriousOf(axe: AxeBuilder): Promise<readonly string[]> {
  const { violations } = await axe.analyze();
  return violations
    .filter(({ impact }) => impact === "serious" || impact === "critical")
    .map((v) => `${v.id}: ${v.nodes.map((n) => n.html).join(" | ")}`);
}

/** By its button; the page that leads nowhere has none, and comes in the light that was chosen elsewhere. */
async function switchTo(page: Page, theme: (typeof THEMES)[number]): Promise<void> {
  const light = page.getByRole("button", { name: new RegExp(`Switch to ${theme}$`, "i") });
  if (page.url().endsWith("/nowhere")) {
    await page.goto("/outings");
    await light.click();
    await page.goto("/nowhere");
  } else await light.click();
}

/** Buttons on the screen that are lower than a thumb needs. */
const lowButtons = (page: Page): Promise<readonly string[]> =>
  page.getByRole("button").evaluateAll((buttons) =>
    buttons
      .map((button) => ({
        name: button.getAttribute("aria-label"),
        ...button.getBoundingClientRect().toJSON(),
      }))
      .filter(({ width, height }) => width > 0 && height < 47.5)
      .map(({ name, height }) => `${name}: ${height}`),
  );

/** Screens beside the outings have one column at both sizes: they are read through on a phone. */
const whereRead = ({ url }: Screen): string => (url.startsWith("/outing/") ? "" : " @field");

for (const screen of SCREENS)
  test(`${screen.name} has no serious finding of axe in any theme, no button under 48 px, and spills over no side${whereRead(screen)}`, async ({
    page,
  }) => {
    await page.goto(screen.url);
    await expect(screen.ready(page)).toBeVisible();
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(over).toBeLessThanOrEqual(0);
    if (screen.name !== "nowhere") expect(await lowButtons(page)).toEqual([]);
    await screen.act?.(page);
    for (const theme of THEMES) {
      if (theme !== "day") await switchTo(page, theme);
      await expect(page.locator("html")).toHaveCSS("background-color", PAPER[theme]);
      // The themes differ by their colours: all else is looked at once.
      const axe = new AxeBuilder({ page });
      expect(await seriousOf(theme === "day" ? axe : axe.withRules(OF_COLOURS))).toEqual([]);
    }
  });

/** What opens over or beside a screen, and how one comes to it. */
const OPENED: readonly (readonly [name: string, url: string, presses: readonly RegExp[]])[] = [
  ["the outing's actions", `${OUTING}/run`, [/Details and actions$/]],
  ["its earlier states", `${OUTING}/run`, [/Details and actions$/, /^Earlier states$/]],
  ["another test shot", `${OUTING}/run`, [/^Other settings$/]],
  ["light that differs", `${OUTING}/run`, [/^The light differs at this spot$/]],
  ["the sum of a figure", `${OUTING}/expose`, [/on the subject/]],
  ["the help of a panel", `${OUTING}/expose`, [/^What is Blur in the picture\?$/]],
  ["the questions", `${OUTING}/frame`, [/^Ask anything$/]],
  ["a new outing", "/outings", [/^Plan an outing$/]],
  ["a body of the kit", "/kit", [/^Add a body$/]],
  ["what is deleted", "/preferences", [/^Delete everything$/]],
];

test("what opens over a screen has no serious finding of axe, the lights in turn @field", async ({
  page,
}) => {
  test.setTimeout(240_000);
  const opened = page.getByRole("dialog").or(page.getByRole("complementary", { name: "Ask anything" }));
  for (const [i, [name, url, presses]] of OPENED.entries()) {
    const theme = THEMES[i % THEMES.length]!;
    await page.goto(url);
    await page.evaluate((chosen) => document.documentElement.setAttribute("data-theme", chosen), theme);
    for (const press of presses) await page.getByRole("button", { name: press }).first().click();
    await expect(opened.last(), name).toBeVisible();
    const found = await seriousOf(new AxeBuilder({ page }).include("[role=dialog], [role=complementary]"));
    expect([name, found]).toEqual([name, []]);
  }
});

const STAGES = ["brief", "ground", "frame", "expose", "run", "review"] as const;

test("each stage is read in order: the outing first, its panels, the time; every name and value is there", async ({
  page,
}) => {
  for (const stage of STAGES) {
    await page.goto(`${OUTING}/${stage}`);
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("Cup semi-final");
    await expect(page.getByRole("main").getByRole("button").nth(2)).toBeVisible();
    const read = await page.evaluate(() => {
      const shown = [
        ...document.querySelectorAll("[role=banner], [role=main], [role=heading], [role=slider]"),
      ];
      const of = (role: string) => shown.findIndex((one) => one.getAttribute("role") === role);
      const headings = shown.filter((one) => one.getAttribute("role") === "heading");
      const sliders = shown.filter((one) => one.getAttribute("role") === "slider");
      return {
        first: headings[0]?.getAttribute("aria-level"),
        isInOrder: of("banner") < of("main"),
        skipped: headings
          .map((one) => Number(one.getAttribute("aria-level")))
          .filter((level, i, all) => i > 0 && level > Math.max(...all.slice(0, i)) + 2),
        unnamed: sliders.filter(
          (one) => !one.getAttribute("aria-label") || !one.getAttribute("aria-valuetext"),
        ).length,
        last: sliders.at(-1)?.getAttribute("aria-label"),
      };
    });
    expect([stage, read]).toEqual([
      stage,
      {
        first: "1",
        isInOrder: true,
        skipped: [],
        unnamed: 0,
        last: stage === "brief" || stage === "review" ? undefined : "Time of the outing",
      },
    ]);
  }
});

test("what the card says anew is read out once, when the hand rests", async ({ page }) => {
  await page.goto(`${OUTING}/run`);
  const said = page.locator("[aria-live=polite]").filter({ hasText: /^shutter 1\// });
  await expect(said).toHaveText("shutter 1/1000, aperture f/2.8, ISO 500");
  await said.evaluate((node) => {
    const heard: string[] = [];
    Object.assign(window, { heard });
    new MutationObserver(() => heard.push(node.textContent ?? "")).observe(node, {
      childList: true,
      characterData: true,
      subtree: true,
    });
  });
  const time = slider(page, "Time of the outing");
  await time.focus();
  for (let i = 0; i < 4; i++) await time.press("PageUp");
  await expect(said).not.toHaveText(/ISO 500$/);
  const heard = await page.evaluate(() => (window as unknown as { heard: string[] }).heard);
  expect(heard).toEqual([await said.textContent()]);
});

for (const reducedMotion of ["no-preference", "reduce"] as const)
  test(`what moves on the screen is over within 200 ms, and nothing moves where that is asked: ${reducedMotion} @field`, async ({
    page,
  }) => {
    await page.emulateMedia({ reducedMotion });
    await page.addInitScript(() => {
      const longest = { transition: 0, animation: 0 };
      Object.assign(window, { longest });
      const watch = (event: string, kind: "transition" | "animation") =>
        document.addEventListener(event, ({ target }) => {
          for (const { effect } of (target as Element).getAnimations())
            longest[kind] = Math.max(longest[kind], Number(effect?.getComputedTiming().endTime ?? 0));
        });
      watch("transitionrun", "transition");
      watch("animationstart", "animation");
    });
    await page.goto(`${OUTING}/expose`);
    await openPanel(page, "Blur in the picture");
    await page.getByRole("button", { name: /Switch to Dusk$/ }).click();
    await page.getByRole("button", { name: "Ask anything" }).click();
    const asking = page.getByRole("complementary", { name: "Ask anything" });
    await asking.getByRole("button", { name: "Close" }).click();
    await expect(asking).toHaveCount(0);
    await openStage(page, "Ground");
    await page.getByRole("button", { name: /\. More$/ }).click();
    await openStage(page, "Run");
    await page.getByRole("button", { name: "It was right" }).click();
    await expect(page.getByText("1 reading so far. The next?")).toBeVisible();
    // That a transition would be seen: one of the test's own.
    const seen = await page.evaluate(async () => {
      const { longest } = window as unknown as { longest: { transition: number; animation: number } };
      const before = { ...longest };
      const own = document.body.appendChild(document.createElement("i"));
      own.style.cssText = "position:fixed;opacity:0;transition:opacity 150ms";
      own.getBoundingClientRect();
      own.style.opacity = "1";
      await new Promise((done) => setTimeout(done, 300));
      return { before, own: longest.transition };
    });
    const most = reducedMotion === "reduce" ? 0 : 200;
    expect(seen.before.transition).toBeLessThanOrEqual(most);
    expect(seen.before.animation).toBeLessThanOrEqual(most);
    expect(seen.own).toBe(reducedMotion === "reduce" ? 0 : 150);
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
