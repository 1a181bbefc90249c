// A fuller and fuller ground: how many steps of the minute it keeps up with, how much of a step is scripting, and how the cost
// goes with the number of things; then the longest task of the main thread while places are looked for, by a browser's trace.
import { Buffer } from "node:buffer";
import { readFileSync } from "node:fs";
import { stepsPerSecond } from "./drag.mjs";
import { bringIn } from "./size.mjs";

const DEMO = "demo/hockey-semi-final.outing.json";
const COUNTS = [0, 50, 100, 200, 400];
const PHONE = { width: 390, height: 844 };
const BAR = 40;

/** The demo's outing with so many things of many kinds about its pitch, none in the way. */
function outingWith(count) {
  const { outing, subjects } = JSON.parse(readFileSync(DEMO, "utf8"));
  const thing = (i) => {
    const [x, y] = [70 * Math.cos(i * 2.4) * (1 + i / 800), 90 * Math.sin(i * 2.4) * (1 + i / 800)];
    const base = { id: `thing-${i}`, name: `Thing ${i}` };
    if (i % 4 === 0)
      return {
        ...base,
        kind: "tree",
        at: { x, y },
        height: 9,
        trunkRadius: 0.2,
        crownRadius: 2.5,
        crownFrom: 3,
      };
    if (i % 4 === 1)
      return {
        ...base,
        kind: "pole",
        from: { x, y, z: 0 },
        to: { x, y, z: 6 },
        thickness: 0.1,
      };
    const outline = [
      { x, y },
      { x: x + 4, y },
      { x: x + 4, y: y + 2 },
      { x, y: y + 2 },
    ];
    return { ...base, kind: i % 4 === 2 ? "building" : "hedge", outline, height: 3 };
  };
  return {
    ...outing,
    subjects,
    id: `full-${count}`,
    name: `Full ${count}`,
    revision: 0,
    ground: { ...outing.ground, obstacles: Array.from({ length: count }, (_, i) => thing(i)) },
  };
}

async function scripting(session) {
  const { metrics } = await session.send("Performance.getMetrics");
  const of = (name) => metrics.find((m) => m.name === name).value;
  return { script: of("ScriptDuration"), task: of("TaskDuration") };
}

async function scrub(browser, url, count, slowed) {
  const page = await browser.newPage({ viewport: PHONE, serviceWorkers: "block" });
  await page.goto(`${url}/outings`);
  await bringIn(page, [outingWith(count)]);
  await page.goto(`${url}/outing/full-${count}/ground`);
  await page.getByRole("img", { name: /^Position B/ }).waitFor();
  const session = await page.context().newCDPSession(page);
  await session.send("Performance.enable");
  await session.send("Emulation.setCPUThrottlingRate", { rate: slowed });
  const before = await scripting(session);
  const { steps } = await stepsPerSecond(page);
  const after = await scripting(session);
  await page.close();
  const tasks = after.task - before.task;
  return { steps, share: (after.script - before.script) / tasks, perStep: (1000 * tasks) / (4 * steps) };
}

/** Milliseconds of the longest task of the page's main thread in a trace. */
function longestTask(trace) {
  const { traceEvents } = JSON.parse(Buffer.from(trace).toString("utf8"));
  const mains = traceEvents
    .filter((e) => e.name === "thread_name" && e.args.name === "CrRendererMain")
    .map((e) => `${e.pid} ${e.tid}`);
  const tasks = traceEvents.filter(
    (e) => e.ph === "X" && /RunTask$/.test(e.name) && mains.includes(`${e.pid} ${e.tid}`),
  );
  return { longest: Math.max(0, ...tasks.map((e) => e.dur)) / 1000, tasks: tasks.length };
}

async function searchTrace(browser, url) {
  const page = await browser.newPage({ viewport: PHONE, serviceWorkers: "block" });
  await page.goto(`${url}/outing/hockey-semi-final/ground`);
  const raise = page.getByRole("button", { name: /\. More$/ });
  await raise.click();
  await page.getByRole("button", { name: /^Other positions for this shot/ }).click();
  const find = page.getByRole("button", { name: "Find positions" });
  await find.waitFor();
  await browser.startTracing(page, { categories: ["toplevel", "devtools.timeline"] });
  await find.click();
  await page.getByRole("button", { name: "Move B to candidate 1" }).waitFor({ timeout: 120_000 });
  const found = longestTask(await browser.stopTracing());
  await page.close();
  return found;
}

export async function benchGround(browser, url) {
  console.log("a steady drag of the minute over a fuller ground");
  const found = [];
  for (const count of COUNTS) found.push({ count, ...(await scrub(browser, url, count, 1)) });
  const most = Math.max(...found.map((f) => f.perStep));
  for (const { count, steps, share, perStep } of found)
    console.log(
      `  ${String(count).padStart(3)} things ${"#".repeat(Math.round((BAR * perStep) / most)).padEnd(BAR)} ${perStep.toFixed(1)} ms a step, ${steps.toFixed(0)} steps a second, ${(100 * share).toFixed(0)} % scripting`,
    );
  const at = (count) => found.find((f) => f.count === count).perStep;
  console.log(
    `  cost of 200 to 400 things against 0 to 200: ${((at(400) - at(200)) / Math.max(0.01, at(200) - at(0))).toFixed(2)} (1 is in proportion)`,
  );
  const slow = await scrub(browser, url, 400, 4);
  console.log(`  400 things slowed four times: ${slow.steps.toFixed(0)} steps a second (aim 30)`);
  const { longest, tasks } = await searchTrace(browser, url);
  console.log(
    `a search for places: longest task of the main thread ${longest.toFixed(0)} ms of ${tasks} (aim under 50)`,
  );
}
