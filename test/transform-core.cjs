// Tests of what has no interface need types taken off and imports as calls, and nothing else: esbuild does it in a fraction of the time.
const { createHash } = require("node:crypto");
const { transformSync, version } = require("esbuild");

const LOADERS = { ts: "ts", tsx: "tsx", js: "js", jsx: "jsx", mjs: "js", cjs: "js", mts: "ts", cts: "ts" };

/** Names that a module passes on are asked for through calls until it has run, and stand as values then: a sweep reads them millions of times. */
const settled = (code) =>
  code.includes("__toCommonJS(") && !/^(export )?let /m.test(code)
    ? `${code.replace("{ get: () => from[key], enumerable", "{ get: () => from[key], configurable: true, enumerable")}
for (const key of Object.keys(module.exports))
  if (Object.getOwnPropertyDescriptor(module.exports, key).configurable)
    Object.defineProperty(module.exports, key, { value: module.exports[key], enumerable: true, configurable: true });
`
    : code;

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
    return { code: settled(code), map };
  },
  getCacheKey: (text, file) =>
    createHash("sha1").update(version).update(settled.toString()).update(file).update(text).digest("hex"),
};
