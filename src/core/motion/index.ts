export {
  blurBudget,
  blurLengthUm,
  covarianceOf,
  diffractionLimit,
  principalAxes,
  slowestExposure,
  unmendedBy,
  type BlurBudget,
  type BlurInput,
  type BlurSource,
  type Covariance,
  type Unmended,
  movingUmPerSecond,
  stillLengthUm,
} from "./blur-budget";
export {
  chanceFromLog,
  keeperChance,
  speedSpread,
  steadyChance,
  type KeeperChance,
  type KeeperInput,
} from "./chance";
export {
  bodyMotion,
  imageSpeedUm,
  partSpeed,
  USUAL_HANDS,
  type BodyMotion,
  type Hands,
  type Technique,
} from "./image-motion";
export {
  GRAVITY,
  imageVelocityOnPath,
  panOnPath,
  smearOnPath,
  stateOnPath,
  type PanTurn,
  type Path,
  type PathState,
} from "./path";
export { rollingShutterLeanMm, type RollingShutterInput } from "./rolling-shutter";
export { imageVelocity, project, type Camera, type OnSensor } from "./projection";
export { HAND_SHAKE, shakeUmPerSecond } from "./shake";
export {
  BODY_PART,
  FIGURES,
  partsOf,
  creatureOf,
  isFalling,
  headOf,
  widthSeen,
  type Creature,
  type Silhouette,
  type PartClass,
  type Stature,
  type Subject,
  type SubjectPart,
} from "./subject";
export { keptVerdict, type KeptVerdict } from "./kept-verdict";
export { PART_TOLERANCE, toleranceUm, type ToleranceKind } from "./tolerance";
export {
  betweenFrames,
  burstRun,
  chanceToHold,
  focusDrift,
  focusedAt,
  preBurstSeconds,
  takeOffSpeed,
  topOfJump,
  type BurstInput,
  type BurstRun,
} from "./burst";
export {
  flickerBands,
  flickerSwing,
  swingInStops,
  modulationFromFrames,
  type Bands,
  type FlickerInput,
} from "./flicker";
export {
  exposureForStreak,
  panDepthBlurUm,
  panKeeperChance,
  panPicture,
  streakLength,
  panRate,
  worstRateChange,
  type PanInput,
  type PanPicture,
  type Pass,
} from "./pan";
export { stemSway } from "./stem-sway";
