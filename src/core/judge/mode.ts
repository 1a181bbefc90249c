import { adviseMode, type ModeAdvice } from "../exposure";
import type { LightSpread, ZoneLight } from "./light-spread";
import type { Timeline, TimelinePoint } from "./timeline";

export interface ModeFoundInput {
  readonly timeline: Timeline;
  /** Now, and how far ahead to look, in milliseconds. */
  readonly at: number;
  /** Milliseconds to look ahead, above 0. */
  readonly ahead: number;
  /** The light over the ground of play now, and in each of its zones. */
  readonly spread: LightSpread;
  readonly zones: readonly ZoneLight[];
}

/** Under this altitude in degrees of the sun falling light is dusk. */
const DUSK = 6;
/** Less than this in stops over the time ahead is no fall: lamps at night are steady. */
const A_CLICK = 1 / 3;

/**
 * Which way of exposing suits the time ahead (common practice): the spread of the light over the ground, its
 * zones and standing shadows, and over the minutes to come, passing cloud by its two levels. A reading that fades is no swing of the light.
 */
export function modeFor({ timeline, at, ahead, spread, zones }: ModeFoundInput): ModeAdvice {
  const coming = timeline.points.filter((p) => p.at >= at && p.at <= at + ahead);
  const inCloud = (p: TimelinePoint): number => (p.evInCloud === undefined ? 0 : p.ev - p.evInCloud);
  const passing = coming.some((p) => inCloud(p) > 1);
  const falling = coming.every((p, i) => i === 0 || p.modelEv <= coming[i - 1]!.modelEv + 1e-6);
  const fall = coming.length > 0 ? coming[0]!.modelEv - coming[coming.length - 1]!.modelEv : 0;
  return adviseMode({
    zoneEvs: [...zones.map((z) => z.ev), ...spread.evs],
    shadowClicks: spread.edge ?? 0,
    evsAhead: coming.flatMap((p) => [p.modelEv, p.modelEv - inCloud(p)]),
    unpredictable: passing,
    pocketOnly: spread.pocket,
    pastCeiling: coming.some((p) => p.short > 0),
    intoDusk: !passing && falling && fall >= A_CLICK && coming.some((p) => p.sunAltitude < DUSK),
  });
}
