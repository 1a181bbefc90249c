import { activityOf, isAbout, partOfDay, type Activity } from "@/core/catalogue";
import { sunAt } from "@/core/light";
import { answered } from "../answered";

/** A subject of the outing that keeps hours of its own, and when of the outing's time these are. */
export interface SubjectAbout {
  readonly id: string;
  readonly name: string;
  readonly activity: Activity;
  /** Epoch milliseconds of the stretches of the outing's time that are its hours; none out of its season. */
  readonly stretches: readonly { readonly from: number; readonly until: number }[];
  /** Whether the outing lies in its season. */
  readonly inSeason: boolean;
}

const STEP = 5 * 60_000;
/** Milliseconds over which it is seen whether the sun rises. */
const SOON = 60_000;

/**
 * What of an outing keeps hours of its own, each with the stretches of the outing's time that are these, to five minutes. Twilight by the
 * sun's height (civil, −6°); hours and seasons are common practice.
 */
export const whenAbout = answered(
  ({ outing, window }) => [outing.subjects, outing.ground.anchor, outing.date, window] as const,
  (subjects, anchor, date, { from, until }): readonly SubjectAbout[] => {
    const month = Number(date.slice(5, 7));
    const times = Array.from({ length: Math.floor((until - from) / STEP) + 1 }, (_, i) => from + i * STEP);
    const parts = times.map((at) => {
      const { altitude } = sunAt(at, anchor);
      return partOfDay(altitude, sunAt(at + SOON, anchor).altitude > altitude);
    });
    return subjects.flatMap(({ id, name }) => {
      const activity = activityOf(id);
      if (activity.hours.length === 0) return [];
      const states = parts.map((part) => isAbout(activity, { part, month, latitude: anchor.latitude }));
      const stretches: { from: number; until: number }[] = [];
      states.forEach((state, i) => {
        if (state !== "about") return;
        const last = stretches.at(-1);
        const end = Math.min(until, times[i]! + STEP);
        if (last && last.until === times[i]) last.until = end;
        else stretches.push({ from: times[i]!, until: end });
      });
      return [{ id, name, activity, stretches, inSeason: !states.includes("other-season") }];
    });
  },
);
