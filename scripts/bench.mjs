// The bench runs in a worker, bundled as a browser's worker gets it: a loader that keeps names would measure itself.
import { once } from "node:events";
import { mkdtempSync, rmSync } from "node:fs";
import path from "node:path";
import { Worker } from "node:worker_threads";
import { build } from "esbuild";
import { withProduct } from "./bench/browser.mjs";
import { benchCloner } from "./bench/cloner.mjs";
import { benchDrag } from "./bench/drag.mjs";
import { benchGround } from "./bench/ground.mjs";
import { benchSheet } from "./bench/sheet.mjs";
import { benchSize } from "./bench/size.mjs";
import { benchStart } from "./bench/start.mjs";
import { root } from "./prepare.mjs";

const folder = mkdtempSync(path.join(root, "node_modules", ".bench-"));
const outfile = path.join(folder, "bench.cjs");
await build({
  entryPoints: [path.join(root, "scripts", "bench", "run.ts")],
  outfile,
  bundle: true,
  platform: "node",
  format: "cjs",
  alias: { "@": path.join(root, "src") },
  logLevel: "error",
});
const worker = new Worker(outfile, { stdout: false });
const [code] = await once(worker, "exit");
rmSync(folder, { recursive: true, force: true });
process.exitCode = code;
if (code === 0)
  await withProduct(async (browser, url) => {
    await benchStart(browser, url);
    await benchDrag(browser, url);
    await benchGround(browser, url);
    await benchSheet(browser, url);
    await benchSize(browser, url);
  });
if (code === 0) await benchCloner();
