import { useEffect } from "react";
import { StageScreen } from "../../screen/StageScreen";
import { DRAWING } from "./panels";
import { useDrawing } from "./use-drawing";
import { GROUND } from "../panels";

/** The Ground stage: what is seen from where, or the ground as it is drawn on. Who leaves the stage has ended drawing. */
export function GroundStage() {
  const drawing = useDrawing((s) => s.on);
  useEffect(() => () => useDrawing.getState().stop(), []);
  return (
    <StageScreen
      stage="ground"
      panels={drawing ? DRAWING : GROUND}
      {...(drawing && { title: "Draw the ground" })}
    />
  );
}
