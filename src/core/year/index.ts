export { calendarMarks, dayOfYear, OTHERS, YEAR_DAYS, type CalendarMark, type DayNoted } from "./calendar";
export { comingRound, type ComingRound, type Noted } from "./coming-round";
export { activityByHour, type HourOfActivity, type Presence } from "./activity";
export { lightWindows, type LightWindow, type LightWindowsInput } from "./light-windows";
