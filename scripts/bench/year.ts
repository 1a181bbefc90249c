import { performance } from "node:perf_hooks";
import { calendarMarks, comingRound } from "../../src/core/year";
import { evenFrom } from "../../src/core/units";

const SIGHTINGS = 2000;
const RUNS = 21;

/** Milliseconds of the middle run of several. */
function median(run: () => unknown): number {
  const times = Array.from({ length: RUNS }, () => {
    const began = performance.now();
    run();
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b)[(RUNS - 1) / 2]!;
}

/** Years of a place over one another: two thousand sightings as a calendar draws them, and what of them comes round today. */
export function benchYear(): void {
  const even = evenFrom(7);
  const two = (n: number): string => String(n).padStart(2, "0");
  const noted = Array.from({ length: SIGHTINGS }, (_, i) => ({
    id: `s${i}`,
    row: `animal ${Math.floor(12 * even())}`,
    year: 2016 + Math.floor(11 * even()),
    day: 1 + Math.floor(366 * even()),
    on: `${2016 + Math.floor(11 * even())}-${two(1 + Math.floor(12 * even()))}-${two(1 + Math.floor(28 * even()))}`,
    same: `animal ${Math.floor(40 * even())}`,
  }));
  const marks = calendarMarks(noted);
  console.log(
    `a year of a place: ${SIGHTINGS} sightings as ${marks.length} drawn elements in ${median(() => calendarMarks(noted)).toFixed(1)} ms, what comes round in ${median(() => comingRound(noted, "2026-12-01")).toFixed(1)} ms`,
  );
}
