export {
  blurBudget,
  diffractionLimit,
  slowestExposure,
  type BlurBudget,
  type BlurInput,
  type BlurSource,
} from "./blur-budget";
export { bodyMotion, partSpeed, TRACKING_RESIDUAL, type BodyMotion, type Technique } from "./image-motion";
export { imageVelocity, project, type Camera, type OnSensor } from "./projection";
export { HAND_SHAKE, shakeUmPerSecond } from "./shake";
export { BODY_PART, partsOf, type PartClass, type Subject, type SubjectPart } from "./subject";
export { blurVerdict, PART_TOLERANCE, toleranceUm, type BlurVerdict, type ToleranceKind } from "./tolerance";
export {
  burstRun,
  chanceToHold,
  focusDrift,
  takeOffSpeed,
  topOfJump,
  type BurstInput,
  type BurstRun,
} from "./burst";
export { flickerStops, flickerSwing, type FlickerInput } from "./flicker";
export {
  exposureForStreak,
  panPicture,
  panRate,
  panRateChange,
  worstRateChange,
  type PanInput,
  type PanPicture,
  type Pass,
} from "./pan";
