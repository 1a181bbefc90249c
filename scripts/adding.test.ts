import { spawnSync } from "node:child_process";
import { cpSync, mkdirSync, mkdtempSync, readFileSync, symlinkSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";

const root = path.resolve(__dirname, "..");

/** What a step of the guide does to a file. */
interface Step {
  readonly file: string;
  readonly how: "new" | "before" | "behind" | "in place of";
  readonly at: string;
  readonly text: string;
}

const STEP =
  /^(?:New file `([^`]+)`|In `([^`]+)`, (before the line with|behind the words|in place of) `(.+)`):\n\n```(?:tsx?|text)\n([\s\S]*?)\n```$/gm;

const HOW = {
  "before the line with": "before",
  "behind the words": "behind",
  "in place of": "in place of",
} as const;

const steps = [...readFileSync(path.join(root, "docs/adding.md"), "utf8").matchAll(STEP)].map(
  ([, fresh, file, how, at, text]): Step =>
    fresh
      ? { file: fresh, how: "new", at: "", text: `${text}\n` }
      : { file: file!, how: HOW[how as keyof typeof HOW], at: at!, text: text! },
);

/** The file once the step was done to it; a place that the guide names and the file has not, or has twice, fails. */
function done({ file, how, at, text }: Step, before: string): string {
  const parts = before.split(at);
  if (how === "in place of" || how === "behind") {
    expect([file, at, parts.length]).toEqual([file, at, 2]);
    return parts.join(how === "behind" ? `${at}${text}` : text);
  }
  const lines = before.split("\n");
  const line = lines.findIndex((one) => one.includes(at));
  expect([file, at, line >= 0]).toEqual([file, at, true]);
  return lines.toSpliced(line, 0, text).join("\n");
}

const NEEDED =
  "src test demo server public scripts app package.json jest.config.js babel.config.js babel-direct-imports.js tsconfig.json";

test("a subject, a venue, a thing, a panel and a drill are added as the guide has it, and the tests of all of them hold", () => {
  const copy = mkdtempSync(path.join(tmpdir(), "bright-perch-adding-"));
  for (const name of NEEDED.split(" "))
    cpSync(path.join(root, name), path.join(copy, name), { recursive: true });
  symlinkSync(path.join(root, "node_modules"), path.join(copy, "node_modules"));
  expect(steps.length).toBeGreaterThan(25);
  for (const step of steps) {
    const at = path.join(copy, step.file);
    mkdirSync(path.dirname(at), { recursive: true });
    writeFileSync(at, step.how === "new" ? step.text : done(step, readFileSync(at, "utf8")));
  }
  const own = steps.map(({ file }) => file).filter((file) => /\.test\.tsx?$/.test(file));
  const wanted = [
    ...new Set([...own, "src/core/catalogue/rows.test.ts", "src/core/ground/venues/venues.test.ts"]),
  ];
  expect(own.length).toBeGreaterThanOrEqual(6);
  const report = path.join(copy, "report.json");
  spawnSync(
    process.execPath,
    [
      path.join(root, "node_modules/jest/bin/jest.js"),
      "-i",
      "--json",
      "--outputFile",
      report,
      "--",
      ...wanted,
    ],
    { cwd: copy, stdio: "ignore" },
  );
  const { testResults, numPassedTests } = JSON.parse(readFileSync(report, "utf8")) as {
    numPassedTests: number;
    testResults: { name: string; status: string; message: string }[];
  };
  expect(testResults.filter((one) => one.status !== "passed").map((one) => one.message)).toEqual([]);
  expect(testResults).toHaveLength(wanted.length);
  expect(numPassedTests).toBeGreaterThan(10);
}, 300_000);
