import { readFileSync } from "node:fs";
import path from "node:path";

/**
 * The path that a page was built for (BASE_PATH), as it names its scripts: "" for the root.
 * @param {string} page
 */
export const underOf = (page) => /src="([^":]*)\/_expo\//.exec(page)?.[1] ?? "";

/**
 * The path that the build in a folder was made for: "" for the root, or where there is no build.
 * @param {string} dist
 */
export function servedUnder(dist) {
  try {
    return underOf(readFileSync(path.join(dist, "index.html"), "utf8"));
  } catch {
    return "";
  }
}
