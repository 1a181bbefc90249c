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
export { clearSkyLuminance, evFromLuminance, type SkyDirection } from "./clear-sky";
export { faceLight } from "./face-shade";
export { intensityToward, readLampFile, type LampFile, type LampFileFault } from "./lm63";
export { moonAt, moonlightLux, NIGHT_FLOOR_LUX, type Moon } from "./moon";
export { groundLux, lampLuxOnSubject, type PointLamp, type PointLampInput } from "./point-lamps";
