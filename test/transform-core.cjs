// Tests of what has no interface need types taken off and imports as calls, and nothing else: esbuild does it in a fraction of the time.
const { createHash } = require("node:crypto");
const { transformSync, version } = require("esbuild");

const LOADERS = { ts: "ts", tsx: "tsx", js: "js", jsx: "jsx", mjs: "js", cjs: "js", mts: "ts", cts: "ts" };

module.exports = {
  process(text, file) {
    const { code, map } = transformSync(text, {
      loader: LOADERS[file.split(".").at(-1)],
      format: "cjs",
      target: "node20",
      jsx: "automatic",
      sourcefile: file,
      sourcemap: "external",
      // A module that is asked for late is looked up by the runner, as any other.
      supported: { "dynamic-import": false },
    });
    return { code, map };
  },
  getCacheKey: (text, file) => createHash("sha1").update(version).update(file).update(text).digest("hex"),
};
