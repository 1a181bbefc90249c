import { EMPTY_PRACTICE, newId, type Run } from "@/data";
import { useEditKept, useKept } from "./kept";

/** The runs that are kept; none while they are read, and where they cannot be. */
export function useRuns(): readonly Run[] {
  const { data } = useKept("practice");
  return data?.ok ? data.value.runs : EMPTY_PRACTICE.runs;
}

/** Runs that are kept: the latest of them. */
const MOST = 4000;

/** Keeps a run that is over. */
export function useKeepRun(): (run: Omit<Run, "id">) => Promise<boolean> {
  const edit = useEditKept("practice");
  return (run) => edit((now) => ({ ...now, runs: [...now.runs, { ...run, id: newId() }].slice(-MOST) }));
}
