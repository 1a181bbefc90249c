import { create } from "zustand";
import { weightsFor, type ScoreCode, type Weights } from "@/core/judge";
import type { Intent } from "@/core/scene";

interface ChangedWeights {
  /** Weights that were changed, by intent; those that are not here are the usual ones. */
  readonly changed: Readonly<Partial<Record<Intent, Weights>>>;
  readonly set: (intent: Intent, code: ScoreCode, weight: number) => void;
  readonly reset: (intent: Intent) => void;
}

/** What counts how much in a search, for as long as the page lives. */
export const useWeights = create<ChangedWeights>((set) => ({
  changed: {},
  set: (intent, code, weight) =>
    set(({ changed }) => ({
      changed: { ...changed, [intent]: { ...(changed[intent] ?? weightsFor(intent)), [code]: weight } },
    })),
  reset: (intent) =>
    set(({ changed }) => {
      const { [intent]: _, ...rest } = changed;
      return { changed: rest };
    }),
}));
