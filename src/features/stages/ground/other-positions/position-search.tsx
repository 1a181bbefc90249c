import { createContext, useContext, type ReactNode } from "react";
import { isStale, searchOf, spanOf, type FoundCandidates } from "@/answers/ground/other-positions";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useRun, type RunState } from "../../../outing/use-run";

interface PositionSearch {
  readonly state: RunState<FoundCandidates>;
  readonly start: () => void;
  /** Stops a running search, or puts a found one away. */
  readonly stop: () => void;
}

const PositionSearchContext = createContext<PositionSearch | undefined>(undefined);

/** The search for candidates, shared by the plan that shows it and the list that starts it. Only inside its provider. */
export function usePositionSearch(): PositionSearch {
  const search = useContext(PositionSearchContext);
  if (!search) throw new Error("usePositionSearch needs a PositionSearchProvider above it");
  return search;
}

export function PositionSearchProvider({ children }: { children: ReactNode }) {
  const { store } = useOpenOuting();
  const { state, start: begin, stop, fail } = useRun<FoundCandidates>();

  const start = async (): Promise<void> => {
    const asked = store.getState().view;
    const input = searchOf(asked);
    if (!input) return fail();
    await begin("search", input, ({ heat, list }) => ({
      shotId: input.shot.id,
      at: asked.at,
      step: input.step,
      heat,
      list,
      input,
      span: spanOf(asked),
    }));
  };
  // What was found for another question is not shown as if it held now; it speaks of the whole span, not of a minute.
  const stale = useOuting((v) => state.kind === "done" && isStale(state.value, v));
  return (
    <PositionSearchContext.Provider
      value={{ state: stale ? { kind: "idle" } : state, start: () => void start(), stop }}
    >
      {children}
    </PositionSearchContext.Provider>
  );
}
