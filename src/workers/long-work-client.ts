import { proxy, wrap } from "comlink";
import { absent, present, type Maybe, type Progress } from "@/core/units";
import type { longWork } from "./long-work";
import { failureOf, readyWorker } from "./ready-worker";

export interface Run<Result> {
  readonly result: Promise<Maybe<Result, "stopped" | "no-worker">>;
  /** Ends the worker at once; the result is then "stopped". */
  readonly stop: () => void;
}

type Report = (progress: Progress) => void;
type Work = typeof longWork;
export type WorkName = keyof Work;
export type WorkInput<Name extends WorkName> = Parameters<Work[Name]>[0];
export type WorkResult<Name extends WorkName> = ReturnType<Work[Name]>;

/** Starts something in a worker of its own, which ends with it. */
export function startWork<Name extends WorkName>(
  name: Name,
  input: WorkInput<Name>,
  report: Report,
): Run<WorkResult<Name>> {
  let worker: Worker | undefined;
  const over = new AbortController();
  const work = async (): Promise<Maybe<WorkResult<Name>, "no-worker">> => {
    const started = await readyWorker(
      () => new Worker(new URL("./long-work.worker.ts", window.location.href)),
      over.signal,
    );
    worker = started;
    const call = wrap<Work>(started)[name] as unknown as (
      input: WorkInput<Name>,
      report: Report,
    ) => Promise<WorkResult<Name>>;
    // What is reported comes by a way of its own, and may come after the result.
    const told = proxy((progress: Progress) => {
      if (!over.signal.aborted) report(progress);
    });
    return present(await Promise.race([call(input, told), failureOf(started)]));
  };
  const stopped = new Promise<Maybe<never, "stopped">>((resolve) => {
    over.signal.addEventListener("abort", () => resolve(absent("stopped")));
  });
  const result = Promise.race([work().catch(() => absent("no-worker")), stopped]).finally(() => {
    over.abort();
    worker?.terminate();
  });
  return { result, stop: () => over.abort() };
}
