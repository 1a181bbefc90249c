import { createContext, useContext, useEffect, useState, type ReactNode } from "react";
import { Message } from "@/ui/controls/Message";

type Stages = typeof import("../stages");

const StagesContext = createContext<Stages | undefined>(undefined);

/** Below the outing's layout the stages have come. */
function useStages(): Stages {
  const stages = useContext(StagesContext);
  if (!stages) throw new Error("a stage stands outside LateOuting; render it below the outing's layout");
  return stages;
}

/**
 * The stages come as one module, after the list of shoots: what they share is loaded once and late. Loaded by hand and
 * not by Suspense, which would hold the first picture back for a third of a second.
 */
export function LateOuting({ id, children }: { id: string; children: ReactNode }) {
  const [stages, setStages] = useState<Stages>();
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    import("../stages").then(setStages, () => setFailed(true));
  }, []);
  if (failed)
    return (
      <Message
        tone="danger"
        title="The stages could not be loaded"
        body="The network or the server is gone. Load the page again; your outings are safe in this browser."
      />
    );
  if (!stages) return <Message title="Opening the outing" />;
  return (
    <StagesContext.Provider value={stages}>
      <stages.OutingShell key={id} id={id}>
        {children}
      </stages.OutingShell>
    </StagesContext.Provider>
  );
}

export function LateGround() {
  const stages = useStages();
  return <stages.GroundScreen />;
}

export function LateExpose() {
  const stages = useStages();
  return <stages.ExposeScreen />;
}

export function LateRun() {
  const stages = useStages();
  return <stages.RunScreen />;
}
