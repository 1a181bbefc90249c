import { readFileSync } from "node:fs";
import { expect, test, type Page } from "@playwright/test";
import { beginOwn, fillDatabase, isPhone, letLeave, openPanel, openStage, storedOuting } from "./outing";

/** A gala of one's own: from nothing to the start list with one's people ticked, at two minutes into the first heat. */
async function planGala(page: Page): Promise<void> {
  await page.clock.install({ time: new Date("2027-03-06T09:50:00Z") });
  await beginOwn(
    page,
    {
      "Name of the outing": "Winter gala",
      "Name of the place": "Weir Baths",
      Date: "2027-03-06",
      "You are there from": "09:00",
      "It starts": "10:00",
      "You leave": "13:30",
    },
    { search: "pool", pick: /25 m/ },
  );
  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/brief$/);

  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Bring in a list" }).click();
  await page.getByRole("button", { name: "Pool gala" }).click();
  await page.getByRole("button", { name: /^Add \d+ events$/ }).click();
  await openPanel(page, "My people");
  await page.getByRole("button", { name: "Find in the lists" }).click();
  await page.getByLabel("Search by name or club").fill("Frida Roth");
  await page.getByRole("group", { name: "Named in the lists" }).getByRole("checkbox").first().click();
  await page.getByLabel("Search by name or club").fill("");
  await page.getByRole("group", { name: "Named in the lists" }).getByRole("checkbox").nth(3).click();
  await page.getByRole("button", { name: "Add 2 people" }).click();
}

/** The keys of tags: behind the card's own key on a phone, a panel where there is room. */
const openTags = (page: Page): Promise<void> =>
  isPhone(page)
    ? page.getByRole("button", { name: "Who was that? Tag it" }).click()
    : openPanel(page, "Who was that\\?");

const tagList = (page: Page) => page.getByRole("list", { name: "Tags, the last first" });

test("a gala from its start list to tagged frames: people, a lane, a word, and a heat that names everybody at once", async ({
  page,
}) => {
  await planGala(page);
  const people = page.getByRole("list", { name: "My people" });
  await expect(people.getByRole("listitem")).toHaveCount(2);
  await expect(people.getByRole("button", { name: /Frida Roth.*lane \d, in \d+ min/ })).toBeVisible();
  const { programme, people: kept } = await storedOuting(page, "winter-gala");
  expect(programme.length).toBeGreaterThan(25);
  expect(kept).toMatchObject([{ consent: "not-asked" }, { consent: "not-asked" }]);

  await page.clock.setSystemTime(new Date("2027-03-06T10:00:30Z"));
  await openStage(page, "Run");
  await page.clock.runFor(70_000);
  await openTags(page);
  await expect(page.getByText("On: 50 m free girls, heat 1")).toBeVisible();
  await page.getByRole("group", { name: "People" }).getByRole("button").first().click();
  // What was done can be taken back where the pad stands over everything, too.
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(tagList(page).getByRole("listitem")).toHaveCount(0);
  await page.getByRole("group", { name: "People" }).getByRole("button").first().click();
  await page.getByRole("radio", { name: "Lanes" }).click();
  await page.getByRole("button", { name: /^Lane 4: / }).click();
  await page.getByRole("radio", { name: "A word" }).click();
  await page.getByLabel("What was it").fill("touched first");
  await page.getByRole("button", { name: "Tag", exact: true }).click();
  await page.getByRole("button", { name: "Heat starts: 50 m free girls, heat 1" }).click();
  await page.clock.runFor(31_000);
  await expect(page.getByRole("timer")).toHaveText(/^0:3\d\.\d$/);
  await page.getByRole("button", { name: "Heat ends" }).click();
  await expect(tagList(page).getByRole("listitem")).toHaveCount(4);
  await expect(tagList(page).getByRole("listitem").first()).toContainText(/and 4 more, the whole heat/);
  await page.reload();
  await openTags(page);
  await expect(tagList(page).getByRole("listitem")).toHaveCount(4);
  const wait = page.waitForEvent("download");
  await page.getByRole("button", { name: "4 tags as a table" }).click();
  await letLeave(page, { tick: ["Names of the young"], action: "Write the table" });
  const rows = readFileSync(await (await wait).path(), "utf8").split(/\r?\n/);
  expect(rows).toHaveLength(5);
  expect(rows[0]).toBe("time,kind,names,words,event,shot,began,seconds");
  expect(rows[4]).toMatch(/^2027-03-06T10:0\d.*,heat,(\w+ \w+; ){5}\w+ \w+,/);

  await tagList(page)
    .getByRole("button", { name: /^Delete the tag touched first/ })
    .click();
  await expect(tagList(page).getByRole("listitem")).toHaveCount(3);
});

/** A microphone that hums by itself, since a browser without a window has none. */
function humming(): void {
  const listen = (): Promise<MediaStream> => {
    const context = new AudioContext();
    const [tone, out] = [context.createOscillator(), context.createMediaStreamDestination()];
    tone.connect(out);
    tone.start();
    return Promise.resolve(out.stream);
  };
  Object.defineProperty(navigator, "mediaDevices", { value: { getUserMedia: listen } });
}

test.describe("with a microphone", () => {
  test.use({ permissions: ["microphone"] });

  test("a note is spoken, kept and played; without room its tag stands and the sound goes out as a file", async ({
    page,
  }) => {
    await page.addInitScript(humming);
    await page.goto("/outing/hockey-semi-final/run");
    await openTags(page);
    await page.getByRole("button", { name: "Speak a note" }).click();
    await page.waitForTimeout(1500);
    await page.getByRole("button", { name: /^Keep it, \d+ s left/ }).click();
    await expect(tagList(page).getByRole("listitem")).toHaveCount(1);
    await page.reload();
    await openTags(page);
    await expect(tagList(page).getByText(/spoken, \d s/)).toBeVisible();
    await page.getByRole("button", { name: /^Play spoken/ }).click();
    await page.getByRole("button", { name: /^spoken, \d s\. Put it in words/ }).click();
    await page.getByLabel("Who or what").fill("Lane five, yellow cap");
    await page.getByRole("button", { name: "Save", exact: true }).click();
    await expect(tagList(page).getByText(/Lane five, yellow cap/)).toBeVisible();
    await expect(page.getByText("no sound")).toHaveCount(0);

    await page.getByRole("button", { name: "Speak a note" }).click();
    await page.waitForTimeout(1200);
    await fillDatabase(page);
    await page.getByRole("button", { name: /^Keep it/ }).click();
    await expect(page.getByRole("alert")).toContainText(/^Not kept: 1 tag and 1 spoken note/);
    await expect(tagList(page).getByRole("listitem")).toHaveCount(2);
    const wait = page.waitForEvent("download");
    await page.getByRole("button", { name: "Save as files" }).click();
    expect((await wait).suggestedFilename()).toMatch(/tags-not-kept\.csv$/);
    // The page asks before it is left; loaded anew, it still has them, and finds room.
    let asked = 0;
    page.on("dialog", (dialog) => {
      asked++;
      void dialog.accept();
    });
    await page.reload();
    expect(asked).toBe(1);
    await openTags(page);
    await expect(page.getByRole("alert")).toContainText(/^Not kept: 1 tag and 1 spoken note/);
    await expect(tagList(page).getByRole("listitem")).toHaveCount(2);
    await page.getByRole("button", { name: "Try again" }).click();
    await expect(page.getByRole("alert")).toHaveCount(0);
    await page.reload();
    await openTags(page);
    await expect(tagList(page).getByText(/spoken, \d s|Lane five, yellow cap/)).toHaveCount(2);
  });
});

test("another tab's tags come by themselves; those that cannot be read are told, and not as none", async ({
  page,
  context,
}) => {
  await page.goto("/outing/hockey-semi-final/run");
  await openTags(page);
  const other = await context.newPage();
  await other.goto("/outing/hockey-semi-final/run");
  await openTags(other);
  await other.getByRole("radio", { name: "A word" }).click();
  await other.getByLabel("What was it").fill("said elsewhere");
  await other.getByRole("button", { name: "Tag", exact: true }).click();
  await expect(tagList(page).getByText(/said elsewhere/)).toBeVisible();

  // Deleted and its message gone, it comes back from the list of deleted ones.
  await other.getByRole("button", { name: /^Delete the tag .*said elsewhere/ }).click();
  await expect(tagList(page).getByText(/said elsewhere/)).toHaveCount(0);
  await page.getByRole("button", { name: "Deleted tags" }).click();
  await page.getByRole("button", { name: /^Restore the tag .*said elsewhere/ }).click();
  await expect(tagList(other).getByText(/said elsewhere/)).toBeVisible();

  await other.addInitScript(() => {
    const getAll = IDBObjectStore.prototype.getAll;
    Object.assign(window, { readAgain: () => Object.assign(IDBObjectStore.prototype, { getAll }) });
    IDBObjectStore.prototype.getAll = function (this: IDBObjectStore, ...args: Parameters<typeof getAll>) {
      const range = args[0] as IDBKeyRange | undefined;
      if (String(range?.lower).startsWith("tags/"))
        throw new DOMException("the disk is busy", "UnknownError");
      return getAll.apply(this, args);
    };
  });
  await other.reload();
  await openTags(other);
  await expect(other.getByRole("alert")).toContainText("could not be read just now");
  await other.evaluate(() => (window as unknown as { readAgain: () => void }).readAgain());
  await other.getByRole("button", { name: "Read them again" }).click();
  await expect(tagList(other).getByText(/said elsewhere/)).toBeVisible();
});

test("without the microphone a spoken note is refused with what to do, and on plain http it says that it is absent", async ({
  page,
}) => {
  await page.goto("/outing/hockey-semi-final/run");
  await openTags(page);
  await page.getByRole("button", { name: "Speak a note" }).click();
  await expect(page.getByRole("alert")).toContainText("The microphone was refused");
  await page.evaluate(() => {
    Object.defineProperty(navigator, "mediaDevices", { value: undefined });
    Object.defineProperty(window, "isSecureContext", { value: false });
  });
  await page.getByRole("button", { name: "Speak a note" }).click();
  await expect(page.getByRole("alert")).toContainText("over plain http");
  await expect(tagList(page)).toHaveCount(0);
});
