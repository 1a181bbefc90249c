import { createContext, useContext } from "react";
import { useStore } from "zustand";
import type { Assessment } from "@/core/judge";
import type { OutingView } from "@/outing/outing-view";
import type { ChangeOuting, OpenOuting, OutingState } from "./outing-store";

export const OpenOutingContext = createContext<OpenOuting | undefined>(undefined);

/** The open outing and what can be done to it; the same object as long as it is open. Only inside `OutingProvider`. */
export function useOpenOuting(): OpenOuting {
  const open = useContext(OpenOutingContext);
  if (!open) throw new Error("an outing is read outside OutingProvider; render it below the outing's layout");
  return open;
}

/** A part of the outing as it is looked at. Drawn anew when that part changes and not otherwise. */
export const useOuting = <T>(select: (view: OutingView) => T): T =>
  useStore(useOpenOuting().store, (state) => select(state.view));

/** A part of the picture in hand. Only in a panel that applies while there is one. */
export const useFound = <T>(select: (found: Assessment, view: OutingView) => T): T =>
  useOuting((view) => {
    if (!view.found) throw new Error("a panel reads the picture and there is none; say so in its `when`");
    return select(view.found, view);
  });

/** Makes a change of the outing: it shows at once, passes the schema and is kept. */
export const useCommit = (): ChangeOuting => useOpenOuting().change;

/** Whether what was changed is kept. */
export const useSaving = (): Pick<OutingState, "failure" | "refused"> => {
  const { store } = useOpenOuting();
  const failure = useStore(store, (s) => s.failure);
  const refused = useStore(store, (s) => s.refused);
  return { failure, refused };
};
