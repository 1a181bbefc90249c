import { readFile } from "node:fs/promises";
import { expect, test, type Page } from "@playwright/test";
import { allStored } from "./entries";
import { isPhone, letLeave, openPanel, OUTING, storedOuting } from "./outing";

const PROGRAMME =
  "10:00 Heat 1 (3 min)\n 3 Ida Roth (Alder)\n 4 Mia Falk\n10:06 Heat 2 (3 min)\n 5 Nora Sund";

const fileOf = async (page: Page, press: () => Promise<void>): Promise<string> => {
  const download = page.waitForEvent("download");
  await press();
  return readFile(await (await download).path(), "utf8");
};

/** An outing whose programme names three, two of whom are one's people: one may be shown, one refused. */
async function withPeople(page: Page): Promise<void> {
  await page.goto(`${OUTING}/brief`);
  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Bring in a list" }).click();
  await page.getByLabel("Or paste a list, a line each").fill(PROGRAMME);
  await page.getByRole("button", { name: "Add 2 events" }).click();
  await openPanel(page, "My people");
  for (const [name, consent] of [
    ["Ida Roth", "May be shown"],
    ["Mia Falk", "No pictures"],
  ] as const) {
    await page.getByRole("button", { name: "Add somebody" }).click();
    await page.getByLabel("Name, as the lists have it").fill(name);
    await page.getByRole("radio", { name: consent }).click();
    await page.getByRole("button", { name: "Add to my people" }).click();
    await expect(page.getByRole("list", { name: "My people" })).toContainText(name);
  }
}

const exportIt = async (page: Page): Promise<void> => {
  await page.getByRole("button", { name: /^Outing: Cup semi-final/ }).click();
  await page.getByRole("button", { name: "Export to a file" }).click();
};

test("all of an outing went out to anybody: what leaves is chosen, told before, and the rest stays here", async ({
  page,
}) => {
  await withPeople(page);
  const before = await storedOuting(page);
  await exportIt(page);
  const goes = page.getByRole("list", { name: "What goes" });
  const dialog = page.getByRole("dialog", { name: "What leaves?" });
  // It is of young people.
  await expect(goes).toContainText("Nobody’s name");
  await dialog.getByRole("checkbox", { name: "Names of the young" }).click();
  await expect(goes).toContainText("2 people by name, 1 marked “no pictures”, and the lists of the events");
  await expect(goes).toContainText("No contacts, no codes");
  await expect(goes).toContainText("coordinates to the centimetre");
  await dialog.getByRole("checkbox", { name: "Contacts, codes and passes" }).click();
  await expect(goes).toContainText("Contacts and how one gets in");
  await dialog.getByRole("radio", { name: "Without the place" }).click();
  await expect(goes).toContainText("No name of the place; coordinates to the kilometre");
  await dialog.getByRole("radio", { name: "Without people" }).click();
  await expect(goes).toContainText("Nobody’s name");
  const text = await fileOf(page, () => letLeave(page, { way: "Without people" }));
  for (const name of ["Ida Roth", "Mia Falk", "Nora Sund", before.access.allowedBy])
    expect(text).not.toContain(name);
  expect(JSON.parse(text).outing.programme).toHaveLength(2);
  expect(await storedOuting(page)).toEqual(before);
  await exportIt(page);
  const whole = JSON.parse(await fileOf(page, () => letLeave(page, { tick: ["Names of the young"] })));
  expect(whole.outing.people.map((p: { consent: string }) => p.consent)).toEqual(["not-asked", "refused"]);
  expect(whole.outing.access.allowedBy).toBe("");
});

test("a table named whoever refused like everybody else: they are marked in it, and on the screen where frames are tagged", async ({
  page,
}) => {
  await withPeople(page);
  await page.getByRole("button", { name: "As a table" }).click();
  const table = await fileOf(page, () => letLeave(page, { tick: ["Names of the young"] }));
  expect(table).toContain("3 Ida Roth (Alder); 4 Mia Falk (no pictures)");
  await page.goto(`${OUTING}/run`);
  if (isPhone(page)) await page.getByRole("button", { name: "Who was that? Tag it" }).click();
  else await openPanel(page, "Who was that\\?");
  await page.getByRole("radio", { name: "People", exact: true }).click();
  await expect(page.getByRole("button", { name: "Mia Falk (no pictures)" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Ida Roth", exact: true })).toBeVisible();
});

test("somebody who wants to be forgotten stood in every earlier state: one press takes them out of all of it", async ({
  page,
}) => {
  await withPeople(page);
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "For next time");
  await page.getByLabel("Notes on this place").fill("Roth, Ida runs wide.");
  await page.getByLabel("Notes on this place").blur();
  await expect.poll(async () => (await storedOuting(page)).notes).toContain("Roth");
  await page.goto(`${OUTING}/brief`);
  await openPanel(page, "My people");
  await page.getByRole("button", { name: /^Ida Roth/ }).click();
  await page.getByRole("button", { name: "Forget everywhere" }).click();
  await expect(page.getByRole("dialog", { name: "Forget Ida Roth?" })).toContainText("cannot be undone");
  await page.getByRole("button", { name: "Forget for good" }).click();
  await expect(page.getByText(/^Forgotten in 1 outing, \d+ states of them/)).toBeVisible();
  await expect(page.getByRole("button", { name: /^Ida Roth/ })).toHaveCount(0);
  const all = `${await allStored(page)} ${await page.evaluate(() => JSON.stringify([{ ...localStorage }, { ...sessionStorage }]))}`;
  expect(all).not.toMatch(/Ida Roth|Roth, Ida|ida-roth/);
  expect(all).toContain("Mia Falk");
  const { notes, programme } = await storedOuting(page);
  expect(notes).toBe("somebody runs wide.");
  expect(programme[0].who).toBe("4 Mia Falk");
  // No step back brings them.
  await page.getByRole("button", { name: /^Outing: Cup semi-final/ }).click();
  await page.getByRole("button", { name: "Earlier states" }).click();
  await expect(page.getByText(/Ida Roth/)).toHaveCount(0);
});
