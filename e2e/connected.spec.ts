import { expect, test, type Page } from "@playwright/test";
import { playMeet } from "../server/stand-ins/meet";
import { isPhone, openPanel, openStage, storedOuting } from "./outing";

const COURSE = "cross-country-day";
const PANEL = "Frames and calls coming in";

const PLACES = ["9 Water", "14 Drop", "9 Water"];

/** An event every ten minutes at one of two fences, each with four people in it. */
const dayOf = (count: number): string =>
  Array.from({ length: count }, (_, i) => {
    const minute = 8 * 60 + 30 + i * 10;
    const at = `${String(Math.floor(minute / 60)).padStart(2, "0")}:${String(minute % 60).padStart(2, "0")}`;
    return `${at} Heat ${i + 1} (4 min) @ ${PLACES[i % 3]}\n 1 Ida Roth\n 2 Mia Falk\n 3 Nora Sund\n 4 Lena Holm`;
  }).join("\n");

interface Stored {
  readonly id: string;
  readonly at: string;
  readonly minutes: number;
  readonly calls: number[];
  readonly place: { readonly sort: string; readonly id: string };
}

async function bringInDay(page: Page, count = 60): Promise<void> {
  await page.goto(`/outing/${COURSE}/brief`);
  await openPanel(page, "Programme");
  await page.getByRole("button", { name: "Bring in a list" }).click();
  await page.getByLabel("Or paste a list, a line each").fill(dayOf(count));
  await page.getByRole("button", { name: `Add ${count} events` }).click();
  await openStage(page, "Run");
}

test("ten hours of a meet are played in a minute with delays and a line that is cut twice, and nothing is lost", async ({
  page,
}) => {
  test.setTimeout(240_000);
  // What comes over the line is the same at any size: six hours of it do on the other.
  const count = isPhone(page) ? 60 : 34;
  const faults: string[] = [];
  page.on("pageerror", (error) => faults.push(error.message));
  await bringInDay(page, count);
  const { programme, date } = await storedOuting(page, COURSE);
  const played = playMeet({
    events: programme.map((e: Stored) => ({
      id: e.id,
      starts: Date.parse(`${date}T${e.at}:00+01:00`),
      minutes: e.minutes,
      calls: e.calls,
      who: ["Ida Roth", "Mia Falk", "Nora Sund", "Lena Holm"],
      course: `${e.place.sort}:${e.place.id}`,
    })),
    speed: 600,
    seed: 1,
    drops: 2,
  });
  const said = (name: string) => played.told.filter((t) => t.event === name).map((t) => t.data as never);
  const delays = said("delay") as { eventIds: string[]; minutes: number }[];
  const scratched = said("scratch") as { eventId: string; name: string }[];
  expect([delays.length > 0, scratched.length > 0]).toEqual([true, true]);
  // A delay is of one fence alone: the other goes on in time.
  const placeOf = new Map(programme.map((e: Stored) => [e.id, e.place.id]));
  for (const { eventIds } of delays) expect(new Set(eventIds.map((id) => placeOf.get(id))).size).toBe(1);

  await openPanel(page, PANEL);
  const meet = page.getByRole("group", { name: "A meet" });
  await meet.getByRole("radio", { name: "600 ×" }).click();
  await meet.getByRole("button", { name: "Join the meet" }).click();
  await expect(page.getByRole("region", { name: "Next" })).toContainText(/Heat \d+/);
  await expect(meet).toContainText("The meet is over.", { timeout: 150_000 });
  await expect(meet).toContainText(`${played.told.length} messages heard, the line was cut 2 times.`);

  const after = (await storedOuting(page, COURSE)).programme as {
    id: string;
    late?: number;
    result?: string;
    who: string;
  }[];
  expect(after.filter((e) => e.result)).toHaveLength(count);
  for (const event of after) {
    const late = delays.filter((d) => d.eventIds.includes(event.id)).reduce((sum, d) => sum + d.minutes, 0);
    expect([event.id, event.late ?? 0]).toEqual([event.id, late]);
    for (const { name } of scratched.filter((s) => s.eventId === event.id))
      expect(event.who).not.toContain(name);
  }
  expect(faults).toEqual([]);
});

test("frames come in from a camera: what it was set to, how far off, and one press keeps it as a reading", async ({
  page,
}) => {
  await page.goto("/outing/hockey-semi-final/run");
  await openPanel(page, PANEL);
  const camera = page.getByRole("group", { name: "Camera on a cable" });
  await camera.getByRole("button", { name: "Join the camera" }).click();
  await expect(camera.getByRole("img", { name: "The last frame, small" })).toBeVisible();
  await expect(camera).toContainText(/1\/1000, f\/2\.8, ISO.500/);
  await expect(camera).toContainText(/The camera’s clock is 3[678] s ahead/);
  await expect(camera).toContainText(/\d+ frames? for Drag flick, 3 promised/);
  await expect(camera).toContainText(/Its middle came out right, to half a stop/);
  const before = (await storedOuting(page)).light.readings.length;
  await camera.getByRole("button", { name: "Keep it as a reading" }).click();
  await expect.poll(async () => (await storedOuting(page)).light.readings.length).toBe(before + 1);
  await camera.getByRole("button", { name: "Leave the camera" }).click();
  await expect(camera).toContainText("No camera.");
});

test("without stand-ins the application is whole and says how to switch them on; one that fails says so", async ({
  page,
}) => {
  await page.route("**/api/stand-ins", (route) => route.fulfill({ json: { ok: true, on: [] } }));
  await page.goto("/outing/hockey-semi-final/run");
  await openPanel(page, PANEL);
  await expect(page.getByText(/This server offers no stand-ins/)).toBeVisible();
  await page.unroute("**/api/stand-ins");
  await page.route("**/api/stand-ins/camera/**", (route) =>
    route.fulfill({ status: 503, json: { ok: false } }),
  );
  await page.reload();
  await openPanel(page, PANEL);
  await page.getByRole("button", { name: "Join the camera" }).click();
  await expect(page.getByText(/The camera does not answer/)).toBeVisible();
});

test("a forecast comes from the stand-in or a file as a band, is planned with, and the card says what it could be", async ({
  page,
}) => {
  await page.goto("/outing/hockey-semi-final/ground");
  await openPanel(page, "Forecast");
  await page.getByRole("button", { name: "Ask the stand-in" }).click();
  await expect(
    page.getByRole("img", { name: /^Cloud, rain, wind and temperature over \d+ hours/ }),
  ).toBeVisible();
  await page.getByRole("button", { name: "Plan with the middle of it" }).click();
  await expect.poll(async () => (await storedOuting(page)).light.cloudHours?.length ?? 0).toBeGreaterThan(2);
  await openStage(page, "Run");
  await expect(page.getByText(/^Expect 1\/\d+, f\/[\d.]+, ISO.\d+; it/)).toBeVisible();
  await expect(page.getByText(/^Forecast: cloud .* eighths/)).toBeVisible();
  await openStage(page, "Ground");
  await openPanel(page, "Forecast");
  await page.getByRole("button", { name: "Put it away" }).click();
  await page.getByLabel("A forecast as a file").setInputFiles({
    name: "f.json",
    mimeType: "application/json",
    buffer: Buffer.from('{"format":"other"}'),
  });
  await expect(page.getByRole("alert")).toContainText("This forecast cannot be read at format");
  expect((await storedOuting(page)).forecast).toBeUndefined();
});
