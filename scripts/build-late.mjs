// The last steps of a build but one: parts that come late (late-chunks.mjs), the first script once more through the minifier, which
// the bundler runs over each module by itself alone, and the scripts before the application without their comments.
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { minify } from "terser";
import { splitBuild } from "./late-chunks.mjs";

splitBuild("dist");

const scripts = path.join("dist", "_expo", "static", "js", "web");
for (const name of readdirSync(scripts).filter((one) => one.startsWith("entry-"))) {
  const file = path.join(scripts, name);
  const { code } = await minify(readFileSync(file, "utf8"), { compress: { passes: 2, ecma: 2020 } });
  writeFileSync(file, code);
}

// What stands beside the application lies under the same path as the application.
const page = path.join("dist", "index.html");
const html = readFileSync(page, "utf8");
const [, under = ""] = /src="([^":]*)\/_expo\//.exec(html) ?? [];
writeFileSync(page, html.replace(/(href|src)="\/(start|manifest|icons)/g, `$1="${under}/$2`));

for (const name of ["start.js", "start-frame.js"]) {
  const file = path.join("dist", name);
  const { code } = await minify(readFileSync(file, "utf8"), { toplevel: true });
  writeFileSync(file, code);
}
