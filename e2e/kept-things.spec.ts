import { readFile } from "node:fs/promises";
import { expect, test, type Page } from "@playwright/test";
import { storedKeys, storedRecord } from "./entries";
import {
  bringIn,
  figure,
  openFile,
  openGround,
  openPanel,
  openStage,
  OUTING,
  storedOuting,
  valueOf,
} from "./outing";

const storedKit = (page: Page) => storedRecord(page, "bp/kit");
const goTo = async (page: Page, name: string): Promise<void> => {
  await page.getByRole("link", { name, exact: true }).click();
  await expect(page.getByRole("heading", { name, exact: true })).toBeVisible();
};

test("a ceiling changed in the kit moves the settings", async ({ page }) => {
  await page.goto(`${OUTING}/expose`);
  await expect.poll(() => valueOf(page, "ISO")).toBe("ISO 500");
  await page.goto("/kit");
  await page.getByRole("button", { name: /^Full-frame 24 MP body/ }).click();
  await page.getByLabel("Your ISO ceiling").fill("200");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText(/ISO 100 to 200/)).toBeVisible();
  await page.goto(`${OUTING}/expose`);
  await expect(page.getByRole("heading", { name: /(missing|short). Ways out/ })).toBeVisible();
});

test("an impossible body or lens is said beside its field, and nothing is saved", async ({ page }) => {
  await page.goto("/kit");
  await expect(page.getByRole("button", { name: /^Full-frame 24 MP body/ })).toBeVisible();
  const before = await storedKit(page);
  await page.getByRole("button", { name: /^Full-frame 24 MP body/ }).click();
  await page.getByLabel("Your ISO floor").fill("12800");
  await page.getByLabel("Fastest shutter in s").fill("soon");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText("Type a shutter such as 1/8000.")).toBeVisible();
  await page.getByLabel("Fastest shutter in s").fill("1/4000");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText(/each ISO is at least|Each ISO is at least/)).toBeVisible();
  await page.getByRole("button", { name: "Cancel" }).click();
  await page.getByRole("button", { name: /^70–200 mm f\/2.8/ }).click();
  await page.getByLabel("Longest focal length in mm").fill("50");
  await page.getByLabel("Narrowest aperture in f/").fill("2");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText("The longest focal length comes after the shortest.")).toBeVisible();
  await expect(page.getByText("The narrowest aperture has a larger number than the widest.")).toBeVisible();
  expect(await storedKit(page)).toEqual(before);
});

test("a lens is added from a generic one, used by Frame, removed and brought back", async ({ page }) => {
  await page.goto("/kit");
  await page.getByRole("button", { name: "Add a lens" }).click();
  await page.getByRole("button", { name: /^Start from:/ }).click();
  await page.getByLabel("Search start from").fill("400 mm f/2.8");
  await page.getByRole("button", { name: /^400 mm f\/2.8/ }).click();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: /^400 mm f\/2.8/ })).toBeVisible();
  await page.goto(`${OUTING}/brief`);
  await page.getByRole("button", { name: /^Bag:/ }).click();
  await page.getByRole("checkbox", { name: "400 mm f/2.8" }).click();
  await page.getByRole("button", { name: "Done" }).click();
  await openStage(page, "Frame");
  await openPanel(page, "Lenses by position");
  const cell = page.getByRole("button", { name: /^400 mm f\/2.8 from C: \d+ %/ });
  await cell.click();
  await expect(page.getByRole("heading", { name: "Drag flick from C" })).toBeVisible();
  expect((await storedOuting(page)).choices[0]).toMatchObject({ positionId: "c", lensId: "400-mm-f-2-8" });
  await page.goto("/kit");
  await page.getByRole("button", { name: /^400 mm f\/2.8/ }).click();
  await page.getByRole("button", { name: "Delete lens" }).click();
  await expect(page.getByRole("button", { name: /^400 mm f\/2.8/ })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(page.getByRole("button", { name: /^400 mm f\/2.8/ })).toBeVisible();
});

test("the library is searched, opened with its source, copied and changed", async ({ page }) => {
  await page.goto("/library");
  await page.getByLabel("Search").fill("harrier");
  await page.getByRole("button", { name: /^Harrier quartering/ }).click();
  await expect(page.getByRole("dialog")).toContainText("wing tips");
  await page.getByRole("button", { name: "Copy and edit" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Our marsh harrier");
  await page.getByLabel("Wing span in m").fill("1.25");
  await page.getByRole("button", { name: "Save to my library" }).click();
  await page.getByLabel("Search").fill("marsh harrier");
  await expect(page.getByRole("button", { name: /^Our marsh harrier, yours/ })).toBeVisible();
  for (const [part, row, own] of [
    ["Light", /^School hall/, "Our hall"],
    ["Settings", /^Skiing/, "Skiing with the club"],
    ["Venues", /^Handball court/, "Redbrick Hall"],
  ] as const) {
    await page.getByRole("radio", { name: part }).click();
    await page.getByLabel("Search").fill("");
    await page.getByRole("button", { name: row }).click();
    await page.getByRole("button", { name: "Copy and edit" }).click();
    await page.getByLabel(part === "Settings" ? "Discipline" : "Name", { exact: true }).fill(own);
    if (part === "Light") {
      await page.getByLabel("EV to").fill("3");
      await page.getByRole("button", { name: "Save to my library" }).click();
      await expect(page.getByText("The upper EV is at least the lower.")).toBeVisible();
      await page.getByLabel("EV to").fill("7.5");
    }
    await page.getByRole("button", { name: "Save to my library" }).click();
    await expect(page.getByRole("button", { name: new RegExp(`^${own},`) })).toBeVisible();
  }
  await page.reload();
  await page.getByRole("button", { name: /^Our marsh harrier/ }).click();
  await page.getByRole("button", { name: "Delete" }).click();
  await expect(page.getByRole("button", { name: /^Our marsh harrier/ })).toHaveCount(0);
});

test("feet, the short clock and the schools are taken by every stage", async ({ page }) => {
  await openGround(page);
  const metres = await figure(page, /to \d+°/);
  expect(metres).toMatch(/^24.2.m/);
  await page.goto("/preferences");
  await page.getByRole("radio", { name: "Feet, °C" }).click();
  await page.getByRole("radio", { name: "4:27 pm" }).click();
  await openGround(page);
  await expect.poll(() => figure(page, /to \d+°/)).toMatch(/^79.ft/);
  await openStage(page, "Run");
  await expect(page.getByText(/planned for 4:27 pm/)).toBeVisible();
  await page.goto("/preferences");
  await page.getByRole("radio", { name: "Expose fully" }).click();
  await page.getByRole("button", { name: "Move Slower shutter" }).focus();
  for (const key of ["Space", "ArrowUp", "Space"]) {
    await page.keyboard.press(key);
    await page.waitForTimeout(100);
  }
  await expect
    .poll(() => storedRecord(page, "bp/preferences"))
    .toMatchObject({
      units: "ft",
      clock: "12",
      school: "full",
      order: ["lift", "shutter", "aperture", "iso"],
    });
});

test("everything goes into a file, everything is deleted when asked twice, and comes back", async ({
  page,
}) => {
  await page.goto("/preferences");
  await page.getByRole("radio", { name: "Dusk", exact: true }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export everything to a file" }).click();
  const text = await readFile(await (await download).path(), "utf8");
  expect(JSON.parse(text).outings).toHaveLength(6);

  const keep = page.getByRole("button", { name: "Cancel" });
  await page.getByRole("button", { name: "Delete everything" }).click();
  await keep.click();
  await page.getByRole("button", { name: "Delete everything" }).click();
  await page.getByRole("button", { name: "Continue" }).click();
  await keep.last().click();
  expect(await storedKit(page)).not.toBeNull();
  await page.getByRole("button", { name: "Delete everything" }).click();
  await page.getByRole("button", { name: "Continue" }).click();
  await page.getByRole("button", { name: "Delete everything now" }).click();
  await expect(page.getByRole("button", { name: "Try the demo" })).toBeVisible();
  expect(await storedKeys(page, "")).toEqual([]);
  // Nor does the demo come again by itself.
  await page.reload();
  await expect(page.getByRole("button", { name: "Try the demo" })).toBeVisible();
  await expect(page.getByRole("link", { name: /Cup semi-final/ })).toHaveCount(0);

  await openFile(page, "broken.json", text.replace('"date": "2026-12-02"', '"date": "2026-02-30"'));
  await expect(page.getByRole("dialog")).toContainText("outings.");
  await page.getByRole("dialog").getByRole("button", { name: "Close" }).last().click();
  await openFile(page, "everything.json", text);
  await expect(page.getByText("6 outings: 6 new, 0 that differ from yours, 0 the same.")).toBeVisible();
  await bringIn(page);
  for (const name of [
    "Cup semi-final",
    "League evening",
    "Cross-country day",
    "Lagoon at first light",
    "Diamond afternoon",
    "Cup quarter-final",
  ])
    await expect(page.getByRole("link", { name: new RegExp(name) })).toBeVisible();
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dusk");
});

test("frames are counted, more kept than taken is refused, and the share is drawn with its interval", async ({
  page,
}) => {
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "Keepers by shutter");
  await expect(page.getByText("No frames counted yet")).toBeVisible();
  const count = async (taken: string, kept: string): Promise<void> => {
    await page.getByLabel("Frames taken").fill(taken);
    await page.getByLabel("Keepers", { exact: true }).fill(kept);
    await page.getByRole("button", { name: "Save count" }).click();
  };
  await count("20", "25");
  await expect(page.getByRole("alert")).toContainText("No more than the 20 taken.");
  await count("100", "80");
  // Wilson 1927, worked out beside it: 80 of 100 lies between 71 and 87 %.
  await expect(
    page.getByRole("img", { name: /1\/1000: 80 %, between 71 % and 87 %, 80 of 100/ }),
  ).toBeVisible();
  await expect(page.getByText("1/1000 is shown to keep at least half.")).toBeVisible();
  await page.getByRole("button", { name: "Less: Shutter used" }).click();
  await count("10", "1");
  await expect(page.getByRole("img", { name: /1\/800: 10 %/ })).toBeVisible();
  await openPanel(page, "For next time");
  await page.getByLabel("Notes on this place").fill("The north bank is dry even after rain.");
  await page.getByLabel("Notes on this place").blur();
  await page.reload();
  await openPanel(page, "For next time");
  await expect(page.getByLabel("Notes on this place")).toHaveValue("The north bank is dry even after rain.");
  await openPanel(page, "Keepers by shutter");
  await page.getByRole("button", { name: /^Drag flick, 1 of 10. Delete/ }).click();
  await expect(page.getByRole("img", { name: /1\/800/ })).toHaveCount(0);
});

test("places about the application are a press away on every list", async ({ page }) => {
  await page.goto("/outings");
  for (const name of ["Kit", "Library", "Preferences", "Outings"]) await goTo(page, name);
});

test("an undo on a message put the whole outing back: it takes back its own change, and the note typed since stays", async ({
  page,
}) => {
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "For next time");
  await page.getByLabel("Frames taken").fill("40");
  await page.getByLabel("Keepers", { exact: true }).fill("9");
  await page.getByRole("button", { name: "Save count" }).click();
  await openPanel(page, "Keepers by shutter");
  await page.getByRole("button", { name: /9 of 40\. Delete this count/ }).click();
  const undo = page.getByRole("button", { name: "Undo", exact: true });
  await expect(undo).toBeVisible();
  await page.getByLabel("Notes on this place").fill("mind the gate");
  await page.getByLabel("Notes on this place").blur();
  await expect.poll(async () => (await storedOuting(page)).notes).toBe("mind the gate");
  await undo.click();
  await expect.poll(async () => (await storedOuting(page)).log.length).toBe(1);
  expect((await storedOuting(page)).notes).toBe("mind the gate");
});
