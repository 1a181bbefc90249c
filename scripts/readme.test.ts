import { existsSync, readFileSync } from "node:fs";
import path from "node:path";

const root = path.resolve(__dirname, "..");

test("every file and folder that the table of where to change what names is there", () => {
  const rows = readFileSync(path.join(root, "README.md"), "utf8")
    .split("\n")
    .filter((line) => line.startsWith("| ") && line.includes("`src/"));
  const named = rows.flatMap((row) => [
    ...row.matchAll(/`((?:src|public|scripts|server|demo|e2e|docs)\/[^`]*)`/g),
  ]);
  const paths = named.map(([, at]) => at!.replace(/<.*$/, "").replace(/\*.*$/, ""));
  expect(rows.length).toBeGreaterThan(15);
  expect(paths.filter((at) => !existsSync(path.join(root, at)))).toEqual([]);
});
