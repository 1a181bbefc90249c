export type { OutingChange, Part, RecordChange, Thing } from "./changes";
export { wilsonInterval, type Interval } from "./interval";
export { clusteredInterval, type ClusteredShare, type JudgedBurst } from "./clustered";
export {
  keepersBy,
  keepersByKey,
  slowestThatKeeps,
  type KeeperGroup,
  type KeeperRow,
  type Series,
} from "./keepers";
export {
  panSpreadFrom,
  trackingResidualFrom,
  type Estimate,
  type PannedFrame,
  type TrackedFrame,
} from "./hands";
export { chiSquareRatio, studentT } from "./quantiles";
export { Z_95 } from "./interval";
export { acceptedFrom, type KeptAt } from "./accepted";
export { paceFrom, type Walked } from "./walked";
export { zoneOffsetsFrom, type ZoneFinding } from "./zones";
export { pressesOf, stemOf, type Capture, type PictureFile } from "./capture";
export { burstsOf, type Burst } from "./bursts";
export {
  clockByPicture,
  clockByTag,
  clockByTwo,
  clocksAgreeing,
  trueTime,
  type Agreement,
  type ClockSet,
  type DayTold,
} from "./clock";
export {
  matchBursts,
  type Certainty,
  type DayEvent,
  type Found,
  type Match,
  type MatchInput,
  type PlannedShot,
  type TimedBurst,
} from "./matching";
export { sharpnessOf, type Pixels } from "./sharpness";
export { smearBetween, type SmearMeasured, type Tap } from "./smear";
