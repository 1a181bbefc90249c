export { CALIBRATION } from "./calibration";
export { airMass, clearHorizontalLux, daylight, type Daylight, type DaylightInput } from "./daylight";
export { FIELD_LAMP_LUX, lampsAlight, uprightShare, type LampClass, type Lamps } from "./lamps";
export { offsetsFrom, readingOffset, type LightOffsets, type Reading } from "./reading";
export { shadedBy, shadowLength, shadowOutline, skyOpenness } from "./shade";
export {
  cylinderShare,
  evFromLux,
  lightSide,
  luxFromEv,
  subjectLight,
  type LightSide,
  type SubjectLight,
  type SubjectLightInput,
} from "./subject-light";
export { nextSunset, skyPhase, sunAt, type SkyPhase, type Sun } from "./sun";
