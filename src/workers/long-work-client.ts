import { proxy, wrap, type Remote } from "comlink";
import { absent, present, type Maybe, type Progress } from "@/core/units";
import type { longWork } from "./long-work";

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
  let isOver = false;
  let stop = (): void => undefined;
  const result = new Promise<Maybe<WorkResult<Name>, "stopped" | "no-worker">>((resolve) => {
    try {
      worker = new Worker(new URL("./long-work.worker.ts", window.location.href));
    } catch {
      return resolve(absent("no-worker"));
    }
    worker.onerror = () => resolve(absent("no-worker"));
    stop = () => resolve(absent("stopped"));
    const remote: Remote<Work> = wrap<Work>(worker);
    const call = remote[name] as unknown as (
      input: WorkInput<Name>,
      report: Report,
    ) => Promise<WorkResult<Name>>;
    // What is reported comes by a way of its own, and may come after the result.
    const told = proxy((progress: Progress) => {
      if (!isOver) report(progress);
    });
    call(input, told).then(
      (found) => resolve(present(found)),
      () => resolve(absent("no-worker")),
    );
  }).finally(() => {
    isOver = true;
    worker?.terminate();
  });
  return { result, stop: () => stop() };
}
