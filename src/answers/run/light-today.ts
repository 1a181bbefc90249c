import { timeline } from "@/core/judge";
import { sourceOf, sourceOffset, takenAt, type DayTaken, type Reading } from "@/core/light";
import { lightPlanOf, type Outing } from "@/data";
import { answered } from "../answered";

/** The light of the day as it was measured, where it is not the light that was planned. */
export interface LightOff {
  readonly source: "day" | "lamps";
  /** Clicks by which it is brighter than planned; below 0 darker, never 0. */
  readonly clicks: number;
  /** Since when it was measured so, epoch milliseconds, and by how many readings one after the other. */
  readonly since: number;
  readonly readings: number;
  /** The last of them, epoch milliseconds. */
  readonly last: number;
  /** What puts it into everything. */
  readonly taken: NonNullable<DayTaken["day"]>;
}

/** The same, with what it does to the shot in hand. */
export interface LightToday extends LightOff {
  /**
   * Epoch milliseconds from which the ISO passes its ceiling for the shot in hand, as planned and as the light is today: the first after
   * the last reading, absent where it does not.
   */
  readonly ceiling: { readonly planned?: number; readonly today?: number };
}

/** Milliseconds between two looks at the light: a ceiling is told to its own second all the same. */
const STEP = 15 * 60_000;

/** Thirds of a stop by which the source of a reading was off what the outing took it to be then. */
const clicksOff = (reading: Reading, taken: DayTaken | undefined): number =>
  Math.round(3 * (sourceOffset(reading) - takenAt(reading.at, taken)[sourceOf(reading)])) + 0;

/** The last readings of one source that all say brighter, or all darker, than the outing takes it to be. */
function lastRun({ readings, taken }: Outing["light"]): readonly Reading[] {
  const inOrder = readings.toSorted((a, b) => a.at - b.at);
  const last = inOrder.at(-1);
  if (!last) return [];
  const way = Math.sign(clicksOff(last, taken));
  const ofSource = inOrder.filter((r) => sourceOf(r) === sourceOf(last));
  const before = ofSource.findLastIndex((r) => Math.sign(clicksOff(r, taken)) !== way);
  return way === 0 ? [] : ofSource.slice(before + 1);
}

const middle = (values: readonly number[]): number => {
  const sorted = values.toSorted((a, b) => a - b);
  return (sorted[Math.floor((sorted.length - 1) / 2)]! + sorted[Math.ceil((sorted.length - 1) / 2)]!) / 2;
};

/** Whether the day's light is the one that was planned, by what was read of it; nothing where it is, or nothing was read. */
export const lightOff = answered(
  ({ outing }) => [outing.light] as const,
  (light): LightOff | undefined => {
    const run = lastRun(light);
    const last = run.at(-1);
    if (!last) return undefined;
    const since = run[0]!.at;
    return {
      source: sourceOf(last),
      clicks: Math.round(middle(run.map((r) => clicksOff(r, light.taken)))),
      since,
      readings: run.length,
      last: last.at,
      taken: { at: since, stops: Math.max(-6, Math.min(6, middle(run.map(sourceOffset)))) },
    };
  },
);

/** The same, with when the ceiling breaks: two courses of the light, so it is asked once the hand rests. */
export const lightToday = answered(
  (view) => [lightOff(view), view.outing, view.asked, view.position, view.window] as const,
  (off, outing, asked, position, window): LightToday | undefined => {
    if (!off) return undefined;
    const { source, taken, last } = off;
    const ceilingOf = (light: Outing["light"]): number | undefined => {
      if (!asked || !position || last >= window.until) return undefined;
      const { points, moments } = timeline({
        ...asked,
        position,
        ground: outing.ground,
        light: lightPlanOf({ ...outing, light }),
        from: last,
        until: window.until,
        step: STEP,
      });
      if ((points[0]?.short ?? 0) > 0) return last;
      return moments.find((m) => m.code === "past-ceiling")?.at;
    };
    const planned = { ...outing.light, readings: [] };
    return {
      ...off,
      ceiling: {
        planned: ceilingOf(planned),
        today: ceilingOf({ ...planned, taken: { ...planned.taken, [source]: taken } }),
      },
    };
  },
);
