// Packs the files of the build once, so that the server packs nothing while somebody waits. The page and the service worker
// stay as they are: they are small, and asked for at every start.
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { brotliCompressSync, constants, gzipSync } from "node:zlib";

const PACKED = /\.(js|css|json|svg|ttf|webmanifest)$/;
const PLAIN = ["sw.js", "metadata.json"];
/** Bytes under which packing costs more than it saves. */
const LEAST = 1024;

const dist = process.env.DIST ?? "dist";
const files = readdirSync(dist, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile() && PACKED.test(entry.name) && !PLAIN.includes(entry.name))
  .map((entry) => path.join(entry.parentPath, entry.name));
let [before, after] = [0, 0];
for (const file of files) {
  const bytes = readFileSync(file);
  if (bytes.length < LEAST) continue;
  const brotli = brotliCompressSync(bytes, {
    params: { [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length },
  });
  writeFileSync(`${file}.br`, brotli);
  writeFileSync(`${file}.gz`, gzipSync(bytes, { level: 9 }));
  before += bytes.length;
  after += brotli.length;
}
console.log(`packed: ${before} bytes into ${after}`);
