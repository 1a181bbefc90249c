import type { Settings } from "@/core/exposure";
import type { KeeperGroup, KeeperRow } from "@/core/review";
import type { OutingView } from "@/outing/outing-view";
import type { CameOut, Promised } from "./came-out";

/** One sentence for next time, with the figures that it rests on and what it could become. */
export type Lesson =
  | {
      readonly code: "faster-shutter";
      readonly better: KeeperRow;
      readonly worse: KeeperRow;
      /** The shot whose default it could become. */
      readonly shotId: string;
      readonly settings: Settings;
    }
  | {
      readonly code: "better-place";
      readonly better: KeeperGroup<string>;
      readonly worse: KeeperGroup<string>;
    }
  | {
      readonly code: "light-otherwise";
      /** Stops by which it was brighter than planned. */ readonly stops: number;
      readonly bursts: number;
    }
  | { readonly code: "promise-missed"; readonly shot: Promised }
  | { readonly code: "smear-longer"; readonly times: number; readonly frames: number };

/** Sentences that are told at most. */
const MOST_LESSONS = 3;
/** Stops from which a difference to the plan is worth a sentence (assumed). */
const WORTH_STOPS = 0.5;
/** How much longer than reckoned a smear has to be, and of how many frames, before it is told (assumed). */
const WORTH_SMEAR = { times: 1.25, frames: 3 } as const;

/** The best pair of rows of which the one surely keeps more than the other: their intervals do not touch. */
function parted<Row extends { readonly low: number; readonly high: number; readonly taken: number }>(
  rows: readonly Row[],
): { better: Row; worse: Row } | undefined {
  const better = rows.toSorted((a, b) => b.low - a.low)[0];
  const worse = rows.toSorted((a, b) => a.high - b.high)[0];
  return better && worse && better.low > worse.high ? { better, worse } : undefined;
}

function medianOf(values: readonly number[]): number | undefined {
  return values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)];
}

/** At most three sentences for next time, what matters most first: what was promised and not kept, then what is shown beyond chance. */
export function lessonsOf(view: OutingView, out: CameOut): Lesson[] {
  const lessons: Lesson[] = [];
  const missed = out.shots.find((s) => s.wanted > 0 && s.kept === 0);
  if (missed && out.judged > 0) lessons.push({ code: "promise-missed", shot: missed });
  const shutters = parted(out.byShutter);
  const settings = view.found?.settings.settings;
  if (shutters && settings && shutters.better.click > shutters.worse.click)
    lessons.push({ code: "faster-shutter", ...shutters, shotId: view.shot.id, settings });
  const places = parted(out.by.place.filter((p) => p.key !== "not told"));
  if (places) lessons.push({ code: "better-place", ...places });
  const stops = medianOf(offPlan(view, out));
  if (stops !== undefined && Math.abs(stops) >= WORTH_STOPS)
    lessons.push({ code: "light-otherwise", stops, bursts: out.found.length });
  const times = medianOf(out.smears.map((s) => s.measured / s.budget));
  if (times !== undefined && times >= WORTH_SMEAR.times && out.smears.length >= WORTH_SMEAR.frames)
    lessons.push({ code: "smear-longer", times, frames: out.smears.length });
  return lessons.slice(0, MOST_LESSONS);
}

/** Stops by which the settings of each burst of the shot in hand tell more light than its plan had at the time. */
function offPlan({ timeline, shot }: OutingView, { found }: Pick<CameOut, "found">): number[] {
  const { points } = timeline;
  if (points.length === 0) return [];
  return found
    .filter((f) => f.shotId === shot.id)
    .flatMap(({ at, ev }) => {
      const nearest = points.reduce((a, b) => (Math.abs(b.at - at) < Math.abs(a.at - at) ? b : a));
      return Math.abs(nearest.at - at) > 30 * 60_000 ? [] : [ev - nearest.ev];
    });
}
