// The minifier that the bundler runs over each module by itself: esbuild, in a tenth of the time of the usual one. The first script goes
// through a more thorough one besides (scripts/build-late.mjs).
const { transform } = require("esbuild");

module.exports = async ({ code }) => ({
  code: (await transform(code, { minify: true, charset: "utf8", legalComments: "none" })).code,
});
