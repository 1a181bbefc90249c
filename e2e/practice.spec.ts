import { expect, test, type Page } from "@playwright/test";
import { storedRecord } from "./entries";

const runs = async (page: Page) => (await storedRecord(page, "bp/practice"))?.runs ?? [];

test.beforeEach(async ({ page }) => {
  await page.goto("/outings");
  await expect(page.getByRole("region", { name: "Coming up" })).toBeVisible();
});

test("a run of stops is answered by keys, left, taken up after a reload, kept, and drawn over the weeks", async ({
  page,
}) => {
  await page.getByRole("link", { name: "Practice", exact: true }).click();
  await page.getByRole("list", { name: "Drills" }).getByRole("link", { name: "Stops" }).click();
  const answers = page.getByRole("list", { name: "Answers" });
  for (let i = 0; i < 3; i++) {
    await expect(answers.getByRole("button")).toHaveCount(4);
    await page.keyboard.press("1");
    await expect(answers).toContainText(/right/);
    await expect(answers).toContainText(/smear .* px, \d+ of 100 hold/);
    await page.keyboard.press("Enter");
  }
  await expect(page.getByText("3 of 8")).toBeVisible();
  await page.reload();
  await expect(page.getByText("3 of 8")).toBeVisible();
  for (let i = 3; i < 8; i++) {
    await answers.getByRole("button").first().click();
    await page.getByRole("button", { name: /^(Next|What it says)$/ }).click();
  }
  await expect(page.getByText(/^Off by .* between .* over 8\.$/)).toBeVisible();
  await expect
    .poll(async () =>
      (await runs(page)).map((r: { drill: string; tries: number[] }) => [r.drill, r.tries.length]),
    )
    .toEqual([["stops", 8]]);
  await expect(page.getByRole("img", { name: /^1 runs: / })).toBeVisible();
  await page.getByRole("button", { name: "Once more" }).click();
  await expect(page.getByText("0 of 8")).toBeVisible();
});

test("a pan that follows the subject is nearly right, and its figure enters no plan", async ({ page }) => {
  test.setTimeout(120_000);
  await page.goto("/practice/pan");
  const crossing = page.getByRole("application");
  await expect(crossing).toBeVisible();
  const box = (await crossing.boundingBox())!;
  await page.getByRole("button", { name: "Begin", exact: true }).click();
  // A hand that goes evenly over the view, within the page so that no message lies between.
  await page.evaluate(
    ({ left, width, top }) =>
      new Promise<void>((done) => {
        const target = document.querySelector('[role="application"]')!;
        const began = performance.now();
        const move = (): void => {
          const share = (performance.now() - began) / 6000;
          target.dispatchEvent(
            new PointerEvent("pointermove", {
              bubbles: true,
              clientX: left + share * width,
              clientY: top + 60,
            }),
          );
          if (share < 1) requestAnimationFrame(move);
          else done();
        };
        move();
      }),
    { left: box.x, width: box.width, top: box.y },
  );
  await expect(page.getByText(/% too (slow|fast)|right on it|Not followed/)).toBeVisible({ timeout: 20_000 });
  await page.getByRole("radio", { name: "Turn the phone" }).click();
  await page.getByRole("button", { name: "Begin", exact: true }).click();
  // A machine without such a sense says so, and the finger is left.
  await expect(page.getByText(/tell how fast it is turned|fewer than fifty times/)).toBeVisible({
    timeout: 30_000,
  });
});

test("presses at an instant are measured by the browser's own time, and what a burst would have held is told", async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto("/practice/moment");
  const stage = () => page.getByRole("button", { name: /^(Begin|Press at the instant)$/ });
  for (let i = 0; i < 12; i++) {
    await expect(page.getByText(`${i} of 12`)).toBeVisible();
    await stage().dispatchEvent("pointerdown");
    await expect(page.getByRole("button", { name: "Press at the instant" })).toBeVisible();
    // The figure rises shortly before its top: it is pressed once it stands above the ground.
    await page.waitForFunction(
      () => {
        const figure = document.querySelector('[aria-label="Press at the instant"] svg path');
        const rise = figure && 400 - (figure as SVGGraphicsElement).getBBox().y;
        const known = window as unknown as { first?: number };
        known.first ??= rise ?? 0;
        return (rise ?? 0) > known.first + 60;
      },
      undefined,
      { timeout: 10_000, polling: "raf" },
    );
    await stage().dispatchEvent("pointerdown");
  }
  await expect(
    page.getByText(/^Spread .* on the mean .* the delay of screen and touch in it\.$/),
  ).toBeVisible();
  await expect(page.getByText("Kept by one frame")).toBeVisible();
  await expect
    .poll(async () => (await runs(page)).map((r: { by: string; tries: number[] }) => [r.by, r.tries.length]))
    .toEqual([["top-of-jump", 12]]);
  await page.getByRole("button", { name: "Take the spread as at most my own" }).click();
  await expect(page.getByRole("button", { name: "Taken as your own" })).toBeVisible();
  await expect
    .poll(async () => (await storedRecord(page, "bp/preferences"))?.learnt?.moment?.by)
    .toBe("practice");
});

test("light is named, blur is read, a place is chosen: each tells what it was, with pictures", async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto("/practice/light");
  await expect(page.getByText(/sun \d+° (up|below)|under a roof/)).toBeVisible();
  await page.getByRole("button", { name: "More: EV at ISO 100" }).click();
  await page.getByRole("button", { name: "That is it" }).click();
  await expect(page.getByText(/^It is EV.* stops$/)).toBeVisible();
  await page.goto("/practice/blur");
  await expect(page.getByRole("img", { name: "As it came out" })).toBeVisible({ timeout: 30_000 });
  await page.getByRole("radio", { name: "What moved" }).click();
  await expect(page.getByRole("img", { name: "As it came out" })).toBeVisible({ timeout: 30_000 });
  await page.getByRole("button", { name: "the hand shook" }).click();
  await expect(page.getByText(/^(Right: |It was )/)).toBeVisible();
  await page.goto("/practice/stand");
  await page.getByRole("button", { name: "Place 2", exact: true }).click();
  await expect(page.getByText(/The best of the four|less than from|is the best of the four/)).toBeVisible();
  await expect(page.getByRole("img", { name: /^From \d/ }).first()).toBeVisible({ timeout: 30_000 });
});

test("who has no outing practises on the catalogue", async ({ page }) => {
  await page.goto("/practice/pan");
  await page.getByRole("button", { name: /^Played on/ }).click();
  const list = page.getByRole("list", { name: "Played on" });
  await list.getByRole("button", { name: /Road cyclist/ }).click();
  await expect(page.getByText(/Road cyclist.*: \d+ m\/s|Road cyclist.*m\/s at/)).toBeVisible();
});

test("the lessons for dark and blurred pictures go from one's own shutter to a set, which follows the kit", async ({
  page,
}) => {
  await page.goto("/practice/course");
  await expect(page.getByText(/^At 1\/80 it smears/)).toBeVisible();
  await expect(page.getByRole("list", { name: "Shutters" }).getByRole("listitem")).toHaveCount(5);
  const tool = page.getByRole("region", { name: "Blur, and the ladder" });
  await expect(tool.getByText("1/80", { exact: true }).first()).toBeVisible();
  await page.getByRole("button", { name: "Next lesson" }).click();
  await expect(page.getByRole("list", { name: "Three ways" }).getByRole("listitem")).toHaveCount(3);
  // The tool is the one of an outing: a press on it acts, and is kept nowhere.
  const click = page.getByRole("region", { name: "One click" });
  const faster = click.getByRole("button", { name: /^1\/100/ }).first();
  await faster.click();
  await expect(click.getByRole("button", { name: /^1\/125/ }).first()).toBeVisible();
  expect(await storedRecord(page, "bp/outing/on-trial")).toBeNull();
  await page.getByRole("button", { name: "Next lesson" }).click();
  await page.getByRole("button", { name: "Next lesson" }).click();
  const set = page.getByText(/^For “.*” set 1\//);
  const before = await set.textContent();
  const lens = page.getByRole("button", { name: /^Your lens/ });
  const named = /^Your lens: (.*)\. Change$/.exec((await lens.getAttribute("aria-label")) ?? "")![1]!;
  await lens.click();
  await page
    .getByRole("list", { name: "Your lens" })
    .getByRole("button")
    .filter({ hasNotText: named })
    .first()
    .click();
  await expect
    .poll(() => page.getByText(/^For “.*” set 1\/|No picture with that/).textContent())
    .not.toBe(before);
});
