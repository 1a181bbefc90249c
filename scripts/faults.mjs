// What is done to the product so that it would lose or leak something: the long run, or with "short" the one of every check.
import { run } from "./prepare.mjs";

const short = process.argv[2] === "short";
const tsx = "node_modules/tsx/dist/cli.mjs";
const RUNS = [
  ["broken files", [tsx, "scripts/faults/files.ts", short ? "300" : "10000"]],
  ["tabs over an unsteady storage", [tsx, "scripts/faults/tabs.ts", short ? "5" : "200"]],
  ["a hostile client", ["scripts/faults/server.mjs", short ? "100" : "2000"]],
  ["kills of the browser", ["scripts/faults/kills.mjs", short ? "3" : "30"]],
];

let failed = 0;
for (const [name, args] of RUNS) {
  console.log(`# ${name}`);
  if (run("node", args) !== 0) failed++;
}
console.log(`${RUNS.length - failed} of ${RUNS.length} kinds of fault lose and leak nothing`);
process.exit(failed === 0 ? 0 : 1);
