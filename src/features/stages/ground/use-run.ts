import { useEffect, useRef, useState } from "react";
import type { Progress } from "@/core/units";
import type { Run } from "@/workers/long-work-client";

export type RunState<T> =
  | { readonly kind: "idle" | "failed" }
  | { readonly kind: "running"; readonly share: number }
  | { readonly kind: "done"; readonly value: T };

type Report = (progress: Progress) => void;

/** A long computation beside the page: begun, reported, stopped, told. It ends with what shows it; a newer one replaces it. */
export function useRun<T>() {
  const [state, setState] = useState<RunState<T>>({ kind: "idle" });
  const run = useRef<Run<unknown>>(undefined);
  useEffect(() => () => run.current?.stop(), []);

  const start = async <Raw>(
    begin: (report: Report) => Promise<Run<Raw>>,
    told: (raw: Raw) => T,
  ): Promise<void> => {
    run.current?.stop();
    setState({ kind: "running", share: 0 });
    // The last report may come after the result: it no longer counts then.
    const mine: Run<Raw> = await begin(({ done, total }) => {
      if (run.current === mine) setState({ kind: "running", share: done / total });
    });
    run.current = mine;
    const result = await mine.result;
    if (run.current !== mine) return;
    run.current = undefined;
    if (result.ok) setState({ kind: "done", value: told(result.value) });
    else setState({ kind: result.reason === "stopped" ? "idle" : "failed" });
  };
  /** Stops what runs, or puts away what was told. */
  const stop = (): void => {
    if (run.current) run.current.stop();
    else setState({ kind: "idle" });
  };
  const fail = (): void => setState({ kind: "failed" });
  return { state, start, stop, fail };
}
