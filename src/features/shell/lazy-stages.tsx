import { createContext, useContext, type ReactNode } from "react";
import { Late } from "./late";

type Stages = typeof import("../stages");

const loadStages = (): Promise<Stages> => import("../stages");
/** What computes a new outing comes with the stages, which are opened next anyway. */
export const loadNewOuting = async () => (await loadStages()).newOuting;

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

/** Below the outing's layout the stages have come. */
function useStages(): Stages {
  const stages = useContext(StagesContext);
  if (!stages) throw new Error("a stage stands outside LateOuting; render it below the outing's layout");
  return stages;
}

type StageName = "Brief" | "Ground" | "Frame" | "Expose" | "Run" | "Review";

const late = (name: StageName) =>
  function LateStage() {
    const Screen = useStages()[`${name}Screen`];
    return <Screen />;
  };

export const LateBrief = late("Brief");
export const LateGround = late("Ground");
export const LateFrame = late("Frame");
export const LateExpose = late("Expose");
export const LateRun = late("Run");
export const LateReview = late("Review");
