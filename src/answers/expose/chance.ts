import { keeperCurve, type KeeperPoint } from "@/core/judge";
import { chanceFromLog } from "@/core/motion";
import { keepersBy, type KeeperRow } from "@/core/review";
import { shutterNearest } from "@/core/exposure";
import { keptBefore } from "@/outing/learnt/kept-before";
import type { OutingView } from "@/outing/outing-view";
import { answered } from "../answered";
import { instant } from "./instant";

/** Clicks either side of the shutter found that the curve shows. */
const AROUND = 9;
/** Clicks of the shutters that are offered beside it. */
const OFFERED = [-3, -1, 1, 3];

/** How often a frame holds, at the shutters about the one found. */
export interface Chance {
  readonly curve: readonly KeeperPoint[];
  /** The point of the shutter found. */
  readonly here: KeeperPoint;
  /** What a click and a stop either way buy. */
  readonly offered: readonly KeeperPoint[];
  /** One's own count of this shot by shutter, within the curve. */
  readonly counted: readonly KeeperRow[];
  /** Share 0 … 1 of its instant that a burst alone holds; absent where the shot has no instant, or the body no rate. */
  readonly instant?: number;
  /** One's own count at the shutter found, on other outings too where that is in use, and the chance 0 … 1 with it. */
  readonly mine?: { readonly kept: number; readonly taken: number; readonly chance: number };
}

/** The chance of a keeper by shutter; nothing while there is no picture. */
export const chance = answered(
  (view) =>
    [view.input, view.found, view.outing, view.shot, view.preferences.learnt, instant(view)?.held] as const,
  (input, found, { id: outingId, log }, shot, learnt, held): Chance | undefined => {
    if (!input || !found) return undefined;
    const { shutter } = found.settings.settings;
    const { first, last } = found.settings.rails.shutter;
    const from = Math.max(first, Math.min(shutter - AROUND, last - 2 * AROUND));
    const to = Math.min(last, from + 2 * AROUND);
    const curve = keeperCurve(input, found, { from, to });
    const here = curve.find((p) => p.shutter === shutter);
    if (!here) return undefined;
    const rows = keepersBy(
      "shutter",
      log.filter((s) => s.shotId === shot.id),
    );
    const today = rows.find((row) => row.click === shutter);
    const before = keptBefore(learnt, shot, shutter, outingId);
    const own = { taken: before.taken + (today?.taken ?? 0), kept: before.kept + (today?.kept ?? 0) };
    return {
      curve,
      here,
      offered: OFFERED.flatMap((by) => curve.find((p) => p.shutter === shutter + by) ?? []),
      counted: rows.filter((row) => row.click >= from && row.click <= to),
      ...(held === undefined ? {} : { instant: held }),
      ...(own.taken > 0 ? { mine: { ...own, chance: chanceFromLog(here.chance, own) } } : {}),
    };
  },
);

/** Seconds that somebody asks about, the shutter nearest to it that the camera has in clicks, and how often a frame holds there. */
export interface ChanceAsked {
  readonly shutter: number;
  readonly chance: number;
  readonly part: string;
}

/** How often the picture in hand holds at a shutter of so many seconds, above 0; nothing while there is none. */
export function chanceAt({ input, found }: OutingView, seconds: number): ChanceAsked | undefined {
  if (!input || !found) return undefined;
  const { first, last } = found.settings.rails.shutter;
  const shutter = Math.min(last, Math.max(first, shutterNearest(seconds)));
  const [point] = keeperCurve(input, found, { from: shutter, to: shutter });
  return point && { shutter, chance: point.chance, part: found.motion.held.name };
}
