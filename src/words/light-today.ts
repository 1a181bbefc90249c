import type { LightToday } from "@/answers/run/light-today";
import type { DayTaken } from "@/core/light";
import { stopsNoun } from "./format";

type Source = keyof DayTaken;

const SOURCE: Readonly<Record<Source, string>> = { day: "Daylight", lamps: "Lamps" };

const offWords = (clicks: number): string => `${stopsNoun(clicks)} ${clicks < 0 ? "under" : "over"}`;

/** "Daylight 2/3 stop under the plan since 15:10; past the ISO ceiling from 17:20, not 17:45." */
export function lightTodayWords(
  { source, clicks, since, ceiling: { planned, today } }: LightToday,
  wall: (at: number) => string,
): string {
  const is = `${SOURCE[source]} ${offWords(clicks)} the plan since ${wall(since)}`;
  if (planned === undefined && today === undefined) return `${is}.`;
  if (today === undefined)
    return `${is}; within the ISO ceiling after all, planned past it from ${wall(planned!)}.`;
  const past = `${is}; past the ISO ceiling from ${wall(today)}`;
  if (planned === undefined) return `${past}.`;
  return wall(planned) === wall(today) ? `${past}, as planned.` : `${past}, not ${wall(planned)}.`;
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
