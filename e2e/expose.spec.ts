import { readFileSync } from "node:fs";
import { expect, test, type Page } from "@playwright/test";
import ICAL from "ical.js";
import piexif from "piexifjs";
import { extractText, getDocumentProxy } from "unpdf";
import { isPhone, laterByQuarters, openPanel, OUTING, slider, storedOuting, valueOf } from "./outing";

const COURSE = "/outing/cross-country-day";
const group = (page: Page, name: string | RegExp) => page.getByRole("group", { name });

test("any two rails are held and the third follows; to set the third one says which may go; three held may be off @field", async ({
  page,
}) => {
  await page.goto(`${OUTING}/expose`);
  await page.getByRole("button", { name: "Hold Shutter" }).click();
  await slider(page, "Aperture").press("PageUp");
  await expect(page.getByText("ISO, follows the light")).toBeVisible();
  const iso = await valueOf(page, "ISO");
  await slider(page, "ISO").press("ArrowRight");
  await expect(page.getByText(/^Two are held, so ISO follows\. To set ISO/)).toBeVisible();
  expect(await valueOf(page, "ISO")).toBe(iso);
  await group(page, "Let go first, to set ISO").getByRole("button", { name: "Aperture" }).click();
  await expect(page.getByText("Aperture, follows the light")).toBeVisible();
  await slider(page, "Aperture").press("PageUp");
  await group(page, "Let go first, to set aperture")
    .getByRole("button", { name: "None, hold all three" })
    .click();
  const { choices, shotId } = await storedOuting(page);
  const { locked } = choices.find((c: { shotId: string }) => c.shotId === shotId);
  expect(Object.keys(locked).sort()).toEqual(["aperture", "iso", "shutter"]);
  await page.getByRole("button", { name: "Let go of ISO" }).click();
  await expect(page.getByText("ISO, follows the light")).toBeVisible();
});

test("ISO left to the body: snow in the frame comes out too dark, one press mends it, and the card says so @field", async ({
  page,
}) => {
  await page.goto(`${OUTING}/expose`);
  await page.getByRole("checkbox", { name: "Leave the ISO to the body" }).click();
  await expect(page.getByText(/^The body will choose about ISO \d+: right.*\.$/)).toBeVisible();
  await page.getByRole("button", { name: /Nothing bright or dark|Grass|Dark crowd|Dark wood/ }).click();
  await page.getByRole("button", { name: /^Fresh snow/ }).click();
  await expect(page.getByText(/stops too dark\.$/)).toBeVisible();
  await page.getByRole("button", { name: "Set +2 1/3 for it" }).click();
  await expect(page.getByText(/: right( to a third of a stop)?\.$/)).toBeVisible();
  await page.goto(`${OUTING}/run`);
  await expect(page.getByText("auto ISO", { exact: true })).toBeVisible();
  await expect(page.getByText("compensation +2 1/3")).toBeVisible();
  await page.goto(`${OUTING}/expose`);
  await page.getByRole("button", { name: "Hold ISO" }).click();
  await expect(page.getByRole("checkbox", { name: "Leave the ISO to the body" })).not.toBeChecked();
});

test("the ledger is drawn: what gives and what spends light end together, until the settings are off @desk", async ({
  page,
}) => {
  await page.goto(`${OUTING}/expose`);
  await openPanel(page, "Stop ledger");
  const bar = (label: string) => page.getByRole("img", { name: new RegExp(`^${label}: `) });
  const longer = async (): Promise<number> => {
    const [gives, spends] = await Promise.all([bar("Gives").boundingBox(), bar("Spends").boundingBox()]);
    return gives!.width - spends!.width;
  };
  await expect(bar("Gives")).toHaveAccessibleName(/light \+/);
  await expect(bar("Spends")).toHaveAccessibleName(/shutter −.*aperture −/);
  await expect(page.getByText("Correct exposure")).toBeVisible();
  await expect.poll(longer).toBeCloseTo(0, 0);
  for (const rail of ["Shutter", "Aperture"])
    await page.getByRole("button", { name: `Hold ${rail}` }).click();
  await slider(page, "ISO").press("PageUp");
  await group(page, "Let go first, to set ISO").getByRole("button", { name: "None, hold all three" }).click();
  await expect(page.getByText("Too bright by")).toBeVisible();
  await expect.poll(longer).toBeGreaterThan(10);
});

test("reach, other lenses and the instant are drawn to scale with what is wanted @desk", async ({ page }) => {
  await page.goto(`${OUTING}/frame`);
  await openPanel(page, "Reach, converters and bodies");
  await expect(
    page.getByRole("img", { name: /^From here this lens fills \d+\s% to \d+\s%; 50\s% is wanted$/ }),
  ).toBeVisible();
  await page.goto(`${OUTING}/expose`);
  await openPanel(page, "The instant");
  await expect(
    page.getByRole("img", { name: /^Frames \d.* apart; the instant between them lasts 1\.0 ms$/ }),
  ).toBeVisible();
});

test("a pan goes from its ladder to the card: a rung is taken, its chance is told, and the card shows its shutter @field", async ({
  page,
}) => {
  await page.goto(`${COURSE}/expose`);
  await openPanel(page, "Pan");
  await expect(page.getByRole("img", { name: /^The sweep of the camera/ })).toBeVisible();
  await page.getByRole("button", { name: /^1\/125: lines/ }).click();
  await expect.poll(() => valueOf(page, "Shutter")).toMatch(/^1\/125/);
  await openPanel(page, "Chance of a keeper");
  await expect(
    page.getByText(/^\d+ of 100 frames hold the body: (held|mostly held|at the edge|lost)$/),
  ).toBeVisible();
  await expect(page.getByRole("img", { name: /by shutter: \d+.% at 1\/125$/ })).toBeVisible();
  await page.goto(`${COURSE}/run`);
  await expect(page.getByLabel("shutter 1/125")).toBeVisible();
});

test("three sets for the camera come out on one page of A6 that can be read back, as text and as a calendar", async ({
  page,
  context,
}) => {
  await page.goto(`${OUTING}/expose`);
  await openPanel(page, "The card");
  await page.getByRole("button", { name: "Work out the card" }).click();
  await expect(group(page, /^C1 /)).toBeVisible({ timeout: 30_000 });
  const exposure = await group(page, /^C1 /)
    .getByText(/^1\/\d+ f\/.* ISO /)
    .textContent();
  await expect(page.getByText(/^They serve \d+.% of the shots/)).toBeVisible();
  await page.getByRole("button", { name: "Print the card" }).click();
  const sheet = await page.locator("iframe[data-print]").getAttribute("srcdoc");
  const paper = await context.newPage();
  await paper.setContent(sheet!);
  const pdf = await paper.pdf({ preferCSSPageSize: true });
  await paper.close();
  const read = await getDocumentProxy(new Uint8Array(pdf));
  expect(read.numPages).toBe(1);
  const [, , width, height] = (await read.getPage(1)).view;
  // 105 × 148 mm in points.
  expect(Math.abs(width! - 297.6)).toBeLessThan(1);
  expect(Math.abs(height! - 419.5)).toBeLessThan(1);
  const { text } = await extractText(read, { mergePages: true });
  const plain = (words: string): string => words.replace(/\s+/g, " ");
  expect(plain(text)).toContain(plain(exposure!));
  expect(plain(text)).toContain("Cup semi-final");

  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Calendar file" }).click();
  const file = readFileSync(await (await download).path(), "utf8");
  const events = new ICAL.Component(ICAL.parse(file) as unknown[]).getAllSubcomponents("vevent");
  const changes = await page
    .getByRole("list", { name: "When settings change" })
    .getByRole("listitem")
    .count();
  expect(events.length).toBe(changes + 1);
  const texts = page.waitForEvent("download");
  await page.getByRole("button", { name: "Text file" }).click();
  expect(readFileSync(await (await texts).path(), "utf8")).toContain(exposure!);
});

test("what softens the background is ranked by its gain, and one press tries it and can be taken back @desk", async ({
  page,
}) => {
  await page.goto(`${OUTING}/frame`);
  await openPanel(page, "A softer background");
  const kneel = page.getByRole("button", { name: /^Kneel, .*× / });
  const before = await storedOuting(page);
  await kneel.click();
  await expect(page.getByText("Tried: kneel")).toBeVisible();
  const height = async () =>
    (await storedOuting(page)).ground.positions.find((p: { id: string }) => p.id === "b").lensHeight;
  await expect.poll(height).toBe(0.9);
  await page.getByRole("button", { name: "Undo", exact: true }).last().click();
  await expect
    .poll(height)
    .toBe(before.ground.positions.find((p: { id: string }) => p.id === "b").lensHeight);
});

test("depth is chosen where it is seen, a flat subject is turned by keys, and further pictures are promised in one press @desk", async ({
  page,
}) => {
  await page.goto(`${OUTING}/frame`);
  if (isPhone(page)) await openPanel(page, "Depth");
  await page.getByRole("radio", { name: "Flat subject" }).click();
  const turn = slider(page, "Angle of a flat subject to the sensor");
  await turn.press("PageUp");
  await expect
    .poll(async () => (await storedOuting(page)).shots[0].depth)
    .toEqual({ kind: "plane", turnDeg: 15 });
  await openPanel(page, "More pictures of it");
  await page.getByRole("button", { name: "Small in its place" }).click();
  await expect(page.getByRole("heading", { name: /small in its place/ })).toBeVisible();
  const { shots } = await storedOuting(page);
  expect(shots.at(-1)).toMatchObject({ intent: "context", fill: 0.12 });
});

test("the picture before it is taken is made at three shutters, blurs with them, and is sharp while it is held", async ({
  page,
}) => {
  await page.goto(`${OUTING}/frame`);
  await openPanel(page, "The picture before it is taken");
  const chosen = page.getByRole("button", { name: "The picture at 1/1000. Hold to see it sharp" });
  await expect(chosen).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/One pixel here is \d/)).toBeVisible();
  /** Sum of the steps from one pixel to the next: a picture that is blurred has less of it. */
  const detail = (label: string) =>
    page.getByRole("img", { name: label, exact: true }).evaluate((node) => {
      const canvas = node as HTMLCanvasElement;
      const { data } = canvas.getContext("2d")!.getImageData(0, 0, canvas.width, canvas.height);
      let sum = 0;
      for (let i = 4; i < data.length; i += 4) sum += Math.abs(data[i]! - data[i - 4]!);
      return sum / (canvas.width * canvas.height);
    });
  const [slow, fast] = [await detail("At 1/500"), await detail("At 1/2000")];
  expect(fast).toBeGreaterThan(slow);
  expect(await detail("a piece of the delivery, a pixel of it as one here")).toBeGreaterThan(0);
  const box = (await chosen.boundingBox())!;
  const asItIs = await detail("At 1/1000");
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await expect(page.getByRole("img", { name: "Sharp", exact: true })).toBeVisible();
  expect(await detail("Sharp")).toBeGreaterThan(asItIs);
  await page.mouse.up();
  await expect(page.getByRole("img", { name: "At 1/1000", exact: true })).toBeVisible();
});

test("the picture stands beside those of another hour and another place, without the others, and leaves as a file that says that it is computed @desk", async ({
  page,
}) => {
  await page.goto(`${OUTING}/frame`);
  await openPanel(page, "The picture before it is taken");
  await expect(page.getByRole("img", { name: "At 1/500", exact: true })).toBeVisible({ timeout: 30_000 });
  await page.getByRole("radio", { name: "An hour" }).click();
  await expect(page.getByRole("img", { name: /^The same: \d\d:\d\d$/ }).first()).toBeVisible();
  await expect(page.getByText(/Holds most/)).toBeVisible();
  await page.getByRole("radio", { name: "A place" }).click();
  await expect(page.getByRole("img", { name: /^The same: / }).first()).toBeVisible();
  await page.getByRole("radio", { name: "Alone" }).click();
  const coming = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save as a picture" }).click();
  const stream = await (await coming).createReadStream();
  const parts: Buffer[] = [];
  for await (const part of stream) parts.push(part as Buffer);
  const told = piexif.load(Buffer.concat(parts).toString("binary"));
  const { ImageIFD, ExifIFD } = piexif;
  expect(told["0th"]?.[ImageIFD.ImageDescription]).toMatch(/^Computed, not photographed: /);
  // The click that is written 1/1000 is a thousand and twenty-fourth.
  expect(told["Exif"]?.[ExifIFD.ExposureTime]).toEqual([1, 1024]);
  expect(Object.keys(told["GPS"] ?? {})).toEqual([]);
  expect(told["Exif"]?.[ExifIFD.DateTimeOriginal]).toBeUndefined();
});

/** A grey picture as a camera would write it: settings and time in its Exif (piexifjs), its pixels a code value. */
async function greyPicture(page: Page, value: number): Promise<Buffer> {
  const data = await page.evaluate((v) => {
    const canvas = document.createElement("canvas");
    Object.assign(canvas, { width: 96, height: 64 });
    const context = canvas.getContext("2d")!;
    context.fillStyle = `rgb(${v},${v},${v})`;
    context.fillRect(0, 0, 96, 64);
    return canvas.toDataURL("image/jpeg", 0.95);
  }, value);
  const { ExifIFD } = piexif;
  const told = piexif.dump({
    Exif: {
      [ExifIFD.ExposureTime]: [1, 1000],
      [ExifIFD.FNumber]: [28, 10],
      [ExifIFD.ISOSpeedRatings]: 800,
      [ExifIFD.DateTimeOriginal]: "2026:10:17 16:20:31",
    },
  });
  return Buffer.from(piexif.insert(told, data).split(",")[1]!, "base64");
}

test("a picture's own file, an EV and a level become readings; a file without settings or no picture at all is refused @field", async ({
  page,
}) => {
  await page.goto(`${OUTING}/expose`);
  await openPanel(page, "When are settings right, and readings");
  const file = page.getByLabel("A picture as the camera wrote it");
  await page.getByRole("radio", { name: "A picture" }).click();
  await file.setInputFiles({ name: "notes.jpg", mimeType: "image/jpeg", buffer: Buffer.from("no picture") });
  await expect(page.getByRole("alert")).toContainText("is no picture that this browser can open");
  const bare = await greyPicture(page, 85);
  // Cut the Exif out again: from its marker to the next.
  const end = 4 + bare.readUInt16BE(4);
  const without = Buffer.concat([bare.subarray(0, 2), bare.subarray(end)]);
  await file.setInputFiles({ name: "sent.jpg", mimeType: "image/jpeg", buffer: without });
  await expect(page.getByRole("alert")).toContainText("does not carry its settings");
  await file.setInputFiles({ name: "test-shot.jpg", mimeType: "image/jpeg", buffer: bare });
  await expect(
    page.getByText(
      "test-shot.jpg: 1/1000, f/2.8, ISO 800. Its middle came out 1 stop too dark, to half a stop.",
    ),
  ).toBeVisible();
  await page.getByRole("button", { name: "Taken at 16:20 by its clock: look at that minute" }).click();
  const before = (await storedOuting(page)).light.readings.length;
  await page.getByRole("button", { name: "Keep as a reading of 16:20" }).click();
  await expect(page.getByText(/^Saved: 1\/1000/)).toBeVisible();
  const { readings } = (await storedOuting(page)).light;
  expect(readings).toHaveLength(before + 1);
  expect(readings.at(-1)).toMatchObject({ offClicks: -3 });
  expect(new Date(readings.at(-1).at).toISOString()).toBe("2026-10-17T15:20:00.000Z");

  await page.getByRole("radio", { name: "An EV" }).click();
  await page.getByLabel(/^EV at ISO 100/).fill("9.5");
  await page.getByLabel(/^EV at ISO 100/).press("Enter");
  await page.getByRole("button", { name: /^Keep as a reading/ }).click();
  await expect(page.getByText("Saved: EV 9.5")).toBeVisible();
  expect((await storedOuting(page)).light.readings.at(-1)).toMatchObject({ settingsEv: 9.5, offClicks: 0 });
});

test("a night that runs out of light: the ways out are priced, one is taken, and the short light is gone @field", async ({
  page,
}) => {
  await page.goto(`${OUTING}/expose`);
  await slider(page, "Time of the outing").press("End");
  await expect(page.getByRole("heading", { name: /(missing|short). Ways out/ })).toBeVisible();
  const before = await valueOf(page, "ISO");
  const ways = page.getByRole("button", { name: /past your ceiling/ });
  await expect(ways).toBeVisible();
  await ways.click();
  await expect(page.getByRole("heading", { name: /(missing|short). Ways out/ })).toBeHidden();
  expect(await valueOf(page, "ISO")).not.toBe(before);
  await page.goto(`${OUTING}/run`);
  await expect(page.getByText(await isoOf(page)).first()).toBeVisible();
});

/** The ISO that is held for the shot in hand, as the field card shows it. */
async function isoOf(page: Page): Promise<string> {
  const { choices, shotId } = await storedOuting(page);
  const { iso } = choices.find((c: { shotId: string }) => c.shotId === shotId).locked;
  return String([100, 125, 160][iso % 3]! * 2 ** Math.floor(iso / 3)).slice(0, 3);
}

test("where the light is short each way out is seen before it is taken, and a press on its picture takes it @field", async ({
  page,
}) => {
  await page.goto(`${OUTING}/expose`);
  await expect(slider(page, "Shutter")).toBeVisible();
  await laterByQuarters(page, 9);
  const take = page.getByRole("button", { name: /^1\/500, / });
  await expect(take.getByRole("img", { name: "The same: 1/500" })).toBeVisible();
  await take.click();
  await expect(page.getByRole("button", { name: "Let go of Shutter" })).toBeVisible();
  expect(await valueOf(page, "Shutter")).toContain("1/500");
});
