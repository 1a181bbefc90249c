import { useAskable } from "./askable";
import { GroundStage } from "./ground/draw/GroundStage";
import { PANELS } from "./panels";
import type { StageKey } from "./screen/stages";
import { StageScreen } from "./screen/StageScreen";

/** The screen of a stage. */
export function StageOf({ stage }: { stage: StageKey }) {
  useAskable(stage);
  return stage === "ground" ? <GroundStage /> : <StageScreen stage={stage} panels={PANELS[stage]} />;
}
