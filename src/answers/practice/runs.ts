import { measuredRun, type Measured } from "@/core/practice";
import type { Run } from "@/data";

/** A run of a drill with what it says. */
export interface RunMeasured {
  readonly run: Run;
  readonly measured: Measured;
}

/** Drills whose tries should be nothing at all: their spread is about zero. */
const ABOUT_ZERO: readonly Run["drill"][] = ["pan", "stops", "light", "blur", "stand"];

/** What the tries of a drill say. */
export const measuredOf = (drill: Run["drill"], tries: readonly number[]): Measured | undefined => {
  const found = measuredRun(tries, ABOUT_ZERO.includes(drill) ? "zero" : "mean");
  return found.ok ? found.value : undefined;
};

/** The runs of a drill over the weeks, the oldest first. */
export const runsOf = (runs: readonly Run[], drill: Run["drill"]): RunMeasured[] =>
  runs
    .filter((run) => run.drill === drill)
    .toSorted((a, b) => a.at - b.at)
    .flatMap((run) => {
      const measured = measuredOf(drill, run.tries);
      return measured ? [{ run, measured }] : [];
    });
