import { searchPositions, type SearchInput, type SearchProgress, type SearchResult } from "@/core/judge";

/** Runs a search to its end and reports as it goes. Nothing here knows that it runs in a worker. */
export function runSearch(input: SearchInput, report: (progress: SearchProgress) => void): SearchResult {
  const walk = searchPositions(input);
  for (;;) {
    const step = walk.next();
    if (step.done) return step.value;
    report(step.value);
  }
}
