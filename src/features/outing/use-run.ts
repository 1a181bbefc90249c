import { useEffect, useRef, useState } from "react";
import type { Run, WorkInput, WorkName, WorkResult } from "@/workers/long-work-client";

export type RunState<T> =
  | { readonly kind: "idle" | "failed" }
  | { readonly kind: "running"; readonly share: number }
  | { readonly kind: "done"; readonly value: T };

/** A long computation beside the page: begun, reported, stopped, told. It ends with what shows it; a newer one replaces it. */
export function useRun<T>() {
  const [state, setState] = useState<RunState<T>>({ kind: "idle" });
  const run = useRef<Run<unknown>>(undefined);
  useEffect(() => () => run.current?.stop(), []);

  const start = async <Name extends WorkName>(
    name: Name,
    input: WorkInput<Name>,
    told: (raw: WorkResult<Name>) => T,
  ): Promise<void> => {
    run.current?.stop();
    setState({ kind: "running", share: 0 });
    const { startWork } = await import("@/workers/long-work-client");
    // What a newer run has replaced reports to nobody.
    const mine: Run<WorkResult<Name>> = startWork(name, input, ({ done, total }) => {
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
