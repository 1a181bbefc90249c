import { readFileSync } from "node:fs";
import { expect, test, type Page } from "@playwright/test";
import { isPhone, letLeave, openPanel, openStage, storedOuting } from "./outing";

/** A hand that counts: every activation is a tap, every text a field. */
function counting(page: Page) {
  const counts = { taps: 0, fields: 0 };
  return {
    counts,
    tap: async (role: "button" | "checkbox" | "radio" | "link", name: string | RegExp): Promise<void> => {
      counts.taps++;
      await page.getByRole(role, { name }).first().click();
    },
    field: async (label: string, text: string): Promise<void> => {
      counts.fields++;
      await page.getByLabel(label, { exact: true }).fill(text);
    },
  };
}

const AFTERNOON = `Alder Vale Open, Saturday 15 May 2027
12:30 Hammer men
12:45 High jump women
13:00 100 m women, heat 1
13:05 100 m women, heat 2
13:10 Long jump men
13:20 800 m women
13:40 Shot put women
14:00 110 m hurdles men
14:40 100 m women, final
15:00 Pole vault men
15:30 4 x 100 m
16:00 Prize-giving on the infield`;
/** What a colleague would be at, put down by hand before the order was seen: every start on the track, and a part of the throws and jumps. */
const RACES = [
  "100 m women, heat 1",
  "100 m women, heat 2",
  "800 m women",
  "110 m hurdles men",
  "100 m women, final",
  "4 x 100 m",
];

test.use({ geolocation: { latitude: 53.4, longitude: -1.5 }, permissions: ["geolocation"] });

test("an athletics afternoon of twelve events, from nothing but its list to an order that a colleague would walk, in 12 taps and 4 fields", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2027-05-10T09:00:00Z") });
  await page.goto("/outings");
  const { counts, tap, field } = counting(page);
  await tap("button", "Plan an outing");
  await tap("button", "Begin from a start list");
  await field("Paste the start list", AFTERNOON);
  await expect(page.getByText(/^12 events, 12:30 to 17:00/)).toBeVisible();
  await expect(page.getByLabel("Date", { exact: true })).toHaveValue("2027-05-15");
  await expect(page.getByLabel("Name of the outing", { exact: true })).toHaveValue("Alder Vale Open");
  await field("Name of the place", "Alder Vale");
  await field("Calls, minutes before", "30, 20 and 10");
  await tap("button", "Use my location");
  await expect(page.getByLabel("Latitude, south is − in °")).toHaveValue("53.4");
  await tap("button", "Create outing");
  await expect(page).toHaveURL(/\/run$/);
  await page.clock.runFor(3000);
  if (isPhone(page)) await tap("button", /^The programme, in order/);
  const verdict = page.getByText(/events covered, \d of them in part, \d+ % of what the day is worth/);
  await expect(verdict).toBeVisible({ timeout: 30_000 });
  const covered = page.getByRole("list", { name: "Covered, in order" }).getByRole("listitem");
  const rows = await covered.allInnerTexts();
  for (const race of RACES) expect(rows.filter((r) => r.includes(race))).toHaveLength(1);
  // In the order of their starts, and the throws and jumps about them.
  const at = RACES.map((race) => rows.findIndex((r) => r.includes(race)));
  expect(at).toEqual(at.toSorted((a, b) => a - b));
  expect(rows.some((r) => /Long jump|Shot put/.test(r) && r.includes("a part of it, until"))).toBe(true);
  const left = page.getByRole("list", { name: "Left out" }).getByRole("listitem");
  const [, told = "0"] = /; (\d+) left out/.exec(await verdict.innerText()) ?? [];
  await expect(left).toHaveCount(Number(told));
  await expect(left.filter({ hasText: "Prize-giving" })).toContainText("not told where it is");
  expect(counts.taps).toBeLessThanOrEqual(12);
  expect(counts.fields).toBeLessThanOrEqual(4);
  // The one answer that is missing is asked for, and takes it in.
  await page.getByRole("button", { name: /^Where is: Prize-giving/ }).click();
  await page
    .getByRole("list", { name: /^Where is/ })
    .getByRole("button")
    .first()
    .click();
  await expect(left.filter({ hasText: "not told where it is" })).toHaveCount(0, { timeout: 30_000 });
});

const SHEET = `Event,Heat,Start,Lane,Swimmer,Club,Cap
100 m free women,1,10:00,1,Rosa Ekern,Millpond,white
100 m free women,1,10:00,2,Runa Tarn,Weir,red
100 m free women,1,10:00,3,Hedda Fjell,Alder,black
100 m free women,2,10:05,1,Oda Falk,Weir,red
100 m free women,2,10:05,2,Ilse Stroth,Lagoon,blue
late entries at the desk,,,,,,`;

test("a heat sheet as a table: its columns are recognised, a line is mended where it stands, and lanes and caps tag by name", async ({
  page,
}) => {
  await page.goto("/outing/hockey-semi-final/brief");
  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Bring in a list" }).click();
  const list = page.getByLabel("Or paste a list, a line each");
  await list.fill(
    SHEET.replaceAll("10:0", "17:0").replace(
      "late entries at the desk,,,,,,",
      "100 m free women,3,late,1,Mia Norden,Alder,green",
    ),
  );
  await expect(page.getByText("A table of 7 columns: 2 events read.")).toBeVisible();
  const columns = page.getByRole("group", { name: "Columns of the table" });
  await expect(columns.getByRole("button", { name: "Column 4, Lane: Lane or number. Change" })).toBeVisible();
  await expect(columns.getByRole("button", { name: "Column 7, Cap: Cap or shirt. Change" })).toBeVisible();
  await page.getByLabel("Line 7", { exact: true }).fill("100 m free women,3,17:10,1,Mia Norden,Alder,green");
  await page.getByRole("button", { name: "Read it so" }).click();
  await expect(page.getByText("A table of 7 columns: 3 events read.")).toBeVisible();
  // Nothing is lost by Esc, nor what a column was said to hold.
  await columns.getByRole("button", { name: /^Column 6, Club/ }).click();
  await page
    .getByRole("list", { name: "What column 6 holds" })
    .getByRole("button", { name: "Not needed" })
    .click();
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Bring in a list" }).click();
  await expect(page.getByText("A table of 7 columns: 3 events read.")).toBeVisible();
  await expect(columns.getByRole("button", { name: "Column 6, Club: Not needed. Change" })).toBeVisible();
  await page.getByRole("button", { name: "Add 3 events" }).click();
  await expect.poll(async () => (await storedOuting(page)).programme?.length).toBe(3);
  const { programme } = await storedOuting(page);
  expect(programme.map((e: { name: string; who: string }) => [e.name, e.who])).toEqual([
    [
      "100 m free women, heat 1",
      "1 Rosa Ekern (white cap); 2 Runa Tarn (red cap); 3 Hedda Fjell (black cap)",
    ],
    ["100 m free women, heat 2", "1 Oda Falk (red cap); 2 Ilse Stroth (blue cap)"],
    ["100 m free women, heat 3", "1 Mia Norden (green cap)"],
  ]);
  await page.clock.install({ time: new Date("2026-10-17T16:01:00Z") });
  await page.goto("/outing/hockey-semi-final/run");
  if (isPhone(page)) await page.getByRole("button", { name: "Who was that? Tag it" }).click();
  else await openPanel(page, "Who was that\\?");
  await expect(page.getByText("On: 100 m free women, heat 1")).toBeVisible();
  await page.getByRole("radio", { name: "Lanes" }).click();
  await page.getByRole("button", { name: "Lane 3: Hedda Fjell" }).click();
  await page.getByRole("radio", { name: /Cap|Colour/ }).click();
  await page.getByRole("button", { name: "red cap", exact: true }).click();
  const tags = page.getByRole("list", { name: "Tags, the last first" });
  await expect(tags.getByRole("listitem")).toHaveCount(2);
  await expect(tags).toContainText("Runa Tarn");
  await expect(tags).toContainText("Hedda Fjell");
});

test("several events are moved, repeated and taken out at once, each with its undo", async ({ page }) => {
  await page.goto("/outing/hockey-semi-final/brief");
  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Bring in a list" }).click();
  await page
    .getByLabel("Or paste a list, a line each")
    .fill("16:00 100 m heat 1\n16:10 100 m heat 2\n16:20 Long jump");
  await page.getByRole("button", { name: "Add 3 events" }).click();
  await page.getByRole("button", { name: "Change several" }).click();
  await page.getByRole("button", { name: /^Which events/ }).click();
  await page.getByRole("list", { name: "Which events" }).getByRole("button", { name: "Sprint" }).click();
  await page.getByLabel("Minutes", { exact: true }).fill("30");
  await page.getByRole("button", { name: "Repeat after" }).click();
  const times = async (): Promise<string[]> =>
    (await storedOuting(page)).programme.map((e: { at: string; name: string }) => `${e.at} ${e.name}`);
  await expect
    .poll(times)
    .toEqual([
      "16:00 100 m heat 1",
      "16:10 100 m heat 2",
      "16:20 Long jump",
      "16:30 100 m heat 1",
      "16:40 100 m heat 2",
    ]);
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect.poll(times).toHaveLength(3);
  await page.getByRole("button", { name: "Optional" }).click();
  await expect
    .poll(async () => (await storedOuting(page)).programme.map((e: { priority: number }) => e.priority))
    .toEqual([3, 3, 2]);
  await page.getByRole("button", { name: "Delete" }).click();
  await expect.poll(times).toEqual(["16:20 Long jump"]);
});

test("frames that came in keep their count over a reload amid a burst", async ({ page }) => {
  await page.goto("/outing/hockey-semi-final/run");
  const open = () => openPanel(page, "Frames and calls coming in");
  await open();
  const camera = page.getByRole("group", { name: "Camera on a cable" });
  await camera.getByRole("button", { name: "Join the camera" }).click();
  const count = async (): Promise<number> =>
    Number(/(\d+) frames? for Drag flick/.exec((await camera.innerText()).replace(/\u00a0/g, " "))?.[1] ?? 0);
  await expect.poll(count).toBeGreaterThan(2);
  const before = await count();
  await page.reload();
  await openStage(page, "Run");
  await open();
  expect(await count()).toBeGreaterThanOrEqual(before);
});

test("a tournament of four pitches is shared out between two photographers, and each has a file of their own", async ({
  page,
}) => {
  await page.goto("/outing/hockey-semi-final/brief");
  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Bring in a list" }).click();
  await page
    .getByLabel("Or paste a list, a line each")
    .fill(
      "\tPitch 1\tPitch 2\tPitch 3\tPitch 4\n17:00\tA v B\tC v D\tE v F\tG v H\n17:30\tA v C\tB v D\tE v G\tF v H",
    );
  await expect(page.getByText("A table of 5 columns: 8 events read.")).toBeVisible();
  await page.getByRole("button", { name: /^Where the 8 events are/ }).click();
  await page
    .getByRole("list", { name: /^Where the 8 events are/ })
    .getByRole("button")
    .nth(1)
    .click();
  await page.getByRole("button", { name: "Add 8 events" }).click();
  await openStage(page, "Run");
  await openPanel(page, "The programme, in order");
  await expect(page.getByText(/events? covered/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole("button", { name: "Share with a second photographer" }).click();
  const theirs = page.getByRole("list", { name: "For the second photographer" }).getByRole("listitem");
  await expect(theirs.first()).toBeVisible({ timeout: 30_000 });
  const { programme } = await storedOuting(page);
  const second = programme.filter((e: { by?: string }) => e.by === "second");
  expect(second.length).toBe(await theirs.count());
  expect(second.length).toBeGreaterThan(0);
  await openStage(page, "Brief");
  await openPanel(page, "Programme");
  await page.getByRole("radio", { name: "The second photographer’s" }).click();
  const wait = page.waitForEvent("download");
  await page.getByRole("button", { name: "As a table" }).click();
  await letLeave(page);
  const rows = readFileSync(await (await wait).path(), "utf8")
    .trim()
    .split(/\r?\n/);
  expect(rows).toHaveLength(1 + second.length);
  for (const { name } of second) expect(rows.join("\n")).toContain(name);
});
