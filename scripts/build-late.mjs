// The last steps of a build but two: parts that come late (late-chunks.mjs), what everybody waits for once more through a thorough
// minifier, which gives the same letters to the same things over all modules, the scripts before the application without their
// comments, and the path under which all of it lies.
import { once } from "node:events";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { Worker } from "node:worker_threads";
import { underOf } from "../server/served-under.mjs";
import { splitBuild } from "./late-chunks.mjs";

const dist = process.env.DIST ?? "dist";
splitBuild(dist);

const scripts = path.join(dist, "_expo", "static", "js", "web");
const waitedFor = readdirSync(scripts)
  .filter((name) => /^(entry|stages)-/.test(name))
  .map((name) => ({ file: path.join(scripts, name), options: { compress: { passes: 2, ecma: 2020 } } }));
const before = ["start.js", "start-frame.js"].map((name) => ({
  file: path.join(dist, name),
  options: { toplevel: true },
}));
const minified = [...waitedFor, ...before].map(async (workerData) => {
  const [code] = await once(
    new Worker(new URL("./minify-file.mjs", import.meta.url), { workerData }),
    "exit",
  );
  if (code !== 0) throw new Error(`${workerData.file} could not be minified`);
});
await Promise.all(minified);

const page = path.join(dist, "index.html");
const html = readFileSync(page, "utf8");
writeFileSync(page, html.replace(/(href|src)="\/(start|manifest|icons)/g, `$1="${underOf(html)}/$2`));
