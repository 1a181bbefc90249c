import { useState, type ReactNode } from "react";
import { createStore } from "zustand/vanilla";
import type { Outing } from "@/data";
import { createAssessments } from "@/outing/assessments";
import { createViews } from "@/outing/outing-view";
import { fitSelection } from "@/outing/selection";
import type { OutingState } from "./outing-store";
import { OpenOutingContext, useOpenOuting } from "./use-outing";

/** Draws what is below over another outing, looked at as the open one is; nothing of it is kept. */
export function LookedAt({ outing, children }: { outing: Outing; children: ReactNode }) {
  const open = useOpenOuting();
  const [over] = useState(() => {
    const { view, ...state } = open.store.getState();
    const { kit, preferences, library, now } = view;
    const selection = fitSelection(outing, view.selection);
    const viewOf = createViews(createAssessments());
    const store = createStore<OutingState>(() => ({
      ...state,
      view: viewOf({ outing, kit, preferences, library, now, selection }),
    }));
    return { ...open, store };
  });
  return <OpenOutingContext.Provider value={over}>{children}</OpenOutingContext.Provider>;
}
