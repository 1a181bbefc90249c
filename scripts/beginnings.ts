/**
 * Begins every outing that the library offers, as the application does, and holds its place against rules drawn by hand:
 * `npm run beginnings`, `-- --search` lists places too, `-- --own` begins each subject at home at noon alone, `-- --fresh` forgets
 * what an earlier run had done. It goes on where it was stopped. The last line counts.
 */
import { fork } from "node:child_process";
import { appendFileSync, existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { availableParallelism } from "node:os";
import path from "node:path";
import { ALL, begin, OWN, searched, type Begun, type Class, type Row } from "./beginnings/begin";

const FILE = path.resolve("reports", "beginnings.jsonl");
const asked = new Set(process.argv.slice(2));
const shard = process.argv.find((a) => a.startsWith("--shard="))?.slice("--shard=".length);

const keyOf = (b: Begun, way: "begin" | "search"): string =>
  [way, b.subjectId, b.venueId, b.bag, b.time, b.latitude].join(" ");

interface Kept {
  readonly key: string;
  readonly row: Row;
}

const kept = (): Kept[] =>
  existsSync(FILE)
    ? readFileSync(FILE, "utf8")
        .split("\n")
        .filter(Boolean)
        .map((line) => JSON.parse(line) as Kept)
    : [];

const todo = (): { readonly key: string; readonly work: () => Row }[] => {
  const begins = asked.has("--own") ? OWN : ALL;
  return [
    ...begins.map((b) => ({ key: keyOf(b, "begin"), work: () => begin(b) })),
    ...(asked.has("--search") ? OWN.map((b) => ({ key: keyOf(b, "search"), work: () => searched(b) })) : []),
  ];
};

/** One worker's share: each row is kept as soon as it is known. */
function work(index: number, of: number): void {
  const done = new Set(kept().map(({ key }) => key));
  todo().forEach(({ key, work: run }, i) => {
    if (i % of !== index || done.has(key)) return;
    appendFileSync(FILE, `${JSON.stringify({ key, row: run() } satisfies Kept)}\n`);
  });
}

function tell(): void {
  const wanted = new Set(todo().map(({ key }) => key));
  const rows = kept().filter(({ key }) => wanted.has(key));
  const count = (c: Class): number => rows.filter(({ row }) => row.class === c).length;
  for (const { key, row } of rows)
    if (row.class !== "good")
      console.log(
        `${row.class.padEnd(10)} ${key.padEnd(60)} ${row.away.toFixed(1).padStart(6)} m  ${row.why}`,
      );
  const bad = (["dangerous", "impossible", "silly", "no place", "said"] as const).map(
    (c) => `${count(c)} ${c}`,
  );
  console.log(`${rows.length} beginnings: ${bad.join(", ")}`);
  process.exitCode = count("dangerous") + count("impossible") + count("no place") > 0 ? 1 : 0;
}

async function all(): Promise<void> {
  mkdirSync(path.dirname(FILE), { recursive: true });
  if (asked.has("--fresh")) rmSync(FILE, { force: true });
  const of = availableParallelism();
  const options = [...asked].filter((a) => a !== "--fresh");
  await Promise.all(
    Array.from(
      { length: of },
      (_, i) =>
        new Promise<void>((done, fail) => {
          const child = fork(process.argv[1]!, [...options, `--shard=${i}/${of}`], {
            execArgv: process.execArgv,
          });
          child.on("exit", (code) => (code === 0 ? done() : fail(new Error(`a worker ended with ${code}`))));
        }),
    ),
  );
  tell();
}

if (shard) {
  const [index, of] = shard.split("/").map(Number);
  work(index!, of!);
} else void all();
