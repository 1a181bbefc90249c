// An outing at every limit of its schema, and hundreds of outings: how long an import, the list and a search take, and how
// many steps of the minute the fullest outing keeps up with.
import { Buffer } from "node:buffer";
import { readFileSync } from "node:fs";
import { stepsPerSecond } from "./drag.mjs";

const OUTINGS = 600;
const DEMO = "demo/hockey-semi-final.outing.json";

const times = (n, make) => Array.from({ length: n }, (_, i) => make(i));

/** The demo's outing with every list as long as it may be. */
function fullOuting() {
  const file = JSON.parse(readFileSync(DEMO, "utf8"));
  const { subjects } = file;
  const outing = { ...file.outing, subjects, id: "full", name: "Full outing", revision: 0 };
  const { ground, shots, choices, light } = outing;
  const [spot] = ground.spots;
  const [position] = ground.positions;
  const around = (i, radius) => ({
    x: radius * Math.cos(i * 2.4),
    y: radius * Math.sin(i * 2.4),
  });
  const box = (i) => {
    const at = around(i, 90 + i);
    return [
      { x: at.x, y: at.y },
      { x: at.x + 2, y: at.y },
      { x: at.x + 2, y: at.y + 2 },
    ];
  };
  const spots = times(60, (i) => ({ ...spot, id: `spot-${i}`, name: `Spot ${i}`, at: around(i, 5 + i / 2) }));
  return {
    ...outing,
    ground: {
      ...ground,
      spots: [...ground.spots, ...spots].slice(0, 60),
      tracks: times(60, (i) => ({
        id: `track-${i}`,
        name: `Track ${i}`,
        points: times(200, (k) => around(k / 76, 20 + i)),
      })),
      obstacles: times(100, (i) => ({
        id: `o-${i}`,
        name: `Box ${i}`,
        kind: "trees",
        outline: box(i),
        height: 6,
      })),
      masts: times(40, (i) => ({ id: `mast-${i}`, name: `Mast ${i}`, at: around(i, 60), height: 15 })),
      noGo: times(40, (i) => ({ id: `no-${i}`, name: `Area ${i}`, outline: box(i + 200) })),
      positions: [
        ...ground.positions,
        ...times(40, (i) => ({ ...position, id: `p-${i}`, name: `P${i}`, at: around(i, 50 + i / 4) })),
      ].slice(0, 40),
    },
    shots: [...shots, ...times(60, (i) => ({ ...shots[0], id: `shot-${i}`, name: `Shot ${i}` }))].slice(
      0,
      60,
    ),
    choices: [...choices, ...times(60, (i) => ({ ...choices[0], shotId: `shot-${i}` }))].slice(0, 60),
    light: {
      ...light,
      readings: times(500, (i) => ({
        id: `r-${i}`,
        zoneId: spot.zoneId,
        spotId: spot.id,
        positionId: position.id,
        at: Date.UTC(2026, 9, 17, 15, 0) + i * 1000,
        settingsEv: 11,
        offClicks: 0,
        modelEv: 11,
        dayShare: 1,
      })),
    },
    log: times(500, (i) => ({
      id: `s-${i}`,
      shotId: shots[0].id,
      settings: { shutter: 10, aperture: 9, iso: 9 },
      taken: 10,
      kept: 5,
    })),
    notes: "x".repeat(4000),
  };
}

function everything(outings) {
  const { kit, preferences } = JSON.parse(readFileSync(DEMO, "utf8"));
  const library = { version: 1, subjects: [], lightLevels: [], startingSettings: [], venues: [] };
  return JSON.stringify({
    format: "bright-perch-everything",
    version: 2,
    outings,
    kit,
    library,
    preferences,
  });
}

/** Brings outings in and gives back the milliseconds until their preview, and until they are written. */
export async function bringIn(page, outings) {
  await page.getByRole("button", { name: "Open a file" }).waitFor();
  const buffer = Buffer.from(everything(outings));
  const start = Date.now();
  await page
    .getByLabel("Outing file")
    .setInputFiles({ name: "many.json", mimeType: "application/json", buffer });
  const take = page.getByRole("button", { name: /^Bring in / });
  await take.waitFor({ timeout: 120_000 });
  const shown = Date.now();
  await take.click();
  await page.getByText(/opened from the file/).waitFor({ timeout: 120_000 });
  return [shown - start, Date.now() - shown];
}

export async function benchSize(browser, url) {
  const demo = JSON.parse(readFileSync(DEMO, "utf8"));
  const one = { ...demo.outing, subjects: demo.subjects };
  const many = times(OUTINGS, (i) => ({
    ...one,
    id: `outing-${i}`,
    name: `Outing ${i}`,
    date: new Date(Date.UTC(2025, 0, 1 + i)).toISOString().slice(0, 10),
  }));
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, serviceWorkers: "block" });
  await page.goto(`${url}/outings`);
  const [read, written] = await bringIn(page, many);
  console.log(`${OUTINGS} outings: read and previewed in ${read} ms, written in ${written} ms`);
  await page.goto(`${url}/kit`);
  await page.getByRole("button", { name: "Add a lens" }).waitFor();
  const start = Date.now();
  await page.getByRole("link", { name: "Outings", exact: true }).click();
  await page
    .getByRole("button", { name: /^Show \d+ more/ })
    .first()
    .waitFor();
  const within = Date.now() - start;
  const again = Date.now();
  await page.goto(`${url}/outings`);
  await page.getByRole("button", { name: "Plan an outing" }).waitFor();
  await page.getByRole("region", { name: "Past" }).waitFor();
  console.log(
    `  the list: ${within} ms from another place, ${Date.now() - again} ms from nothing (aim 1000)`,
  );
  const searched = Date.now();
  await page.getByLabel("Search by name, place or sport").fill("Outing 123");
  await page.getByRole("heading", { name: "Outing 123" }).waitFor();
  console.log(`  a search among them: ${Date.now() - searched} ms`);
  await page.close();

  const full = await browser.newPage({ viewport: { width: 390, height: 844 }, serviceWorkers: "block" });
  await full.goto(`${url}/outings`);
  await bringIn(full, [fullOuting()]);
  await full.goto(`${url}/outing/full/ground`);
  await full.getByRole("slider", { name: "Time of the outing" }).waitFor();
  const { steps } = await stepsPerSecond(full);
  console.log(`  an outing at every limit: ${steps.toFixed(0)} steps of the minute a second (aim 30)`);
  await full.close();
}
