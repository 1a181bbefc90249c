import { expect, test, type Page } from "@playwright/test";
import { OUTING, type Stage } from "./outing";

/** A small phone, a phone, a phone that lies on its side (a wide window at 200 % is much the same), a desk. */
const SIZES = [
  { width: 320, height: 568 },
  { width: 390, height: 844 },
  { width: 844, height: 390 },
  { width: 1280, height: 800 },
];
const STAGES: readonly Stage[] = ["Brief", "Ground", "Frame", "Expose", "Run", "Review"];

test.skip(({ viewport }) => (viewport?.width ?? 0) < 960, "the sizes are set here, once");

/** Words that leave the window to the side, and words within one row, scale or way about that touch each other. */
const faultsOf = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const boxes = (within: ParentNode) => {
      const found: { words: string; box: DOMRect }[] = [];
      for (const el of within.querySelectorAll("*")) {
        const words = [...el.childNodes]
          .filter((n) => n.nodeType === Node.TEXT_NODE)
          .map((n) => n.textContent)
          .join("")
          .trim();
        if (words === "") continue;
        const range = document.createRange();
        range.selectNodeContents(el);
        const box = range.getBoundingClientRect();
        if (box.width > 0 && box.height > 0) found.push({ words, box });
      }
      return found;
    };
    const off = boxes(document.body)
      .filter(({ box }) => box.left < -1 || box.right > window.innerWidth + 1)
      .map(({ words, box }) => `“${words}” leaves the window: ${box.left}…${box.right}`);
    const touching: string[] = [];
    for (const row of document.querySelectorAll("[role=row], [role=navigation], [role=slider] svg")) {
      const list = boxes(row);
      list.forEach((a, i) => {
        for (const b of list.slice(i + 1)) {
          const across = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
          const down = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
          if (across > 1 && down > 4) touching.push(`“${a.words}” touches “${b.words}” by ${across} px`);
        }
      });
    }
    return [...off, ...touching];
  });

const inView = (page: Page, label: RegExp): Promise<boolean> =>
  page
    .getByLabel(label)
    .first()
    .evaluate((el) => {
      const box = el.getBoundingClientRect();
      const seen = document.elementFromPoint(box.left + 8, (box.top + box.bottom) / 2);
      return box.top >= 0 && box.bottom <= window.innerHeight && el.contains(seen);
    });

async function openAt(
  page: Page,
  stage: Stage,
  size: (typeof SIZES)[number],
  outing = OUTING,
): Promise<void> {
  await page.setViewportSize(size);
  await page.goto(`${outing}/${stage.toLowerCase()}`);
  await expect(page.getByRole("link", { name: new RegExp(`^${stage}:`) })).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
}

for (const stage of STAGES)
  test(`${stage} at every size: nothing is cut off at the sides, no words touch`, async ({ page }) => {
    for (const size of SIZES) {
      await openAt(page, stage, size);
      await expect.poll(() => faultsOf(page), `${size.width} × ${size.height}`).toEqual([]);
      const folded = page.locator("[role=region] > [role=button][aria-expanded=false]");
      while ((await folded.count()) > 0) await folded.first().click();
      await expect.poll(() => faultsOf(page), `${size.width} × ${size.height}, all open`).toEqual([]);
    }
  });

test("the card's three settings are in view at every size, also when something is given up", async ({
  page,
}) => {
  for (const outing of [OUTING, "/outing/handball-league-evening", "/outing/lagoon-at-first-light"])
    for (const size of SIZES) {
      await openAt(page, "Run", size, outing);
      for (const label of [/^shutter /, /^aperture /, /^ISO /])
        expect(await inView(page, label), `${String(label)} of ${outing} at ${size.width}`).toBe(true);
    }
});

test("the plan keeps half of the height, and beside the figures where the phone lies on its side", async ({
  page,
}) => {
  for (const size of [...SIZES, { width: 768, height: 1024 }, { width: 1920, height: 1080 }]) {
    await openAt(page, "Ground", size);
    const room = (await page.getByRole("main").boundingBox())!;
    const plan = async () => (await page.getByRole("group", { name: /^Plan of/ }).boundingBox())!;
    expect((await plan()).height).toBeGreaterThanOrEqual(room.height / 2 - 1);
    if (size.width < 600 || size.height > size.width) {
      await page.getByRole("button", { name: /\. More$/ }).click();
      expect((await plan()).height).toBeGreaterThanOrEqual(room.height / 2 - 1);
      // What stands below the sheet was pushed under the stages, and a key press there moved the whole screen.
      const below = () => page.evaluate(() => document.body.scrollHeight - window.innerHeight);
      expect(await below()).toBe(0);
      await page.getByRole("button", { name: /\. Less$/ }).click();
      await page.getByRole("button", { name: "Draw the ground" }).first().click();
      await page.getByRole("button", { name: /\. More$/ }).click();
      expect(await below()).toBe(0);
    } else expect((await plan()).height).toBeGreaterThan(room.height - 2);
  }
});

test("a short message covered the title or a setting", async ({ page }) => {
  for (const size of SIZES) {
    await openAt(page, "Run", size);
    await page.getByRole("button", { name: "It was right" }).click();
    const message = (await page.getByRole("status").boundingBox())!;
    const others = [
      page.getByRole("heading", { level: 1 }),
      page.getByLabel(/^shutter /),
      page.getByLabel(/^aperture /),
      page.getByLabel(/^ISO /),
      page.getByRole("button", { name: "It was right" }),
      page.getByRole("link", { name: /^Run:/ }),
    ];
    for (const other of others) {
      const box = (await other.first().boundingBox())!;
      const apart =
        box.x + box.width <= message.x ||
        message.x + message.width <= box.x ||
        box.y + box.height <= message.y + 1 ||
        message.y + message.height <= box.y + 1;
      expect(apart, `${String(other)} at ${size.width}`).toBe(true);
    }
  }
});
