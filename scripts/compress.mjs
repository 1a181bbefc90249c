// Packs the files of the build once, so that the server packs nothing while somebody waits. The page and the service worker
// stay as they are: they are small, and asked for at every start.
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { promisify } from "node:util";
import { brotliCompress, constants, gzip } from "node:zlib";

const PACKED = /\.(js|css|json|svg|ttf|webmanifest)$/;
const PLAIN = ["sw.js", "metadata.json"];
/** What somebody waits for is packed as small as it goes; what comes late within a twentieth of that, in a tenth of the time. */
const WAITED_FOR = /(entry|stages)-[^/]*\.js$|\.(css|ttf)$/;
const LATE_QUALITY = 9;
/** Bytes under which packing costs more than it saves. */
const LEAST = 1024;

const dist = process.env.DIST ?? "dist";
const files = readdirSync(dist, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile() && PACKED.test(entry.name) && !PLAIN.includes(entry.name))
  .map((entry) => path.join(entry.parentPath, entry.name))
  .map((file) => ({ file, bytes: readFileSync(file) }))
  .filter(({ bytes }) => bytes.length >= LEAST)
  // The largest first, so that no core waits for it alone at the end.
  .sort((a, b) => b.bytes.length - a.bytes.length);

async function pack({ file, bytes }) {
  const params = {
    [constants.BROTLI_PARAM_QUALITY]: WAITED_FOR.test(file) ? constants.BROTLI_MAX_QUALITY : LATE_QUALITY,
    [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
  };
  const brotli = await promisify(brotliCompress)(bytes, { params });
  writeFileSync(`${file}.br`, brotli);
  writeFileSync(`${file}.gz`, await promisify(gzip)(bytes, { level: 9 }));
  return brotli.length;
}

const packed = await Promise.all(files.map(pack));
const sum = (sizes) => sizes.reduce((a, b) => a + b, 0);
console.log(`packed: ${sum(files.map(({ bytes }) => bytes.length))} bytes into ${sum(packed)}`);
