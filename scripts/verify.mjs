// Installs what is missing and passes every check. The last line counts them: "N passed, N failed".
import { spawn } from "node:child_process";
import { existsSync, mkdirSync, openSync, readFileSync, rmSync } from "node:fs";
import path from "node:path";
import { chromium, install, root, run } from "./prepare.mjs";

const total = { passed: 0, failed: 0 };
const begun = Date.now();
/** How long all has taken by now, for a line of the report: a check that grows too long is seen in it. */
const sinceStart = () => `${Math.round((Date.now() - begun) / 1000)} s`;
const reports = path.join(root, "reports");
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });

const count = (passed, failed) => {
  total.passed += passed;
  total.failed += failed;
};

function finish() {
  console.log(`${total.passed} passed, ${total.failed} failed`);
  process.exit(total.failed === 0 && total.passed > 0 ? 0 : 1);
}

/** A step that is one check: its exit code decides. */
function check(name, code) {
  console.log(`${code === 0 ? "ok    " : "FAILED"} ${name} (by ${sinceStart()})`);
  count(code === 0 ? 1 : 0, code === 0 ? 0 : 1);
  return code === 0;
}

/** A runner's own count; a runner that fails or leaves no report counts as failed even when no test did. */
function counted(name, code, file, read) {
  const report = path.join(reports, file);
  const counts = existsSync(report)
    ? read(JSON.parse(readFileSync(report, "utf8")))
    : { passed: 0, failed: 0 };
  const silent = code !== 0 && counts.failed === 0 ? 1 : 0;
  console.log(
    `${code === 0 ? "ok    " : "FAILED"} ${name}: ${counts.passed} passed, ${counts.failed + silent} failed (by ${sinceStart()})`,
  );
  count(counts.passed, counts.failed + silent);
}

/** Titles of the tests of a report that failed once and passed then. */
const secondTries = (suites) =>
  suites.flatMap(({ specs = [], suites: inner = [] }) => [
    ...specs.filter((s) => s.tests.some((t) => t.status === "flaky")).map((s) => s.title),
    ...secondTries(inner),
  ]);

/** Types and then the build, on one core, while the other looks the code over; answers their exit code once they are done. */
function typesAndBuild() {
  const log = openSync(path.join(reports, "build.log"), "a");
  const both = "npm run --silent typecheck && node scripts/build-beside.mjs";
  const child = spawn("sh", ["-c", both], { cwd: root, stdio: ["ignore", log, log] });
  const done = new Promise((resolve) => {
    child.on("exit", (code) => resolve(code ?? 1));
    child.on("error", () => resolve(1));
  });
  return async () => {
    const code = await done;
    if (code !== 0) console.log(readFileSync(path.join(reports, "build.log"), "utf8"));
    return code;
  };
}

if (!check("packages", install())) finish();
const built = typesAndBuild();
check("lint", run("npm", ["run", "--silent", "lint"]));
check("format", run("npm", ["run", "--silent", "format:check"]));
check("layers", run("npm", ["run", "--silent", "layers"]));
check("every public function shown or counted", run("npm", ["run", "--silent", "untold"]));
check("dead code", run("npm", ["run", "--silent", "dead"]));

const jest = run("npx", ["jest", "--silent", "--json", "--outputFile", "reports/jest.json"]);
counted("unit tests", jest, "jest.json", (r) => ({
  passed: r.numPassedTests,
  failed: r.numFailedTests + r.numRuntimeErrorTestSuites,
}));

if (check("types and build", await built()) && check("browser", chromium())) {
  // A second try is for a machine that is too busy; what needs one is named, and looked into.
  const code = run("npx", ["playwright", "test", "--retries=1", "--reporter=line,json"], {
    env: { PLAYWRIGHT_JSON_OUTPUT_NAME: "reports/playwright.json" },
  });
  counted("browser tests", code, "playwright.json", (r) => {
    for (const name of secondTries(r.suites)) console.log(`passed at the second try alone: ${name}`);
    return { passed: r.stats.expected + r.stats.flaky, failed: r.stats.unexpected };
  });
  check("faults lose and leak nothing", run("node", ["scripts/faults.mjs", "short"]));
}
finish();
