import { expect, test, type Page } from "@playwright/test";
import { beginOwn, isPhone, openPanel, openStage } from "./outing";

/** Everything that is asked of the phone, in its order, as the page asks it of the browser. */
async function recordDevice(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const asked: string[] = [];
    Object.assign(window, { asked });
    Object.defineProperty(navigator, "vibrate", {
      value: (pattern: number[]) => asked.push(`vibrate ${pattern.join(" ")}`) > 0,
    });
    Object.defineProperty(navigator, "wakeLock", {
      value: {
        request: async () => {
          asked.push("awake");
          return { release: async () => void asked.push("asleep") };
        },
      },
    });
    class Notices {
      static permission = "default";
      static requestPermission = async (): Promise<string> => (Notices.permission = "granted");
      constructor(title: string, { silent }: { readonly silent: boolean }) {
        asked.push(`notice ${silent ? "silent" : "loud"} ${title}`);
      }
    }
    Object.defineProperty(window, "Notification", { value: Notices });
    Object.defineProperty(ServiceWorkerContainer.prototype, "getRegistration", {
      value: async () => undefined,
    });
    class Quiet {
      state = "running";
      currentTime = 0;
      destination = {};
      close = async (): Promise<void> => undefined;
      createGain = () => ({ gain: {}, connect: () => undefined });
      createOscillator = () => ({
        frequency: {},
        connect: (to: unknown) => to,
        start: () => asked.push("tone"),
        stop: () => undefined,
      });
    }
    Object.defineProperty(window, "AudioContext", { value: Quiet });
  });
}
const asked = (page: Page): Promise<string[]> =>
  page.evaluate(() => [...(window as unknown as { asked: string[] }).asked]);

/** An afternoon of athletics of one's own, from nothing, with its list brought in, at the minute that is given. */
async function athletics(page: Page, at: string): Promise<void> {
  await page.clock.install({ time: new Date(`2027-03-06T${at}:05Z`) });
  await beginOwn(
    page,
    {
      "Name of the outing": "League meeting",
      "Name of the place": "Mill Track",
      Date: "2027-03-06",
      "You are there from": "11:00",
      "It starts": "13:00",
      "You leave": "17:00",
    },
    { search: "athletics", pick: /^Athletics/ },
  );
  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/brief$/);
  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Bring in a list" }).click();
  await page.getByRole("button", { name: "Athletics", exact: true }).click();
  await page.getByRole("button", { name: "Add 15 events" }).click();
  await openStage(page, "Run");
}

test("an athletics afternoon from its list: the next event with its call stands over the card, three calls pass and each is told", async ({
  page,
}) => {
  await recordDevice(page);
  await athletics(page, "12:28");
  const next = page.getByRole("region", { name: "Next" });
  await expect(next).toContainText(/13:00 (High jump|100 m heats)/);
  await expect(next).toContainText("first call in 2 min");
  await openPanel(page, "This phone");
  await page.getByRole("checkbox", { name: "Quiet tone at calls" }).click();
  await expect.poll(() => asked(page)).toEqual(["tone"]);
  // The clock stands from here on but for what is let run: a message stays for seconds, and a slow machine took longer.
  await page.clock.pauseAt(new Date("2027-03-06T12:29:02Z"));
  for (const [number, minutes] of [
    ["First", 1],
    ["Second", 10],
    ["Third", 10],
  ] as const) {
    for (let i = 0; i < minutes; i++) await page.clock.runFor(60_000);
    await expect(page.getByText(new RegExp(`${number} call: `))).toBeVisible();
  }
  const calls = await asked(page);
  expect(calls.filter((c) => c.startsWith("vibrate 400")).length).toBe(3);
  expect(calls.filter((c) => c === "tone").length).toBe(4);
  // The afternoon goes on without anybody: what was missed is no longer the next.
  await page.clock.setSystemTime(new Date("2027-03-06T14:45:00Z"));
  await page.clock.runFor(61_000);
  await expect(next).toContainText(/15:00 100 m final/);
});

test("a call comes as a notice once it may and the page lies behind another, without a sound while no tone is asked for", async ({
  page,
}) => {
  test.skip(!isPhone(page), "a notice is the same at any size");
  await recordDevice(page);
  await athletics(page, "12:28");
  await expect(page.getByRole("region", { name: "Next" })).toContainText("first call in 2 min");
  await openPanel(page, "This phone");
  await expect(page.getByText(/do not rely on them alone/)).toBeVisible();
  await page.getByRole("checkbox", { name: "Notices of calls" }).click();
  await expect(page.getByRole("checkbox", { name: "Notices of calls" })).toBeChecked();
  const notices = async (): Promise<string[]> => (await asked(page)).filter((a) => a.startsWith("notice"));
  await page.clock.pauseAt(new Date("2027-03-06T12:29:02Z"));
  await page.clock.runFor(60_000);
  await expect(page.getByText(/First call: /)).toBeVisible();
  // In front the message on the page is enough.
  expect(await notices()).toEqual([]);
  await page.evaluate(() => Object.defineProperty(document, "visibilityState", { value: "hidden" }));
  for (let i = 0; i < 10; i++) await page.clock.runFor(60_000);
  await expect.poll(notices).toEqual([expect.stringMatching(/^notice silent Second call: /)]);
});

test("a call is heard on every stage, not on Run alone", async ({ page }) => {
  await recordDevice(page);
  await athletics(page, "12:28");
  await expect(page.getByRole("region", { name: "Next" })).toContainText("first call in 2 min");
  await openStage(page, "Brief");
  await page.clock.pauseAt(new Date("2027-03-06T12:29:02Z"));
  await page.clock.runFor(60_000);
  await expect(page.getByText(/First call: /)).toBeVisible();
});

test("the screen is kept on and let go through one door; a card is locked against gloves and unlocked by holding", async ({
  page,
}) => {
  await recordDevice(page);
  await page.goto("/outing/hockey-semi-final/run");
  await openPanel(page, "This phone");
  const awake = page.getByRole("checkbox", { name: "Keep the screen on" });
  await awake.click();
  await expect(awake).toBeChecked();
  await awake.click();
  await expect.poll(() => asked(page)).toEqual(["awake", "asleep"]);
  await page.getByRole("button", { name: "Lock the card" }).click();
  const lock = page.getByRole("button", { name: "Locked. Hold to unlock" });
  await expect(lock).toBeVisible();
  await lock.click();
  await expect(lock).toBeVisible();
  const shown = await page.getByLabel("shutter 1/1000").boundingBox();
  await page.mouse.click(shown!.x + 20, shown!.y + 10);
  await expect(lock).toBeVisible();
  await lock.click({ delay: 1300 });
  await expect(lock).toHaveCount(0);
});

test("in a hide nothing sounds: no tone is offered there, and over plain http each thing says that it is absent", async ({
  page,
}) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, "isSecureContext", { value: false });
    Reflect.deleteProperty(Navigator.prototype, "wakeLock");
  });
  await page.goto("/outing/lagoon-at-first-light/run");
  await openPanel(page, "This phone");
  await expect(page.getByText(/No tone in a hide/)).toBeVisible();
  await expect(page.getByRole("checkbox", { name: /tone/i })).toHaveCount(0);
  await page.getByRole("checkbox", { name: "Keep the screen on" }).click();
  await expect(page.getByText(/cannot keep the screen on over plain http/)).toBeVisible();
});

test("fingers swept across the card go on to the next shot, over the title to the next position; keys do the same", async ({
  page,
}) => {
  test.skip(!isPhone(page), "a finger's way");
  await page.goto("/outing/hockey-semi-final/run");
  const title = page.getByRole("button", { name: /Choose another shot$/ });
  await expect(title).toHaveAccessibleName(/^Drag flick from B/);
  const swipe = async (on: string, by: number): Promise<void> => {
    const box = (await page.getByLabel(on).first().boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    const touch = await page.context().newCDPSession(page);
    await touch.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [{ x, y }] });
    await touch.send("Input.dispatchTouchEvent", {
      type: "touchMove",
      touchPoints: [{ x: x + by, y: y + 4 }],
    });
    await touch.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
  };
  await swipe("shutter 1/1000", -120);
  await expect(title).not.toHaveAccessibleName(/^Drag flick/);
  await page.keyboard.press(",");
  await expect(title).toHaveAccessibleName(/^Drag flick from B/);
  await swipe("Drag flick from B", -120);
  await expect(title).toHaveAccessibleName(/^Drag flick from C/);
});

test("two bodies hang ready: the card of the second stands beside the first, both of where one stands, each as large as in the rain", async ({
  page,
}) => {
  await page.goto("/outing/hockey-semi-final/frame");
  await openPanel(page, "Kit for this shot");
  const bodies = page.getByRole("radiogroup", { name: "Body" }).getByRole("radio");
  await bodies.nth(1).click();
  await expect(bodies.nth(1)).toBeChecked();
  await openStage(page, "Run");
  await page.keyboard.press(".");
  await openPanel(page, "The second body");
  await page
    .getByRole("radiogroup", { name: "The second body is ready for" })
    .getByRole("radio", { name: "Drag flick" })
    .click();
  const cards = page.getByRole("group", { name: / on .*body$/ });
  await expect(cards).toHaveCount(2);
  const [first, second] = [await cards.nth(0).boundingBox(), await cards.nth(1).boundingBox()];
  expect(Math.abs(first!.y - second!.y)).toBeLessThan(2);
  expect(first!.x + first!.width).toBeLessThanOrEqual(second!.x + 1);
  for (const card of [cards.nth(0), cards.nth(1)]) {
    const figure = card.getByLabel(/^shutter/);
    const size = await figure.evaluate((e) =>
      Math.max(...[...e.children].map((c) => parseFloat(getComputedStyle(c).fontSize))),
    );
    expect(size).toBeGreaterThanOrEqual(56);
    const [own, all] = [await figure.boundingBox(), await card.boundingBox()];
    const wide = await figure.evaluate((e) => e.scrollWidth);
    expect(wide).toBeLessThanOrEqual(Math.ceil(own!.width) + 1);
    expect(own!.x + own!.width).toBeLessThanOrEqual(all!.x + all!.width + 1);
  }
});
