// The last steps of a build but one: parts that come late (late-chunks.mjs), and the scripts before the application without their comments.
import { readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { minify } from "terser";
import { splitBuild } from "./late-chunks.mjs";

splitBuild("dist");

for (const name of ["start.js", "start-frame.js"]) {
  const file = path.join("dist", name);
  const { code } = await minify(readFileSync(file, "utf8"), { toplevel: true });
  writeFileSync(file, code);
}
