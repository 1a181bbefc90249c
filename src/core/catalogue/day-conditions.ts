/** What makes a day one for which things are packed. */
export const DAY_CONDITIONS = [
  "heat",
  "cold",
  "rain",
  "wet-deck",
  "dark-hall",
  "night",
  "damp-forest",
  "dust",
  "snow-slope",
  "boat",
  "hide",
  "alone",
] as const;
export type DayCondition = (typeof DAY_CONDITIONS)[number];
