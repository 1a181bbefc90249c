import { adviseMode, autoIso, meterCompensation, type AutoIso, type ModeAdvice } from "../exposure";
import type { Zone } from "../ground";
import type { Assessment } from "./assessment";
import type { Timeline } from "./timeline";

export interface ModeFoundInput {
  readonly timeline: Timeline;
  /** Now, and how far ahead to look, in milliseconds. */
  readonly at: number;
  readonly ahead: number;
  readonly ev: number;
  /** Share 0 … 1 of that light that is daylight: a zone's offset is one of the lamps. */
  readonly dayShare: number;
  /** Zones that play may reach; their offsets count from the ground at large. */
  readonly zones: readonly Zone[];
}

/**
 * Which way of exposing suits the time ahead (common practice): the spread of the light over the zones and over the
 * minutes to come, passing cloud by its two levels.
 */
export function modeFor({ timeline, at, ahead, ev, dayShare, zones }: ModeFoundInput): ModeAdvice {
  const coming = timeline.points.filter((p) => p.at >= at && p.at <= at + ahead);
  return adviseMode({
    zoneEvs: zones.map((z) => ev + Math.log2(dayShare + (1 - dayShare) * 2 ** (z.offsetClicks / 3))),
    evsAhead: coming.flatMap((p) => (p.evInCloud === undefined ? [p.ev] : [p.ev, p.evInCloud])),
    unpredictable: coming.some((p) => p.evInCloud !== undefined && p.ev - p.evInCloud > 1),
    pocketOnly: false,
  });
}

export interface AutomaticInput {
  readonly found: Assessment;
  /** Reflectance 0 … 1 of what fills the frame: snow 0.8, a dark crowd 0.06. */
  readonly reflectance: number;
  /** Compensation set on the camera in clicks. */
  readonly compensation: number;
}

/** What an automatic ISO will choose at the found shutter and aperture, with the meter misled by what fills the frame. */
export function predictAutoIso({ found, reflectance, compensation }: AutomaticInput): AutoIso {
  const { settings, rails } = found.settings;
  return autoIso({
    shutter: settings.shutter,
    aperture: settings.aperture,
    meteredEv: found.light.ev.value + meterCompensation(reflectance),
    compensation,
    isoFloor: rails.iso.from,
    isoCeiling: rails.iso.to,
  });
}
