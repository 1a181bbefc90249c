// The bench runs in a worker, bundled as a browser's worker gets it: a loader that keeps names would measure itself.
import { mkdtempSync, rmSync } from "node:fs";
import path from "node:path";
import { Worker } from "node:worker_threads";
import { build } from "esbuild";
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
worker.once("exit", (code) => {
  rmSync(folder, { recursive: true, force: true });
  process.exitCode = code;
});
