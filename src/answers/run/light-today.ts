import { timeline } from "@/core/judge";
import { sourceOf, sourceOffset, takenAt, type DayTaken, type Reading } from "@/core/light";
import { lightPlanOf, type Outing } from "@/data";
import { answered } from "../answered";

/** The light of the day as it was measured, where it is not the light that was planned. */
export interface LightToday {
  readonly source: "day" | "lamps";
  /** Clicks by which it is brighter than planned; below 0 darker, never 0. */
  readonly clicks: number;
  /** Since when it was measured so, epoch milliseconds, and by how many readings one after the other. */
  readonly since: number;
  readonly readings: number;
  /** What puts it into everything. */
  readonly taken: NonNullable<DayTaken["day"]>;
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
export const lightToday = answered(
  ({ outing, asked, position, window }) => [outing, asked, position, window] as const,
  (outing, asked, position, window): LightToday | undefined => {
    const run = lastRun(outing.light);
    const last = run.at(-1);
    if (!last) return undefined;
    const source = sourceOf(last);
    const { taken } = outing.light;
    const clicks = Math.round(middle(run.map((r) => clicksOff(r, taken))));
    const since = run[0]!.at;
    const stops = Math.max(-6, Math.min(6, middle(run.map(sourceOffset))));
    const found = { at: since, stops };
    const ceilingOf = (light: Outing["light"]): number | undefined => {
      if (!asked || !position || last.at >= window.until) return undefined;
      const course = { ground: outing.ground, from: last.at, until: window.until, step: STEP };
      const { points, moments } = timeline({
        ...asked,
        ...course,
        position,
        light: lightPlanOf({ ...outing, light }),
      });
      if ((points[0]?.short ?? 0) > 0) return last.at;
      return moments.find((m) => m.code === "past-ceiling")?.at;
    };
    const planned = { ...outing.light, readings: [] };
    return {
      source,
      clicks,
      since,
      readings: run.length,
      taken: found,
      ceiling: {
        planned: ceilingOf(planned),
        today: ceilingOf({ ...planned, taken: { ...taken, [source]: found } }),
      },
    };
  },
);
