export type { Alternative, Event, Lost, Schedule, ScheduleInput } from "./plan";
export {
  coverage,
  type Coverage,
  type CoverageEvent,
  type CoverageInput,
  type Price,
  type Stay,
} from "./coverage";
export { chancesOf, type Uncertain } from "./chances";
export { worthOfShare, shareBetween, type PartWorth } from "./part-worth";
export { coldShare, suppliesOf, type OwnRate, type Supplies, type SuppliesInput } from "./supplies";
export { totalGrams, type Weighed } from "./weight";
export { worthFrom, type Picture, type Worth } from "./worth";
export { inPlaceBy, reschedule, runningOrder, type Shift } from "./solve";
