import type { Settings } from "@/core/exposure";
import { apertureNearest, isoNearest, shutterNearest } from "@/core/exposure";
import type { Outing } from "@/data";
import type { Frame } from "@/data/schema/frame";
import type { MatchedBurst } from "./matched";

type Series = Outing["log"][number];

/** The settings of a frame on our scales; undefined where its file tells less than all three. */
export function settingsOf({ exposureTime, fNumber, iso }: Frame): Settings | undefined {
  if (exposureTime === undefined || fNumber === undefined || iso === undefined) return undefined;
  return {
    shutter: shutterNearest(exposureTime),
    aperture: apertureNearest(fNumber),
    iso: isoNearest(iso),
  };
}

/** Kept is what was marked so; what is perhaps counts for no keeper. */
const isKept = ({ mark }: Frame): boolean => mark === "keep";
export const isJudged = ({ mark }: Frame): boolean => mark !== undefined;

/** Series that may come of frames: the rest of a log is counted by hand. */
const MOST = 300;
const MOST_BURSTS = 2000;

/**
 * What was judged as series of the log, by shot and settings: of bursts all of whose frames were judged, never of keepers alone. Where
 * ISO by itself makes too many, it is that of the first.
 */
export function judgedSeries(bursts: readonly MatchedBurst[]): Series[] {
  const whole = bursts.filter((b) => b.shotId !== undefined && b.frames.every(isJudged));
  const byAll = grouped(whole, ({ shutter, aperture, iso }) => `${shutter} ${aperture} ${iso}`);
  return byAll.length <= MOST ? byAll : grouped(whole, ({ shutter }) => String(shutter)).slice(0, MOST);
}

function grouped(bursts: readonly MatchedBurst[], keyOf: (settings: Settings) => string): Series[] {
  const found = new Map<string, { settings: Settings; shotId: string; bursts: [number, number][] }>();
  for (const { frames, shotId } of bursts) {
    const settings = settingsOf(frames[0]!);
    if (!settings) continue;
    const key = `${shotId} ${keyOf(settings)}`;
    const own = found.get(key) ?? { settings, shotId: shotId!, bursts: [] };
    own.bursts.push([frames.length, frames.filter(isKept).length]);
    found.set(key, own);
  }
  return [...found.values()].map(({ bursts: all, ...rest }, i) => ({
    id: `frames-${i}`,
    ...rest,
    taken: all.reduce((sum, [taken]) => sum + taken, 0),
    kept: all.reduce((sum, [, kept]) => sum + kept, 0),
    bursts: all.slice(0, MOST_BURSTS),
  }));
}
