import { useState } from "react";
import { z } from "zod";
import type { Run } from "@/data";
import { useKeepRun } from "../store/practice";

const leftSchema = z.object({
  seed: z.number(),
  by: z.string().max(40),
  tries: z.array(z.number()).max(60),
  told: z.array(z.string().max(40)).max(60),
});
type Left = z.infer<typeof leftSchema>;

const keyOf = (drill: Run["drill"]): string => `practice/${drill}`;

/** A run that was left before its end: it is taken up where it was. */
function recall(drill: Run["drill"]): Left | undefined {
  try {
    return leftSchema.safeParse(JSON.parse(localStorage.getItem(keyOf(drill)) ?? "null")).data;
  } catch {
    return undefined;
  }
}

function remember(drill: Run["drill"], left: Left | undefined): void {
  try {
    if (left) localStorage.setItem(keyOf(drill), JSON.stringify(left));
    else localStorage.removeItem(keyOf(drill));
  } catch {
    // A full store keeps no half run; the one on the screen goes on.
  }
}

const fresh = (by: string): Left => ({
  seed: Math.floor(Math.random() * 0xffffffff),
  by,
  tries: [],
  told: [],
});

/** A run of a drill: its tries as they come, kept when it is over, left and taken up. */
export function useDrill(drill: Run["drill"], count: number, by = "") {
  const [run, setRun] = useState<Left>(() => recall(drill) ?? fresh(by));
  const keep = useKeepRun();
  const isOver = run.tries.length >= count;
  const set = (next: Left): void => {
    setRun(next);
    remember(drill, next.tries.length > 0 && next.tries.length < count ? next : undefined);
  };
  return {
    seed: run.seed,
    by: run.by,
    tries: run.tries,
    /** What each try was of, in its own words. */
    told: run.told,
    isOver,
    /** A try with what it missed by. */
    add: (missed: number, of = ""): void => {
      if (isOver) return;
      const next = { ...run, tries: [...run.tries, missed], told: [...run.told, of] };
      set(next);
      if (next.tries.length === count)
        void keep({
          drill,
          ...(run.by && { by: run.by }),
          at: Date.now(),
          seed: run.seed,
          tries: next.tries,
        });
    },
    /** Begins anew, with what follows or is asked. */
    again: (anew = run.by): void => set(fresh(anew)),
  };
}

export type Drill = ReturnType<typeof useDrill>;
