import { readFileSync } from "node:fs";
import { expect, test, type Page } from "@playwright/test";
import { storedBeside } from "./entries";
import {
  bringIn,
  drag,
  isPhone,
  letLeave,
  openFile,
  openGround,
  openPanel,
  storedOuting,
  tag,
} from "./outing";

const plan = (page: Page) => page.getByRole("group", { name: /, drawing\./ });

async function startDrawing(page: Page): Promise<void> {
  await openGround(page);
  await page.getByRole("button", { name: "Draw the ground" }).first().click();
  await expect(plan(page)).toBeVisible();
}

/** Presses a place of the plan, by finger or by mouse as the device has it. */
async function press(page: Page, x: number, y: number): Promise<void> {
  const box = (await plan(page).boundingBox())!;
  const [left, top] = [box.x + x * box.width, box.y + y * box.height];
  if (isPhone(page)) await page.touchscreen.tap(left, top);
  else await page.mouse.click(left, top);
}

async function add(page: Page, name: string, how?: "Tap its corners"): Promise<void> {
  await page.getByRole("button", { name: "Add", exact: true }).click();
  const dialog = page.getByRole("dialog", { name: "Add to the ground" });
  if (how) await dialog.getByRole("radio", { name: how }).click();
  await dialog.getByRole("button", { name, exact: true }).click();
  await expect(dialog).toHaveCount(0);
}

const chosen = (page: Page) => page.getByRole("img", { name: /^Chosen: / });

const middleOf = async (page: Page): Promise<{ x: number; y: number }> => {
  const box = (await chosen(page).locator("path").first().boundingBox())!;
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
};

test("a ground is drawn under the finger: put, dragged, reshaped by a corner, turned, undone", async ({
  page,
}) => {
  await startDrawing(page);
  await add(page, "Building");
  await expect(chosen(page)).toHaveAttribute("aria-label", "Chosen: Building");
  const at = async () => (await storedOuting(page)).ground.obstacles.at(-1);
  const begun = await at();
  expect(begun).toMatchObject({ kind: "building", height: 6 });
  await drag(page, await middleOf(page), { x: -40, y: 60 });
  const dragged = await at();
  expect(
    Math.hypot(dragged.outline[0].x - begun.outline[0].x, dragged.outline[0].y - begun.outline[0].y),
  ).toBeGreaterThan(3);
  const corner = (await chosen(page).locator("rect").last().boundingBox())!;
  await drag(page, { x: corner.x + 7, y: corner.y + 7 }, { x: 30, y: 25 });
  const reshaped = await at();
  const moved = reshaped.outline.filter(
    (p: { x: number; y: number }, i: number) =>
      Math.hypot(p.x - dragged.outline[i].x, p.y - dragged.outline[i].y) > 0.5,
  );
  expect(moved).toHaveLength(1);
  await page.getByRole("button", { name: "Turn right by 15 degrees" }).click();
  await expect.poll(async () => (await at()).outline).not.toEqual(reshaped.outline);
  await page.getByRole("button", { name: /^Undo: / }).click();
  await expect.poll(async () => (await at()).outline).toEqual(reshaped.outline);
});

test("a lane is tapped point by point, a ruler measures, and what is pressed is chosen @desk", async ({
  page,
}) => {
  await startDrawing(page);
  await add(page, "Lane");
  await expect(page.getByText("Lane: tap its first point")).toBeVisible();
  for (const [x, y] of [
    [0.3, 0.8],
    [0.45, 0.6],
    [0.4, 0.4],
  ] as const)
    await press(page, x, y);
  await page.getByRole("button", { name: "Finish" }).click();
  const track = (await storedOuting(page)).ground.tracks.at(-1);
  expect(track).toMatchObject({ name: "Lane", kind: "lane" });
  expect(track.points).toHaveLength(3);
  await page.getByRole("button", { name: "Let go" }).click();
  await page.getByRole("button", { name: "Ruler" }).click();
  await press(page, 0.3, 0.3);
  await press(page, 0.6, 0.3);
  await expect(page.getByRole("img", { name: /^Ruler: [\d.]+.m to / })).toBeVisible();
  await page.getByRole("button", { name: "Put the ruler away" }).click();
  await press(page, 0.45, 0.6);
  await expect(chosen(page)).toHaveAttribute("aria-label", "Chosen: Lane");
  await page.getByRole("button", { name: "Delete Lane" }).click();
  await expect(page.getByText("Lane deleted")).toBeVisible();
  expect((await storedOuting(page)).ground.tracks).toHaveLength(1);
});

test("what a shot needs is not deleted, and says so", async ({ page }) => {
  await startDrawing(page);
  await openPanel(page, "On the ground");
  await page.getByRole("button", { name: /^North goal, spot/ }).click();
  await page.getByRole("button", { name: "Delete North goal" }).click();
  await expect(page.getByText(/North goal is what a promised shot is of/)).toBeVisible();
  expect((await storedOuting(page)).ground.spots).toHaveLength(4);
});

test("by keys alone: a hedge is found, put, moved, turned, reshaped, doubled, deleted and typed @desk", async ({
  page,
}) => {
  await startDrawing(page);
  await page.getByRole("button", { name: "Add", exact: true }).focus();
  await page.keyboard.press("Enter");
  await page.getByLabel("Search what to add").fill("hed");
  await page.getByRole("dialog").getByRole("button", { name: "Hedge", exact: true }).focus();
  await page.keyboard.press("Enter");
  const at = async () => (await storedOuting(page)).ground.obstacles.at(-1);
  const begun = await at();
  await plan(page).focus();
  await page.keyboard.press("ArrowUp");
  const up = await at();
  const step = Math.hypot(up.outline[0].x - begun.outline[0].x, up.outline[0].y - begun.outline[0].y);
  expect(step).toBeCloseTo(0.5, 2);
  await page.keyboard.press("]");
  expect((await at()).outline).not.toEqual(up.outline);
  const turned = await at();
  await page.keyboard.press("c");
  await page.keyboard.press("Shift+ArrowRight");
  const cornered = await at();
  expect(cornered.outline.slice(1)).toEqual(turned.outline.slice(1));
  expect(cornered.outline[0]).not.toEqual(turned.outline[0]);
  await page.keyboard.press("d");
  expect((await storedOuting(page)).ground.obstacles.at(-1).name).toBe("Hedge 2 copy");
  await page.keyboard.press("Delete");
  expect((await storedOuting(page)).ground.obstacles.at(-1).name).toBe("Hedge 2");
  await plan(page).focus();
  await page.keyboard.press("b");
  await page.keyboard.press("n");
  await expect(chosen(page)).toBeVisible();
});

test("what is chosen is typed exactly, and what cannot be is refused in its field @desk", async ({
  page,
}) => {
  await startDrawing(page);
  await add(page, "Mesh");
  await openPanel(page, "Typed exactly");
  await page.getByLabel("Height in m").fill("6");
  await page.getByLabel("Height in m").press("Enter");
  await page.getByLabel("Mesh, wire to wire in mm").fill("45");
  await page.getByLabel("Mesh, wire to wire in mm").press("Enter");
  await expect
    .poll(async () => (await storedOuting(page)).ground.obstacles.at(-1))
    .toMatchObject({ height: 6, mesh: { pitch: 0.045, wire: 0.003 }, posts: { spacing: 3 } });
  await page.getByLabel("Height in m").fill("900");
  await expect(page.getByText(/Type a number from 0.01 to 200/)).toBeVisible();
  await page.getByLabel("Height in m").press("Escape");
  await page.getByRole("button", { name: /^Type its \d corners/ }).click();
  await page.getByRole("button", { name: "A corner after corner 1" }).click();
  await expect.poll(async () => (await storedOuting(page)).ground.obstacles.at(-1).outline).toHaveLength(5);
});

test("every kind of thing is put on the ground, drawn, listed, and taken away again @desk", async ({
  page,
}) => {
  test.setTimeout(300_000);
  await startDrawing(page);
  await page.getByRole("button", { name: "Add", exact: true }).click();
  const dialog = page.getByRole("dialog", { name: "Add to the ground" });
  const kinds = await dialog
    .getByRole("button")
    .evaluateAll((buttons) =>
      buttons.map((b) => b.getAttribute("aria-label") ?? "").filter((name) => name !== "Close"),
    );
  expect(kinds.length).toBeGreaterThan(45);
  await dialog.getByRole("button", { name: "Close" }).click();
  const tracks = ["Lane", "Course", "Flight", "Swing of play"];
  const counted = async () => {
    const {
      obstacles,
      areas,
      tracks: lines,
      spots,
      positions,
      zones,
      masts,
    } = (await storedOuting(page)).ground;
    return [obstacles, areas, lines, spots, positions, zones, masts].map((things) => things.length);
  };
  const before = await counted();
  for (const kind of kinds) {
    await add(page, kind);
    if (tracks.includes(kind)) {
      await press(page, 0.3, 0.7);
      await press(page, 0.5, 0.5);
      await page.getByRole("button", { name: "Finish" }).click();
    }
    await expect(chosen(page)).toHaveCount(1);
    await page
      .getByRole("button", { name: /^Delete / })
      .first()
      .click();
    await expect(chosen(page)).toHaveCount(0);
  }
  expect(await counted()).toEqual(before);
});

test("a trade’s place is taken, and the whole brief is weighed and planned from the places that serve it", async ({
  page,
}) => {
  await page.goto("/outing/diamond-afternoon/ground");
  await openPanel(page, "Where the trade stands");
  await page.getByRole("checkbox", { name: "Show them on the plan" }).click();
  await expect(page.getByRole("img", { name: /^Practice a: right-handed batter/ })).toHaveCount(1);
  await page.getByRole("button", { name: "Put a position at a" }).click();
  await expect(page.getByRole("img", { name: /^Position D, chosen/ })).toHaveCount(1);
  await openPanel(page, "Places for the whole brief");
  await page.getByRole("button", { name: "Weigh the whole brief" }).click();
  await expect(page.getByRole("list", { name: "Which position serves which shot" })).toContainText("points");
  await page.getByRole("button", { name: /^Plan the brief from \w and \w$/ }).click();
  await expect(page.getByText(/^The brief is planned from/)).toBeVisible();
});

test("through the mesh of the diamond: how near, which aperture, and when the sun is on it", async ({
  page,
}) => {
  await page.goto("/outing/diamond-afternoon/ground");
  await openPanel(page, "Through the mesh");
  const panel = page.getByRole("region", { name: "Through the mesh" });
  await expect(panel).toContainText(/First-base mesh, [\d.]+.(c?m) ahead: its wires are gone/);
  await expect(panel).toContainText(/gone up to f\/[\d.]+/);
  await expect(panel).toContainText(/The sun is on it from \d\d:\d\d/);
});

test("a ground goes out and comes in by files: what would come is shown first, what cannot is said @desk", async ({
  page,
}) => {
  await startDrawing(page);
  await openPanel(page, "Files");
  const written = page.waitForEvent("download");
  await page.getByRole("button", { name: "GeoJSON of everything" }).click();
  await letLeave(page);
  const stream = await (await written).createReadStream();
  let text = "";
  for await (const chunk of stream) text += String(chunk);
  const file = JSON.parse(text);
  expect(file.features.length).toBeGreaterThan(10);
  const [mast] = file.features.filter((f: { properties: { sort: string } }) => f.properties.sort === "mast");
  const far = {
    type: "Feature",
    properties: { name: "Far" },
    geometry: { type: "Point", coordinates: [9, 9] },
  };
  const read = (name: string, body: string) =>
    page
      .getByLabel("File of a ground")
      .setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(body) });
  await read("bad.geojson", "no file");
  await expect(page.getByText("Nothing was changed.")).toBeVisible();
  await page.getByRole("button", { name: "Close" }).click();
  // What is here already does not come again; the same a few metres on is another.
  const [longitude, latitude] = mast.geometry.coordinates;
  const moved = { ...mast, geometry: { type: "Point", coordinates: [longitude + 2e-4, latitude] } };
  await read("more.geojson", JSON.stringify({ type: "FeatureCollection", features: [mast, moved, far] }));
  await expect(page.getByText(/mast: left out, it is here already/)).toBeVisible();
  await expect(page.getByText(/Far: left out, it lies more than 5 km/)).toBeVisible();
  await page.getByRole("button", { name: "Put 1 thing on the ground" }).click();
  await expect.poll(async () => (await storedOuting(page)).ground.masts).toHaveLength(3);
});

test("a drawn position is judged when drawing is done", async ({ page }) => {
  await startDrawing(page);
  await add(page, "Position");
  await expect(chosen(page)).toHaveAttribute("aria-label", "Chosen: D");
  await page.getByRole("button", { name: "Let go" }).click();
  await page.getByRole("button", { name: "Done" }).click();
  await expect(tag(page, "D, chosen")).toBeVisible();
});

/** A plan of 400 × 200 px with a black line of 300 px from left to right. */
const PICTURE = `data:image/svg+xml,${encodeURIComponent('<svg xmlns="http://www.w3.org/2000/svg" width="400" height="200"><rect width="400" height="200" fill="#fff"/><path d="M50 100H350" stroke="#000" stroke-width="4"/></svg>')}`;

async function pngOf(page: Page): Promise<Buffer> {
  const base64 = await page.evaluate(async (href) => {
    const image = new Image();
    image.src = href;
    await image.decode();
    const canvas = document.createElement("canvas");
    [canvas.width, canvas.height] = [image.width, image.height];
    canvas.getContext("2d")!.drawImage(image, 0, 0);
    return canvas.toDataURL("image/png").split(",")[1]!;
  }, PICTURE);
  return Buffer.from(base64, "base64");
}

test("a picture is traced over: laid by a line of known length and bearing, and there again after a reload @desk", async ({
  page,
}) => {
  await startDrawing(page);
  await openPanel(page, "Trace a picture");
  const chooser = page.waitForEvent("filechooser");
  await page.getByRole("button", { name: "Choose a picture" }).click();
  await (
    await chooser
  ).setFiles({ name: "plan.txt", mimeType: "text/plain", buffer: Buffer.from("no picture") });
  await expect(page.getByText(/This file is no picture/)).toBeVisible();
  const again = page.waitForEvent("filechooser");
  await page.getByRole("button", { name: "Choose a picture" }).click();
  await (await again).setFiles({ name: "plan.png", mimeType: "image/png", buffer: await pngOf(page) });
  const traced = plan(page).locator('image[aria-label="Traced over: plan.png"]');
  await expect(traced).toHaveCount(1);
  await page.getByRole("button", { name: "Lay the ruler" }).click();
  // Its upper edge looks north, and the plan's to 8°: the picture lies turned by so much on the screen.
  const turned = (-8 * Math.PI) / 180;
  const line = async () => {
    const box = (await traced.boundingBox())!;
    const half = (3 / 8) * Number(await traced.getAttribute("width"));
    return [-half, half].map((u) => ({
      x: box.x + box.width / 2 + u * Math.cos(turned),
      y: box.y + box.height / 2 + u * Math.sin(turned),
    }));
  };
  const whole = (await plan(page).boundingBox())!;
  for (const { x, y } of await line())
    await press(page, (x - whole.x) / whole.width, (y - whole.y) / whole.height);
  await openPanel(page, "Trace a picture");
  await page.getByRole("textbox", { name: "Length" }).fill("30");
  await page.getByRole("textbox", { name: "Length" }).press("Enter");
  await page.getByRole("button", { name: "Lay the picture so" }).click();
  const metresPerPx = async () =>
    Object.values(await storedBeside(page, "pictures/"))[0].lie.metresPerPx as number;
  // The line is 300 px of the picture.
  const ruler = page.getByRole("img", { name: /^Ruler: 30\s?m/ });
  await expect(ruler).toBeVisible();
  await expect.poll(metresPerPx).toBeCloseTo(0.1, 2);
  await page.reload();
  await page.getByRole("button", { name: "Draw the ground" }).first().click();
  await expect(traced).toHaveCount(1);
  await openPanel(page, "Trace a picture");
  await page.getByText("Goes along in the outing’s file").click();
  await expect(page.getByRole("checkbox", { name: /^Goes along/ })).toBeChecked();
  await page.getByRole("button", { name: /^Outing: Cup semi-final/ }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export to a file" }).click();
  await letLeave(page);
  const text = readFileSync(await (await download).path(), "utf8");
  await openPanel(page, "Trace a picture");
  await page.getByRole("button", { name: "Take the picture away" }).click();
  await expect(traced).toHaveCount(0);
  // Not by the message alone: also after a reload, for thirty days.
  await page.reload();
  await page.getByRole("button", { name: "Draw the ground" }).first().click();
  await openPanel(page, "Trace a picture");
  await page.getByRole("button", { name: "Bring the last picture back" }).click();
  await expect(traced).toHaveCount(1);
  await page.getByRole("button", { name: "Take the picture away" }).click();
  await expect(traced).toHaveCount(0);
  // Brought in beside the outing that is here, the picture lies there as it lay.
  await page.goto("/outings");
  await openFile(page, "semi.json", text.replace('"name": "Cup semi-final"', '"name": "Cup replay"'));
  await bringIn(page);
  await expect(page).toHaveURL(/\/outing\/[a-v0-9]{16}\/ground$/);
  await page.getByRole("button", { name: "Draw the ground" }).first().click();
  // Written anew on its way, under a name that tells nothing.
  await expect(plan(page).locator('image[aria-label="Traced over: traced.png"]')).toHaveCount(1);
  expect(await metresPerPx()).toBeCloseTo(0.1, 2);
});

test("the plan goes out as SVG and PNG and as a sheet that prints on one page of A4 @desk", async ({
  page,
  context,
}) => {
  await startDrawing(page);
  await openPanel(page, "Files");
  const fileOf = async (name: string): Promise<Buffer> => {
    const download = page.waitForEvent("download");
    await page.getByRole("button", { name, exact: true }).click();
    await letLeave(page);
    return readFileSync(await (await download).path());
  };
  const svg = (await fileOf("Plan as SVG")).toString("utf8");
  expect(svg).toContain("<title>Quarry Lane: Cup semi-final, Sat 17 Oct 2026, 15:30 to 19:00</title>");
  for (const words of ["Drag flick", "West stand", ">N<"]) expect(svg).toContain(words);
  expect(svg).toMatch(/>\d+ m</);
  const fault = await page.evaluate(
    (text) =>
      new DOMParser().parseFromString(text, "image/svg+xml").querySelector("parsererror")?.textContent,
    svg,
  );
  expect(fault).toBeUndefined();
  const png = await fileOf("Plan as PNG");
  expect(png.subarray(1, 4).toString("latin1")).toBe("PNG");
  expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([1520, 1848]);
  await page.evaluate(() => {
    HTMLIFrameElement.prototype.focus = () => undefined;
  });
  await page.getByRole("button", { name: "Print the plan" }).click();
  await letLeave(page, { action: "Print the plan" });
  const sheet = await page.locator("iframe[data-print]").getAttribute("srcdoc");
  const paper = await context.newPage();
  await paper.setContent(sheet!);
  await expect(paper.getByRole("heading", { name: "Positions" })).toBeVisible();
  const pdf = (await paper.pdf({ preferCSSPageSize: true })).toString("latin1");
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  const [, width, height] = /\/MediaBox\s*\[0 0 ([\d.]+) ([\d.]+)\]/.exec(pdf)!;
  expect([Math.round(Number(width)), Math.round(Number(height))]).toEqual([595, 842]);
});

test("a part of the venue is changed only after a warning, and comes back as the venue has it @desk", async ({
  page,
}) => {
  await startDrawing(page);
  await openPanel(page, "On the ground");
  const list = page.getByRole("list", { name: "Of the venue itself" });
  await list
    .getByRole("button", { name: /^Run off/ })
    .first()
    .click();
  const dialog = page.getByRole("dialog", { name: "Change run off?" });
  await expect(dialog).toContainText("only when the people of the venue have told you");
  await dialog.getByRole("button", { name: "It lies otherwise here" }).click();
  await expect(chosen(page)).toHaveAttribute("aria-label", "Chosen: Run off");
  await page.getByRole("button", { name: "Delete Run off" }).click();
  const changed = async () => (await storedOuting(page)).ground.venue.changed;
  await expect.poll(changed).toHaveLength(1);
  await openPanel(page, "On the ground");
  await page.getByRole("button", { name: "All as the venue has them" }).click();
  await expect.poll(changed).toBeUndefined();
});
