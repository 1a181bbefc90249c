import { proxy, wrap, type Remote } from "comlink";
import type { BriefPlacesInput, BriefScores, SearchInput, SearchProgress, SearchResult } from "@/core/judge";
import { absent, present, type Maybe } from "@/core/units";
import type { runBrief, runSearch } from "./position-search";

export interface Run<Result> {
  readonly result: Promise<Maybe<Result, "stopped" | "no-worker">>;
  /** Ends the worker at once; the result is then "stopped". */
  readonly stop: () => void;
}

type Report = (progress: SearchProgress) => void;
type Doors = Remote<{ runSearch: typeof runSearch; runBrief: typeof runBrief }>;

/** Starts something in a worker of its own, which ends with it. */
function start<Result>(call: (remote: Doors) => Promise<Result>): Run<Result> {
  let worker: Worker | undefined;
  let stop = (): void => undefined;
  const result = new Promise<Maybe<Result, "stopped" | "no-worker">>((resolve) => {
    try {
      worker = new Worker(new URL("./position-search.worker.ts", window.location.href));
    } catch {
      return resolve(absent("no-worker"));
    }
    worker.onerror = () => resolve(absent("no-worker"));
    stop = () => resolve(absent("stopped"));
    call(wrap<{ runSearch: typeof runSearch; runBrief: typeof runBrief }>(worker)).then(
      (found) => resolve(present(found)),
      () => resolve(absent("no-worker")),
    );
  }).finally(() => worker?.terminate());
  return { result, stop: () => stop() };
}

/** Searches for positions. */
export const startSearch = (input: SearchInput, report: Report): Run<SearchResult> =>
  start((remote) => remote.runSearch(input, proxy(report)));

/** Scores every position for every shot. */
export const startBrief = (input: BriefPlacesInput, report: Report): Run<BriefScores> =>
  start((remote) => remote.runBrief(input, proxy(report)));
