export type { DrillName } from "./run/drill";
export { measuredRun, type Measured } from "./run/measured";
export {
  isFastEnough,
  panBearing,
  panError,
  panRate,
  panSeconds,
  type PanReading,
  type PanTask,
} from "./pan/pan";
export {
  jumpHeight,
  keptAlone,
  keptByBurst,
  MOMENTS,
  momentWaits,
  type MomentBurst,
  type MomentKind,
} from "./moment/moment";
export { stopsQuestion, type Rails, type StopsKind, type StopsQuestion } from "./stops/stops";
export { lightBias, type LightBias, type LightGuess } from "./light/light";
export { BLUR_CAUSES, blurQuestion, softenedBy, type BlurCause, type BlurQuestion } from "./blur/blur";
export { standLoss, standQuestion, type StandOption } from "./stand/stand";
