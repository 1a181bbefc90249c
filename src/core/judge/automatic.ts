import { autoIso, autoIsoReach, meterCompensation, type AutoIso } from "../exposure";
import type { Assessment } from "./assessment";
import type { Timeline, TimelinePoint } from "./timeline";

export interface AutomaticInput {
  readonly found: Assessment;
  /** Reflectance 0 … 1 of what fills the frame: snow 0.85, a dark crowd 0.06. */
  readonly reflectance: number;
  /** Compensation set on the camera in clicks. */
  readonly compensation: number;
}

/** What an automatic ISO makes of a picture. */
export interface Automatic extends AutoIso {
  /** Clicks by which the picture comes out too bright (+) or too dark (−): what the meter was misled by, and what floor or ceiling cut. */
  readonly pictureOff: number;
  /** Compensation in clicks that makes up for what fills the frame. */
  readonly advised: number;
  /** EV on the subject above which the automatic stands at its floor and pictures come out too bright. */
  readonly floorEv: number;
  /** EV on the subject below which it stands at its ceiling and pictures come out too dark. */
  readonly ceilingEv: number;
  /** Its bounds in clicks. */
  readonly isoFloor: number;
  /** Clicks. */
  readonly isoCeiling: number;
}

/** What an automatic ISO will choose at the found shutter and aperture, with the meter misled by what fills the frame. */
export function predictAutoIso({ found, reflectance, compensation }: AutomaticInput): Automatic {
  const { settings, rails } = found.settings;
  const { shutter, aperture } = settings;
  const bounds = { isoFloor: rails.iso.from, isoCeiling: rails.iso.to };
  // The meter looks through the lens: what is lost on the way it does not see.
  const lost = found.settings.lostStops;
  const misled = meterCompensation(reflectance) - lost;
  const ev = found.light.ev;
  const chosen = autoIso({ shutter, aperture, meteredEv: ev + misled, compensation, ...bounds });
  const right = Math.round(shutter + aperture - 3 * (ev - lost));
  const { floorEv, ceilingEv } = autoIsoReach({ shutter, aperture, compensation, ...bounds });
  return {
    ...chosen,
    ...bounds,
    pictureOff: chosen.iso - right,
    advised: Math.round(3 * meterCompensation(reflectance)),
    floorEv: floorEv - misled,
    ceilingEv: ceilingEv - misled,
  };
}

/** A moment at which the automatic meets one of its bounds, or comes back from it. */
export interface AutomaticMoment {
  /** Epoch milliseconds; between two points of the timeline the light is taken as going evenly. */
  readonly at: number;
  readonly code: "auto-at-floor" | "auto-off-floor" | "auto-at-ceiling" | "auto-off-ceiling";
}

/** When the light passes the bounds of an automatic, along the timeline. */
export function automaticMoments(
  { points }: Timeline,
  { floorEv, ceilingEv }: Pick<Automatic, "floorEv" | "ceilingEv">,
): AutomaticMoment[] {
  const crossings = (ev: number, up: AutomaticMoment["code"], down: AutomaticMoment["code"]) =>
    points.slice(1).flatMap((now, i): AutomaticMoment[] => {
      const before = points[i]!;
      if (before.ev > ev === now.ev > ev) return [];
      return [{ at: instantBetween(before, now, ev), code: now.ev > ev ? up : down }];
    });
  return [
    ...crossings(floorEv, "auto-at-floor", "auto-off-floor"),
    ...crossings(ceilingEv, "auto-off-ceiling", "auto-at-ceiling"),
  ].sort((a, b) => a.at - b.at);
}

const instantBetween = (a: TimelinePoint, b: TimelinePoint, ev: number): number =>
  Math.round(a.at + ((b.at - a.at) * (ev - a.ev)) / (b.ev - a.ev));
