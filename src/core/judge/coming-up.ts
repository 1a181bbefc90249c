import type { Settings } from "../exposure";
import type { Moment, Timeline, TimelinePoint } from "./timeline";

/** Something that will ask for a hand: a break of a limit, or settings that differ, with what to set then. */
export interface Coming {
  /** Epoch milliseconds; a change of settings is told to the timeline's step, a break to the second. */
  readonly at: number;
  readonly code: Moment["code"] | "settings";
  readonly settings: Settings;
  /** The step of the timeline whose settings these are, epoch milliseconds: that of the change, or the first after it. */
  readonly step: number;
}

const same = (a: Settings, b: Settings): boolean =>
  a.shutter === b.shutter && a.aperture === b.aperture && a.iso === b.iso;

/** What changes after an instant, the nearest first: the next moments, and the first other settings. At most `most`. */
export function comingUp(
  { points, moments }: Timeline,
  from: { readonly at: number; readonly settings: Settings },
  most: number,
): Coming[] {
  const later = points.filter((p) => p.at > from.at);
  const stepFrom = (at: number) => later.find((p) => p.at >= at) ?? later[later.length - 1] ?? from;
  const ahead: Coming[] = moments
    .filter((b) => b.at > from.at)
    .map((b) => {
      const { at: step, settings } = stepFrom(b.at);
      return { at: b.at, code: b.code, settings, step };
    });
  const other: TimelinePoint | undefined = later.find((p) => !same(p.settings, from.settings));
  if (other) ahead.push({ at: other.at, code: "settings", settings: other.settings, step: other.at });
  return ahead.sort((a, b) => a.at - b.at).slice(0, most);
}
