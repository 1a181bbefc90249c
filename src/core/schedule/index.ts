export type { Alternative, Event, Lost, Schedule, ScheduleInput, Visit as Stop } from "./plan";
export { coverage, type Coverage, type CoverageEvent, type CoverageInput, type Price } from "./coverage";
export { coldShare, suppliesOf, type OwnRate, type Supplies, type SuppliesInput } from "./supplies";
export { worthFrom, type Picture, type Worth } from "./worth";
export { inPlaceBy, reschedule, runningOrder, type Shift } from "./solve";
