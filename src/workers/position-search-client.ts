import { proxy, wrap } from "comlink";
import type { SearchInput, SearchProgress, SearchResult } from "@/core/judge";
import { absent, present, type Maybe } from "@/core/units";
import type { runSearch } from "./position-search";

export interface SearchRun {
  readonly result: Promise<Maybe<SearchResult, "stopped" | "no-worker">>;
  /** Ends the worker at once; the result is then "stopped". */
  readonly stop: () => void;
}

/** Starts a search in a worker of its own, which ends with it. */
export function startSearch(input: SearchInput, report: (progress: SearchProgress) => void): SearchRun {
  let worker: Worker | undefined;
  let stop = (): void => undefined;
  const result = new Promise<Maybe<SearchResult, "stopped" | "no-worker">>((resolve) => {
    try {
      worker = new Worker(new URL("./position-search.worker.ts", window.location.href));
    } catch {
      return resolve(absent("no-worker"));
    }
    worker.onerror = () => resolve(absent("no-worker"));
    stop = () => resolve(absent("stopped"));
    const remote = wrap<{ runSearch: typeof runSearch }>(worker);
    remote.runSearch(input, proxy(report)).then(
      (found) => resolve(present(found)),
      () => resolve(absent("no-worker")),
    );
  }).finally(() => worker?.terminate());
  return { result, stop: () => stop() };
}
