import { performance } from "node:perf_hooks";
import { evenFrom } from "../../src/core/units";
import { soughtUnder, SUBJECTS } from "../../src/core/catalogue";
import { matching } from "../../src/ui/controls/matching";
import { meant } from "../../src/ui/controls/slips";

const ENTRIES = 1000;
const RUNS = 41;

/** Milliseconds of the middle run, and of the slowest. */
function timed(run: (i: number) => unknown): { readonly median: number; readonly most: number } {
  const times = Array.from({ length: RUNS }, (_, i) => {
    const began = performance.now();
    run(i);
    return performance.now() - began;
  }).sort((a, b) => a - b);
  return { median: times[(RUNS - 1) / 2]!, most: times.at(-1)! };
}

/** A letter of a word left out. */
const slipped = (word: string, at: number): string => word.slice(0, at) + word.slice(at + 1);

/** A thousand entries of the library's own words, searched as one types: as written, then with slips of the finger. */
export function benchSearch(): void {
  const even = evenFrom(11);
  const items = Array.from({ length: ENTRIES }, (_, i) => {
    const { id, name, group } = SUBJECTS[i % SUBJECTS.length]!;
    return { key: `${id} ${i}`, title: `${name} ${i}`, detail: group, words: soughtUnder(id) };
  });
  const words = items
    .map(({ title }) => title.split(" ")[0]!)
    .filter((word) => word.length > 4)
    .map((word) => slipped(word, 2 + Math.floor(even() * (word.length - 3))));
  const plain = timed((i) => matching(items, items[(17 * i) % ENTRIES]!.title));
  const first = performance.now();
  meant(items, words[0]!);
  const made = performance.now() - first;
  const slips = timed((i) => meant(items, words[(13 * i) % words.length]!));
  const ms = ({ median, most }: typeof plain): string =>
    `${median.toFixed(1)} ms (at most ${most.toFixed(1)})`;
  console.log(
    `search over ${ENTRIES} entries: as written ${ms(plain)}, with a slip ${ms(slips)}; its index is made once in ${made.toFixed(1)} ms`,
  );
}
