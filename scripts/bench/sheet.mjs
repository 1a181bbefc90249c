// The contact sheet: script of a scroll step and heap over ten thousand frames, and reading headers beside the library that reads them alone.
import { Buffer } from "node:buffer";
import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import path from "node:path";
import { root } from "../prepare.mjs";

const require = createRequire(path.join(root, "package.json"));
const FRAMES = 10_000;
const FILES = 600;
const STEPS = 120;
const AIMS = { script: 8, heap: 400, ratio: 1.3 };

/** A JPEG's bones with the Exif of one press. */
function headers() {
  const piexif = require("piexifjs");
  const bones =
    "\xff\xd8\xff\xc0\x00\x0b\x08\x0f\xa0\x17\x70\x01\x01\x11\x00\xff\xda\x00\x08\x01\x01\x00\x00\x3f\x00\x00\xff\xd9";
  const two = (n) => String(n).padStart(2, "0");
  return Array.from({ length: FILES }, (_, n) => {
    const exif = piexif.dump({
      "0th": { [piexif.ImageIFD.Model]: "Full-frame 24" },
      Exif: {
        [piexif.ExifIFD.DateTimeOriginal]: `2026:10:17 17:${two(Math.floor(n / 60) % 60)}:${two(n % 60)}`,
        [piexif.ExifIFD.ExposureTime]: [1, 1000],
        [piexif.ExifIFD.FNumber]: [28, 10],
        [piexif.ExifIFD.ISOSpeedRatings]: 1600,
        [piexif.ExifIFD.FocalLength]: [200, 1],
      },
      GPS: {},
    });
    return {
      name: `B${n}.JPG`,
      mimeType: "image/jpeg",
      buffer: Buffer.from(piexif.insert(exif, bones), "binary"),
    };
  });
}

/** Puts frames past the application, as many as a long day has. */
const putFrames = (page) =>
  page.evaluate(async (count) => {
    const T = Date.UTC(2026, 9, 17, 16);
    const frame = (n) => ({
      id: `f${n}`,
      files: [{ name: `B${n}.JPG`, size: 1 }],
      taken: T + Math.floor(n / 5) * 3000 + (n % 5) * 100,
      hasSubSeconds: true,
      body: "Full-frame 24",
      exposureTime: 0.001,
      fNumber: 2.8,
      iso: 1600,
    });
    const db = await new Promise((done) => {
      const asked = indexedDB.open("bright-perch-records");
      asked.onsuccess = () => done(asked.result);
    });
    const store = db.transaction("entries", "readwrite").objectStore("entries");
    for (let c = 0; c * 200 < count; c++)
      store.put(
        JSON.stringify(Array.from({ length: 200 }, (_, i) => frame(200 * c + i))),
        `frames/hockey-semi-final/${String(c).padStart(6, "0")}`,
      );
    await new Promise((done) => (store.transaction.oncomplete = done));
    db.close();
  }, FRAMES);

const median = (values) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)];

/** Milliseconds of script between two frames of the screen while the sheet is scrolled by a third of its height. */
const scroll = (page) =>
  page.evaluate(async (steps) => {
    const list = document.querySelector('[aria-label="Frames in their bursts"]');
    const took = [];
    for (let i = 0; i < steps; i++) {
      const before = performance.now();
      list.scrollTop += list.clientHeight / 3;
      list.dispatchEvent(new Event("scroll"));
      await new Promise((done) => queueMicrotask(done));
      took.push(performance.now() - before);
      await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
    }
    return took;
  }, STEPS);

export async function benchSheet(browser, url) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto(`${url}/outing/hockey-semi-final/review`);
  await page.getByText("No pictures read yet").first().waitFor();
  const files = headers();
  // From the moment at which the page has the files: handing them over is the bench's own.
  const field = page.getByLabel("Pictures of this day");
  await field.evaluate((input) => input.addEventListener("change", () => (window.begun = performance.now())));
  const done = page.evaluate(
    (words) =>
      new Promise((stands) => {
        const look = new MutationObserver(() => {
          if (!document.body.innerText.includes(words)) return;
          look.disconnect();
          stands(performance.now() - window.begun);
        });
        look.observe(document.body, { childList: true, subtree: true, characterData: true });
      }),
    `${FILES} frames added.`,
  );
  await field.setInputFiles(files);
  const whole = await done;
  const alone = await exifrAlone(page, files);
  await putFrames(page);
  await page.reload();
  await page.getByRole("list", { name: "Frames in their bursts" }).waitFor({ timeout: 120_000 });
  await page.waitForTimeout(3000);
  const client = await page.context().newCDPSession(page);
  await client.send("Performance.enable");
  const scriptOf = async () =>
    (await client.send("Performance.getMetrics")).metrics.find((m) => m.name === "ScriptDuration").value;
  const [from, took] = [await scriptOf(), await scroll(page)];
  const script = ((await scriptOf()) - from) / STEPS;
  await client.send("HeapProfiler.collectGarbage");
  const { usedSize } = await client.send("Runtime.getHeapUsage");
  console.log(
    `contact sheet, ${FRAMES} frames: ${(1000 * script).toFixed(1)} ms of script a scroll step (aim ${AIMS.script}), in the turn itself ${median(took).toFixed(1)}; heap ${(usedSize / 1e6).toFixed(0)} MB (aim ${AIMS.heap})`,
  );
  console.log(
    `reading ${FILES} headers until they stand: ${whole.toFixed(0)} ms, the library alone ${alone.toFixed(0)} ms: ${(whole / alone).toFixed(2)} times (aim ${AIMS.ratio})`,
  );
  await page.close();
}

/** The same files read by the library on the page, one after the other, nothing kept: milliseconds. */
async function exifrAlone(page, files) {
  // Past the page's own rules for scripts, which a measure is not held to.
  await page.evaluate(
    `${readFileSync(path.join(root, "node_modules/exifr/dist/full.umd.js"), "utf8")};void 0`,
  );
  return page.evaluate(
    async (all) => {
      const blobs = all.map((base64) => new Blob([Uint8Array.from(atob(base64), (c) => c.charCodeAt(0))]));
      const before = performance.now();
      for (const blob of blobs) await window.exifr.parse(blob, { tiff: true, xmp: true, mergeOutput: false });
      return performance.now() - before;
    },
    files.map((f) => f.buffer.toString("base64")),
  );
}
