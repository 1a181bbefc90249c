import { adviseMode, type ModeAdvice } from "../exposure";
import type { Zone } from "../ground";
import type { Timeline, TimelinePoint } from "./timeline";

export interface ModeFoundInput {
  readonly timeline: Timeline;
  /** Now, and how far ahead to look, in milliseconds. */
  readonly at: number;
  /** Milliseconds to look ahead, above 0. */
  readonly ahead: number;
  /** EV at ISO 100. */
  readonly ev: number;
  /** Share 0 … 1 of that light that is daylight: a zone's offset is one of the lamps unless it holds for all light. */
  readonly dayShare: number;
  /** Zones that play may reach; their offsets count from the ground at large. */
  readonly zones: readonly Zone[];
}

/** Under this altitude in degrees of the sun falling light is dusk. */
const DUSK = 6;
/** Less than this in stops over the time ahead is no fall: lamps at night are steady. */
const A_CLICK = 1 / 3;

/**
 * Which way of exposing suits the time ahead (common practice): the spread of the light over the zones and over the
 * minutes to come, passing cloud by its two levels. A reading that fades is no swing of the light.
 */
export function modeFor({ timeline, at, ahead, ev, dayShare, zones }: ModeFoundInput): ModeAdvice {
  const coming = timeline.points.filter((p) => p.at >= at && p.at <= at + ahead);
  const inCloud = (p: TimelinePoint): number => (p.evInCloud === undefined ? 0 : p.ev - p.evInCloud);
  const passing = coming.some((p) => inCloud(p) > 1);
  const falling = coming.every((p, i) => i === 0 || p.modelEv <= coming[i - 1]!.modelEv + 1e-6);
  const fall = coming.length > 0 ? coming[0]!.modelEv - coming[coming.length - 1]!.modelEv : 0;
  return adviseMode({
    zoneEvs: zones.map(({ offsetClicks, holdsFor }) => {
      const share = holdsFor === "all" ? 0 : dayShare;
      return ev + Math.log2(share + (1 - share) * 2 ** (offsetClicks / 3));
    }),
    evsAhead: coming.flatMap((p) => [p.modelEv, p.modelEv - inCloud(p)]),
    unpredictable: passing,
    pocketOnly: false,
    pastCeiling: coming.some((p) => p.short > 0),
    intoDusk: !passing && falling && fall >= A_CLICK && coming.some((p) => p.sunAltitude < DUSK),
  });
}
