export type { Alternative, Event, Lost, Schedule, ScheduleInput, Visit as Stop } from "./plan";
export { inPlaceBy, reschedule, runningOrder, type Shift } from "./solve";
