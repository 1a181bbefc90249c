export { apertureValue, evOfSettings, speedValue, stopsBetween, timeValue, type ExactSettings } from "./apex";
export {
  marksOf,
  onHalfStops,
  readMark,
  snapToMark,
  type HalfStops,
  type Mark,
  type ScaleStep,
  type SnapInput,
} from "./scales";
export { noiseOf, nominalCrop, type Noise, type NoiseInput } from "./noise";
export {
  apertureFNumber,
  apertureMark,
  apertureNearest,
  apertureNoNarrower,
  apertureNoWider,
  clampClick,
  evOfClicks,
  exactSettings,
  isoMark,
  isoNearest,
  isoNoHigher,
  isoSpeed,
  SCALE,
  shutterMark,
  shutterNearest,
  shutterNoSlower,
  shutterSeconds,
  type Rail,
  type Settings,
  type ShutterMark,
} from "./marks";
export { isoFollowing, ledgerBalance, lightClicks, lostStops } from "./ledger";
export type {
  EndReason,
  LedgerLine,
  LostLight,
  RailState,
  Sacrifice,
  Solution,
  SolveInput,
  Surplus,
} from "./solution";
export { changed, solveSettings } from "./solve";
export { waysOut, type WayOut } from "./ways";
export {
  equalExposures,
  findStops,
  neighbours,
  stopsTogether,
  type FindStopsInput,
  type StopSource,
  type StopsTogether,
} from "./find-stops";
export { whyDark, type WayExposed, type WhyDark } from "./why-dark";
export {
  adviseMode,
  autoIso,
  autoIsoReach,
  meterCompensation,
  neutralDensityStops,
  sceneContrast,
  stopsOfAdvice,
  toneAdvice,
  type AutoIso,
  type AutoIsoInput,
  type ModeAdvice,
  type ModeInput,
  type ToneAdvice,
  type ToneChoice,
  type ToneInput,
} from "./meter";
