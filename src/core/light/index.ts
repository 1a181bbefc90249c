export {
  airMass,
  clearHorizontalLux,
  daylight,
  overGround,
  underCover,
  type Daylight,
  type DaylightInput,
} from "./daylight";
export {
  LAMP_LUX,
  lampLuxOf,
  lampsAlight,
  uprightShare,
  type LampClass,
  type LampKind,
  type Lamps,
} from "./lamps";
export {
  offsetsFrom,
  readEv,
  readingOffset,
  sourceOf,
  sourceOffset,
  takenAt,
  type DayTaken,
  type LightOffsets,
  type Reading,
  type SourceTaken,
  type SkySteadiness,
} from "./reading";
export { shadedBy, shadowLength, shadowOutlines } from "./shade";
export { skyLeft, type SkyLeft, type SkyOf } from "./sky-left";
export { skySide, type SkySideInput } from "./sky-side";
export { cylinderShare, litShare, sphereShare, upwardTilt, type Direction, type Form } from "./form";
export {
  NAMED_LIGHT,
  moonDay,
  sunDay,
  type MoonDay,
  type NamedLight,
  type SunDay,
  type SunDayInput,
  type SunEvent,
  type SunEventCode,
} from "./events";
export { ownShadowFalls, ownShadowOutline, type OwnShadowInput } from "./own-shadow";
export { passingCloud, type PassingCloud } from "./passing-cloud";
export { shadeOverDay, type ShadeStretch, type SpotLight, type SpotShadeInput } from "./spot-shade";
export { shadeOverYear, type YearOfShadeInput } from "./shade-over-year";
export { windowLux, type WindowLightInput } from "./window-light";
export { likeAgain, type LikeAgainInput, type LikeThis } from "./like-again";
export { sunCourse } from "./sun-course";
export { GROUND_REFLECTANCE } from "./surface";
export {
  evFromLux,
  lightSide,
  luxFromEv,
  subjectLight,
  totalLux,
  type LightSide,
  type SubjectLight,
  type SubjectLightInput,
} from "./subject-light";
export { nextSunset, skyPhase, sunAt, type SkyPhase, type Sun } from "./sun";
export { clearSkyLuminance, evFromLuminance, relativeLuminance, type SkyDirection } from "./clear-sky";
export { faceLight } from "./face-shade";
export { intensityToward, readLampFile, type LampFile, type LampFileFault } from "./lm63";
export { moonAt, moonDaylight, moonlightLux, NIGHT_FLOOR_LUX, type Moon } from "./moon";
export {
  candelaToward,
  groundLux,
  lampLuxOnSubject,
  type AimedLamp,
  type PointLamp,
  type PointLampInput,
} from "./point-lamps";
export { placeGains, type PlaceGains } from "./place-gains";
export {
  meterPixels,
  pictureSays,
  rightMedianOf,
  type PictureMetered,
  type PictureSays,
} from "./picture-reading";
