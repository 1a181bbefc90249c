import { createContext, useContext, type ComponentProps, type ReactNode } from "react";
import { Late } from "../layout/Late";

type Stages = typeof import("../stages/stages");

export const loadStages = (): Promise<Stages> => import("../stages/stages");
/** What computes a new outing comes with the stages, which are opened next anyway. */
export const loadBegin = () => import("../forms/begin");

const StagesContext = createContext<Stages | undefined>(undefined);

/** The stages come as one module, after the list of outings: what they share is loaded once and late. */
export function LateOuting({ id, children }: { id: string; children: ReactNode }) {
  return (
    <Late load={loadStages} waiting="Opening the outing">
      {(stages) => (
        <StagesContext.Provider value={stages}>
          <stages.OutingShell key={id} id={id}>
            {children}
          </stages.OutingShell>
        </StagesContext.Provider>
      )}
    </Late>
  );
}

/** A stage of the outing; only below its layout, where the stages have come. */
export function Stage({ stage }: ComponentProps<Stages["StageOf"]>) {
  const stages = useContext(StagesContext);
  if (!stages) throw new Error("a stage stands outside LateOuting; render it below the outing's layout");
  return <stages.StageOf key={stage} stage={stage} />;
}
