import { expect, test } from "@playwright/test";
import {
  dragTag,
  figure,
  isPhone,
  laterByQuarters,
  openGround,
  openPanel,
  openStage,
  OUTING,
  placeOf,
  slider,
  storedOuting,
  tag,
  valueOf,
} from "./outing";

test("from the list to the ground: date, place, promises and what is open", async ({ page }) => {
  await page.clock.setFixedTime(new Date("2026-10-12T09:00:00Z"));
  await page.goto("/");
  await expect(page).toHaveURL(/\/outings$/);
  await expect(page.getByRole("heading", { name: "Cup semi-final" })).toBeVisible();
  await expect(page.getByText("Next: Sat 17 Oct, 17:00")).toBeVisible();
  await expect(page.getByText("1 shot has no position yet")).toBeVisible();
  await expect(
    page.getByRole("list", { name: "Promised at Cup semi-final" }).getByRole("listitem"),
  ).toHaveCount(4);
  await page.getByRole("link", { name: /Cup semi-final/ }).click();
  await expect(tag(page, "B")).toBeVisible();
  await expect(page).toHaveURL(/ground$/);
});

test("a dragged position carries distance, light, fill, shutter and ISO with it, on every stage", async ({
  page,
}) => {
  await openGround(page);
  const before = {
    distance: await figure(page, /to \d+°/),
    light: await figure(page, /round. Why/),
    fill: await figure(page, /of height/),
  };
  await openStage(page, "Expose");
  const iso = await valueOf(page, "ISO");
  await openStage(page, "Ground");
  const from = await placeOf(page, "B");
  // Round to the sunny side: toward the left edge, and 60 px nearer to the bottom.
  await dragTag(page, "B", -150, 30);
  await expect(page.getByRole("status")).toContainText("B moved");
  const to = await placeOf(page, "B");
  expect(Math.abs(to.x - from.x + 150)).toBeLessThan(12);
  // The card takes lines more where a place is ruled out, and the plan over it gives way.
  expect(Math.abs(to.y - from.y - 30)).toBeLessThan(20);
  await expect.poll(() => figure(page, /to \d+°/)).not.toBe(before.distance);
  await expect.poll(() => figure(page, /round. Why/)).not.toBe(before.light);
  await expect.poll(() => figure(page, /of height/)).not.toBe(before.fill);

  const distance = (await figure(page, /to \d+°/)).split(",")[0]!;
  const { at } = (await storedOuting(page)).ground.positions[1];
  const spot = (await storedOuting(page)).ground.spots[0].at;
  const metres = Math.hypot(at.x - spot.x, at.y - spot.y, 1.2 - 0.75);
  expect(Math.abs(parseFloat(distance) - metres)).toBeLessThan(0.6);

  await openStage(page, "Expose");
  const moved = (await valueOf(page, "ISO")).split(",")[0]!;
  expect(moved).not.toBe(iso);
  await openStage(page, "Run");
  await expect(page.getByLabel(`ISO ${moved.slice(4)}`, { exact: true })).toBeVisible();
  await expect(
    page.getByLabel(
      `shutter ${await page
        .getByLabel(/^shutter /)
        .getAttribute("aria-label")
        .then((l) => l!.slice(8))}`,
    ),
  ).toBeVisible();
});

test("a move can be taken back @desk", async ({ page }) => {
  await openGround(page);
  const before = (await storedOuting(page)).ground.positions[1].at;
  await dragTag(page, "B", -80, 20);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect.poll(async () => (await storedOuting(page)).ground.positions[1].at).toEqual(before);
});

test("typed coordinates do what the drag does", async ({ page }) => {
  await openGround(page);
  await openPanel(page, "Position");
  const before = await figure(page, /to \d+°/);
  const east = page.getByLabel("East in m");
  await east.fill("-12,5");
  await east.press("Enter");
  await expect.poll(() => figure(page, /to \d+°/)).not.toBe(before);
  await expect.poll(async () => (await storedOuting(page)).ground.positions[1].at.x).toBe(-12.5);
  await east.fill("far");
  await expect(page.getByRole("alert")).toContainText("Type a number");
});

test("the minute moves the light, the settings and what is short, on every stage", async ({ page }) => {
  await openGround(page);
  await expect(page.getByRole("img", { name: "Spot Drag flick, in the sun" })).toBeVisible();
  const ev = await figure(page, /^EV/);
  await laterByQuarters(page, 8);
  await expect(page.getByRole("img", { name: "Spot Drag flick, no direct sun" })).toBeVisible();
  await expect.poll(() => figure(page, /^EV/)).not.toBe(ev);
  await expect(page.getByRole("img", { name: "North mast, alight" })).toBeVisible();
  await openStage(page, "Expose");
  await expect(page.getByRole("heading", { name: /short. Ways out/ })).toBeVisible();
  await expect(page.getByRole("button", { name: /^ISO 16000, past your ceiling/ })).toBeVisible();
  await openStage(page, "Run");
  await expect(page.getByText(/planned for 18:27/)).toBeVisible();
});

test("cloud and lens change what follows @field", async ({ page }) => {
  await openGround(page);
  await openPanel(page, "Sky and lamps");
  const ev = await figure(page, /^EV/);
  for (let i = 0; i < 7; i++) await page.getByRole("button", { name: "More: Cloud" }).click();
  await expect(page.getByText("8/8, overcast")).toBeVisible();
  await expect.poll(() => figure(page, /^EV/)).not.toBe(ev);
  await openStage(page, "Expose");
  const aperture = await valueOf(page, "Aperture");
  const iso = await valueOf(page, "ISO");
  await openPanel(page, "Kit for this shot");
  await page.getByRole("radio", { name: "300 mm f/4" }).click();
  await expect.poll(() => valueOf(page, "Aperture")).not.toBe(aperture);
  await expect.poll(() => valueOf(page, "ISO")).not.toBe(iso);
});

test("push one rail and the free one follows; let go and the limits decide again @field", async ({
  page,
}) => {
  await page.goto(`${OUTING}/expose`);
  const [shutter, iso] = [
    await slider(page, "Shutter").getAttribute("aria-valuetext"),
    await valueOf(page, "ISO"),
  ];
  expect(shutter).toBe("1/1000");
  await slider(page, "Shutter").press("PageUp");
  await expect.poll(() => valueOf(page, "Shutter")).toBe("1/2000");
  await expect.poll(() => valueOf(page, "ISO")).toBe("ISO 1000");
  await slider(page, "ISO").press("PageUp");
  await expect.poll(() => valueOf(page, "ISO")).toBe("ISO 2000");
  await expect(page.getByText("Aperture, follows the light")).toBeVisible();
  await expect.poll(() => valueOf(page, "Shutter")).toBe("1/2000");
  await slider(page, "Aperture").press("ArrowRight");
  const ask = page.getByRole("group", { name: "Let go first, to set aperture" });
  await ask.getByRole("button", { name: "ISO", exact: true }).click();
  await expect(page.getByText("ISO, follows the light")).toBeVisible();
  await slider(page, "Shutter").press("Home");
  await expect.poll(() => valueOf(page, "Shutter")).toBe("1/8, past movement of the stick");
  await expect(page.getByText(/^Shutter 21 clicks slower/)).toBeVisible();
  await page.getByRole("button", { name: "Let go of Shutter" }).click();
  await page.getByRole("button", { name: "Let go of Aperture" }).click();
  await expect.poll(() => valueOf(page, "Shutter")).toBe("1/1000");
  await expect.poll(() => valueOf(page, "ISO")).toBe(iso);
});

test("every setting tells its reasons with their sources", async ({ page }) => {
  await page.goto(`${OUTING}/expose`);
  await openPanel(page, "Why these settings");
  await expect(page.getByRole("region", { name: "Shutter" })).toContainText(
    "So the slowest shutter is 1/1000",
  );
  await expect(page.getByRole("region", { name: "ISO" })).toContainText("ISO 2720");
});

test("a test shot too dark keeps a reading and moves what follows @field", async ({ page }) => {
  await page.goto(`${OUTING}/run`);
  await expect(page.getByLabel("ISO 500", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Too dark" }).click();
  await page.getByRole("button", { name: "Too dark by 3 clicks" }).click();
  await expect(page.getByLabel("ISO 1000", { exact: true })).toBeVisible();
  await expect(page.getByRole("status")).toContainText("Saved");
  await openStage(page, "Expose");
  await expect.poll(() => valueOf(page, "ISO")).toBe("ISO 1000");
  await page.reload();
  await expect.poll(() => valueOf(page, "ISO")).toBe("ISO 1000");
});

test("inside the outing's window the card shows the device's minute, and another can be looked at", async ({
  page,
}) => {
  await page.clock.setFixedTime(new Date("2026-10-17T17:05:20+01:00"));
  await page.goto(`${OUTING}/run`);
  await expect(page.getByText("now 17:05")).toBeVisible();
  await slider(page, "Time of the outing").press("PageUp");
  await expect(page.getByText("planned for 17:20")).toBeVisible();
  await page.reload();
  await expect(page.getByText("now 17:05")).toBeVisible();
});

test("a shot without a place asks for one", async ({ page }) => {
  await page.goto(`${OUTING}/expose`);
  await page.getByRole("button", { name: /Choose another shot/ }).click();
  await page.getByRole("button", { name: /^Coach after a goal/ }).click();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await expect(page.getByText("No picture yet")).toBeVisible();
  await page.getByRole("radio", { name: "C", exact: true }).click();
  await expect(slider(page, "Shutter")).toBeVisible();
});

test("a position dragged onto the pitch is vetoed in words at once @desk", async ({ page }) => {
  await openGround(page);
  await dragTag(page, "B", -60, 110);
  await expect(page.getByText("The field of play: no standing here. Move off it.").first()).toBeVisible();
  await expect(page.getByRole("img", { name: /^Position B, chosen, ruled out/ })).toBeVisible();
});

test("the wheel zooms the plan about the pointer and one press shows the whole ground again", async ({
  page,
}) => {
  test.skip(isPhone(page), "a wheel belongs to a mouse");
  await openGround(page);
  const before = await placeOf(page, "B");
  await page.mouse.move(before.x, before.y);
  await page.mouse.wheel(0, -400);
  const scale = page.getByText(/^\d+ m$/).last();
  await expect(page.getByRole("button", { name: "Whole ground" })).toBeVisible();
  await expect(scale).toHaveText("5 m");
  const zoomed = await placeOf(page, "B");
  expect(Math.hypot(zoomed.x - before.x, zoomed.y - before.y)).toBeLessThan(4);
  await page.getByRole("button", { name: "Whole ground" }).click();
  await expect(scale).toHaveText("10 m");
});

test("two fingers zoom the plan", async ({ page }) => {
  test.skip(!isPhone(page), "fingers belong to a touch screen");
  await openGround(page);
  const touch = await page.context().newCDPSession(page);
  const send = (type: "touchStart" | "touchMove" | "touchEnd", spread?: number) =>
    touch.send("Input.dispatchTouchEvent", {
      type,
      touchPoints:
        spread === undefined ? [] : [-1, 1].map((side, id) => ({ x: 180 + side * spread, y: 420, id })),
    });
  await send("touchStart", 30);
  for (const spread of [40, 60, 80, 100]) await send("touchMove", spread);
  await send("touchEnd");
  await expect(page.getByRole("button", { name: "Whole ground" })).toBeVisible();
  await expect(page.getByText(/^\d+ m$/).last()).toHaveText("5 m");
});

test("the class of the lamps changes the evening", async ({ page }) => {
  await openGround(page);
  await laterByQuarters(page, 8);
  const ev = await figure(page, /^EV/);
  await openPanel(page, "Sky and lamps");
  await page.getByRole("radio", { name: "Class I", exact: true }).click();
  await expect.poll(() => figure(page, /^EV/)).not.toBe(ev);
});

test("the day at the spot and at the lens is told: sun, shade and by what, and what sun and moon do", async ({
  page,
}) => {
  await openGround(page);
  await openPanel(page, "Sun, moon and shade");
  const day = page.getByRole("list", { name: "Sun and moon of the day" });
  // The almanac's times for 17 October at this latitude: up about half past seven, down shortly after six.
  await expect(day.getByRole("listitem").filter({ hasText: "Sunrise" })).toHaveText(/^07:[23]\dSunrise/);
  await expect(day.getByRole("listitem").filter({ hasText: "Sunset" })).toHaveText(/^18:[01]\dSunset/);
  await expect(page.getByRole("img", { name: /over the day: 07:[23]\d to .* in sun/ }).first()).toBeVisible();
  await expect(page.getByText(/^Your lens at B: in /)).toBeVisible();
  const before = await page.getByText(/^Your lens at B: in /).textContent();
  await laterByQuarters(page, 12);
  await expect(page.getByText(/^Your lens at B: /)).not.toHaveText(before!);
});
