import type { LightToday } from "@/answers/run/light-today";
import type { DayTaken } from "@/core/light";
import { stopsNoun } from "./format";

type Source = keyof DayTaken;

const SOURCE: Readonly<Record<Source, string>> = { day: "Daylight is", lamps: "The lamps are" };

const offWords = (clicks: number): string => `${stopsNoun(clicks)} ${clicks < 0 ? "under" : "over"}`;

/** "Daylight is 2/3 stop under the plan since 15:10; the ISO passes its ceiling from 17:20, not from 17:45." */
export function lightTodayWords(
  { source, clicks, since, ceiling: { planned, today } }: LightToday,
  wall: (at: number) => string,
): string {
  const is = `${SOURCE[source]} ${offWords(clicks)} the plan since ${wall(since)}`;
  if (planned === today || (planned && today && wall(planned) === wall(today)))
    return today ? `${is}; the ISO passes its ceiling from ${wall(today)} all the same.` : `${is}.`;
  if (!today) return `${is}; so the ISO stays within its ceiling, planned past it from ${wall(planned!)}.`;
  return `${is}; the ISO passes its ceiling from ${wall(today)}${planned ? `, not from ${wall(planned)}` : ""}.`;
}

/** What was put into everything: "Planned with daylight 2/3 stop under". */
export const lightTakenWords = (source: Source, clicks: number): string =>
  `Planned with ${source === "day" ? "daylight" : "the lamps"} ${offWords(clicks)}`;

/** What the plan holds of it: "Daylight taken 2/3 stop under since 15:10". */
export const takenWords = (taken: DayTaken, wall: (at: number) => string): string[] =>
  (["day", "lamps"] as const).flatMap((source) => {
    const found = taken[source];
    const clicks = Math.round(3 * (found?.stops ?? 0));
    if (!found || clicks === 0) return [];
    return `${source === "day" ? "Daylight" : "Lamps"} taken ${offWords(clicks)} since ${wall(found.at)}`;
  });
