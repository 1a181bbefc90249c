import { isAbout, PARTS_OF_DAY, type Activity, type PartOfDay } from "@/core/catalogue";

/** When something is about in the north: at which parts of the day, and in which months 1 … 12. */
export interface ActivityDrawn {
  /** Absent for what keeps no hours of its own. */
  readonly day?: readonly { readonly part: PartOfDay; readonly isAbout: boolean }[];
  readonly year: readonly { readonly month: number; readonly isAbout: boolean }[];
}

const NORTH = { latitude: 50 };
const MONTHS = Array.from({ length: 12 }, (_, i) => i + 1);

/** An activity part by part and month by month. */
export const activityDrawn = (activity: Activity): ActivityDrawn => ({
  ...(activity.hours.length > 0 && {
    day: PARTS_OF_DAY.map((part) => ({ part, isAbout: activity.hours.includes(part) })),
  }),
  year: MONTHS.map((month) => ({
    month,
    isAbout: isAbout({ ...activity, hours: [] }, { ...NORTH, part: "day", month }) === "about",
  })),
});
