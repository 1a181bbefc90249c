export {
  angleBetween,
  asBearing,
  cosDeg,
  sinDeg,
  tanDeg,
  toDegrees,
  toRadians,
  turnBetween,
  type Radians,
} from "./angles";
export { absent, present, type Absent, type Maybe, type Present } from "./absence";
export { alongCourse } from "./along-course";
export { evenFrom } from "./even-from";
export { firstTrue } from "./first-true";
export type { ReasonWith } from "./reason";
export { SOURCES, type SourceId } from "./sources";
export type { Progress } from "./progress";
export { METER_CONSTANTS, MIDDLE_REFLECTANCE } from "./meter-constants";
export { linearOf, luminanceOfLinear } from "./srgb";
export type { Unit } from "./formula";
