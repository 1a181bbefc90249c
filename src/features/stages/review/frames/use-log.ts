import { useEffect } from "react";
import { judgedSeries } from "@/outing/frames/judged";
import type { MatchedBurst } from "@/outing/frames/matched";
import { countJudged, logWithJudged } from "@/outing/edits";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";

/** Milliseconds of rest after which what was judged is counted: not with every mark. */
const AT_REST = 1200;

/** Counts what was judged in the outing's log, once the hand rests: so every panel that asks for keepers agrees. */
export function useLogOfJudged(bursts: readonly MatchedBurst[]): void {
  const { store, change } = useOpenOuting();
  const log = useOuting((v) => v.outing.log);
  useEffect(() => {
    if (bursts.length === 0) return;
    const timer = setTimeout(() => {
      const { outing } = store.getState().view;
      const judged = judgedSeries(bursts);
      if (logWithJudged(outing.log, judged) !== outing.log) void change(countJudged(judged));
    }, AT_REST);
    return () => clearTimeout(timer);
  }, [bursts, log, store, change]);
}
