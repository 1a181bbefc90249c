import { readFileSync } from "node:fs";
import path from "node:path";

/** The path that a build was made for (BASE_PATH), as its page names its scripts: "" for the root, or where there is no build. */
export function servedUnder(dist: string): string {
  try {
    const page = readFileSync(path.join(dist, "index.html"), "utf8");
    return /src="([^":]*)\/_expo\//.exec(page)?.[1] ?? "";
  } catch {
    return "";
  }
}
