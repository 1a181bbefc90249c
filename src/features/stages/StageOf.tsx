import { GroundStage } from "./ground/draw/GroundStage";
import { PANELS } from "./panels";
import type { StageKey } from "./screen/stages";
import { StageScreen } from "./screen/StageScreen";

/** The screen of a stage. */
export const StageOf = ({ stage }: { stage: StageKey }) =>
  stage === "ground" ? <GroundStage /> : <StageScreen stage={stage} panels={PANELS[stage]} />;
