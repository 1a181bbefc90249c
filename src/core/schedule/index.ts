export type { Alternative, Event, Lost, Schedule, ScheduleInput, Stop } from "./plan";
export { inPlaceBy, reschedule, runningOrder, type Shift } from "./solve";
