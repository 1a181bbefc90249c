import {
  briefPlaces,
  searchPositions,
  type BriefPlacesInput,
  type BriefScores,
  type SearchInput,
  type SearchProgress,
  type SearchResult,
} from "@/core/judge";

type Report = (progress: SearchProgress) => void;

/** Runs to the end and reports on the way. Nothing here knows that it runs in a worker. */
function run<Result>(work: Generator<SearchProgress, Result, void>, report: Report): Result {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    report(step.value);
  }
}

export const runSearch = (input: SearchInput, report: Report): SearchResult =>
  run(searchPositions(input), report);

export const runBrief = (input: BriefPlacesInput, report: Report): BriefScores =>
  run(briefPlaces(input), report);
