// How many steps of a steady drag of the minute the screens keep up with, in Chromium, at a phone's size and wide, at full
// speed and slowed four times. A step is handled when the frame after it was drawn.
const SECONDS = 4;
const AT = "/outing/hockey-semi-final/ground";
const SIZES = { phone: { width: 390, height: 844 }, wide: { width: 1280, height: 800 } };

/** Drags along the strip for four seconds: moves the pointer, waits for the frame, moves it again. */
export async function stepsPerSecond(page) {
  const strip = page.getByRole("slider", { name: "Time of the outing" });
  const box = await strip.boundingBox();
  return page.evaluate(
    async ({ left, top, width, seconds }) => {
      const target = document.elementFromPoint(left + 30, top);
      const at = (x) => ({
        clientX: x,
        clientY: top,
        pointerId: 1,
        isPrimary: true,
        bubbles: true,
        buttons: 1,
      });
      const frame = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
      target.dispatchEvent(new PointerEvent("pointerdown", at(left + 30)));
      const start = performance.now();
      let steps = 0;
      let times = new Set();
      while (performance.now() - start < 1000 * seconds) {
        const phase = (steps % 200) / 100;
        const share = phase < 1 ? phase : 2 - phase;
        target.dispatchEvent(new PointerEvent("pointermove", at(left + 30 + share * (width - 60))));
        await frame();
        times.add(document.querySelector('[aria-label="Time of the outing"]').getAttribute("aria-valuetext"));
        steps++;
      }
      target.dispatchEvent(new PointerEvent("pointerup", at(left + 30)));
      return { steps: steps / seconds, moments: times.size };
    },
    { left: box.x, top: box.y + box.height / 2, width: box.width, seconds: SECONDS },
  );
}

async function measure(browser, url, size, slowed) {
  const page = await browser.newPage({ viewport: SIZES[size], serviceWorkers: "block" });
  await page.goto(`${url}${AT}`);
  await page.getByRole("img", { name: /^Position B/ }).waitFor();
  const session = await page.context().newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: slowed });
  const found = await stepsPerSecond(page);
  await page.close();
  return found;
}

/** Prints steps a second; `aim` is what the product wants. */
export async function benchDrag(browser, url) {
  console.log("a steady drag of the minute, steps handled a second");
  for (const [slowed, aim] of [
    [1, 50],
    [4, 30],
  ])
    for (const size of Object.keys(SIZES)) {
      const { steps, moments } = await measure(browser, url, size, slowed);
      const how = slowed === 1 ? "at full speed" : "slowed four times";
      console.log(
        `  ${size.padEnd(5)} ${how.padEnd(17)} ${steps.toFixed(0).padStart(3)} (aim ${aim}; ${moments} moments shown)`,
      );
    }
}
