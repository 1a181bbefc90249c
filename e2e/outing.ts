import { expect, type Page } from "@playwright/test";
import { storedKeys, storedRecord } from "./entries";

/** What a user does and sees, by role and label. */
export const OUTING = "/outing/hockey-semi-final";

export const isPhone = (page: Page): boolean => (page.viewportSize()?.width ?? 0) < 960;

export type Stage = "Brief" | "Ground" | "Frame" | "Expose" | "Run" | "Review";

export async function openStage(page: Page, stage: Stage): Promise<void> {
  await page.getByRole("link", { name: new RegExp(`^${stage}:`) }).click();
  await expect(page).toHaveURL(new RegExp(`/${stage.toLowerCase()}$`));
}

export async function openGround(page: Page): Promise<void> {
  await page.goto(`${OUTING}/ground`);
  await expect(tag(page, "B")).toBeVisible();
}

export const tag = (page: Page, name: string) =>
  page.getByRole("img", { name: new RegExp(`^Position ${name}`) });

/** Where the tag's point stands on the page: its place on the plan. */
export async function placeOf(page: Page, name: string): Promise<{ x: number; y: number }> {
  const box = await tag(page, name).boundingBox();
  if (!box) throw new Error(`the tag ${name} is not drawn`);
  return { x: box.x + box.width / 2, y: box.y + box.height - 1 };
}

/** Drags from a place of the page by so much, by mouse or by finger as the device has it. */
export async function drag(
  page: Page,
  from: { x: number; y: number },
  by: { x: number; y: number },
): Promise<void> {
  const steps = Array.from({ length: 12 }, (_, i) => ({
    x: from.x + (by.x * (i + 1)) / 12,
    y: from.y + (by.y * (i + 1)) / 12,
  }));
  if (!isPhone(page)) {
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    for (const at of steps) await page.mouse.move(at.x, at.y);
    await page.mouse.up();
    return;
  }
  const touch = await page.context().newCDPSession(page);
  const send = (type: "touchStart" | "touchMove" | "touchEnd", at?: { x: number; y: number }) =>
    touch.send("Input.dispatchTouchEvent", { type, touchPoints: at ? [at] : [] });
  await send("touchStart", from);
  for (const at of steps) await send("touchMove", at);
  await send("touchEnd");
}

/** Drags from the middle of a tag. */
export async function dragTag(page: Page, name: string, dx: number, dy: number): Promise<void> {
  const place = await placeOf(page, name);
  await drag(page, { x: place.x, y: place.y - 18 }, { x: dx, y: dy });
}

/** The words on the button that explains a figure, such as "24.2 m, to 207° SW. Why?". */
export async function figure(page: Page, label: RegExp): Promise<string> {
  const button = page.getByRole("button", { name: label }).first();
  return (await button.getAttribute("aria-label")) ?? "";
}

export const slider = (page: Page, name: string) => page.getByRole("slider", { name, exact: true });

export const valueOf = async (page: Page, name: string): Promise<string> =>
  (await slider(page, name).getAttribute("aria-valuetext"))?.replace(/\u00a0/g, " ") ?? "";

/** Moves the outing's minute by quarters of an hour. */
export async function laterByQuarters(page: Page, quarters: number): Promise<void> {
  const time = slider(page, "Time of the outing");
  await time.focus();
  for (let i = 0; i < quarters; i++) await time.press("PageUp");
}

/** The id of an outing by its name as it is stored, in any case of letters; ids of one's own are random. */
async function idOf(page: Page, called: string): Promise<string> {
  for (const key of await storedKeys(page, "bp/outing/")) {
    const outing = await storedRecord(page, key);
    if (outing?.name?.toLowerCase().replaceAll(" ", "-") === called) return outing.id;
  }
  return called;
}

/** An outing as it is stored, by its id or its name, once what the tab has under way is kept; as it stands where that does not come to pass. */
export async function storedOuting(page: Page, called = "hockey-semi-final") {
  const id = await idOf(page, called);
  await page
    .waitForFunction((key) => sessionStorage.getItem(key) === null, `bp/unsaved/${id}`, { timeout: 3000 })
    .catch(() => undefined);
  return storedRecord(page, `bp/outing/${id}`);
}

/** Says what leaves where it is asked, and lets it go: the whole, with what is ticked this time. */
export async function letLeave(
  page: Page,
  {
    way = "Whole",
    tick = [],
    action = "Write the file",
  }: { way?: string; tick?: readonly string[]; action?: string } = {},
): Promise<void> {
  const dialog = page.getByRole("dialog", { name: "What leaves?" });
  await dialog.getByRole("radio", { name: way, exact: true }).click();
  for (const one of tick) await dialog.getByRole("checkbox", { name: one, exact: true }).click();
  await dialog.getByRole("button", { name: action, exact: true }).click();
}

/** A server that is not the demo's: the first visit asks. */
export const firstVisit = async (page: Page): Promise<void> => {
  await page.route("**/api/start", (route) => route.fulfill({ json: { begin: "ask" } }));
  await page.goto("/");
};

/** Fills the form of a new outing; what is left out keeps its beginning. */
export async function plan(page: Page, fields: Record<string, string>): Promise<void> {
  for (const [label, value] of Object.entries(fields))
    await page.getByLabel(label, { exact: true }).fill(value);
}

/** Opens a panel of a stage by its title; on a phone the sheet under the plan is raised first where it stands in it. */
export async function openPanel(page: Page, title: string): Promise<void> {
  const head = page.getByRole("button", { name: new RegExp(`^${title}(:|$)`) });
  const raise = page.getByRole("button", { name: /\. More$/ });
  await expect(
    head
      .or(raise)
      .or(page.getByRole("button", { name: /^More tools/ }))
      .first(),
  ).toBeVisible();
  if (!(await head.isVisible())) {
    if (await raise.isVisible()) await raise.click();
    // What few shots need stands behind one press more.
    const further = page.getByRole("button", { name: /^More tools:/ });
    await expect(head.or(further).first()).toBeVisible();
    if (!(await head.isVisible())) await further.first().click();
  }
  if ((await head.getAttribute("aria-expanded")) === "false") await head.click();
}

/** From now on the browser refuses every write into its database, as a full disk does; until `emptyDatabase` or a reload. */
export const fillDatabase = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    const refuse = (): never => {
      throw new DOMException("the quota has been exceeded", "QuotaExceededError");
    };
    Object.assign(window, { emptyDatabase: () => Object.assign(IDBObjectStore.prototype, { put }) });
    Object.assign(IDBObjectStore.prototype, { put: refuse });
  });

/** Chooses a file of ours on the list or in the preferences; what it would do is shown then. */
export const openFile = (page: Page, name: string, text: string): Promise<void> =>
  page
    .getByLabel("Outing file")
    .setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(text) });

/** Takes in what the preview of a file shows. */
export const bringIn = (page: Page): Promise<void> =>
  page.getByRole("button", { name: /^Bring in / }).click();

/** Goes on with Tab until what has the focus is called so. */
export async function tabTo(page: Page, name: RegExp, most = 60): Promise<void> {
  const focused = () =>
    page.evaluate(() => {
      const node = document.activeElement as HTMLElement | null;
      return node?.getAttribute("aria-label") ?? node?.innerText ?? "";
    });
  for (let i = 0; i < most; i++) {
    if (name.test(await focused())) return;
    await page.keyboard.press("Tab");
  }
  throw new Error(`no ${name} within ${most} steps of Tab; the last was ${await focused()}`);
}

/** An outing of one's own, from a first visit that asks: named so, on a ground that is searched, with its times. */
export async function beginOwn(
  page: Page,
  fields: Record<string, string>,
  ground: { readonly search: string; readonly pick: RegExp },
): Promise<void> {
  await page.route("**/api/start", (route) => route.fulfill({ json: { begin: "ask" } }));
  await page.goto("/");
  await page.getByRole("button", { name: "Plan my own outing" }).click();
  await page.getByRole("button", { name: "Full-frame 45 MP body", exact: true }).click();
  await page.getByRole("button", { name: /^100–400 mm/ }).click();
  const place = { "Latitude, south is − in °": "53.4", "Longitude, west is − in °": "-2.25" };
  for (const [label, value] of Object.entries({ ...place, ...fields }))
    await page.getByLabel(label, { exact: true }).fill(value);
  await page.getByRole("button", { name: /^Ground:/ }).click();
  await page.getByLabel("Search ground").fill(ground.search);
  await page.getByRole("button", { name: ground.pick }).first().click();
  await page.getByRole("button", { name: "Create outing" }).click();
}

/** Plans an outing from the list as a user does, on a ground and for a subject that are searched for. */
export async function planned(page: Page, ground: string, subject?: string): Promise<void> {
  await page.goto("/outings");
  await page.getByRole("button", { name: "Plan an outing" }).click();
  await page.getByRole("button", { name: /^Ground:/ }).click();
  await page.getByLabel("Search ground").fill(ground);
  await page.getByRole("list", { name: "Ground" }).getByRole("button").first().click();
  if (subject) {
    await page.getByRole("button", { name: /^First subject:/ }).click();
    await page.getByLabel("Search first subject").fill(subject);
    await page.getByRole("list", { name: "First subject" }).getByRole("button").first().click();
  }
  const roofed = await page.getByRole("radio", { name: "Under a roof" }).isChecked();
  const typed = {
    "Name of the outing": "Trial day",
    "Name of the place": "Mill Lane",
    // Under a roof nobody asks where it lies.
    ...(!roofed && { "Latitude, south is − in °": "53.4", "Longitude, west is − in °": "-1.5" }),
    Date: "2027-05-08",
  };
  for (const [label, value] of Object.entries(typed))
    await page.getByLabel(label, { exact: true }).fill(value);
  await page.getByRole("button", { name: "Create outing" }).click();
  await expect(page.getByRole("heading", { name: "Trial day" })).toBeVisible();
}
