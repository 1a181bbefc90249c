import { shutterSeconds, type Settings } from "@/core/exposure";
import { readingOffset } from "@/core/light";
import { choiceOf, windowOf, type Outing } from "@/data";
import { plannedShots } from "../review/frames/planned";
import { countedIn } from "@/outing/counted";
import type { OutingView } from "@/outing/outing-view";

/** An outing of a place as it is set beside another. */
export interface Beside {
  readonly outing: Outing;
  /** EV at ISO 100 on its first shot when it was to start, as it was planned. */
  readonly ev?: number;
  /** Stops by which its readings were brighter than the plan, on the mean; absent without one. */
  readonly brighter?: number;
  readonly readings: number;
  readonly taken: number;
  readonly kept: number;
  /** Minutes that it lasted. */
  readonly minutes: number;
  readonly shots: readonly {
    readonly name: string;
    /** Name of its position. */
    readonly position?: string;
    readonly settings?: Settings;
    /** Seconds. */
    readonly exposure?: number;
    readonly taken: number;
    readonly kept: number;
  }[];
}

/** What an outing was: light, counts, settings, positions. */
export function besideOf(view: OutingView): Beside {
  const { outing } = view;
  const planned = plannedShots(view);
  const offsets = outing.light.readings.map(readingOffset);
  const { from, until } = windowOf(outing);
  const ev = planned.find((p) => p.found)?.found?.light.ev;
  return {
    outing,
    ...(ev !== undefined && { ev }),
    ...(offsets.length > 0 && { brighter: offsets.reduce((a, b) => a + b, 0) / offsets.length }),
    readings: offsets.length,
    ...countedIn(outing.log),
    minutes: (until - from) / 60_000,
    shots: outing.shots.map((shot) => {
      const plan = planned.find((p) => p.id === shot.id);
      const series = outing.log.filter((s) => s.shotId === shot.id);
      // What was used says more than what was planned.
      const used = series.toSorted((a, b) => b.taken - a.taken)[0]?.settings ?? plan?.settings;
      const position = outing.ground.positions.find(
        (p) => p.id === choiceOf(outing, shot.id)?.positionId,
      )?.name;
      return {
        name: shot.name,
        ...(position !== undefined && { position }),
        ...(used && { settings: used, exposure: shutterSeconds(used.shutter) }),
        ...countedIn(series),
      };
    }),
  };
}
