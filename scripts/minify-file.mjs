// One script of the build through the thorough minifier, in a thread of its own.
import { readFileSync, writeFileSync } from "node:fs";
import { workerData } from "node:worker_threads";
import { minify } from "terser";

const { file, options } = workerData;
const { code } = await minify(readFileSync(file, "utf8"), options);
writeFileSync(file, code);
