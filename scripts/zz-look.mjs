import { chromium } from "playwright-core";
import { browserPath } from "./browser-path.mjs";
const [, , size, out, path, ...steps] = process.argv;
const [w, h] = size === "wide" ? [1280, 800] : [390, 844];
const b = await chromium.launch({ executablePath: browserPath(), args: ["--no-sandbox"] });
const c = await b.newContext({
  viewport: { width: w, height: h },
  serviceWorkers: "block",
  hasTouch: size !== "wide",
  timezoneId: "Europe/London",
});
const p = await c.newPage();
p.on("pageerror", (e) => console.log("ERR", e.message));
p.on("console", (m) => m.type() === "error" && console.log("CON", m.text().slice(0, 300)));
const base = process.env.BASE ?? "http://127.0.0.1:4199";
await p.goto(base + path);
await p.waitForTimeout(2500);
for (const s of steps) {
  try {
    await eval(`(async()=>{${s}})()`);
  } catch (e) {
    console.log("STEP", s, e.message.slice(0, 300));
  }
  await p.waitForTimeout(700);
}
await p.screenshot({ path: out, fullPage: false });
await b.close();
