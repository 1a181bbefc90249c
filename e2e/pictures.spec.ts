import { readFileSync } from "node:fs";
import { DOMParser } from "@xmldom/xmldom";
import { expect, test, type Page } from "@playwright/test";
import { strFromU8, unzipSync } from "fflate";
import jpeg from "jpeg-js";
import piexif from "piexifjs";
import { putBeside, storedBeside } from "./entries";
import { isPhone, openPanel, OUTING, storedOuting } from "./outing";

const PAST = "/outing/hockey-quarter-final/review";
const DC = "http://purl.org/dc/elements/1.1/";

/** A picture with an edge in it that moved over some pixels, as a camera whose clock is an hour ahead would write it. */
function picture(n: number, ms: number): { name: string; mimeType: string; buffer: Buffer } {
  const [width, height, smear] = [900, 600, 18];
  const data = Buffer.alloc(4 * width * height, 255);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      data.fill(
        40 + Math.round(150 * Math.min(1, Math.max(0, (x - 441) / smear))),
        4 * (y * width + x),
        4 * (y * width + x) + 3,
      );
  const { data: bytes } = jpeg.encode({ data, width, height }, 80);
  const at = new Date(Date.UTC(2026, 9, 17, 18, 5) + ms);
  const two = (v: number) => String(v).padStart(2, "0");
  const { ImageIFD, ExifIFD } = piexif;
  const exif = piexif.dump({
    "0th": { [ImageIFD.Model]: "Full-frame 24" },
    Exif: {
      [ExifIFD.DateTimeOriginal]: `2026:10:17 ${two(at.getUTCHours())}:${two(at.getUTCMinutes())}:${two(at.getUTCSeconds())}`,
      [ExifIFD.SubSecTimeOriginal]: two(Math.floor(at.getUTCMilliseconds() / 10)),
      [ExifIFD.ExposureTime]: [1, 1000],
      [ExifIFD.FNumber]: [28, 10],
      [ExifIFD.ISOSpeedRatings]: 3200,
      [ExifIFD.FocalLength]: [200, 1],
    },
    GPS: {},
  });
  const whole = piexif.insert(exif, Buffer.from(bytes).toString("binary"));
  return { name: `B${100 + n}.JPG`, mimeType: "image/jpeg", buffer: Buffer.from(whole, "binary") };
}

/** Three bursts of three frames, and what is no picture. */
const FILES = [0, 1, 2].flatMap((burst) =>
  [0, 1, 2].map((i) => picture(3 * burst + i, burst * 60_000 + i * 120)),
);
/** A sidecar that another program wrote beside the first frame: a rating, and something of its own. */
const SIDECAR = {
  name: "B100.xmp",
  mimeType: "application/xml",
  buffer: Buffer.from(
    `<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" xmlns:xmp="http://ns.adobe.com/xap/1.0/" xmlns:own="urn:own" xmp:Rating="4"><own:Step>crop</own:Step></rdf:Description></rdf:RDF></x:xmpmeta>`,
  ),
};
const NOTES = { name: "notes.txt", mimeType: "text/plain", buffer: Buffer.from("not a picture") };

const sheet = (page: Page) => page.getByRole("list", { name: "Frames in their bursts" });
const readIn = async (page: Page) => {
  await page.getByLabel("Pictures of this day").setInputFiles([...FILES, SIDECAR, NOTES]);
  await expect(page.getByText("9 frames added.")).toBeVisible();
};

test("a folder of pictures is read, judged by keys and thumbs, captioned, and its captions are read back", async ({
  page,
}) => {
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "Pictures in");
  await readIn(page);
  await expect(page.getByText(/notes\.txt: not a kind of picture/)).toBeVisible();
  await expect(page.getByText(/^9 frames in 3 bursts/)).toBeVisible();
  await expect(page.getByText(/nobody has set it/)).toBeVisible();

  // The first frame shows a clock: an hour less than the camera wrote.
  await sheet(page).getByRole("listitem", { name: /^B100/ }).click();
  const open = page.getByRole("dialog", { name: "Frame 1 of 3" });
  await open.getByRole("button", { name: "About this frame" }).click();
  await expect(open.getByText("Rating in its file")).toBeVisible();
  await open.getByLabel("Time that a clock in it shows").fill("17:05:00");
  await open.getByRole("button", { name: "Set the camera's clock" }).click();
  await open.getByRole("button", { name: "About this frame" }).click();
  await page.keyboard.press("k");
  await expect(page.getByRole("dialog", { name: "Frame 2 of 3" })).toBeVisible();
  await page.keyboard.press("a");
  await page.getByRole("button", { name: "Perhaps", exact: true }).click();
  await expect(page.getByRole("dialog", { name: "Frame 1 of 3" })).toBeVisible();
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await expect(page.getByText(/1 h 00 min 00 s ahead, ± 0\.5 s, by a picture of a clock/)).toBeVisible();
  await expect(sheet(page).getByRole("listitem", { name: /^B100\.JPG, Keep/ })).toBeVisible();

  // One burst is judged as a whole: it is counted, the others are not.
  await expect
    .poll(async () =>
      (await storedOuting(page)).log.map((s: { taken: number; kept: number }) => [s.taken, s.kept]),
    )
    .toEqual([[3, 1]]);

  await openPanel(page, "Captions");
  await page.getByLabel("Creator").fill("Sam Roe");
  await page.getByLabel("Headline").fill("{shot} at {plce}");
  await page.getByLabel("Credit line").click();
  await expect(page.getByText("At sign 11: there is no field {plce}; {place} may be meant.")).toBeVisible();
  await page.getByLabel("Headline").fill("{shot} at {place}");
  await page.getByLabel("Credit line").click();
  await expect(page.getByText("Not kept yet")).toBeHidden();

  await openPanel(page, "Deliver");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Captions as sidecars in a zip" }).click();
  const zip = unzipSync(readFileSync(await (await download).path()));
  expect(Object.keys(zip)).toEqual(["B100.xmp"]);
  const xml = new DOMParser().parseFromString(strFromU8(zip["B100.xmp"]!), "text/xml");
  const says = (name: string) => xml.getElementsByTagNameNS(DC, name)[0]?.textContent;
  expect(says("creator")).toBe("Sam Roe");
  expect(xml.getElementsByTagNameNS("urn:own", "Step")[0]?.textContent).toBe("crop");
  const [description] = [...xml.getElementsByTagName("rdf:Description")];
  expect(description?.getAttributeNS("http://ns.adobe.com/xap/1.0/", "Rating")).toBe("4");
  expect(says("title")).toMatch(/ at Quarry Lane$/);
  expect(says("rights")).toBe("© 2026 Sam Roe");
  await expect(page.getByText("1 sidecar written. No original was touched.")).toBeVisible();

  const copies = page.waitForEvent("download");
  await page.getByRole("button", { name: "First 2 now" }).click();
  const out = unzipSync(readFileSync(await (await copies).path()));
  expect(Object.keys(out).filter((name) => name.endsWith(".jpg"))).toHaveLength(2);
  expect(strFromU8(out["delivery.csv"]!)).toContain("B100.JPG");
});

test("captions written into the pictures' folder keep what another program wrote there since it was chosen @desk", async ({
  page,
}) => {
  // A folder of the browser's own stands in for the one that a person picks.
  await page.addInitScript(() => {
    const folder = () => navigator.storage.getDirectory().then((d) => d.getDirectoryHandle("card"));
    Object.assign(window, { showDirectoryPicker: folder });
  });
  await page.goto(`${OUTING}/review`);
  const write = (name: string, base64: string) =>
    page.evaluate(
      async ([file, text]) => {
        const root = await navigator.storage.getDirectory();
        const card = await root.getDirectoryHandle("card", { create: true });
        const stream = await (await card.getFileHandle(file!, { create: true })).createWritable();
        await stream.write(Uint8Array.from(atob(text!), (c) => c.charCodeAt(0)));
        await stream.close();
      },
      [name, base64],
    );
  const read = (name: string) =>
    page.evaluate(async (file) => {
      const card = await (await navigator.storage.getDirectory()).getDirectoryHandle("card");
      // While it is being written it cannot be read: it is asked for again.
      return (await (await card.getFileHandle(file)).getFile()).text().catch(() => "");
    }, name);
  for (const { name, buffer } of FILES.slice(0, 2)) await write(name, buffer.toString("base64"));
  await openPanel(page, "Pictures in");
  await page.getByRole("button", { name: "Choose a folder" }).click();
  await expect(page.getByText("2 frames added.")).toBeVisible();
  await sheet(page).getByRole("listitem", { name: /^B100/ }).click();
  await page.keyboard.press("k");
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await openPanel(page, "Deliver");
  const captions = page.getByRole("button", { name: "Write captions beside the pictures" });
  await captions.click();
  await expect.poll(() => read("B100.xmp").catch(() => "")).toContain("dc:description");
  // Another program rates the frame in the sidecar that stands there now.
  const rated = (await read("B100.xmp")).replace(
    "<rdf:Description ",
    '<rdf:Description xmlns:xmp="http://ns.adobe.com/xap/1.0/" xmp:Rating="5" ',
  );
  await write("B100.xmp", Buffer.from(rated).toString("base64"));
  await openPanel(page, "Captions");
  await page.getByLabel("Creator").fill("Sam Roe");
  await page.getByLabel("Credit line").click();
  await expect(page.getByText("Not kept yet")).toBeHidden();
  await captions.click();
  await expect.poll(() => read("B100.xmp")).toContain("Sam Roe");
  expect(await read("B100.xmp")).toContain('xmp:Rating="5"');
  expect(Buffer.byteLength(FILES[0]!.buffer)).toBe(
    await page.evaluate(async () => {
      const card = await (await navigator.storage.getDirectory()).getDirectoryHandle("card");
      return (await (await card.getFileHandle("B100.JPG")).getFile()).size;
    }),
  );
});

test("after a reload the frames stand, the pictures are asked for again, and are found @field", async ({
  page,
}) => {
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "Pictures in");
  await readIn(page);
  await expect
    .poll(async () => Object.keys(await storedBeside(page, "frames/hockey-semi-final")).length)
    .toBe(1);
  const kept = JSON.stringify(await storedBeside(page, "frames/hockey-semi-final"));
  expect(kept).not.toMatch(/latitude/);
  await page.reload();
  await openPanel(page, "Pictures in");
  await expect(page.getByText(/The pictures are not at hand since the page was loaded again/)).toBeVisible();
  await page.getByLabel("Pictures of this day").setInputFiles(FILES);
  await expect(page.getByText("0 frames added, 9 known already.")).toBeVisible();
  await expect(page.getByText(/^9 frames in 3 bursts/)).toBeVisible();
});

test("two taps measure a smear; it is kept beside what the plan has for it @field", async ({ page }) => {
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "Pictures in");
  await readIn(page);
  await sheet(page).getByRole("listitem", { name: /^B100/ }).click();
  await page.getByRole("button", { name: "Measure a smear" }).click();
  const image = page.getByRole("img", { name: "B100.JPG" });
  await expect(image).toBeVisible();
  const box = (await image.boundingBox())!;
  const tap = (x: number) => page.mouse.click(box.x + (x / 900) * box.width, box.y + 0.4 * box.height);
  await tap(425);
  await expect(page.getByText(/Tap the other side/)).toBeVisible();
  await tap(475);
  const words = page.getByText(/^[\d.]+ px, [\d.]+ px of the delivery/);
  await expect(words).toBeVisible();
  const px = Number(/^[\d.]+/.exec((await words.textContent())!)![0]);
  expect(px).toBeGreaterThan(15);
  expect(px).toBeLessThan(21);
  await page.getByRole("button", { name: "Keep this" }).click();
  await expect(page.getByRole("button", { name: "Kept", exact: true })).toBeVisible();
});

test("frames that the browser keeps and does not give back are not told as none: neither on the sheet nor by what came out @field", async ({
  page,
}) => {
  await page.addInitScript(() => {
    const getAll = IDBObjectStore.prototype.getAll;
    IDBObjectStore.prototype.getAll = function (range?: IDBKeyRange | null, ...rest) {
      if (String(range?.lower).startsWith("frames/"))
        throw new DOMException("not readable", "NotReadableError");
      return getAll.call(this, range, ...rest);
    };
  });
  await page.goto(`${OUTING}/review`);
  await openPanel(page, "Contact sheet");
  await expect(page.getByText("The frames that are kept cannot be read")).toHaveCount(2);
  await expect(page.getByText("No pictures read yet")).toHaveCount(0);
});

test("over ten thousand frames at most eighty cells are made, wherever one scrolls @desk", async ({
  page,
}) => {
  await page.goto(`${OUTING}/review`);
  await expect(page.getByText("No pictures read yet").first()).toBeVisible();
  const T = Date.UTC(2026, 9, 17, 16);
  const frame = (n: number) => ({
    id: `f${n}`,
    files: [{ name: `B${n}.JPG`, size: 1 }],
    taken: T + Math.floor(n / 5) * 4000 + (n % 5) * 100,
    hasSubSeconds: true,
    body: "Full-frame 24",
    exposureTime: 0.001,
    fNumber: 2.8,
    iso: 1600,
  });
  const chunks = Array.from({ length: 50 }, (_, c) => [
    `frames/hockey-semi-final/${String(c).padStart(6, "0")}`,
    Array.from({ length: 200 }, (_, i) => frame(200 * c + i)),
  ]);
  await putBeside(page, Object.fromEntries(chunks));
  await page.reload();
  if (isPhone(page)) await openPanel(page, "Contact sheet");
  await expect(page.getByText(/All 10000/).first()).toBeVisible();
  const cells = sheet(page).getByRole("listitem");
  await expect(cells.first()).toBeVisible();
  const counts = new Set<number>();
  for (const share of [0, 0.1, 0.5, 0.9, 1]) {
    await sheet(page).evaluate((list, to) => list.scrollTo(0, to * list.scrollHeight), share);
    await expect(cells.first()).toBeVisible();
    await page.waitForTimeout(150);
    counts.add(await cells.count());
  }
  expect(Math.min(...counts)).toBeGreaterThan(3);
  expect(Math.max(...counts)).toBeLessThanOrEqual(80);
});

test("the outing that is over shows what came out; what was learnt of it acts elsewhere, and is taken back @desk", async ({
  page,
}) => {
  await page.goto(PAST);
  await openPanel(page, "Pictures in");
  await expect(page.getByText(/^78 frames in 18 bursts/)).toBeVisible();
  await expect(page.getByRole("list", { name: "Promised and kept, shots" })).toBeVisible();
  await expect(page.getByRole("list", { name: "For next time" }).getByRole("listitem").first()).toBeVisible();
  await page.goto("/outing/cross-country-day/expose");
  const yours = page.getByText(/Spread of the pan 3\s%, yours, 12 frames; usual 5\s%/);
  await openPanel(page, "Pan");
  await expect(yours.first()).toBeVisible();
  await page.goto(PAST);
  await openPanel(page, "Learnt from your frames");
  await page.getByRole("checkbox", { name: "Spread of your pan" }).click();
  await expect(page.getByRole("checkbox", { name: "Spread of your pan" })).not.toBeChecked();
  await page.goto("/outing/cross-country-day/expose");
  await openPanel(page, "Pan");
  await expect(page.getByRole("img", { name: /^The sweep of the camera/ })).toBeVisible();
  await expect(yours).toHaveCount(0);
});
