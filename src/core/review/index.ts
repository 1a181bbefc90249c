export type { OutingChange, Part, RecordChange, Thing } from "./changes";
export {
  keepersBy,
  slowestThatKeeps,
  wilsonInterval,
  type Interval,
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
export { zoneOffsetsFrom, type ZoneFinding } from "./zones";
