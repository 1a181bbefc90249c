import {
  evOfClicks,
  sceneContrast,
  toneAdvice,
  type Settings,
  type ToneAdvice,
  type ToneChoice,
} from "../exposure";
import { evFromLux, faceLight } from "../light";
import type { AssessInput, Assessment } from "./assessment";
import { sightOf } from "./sight-of";
import type { Timeline } from "./timeline";

/** Sun against shade on one subject: what a shadow's edge costs that play crosses. */
export interface ShadowEdge {
  /** EV of the side that the camera sees, in sun and in shade. */
  readonly sunEv: number;
  /** EV at ISO 100. */
  readonly shadeEv: number;
  /** Thirds of a stop between the two, 1 or more. */
  readonly clicks: number;
}

/** The edge of a shadow at the spot in hand; undefined while no direct sun reaches the side that is seen. */
export function shadowEdge({ light: { lux } }: Assessment): ShadowEdge | undefined {
  const shade = lux.total - lux.sun;
  if (lux.sun <= 0 || shade <= 0) return undefined;
  const clicks = Math.round(3 * sceneContrast(lux.total, shade));
  return clicks < 1 ? undefined : { sunEv: evFromLux(lux.total), shadeEv: evFromLux(shade), clicks };
}

/** Whites and shaded faces against the middle in sun (common practice), and what a sensor holds either way (assumed). */
const SUNNY = { whites: 2.3, faces: 2.5, headroom: 2, footroom: 2 };

/** What becomes of white kit and of eyes under caps in sun, for each of three choices; with how the sun meets the face. */
export interface Tones {
  readonly face: "lit" | "brim" | "own-shade";
  readonly choices: readonly (ToneAdvice & { readonly choice: ToneChoice })[];
}

/** Whites against shaded faces; undefined without direct sun, which makes neither. */
export function tonesFound(input: AssessInput, found: Assessment): Tones | undefined {
  if (found.light.lux.sun <= 0) return undefined;
  const { spot } = sightOf(input);
  const choices = (["hold-whites", "middle", "hold-faces"] as const).map((choice) => ({
    choice,
    ...toneAdvice(choice, SUNNY),
  }));
  return { face: faceLight(spot.facing, found.light.sun), choices };
}

/** Stops that do not reach the sensor, a filter's with them: the light on the subject is so much brighter than what is set. */
const lostInTheLens = ({ settings }: Assessment): number => settings.lostStops + settings.filterStops;

/** EV of the light on the subject for which settings are right through this lens, so near and behind its filter. */
export const lightFor = (found: Assessment, settings: Settings): number =>
  evOfClicks(settings) + lostInTheLens(found);

/** What aperture priority will give at the aperture and the ISO found. */
export interface AperturePriority {
  /** Shutter click that the body chooses for a middle tone. */
  readonly shutter: number;
  /** EV on the subject below which that is slower than the movement bears. */
  readonly shortBelowEv: number;
}

/** Aperture priority from here, its ISO held where it stands. */
export function aperturePriority(found: Assessment): AperturePriority {
  const { settings, rails } = found.settings;
  const { aperture, iso } = settings;
  return {
    shutter: Math.round(3 * (found.light.ev - lostInTheLens(found)) + iso - aperture),
    shortBelowEv: lightFor(found, { ...settings, shutter: rails.shutter.from }),
  };
}

/** Half a click either side is right. */
const RIGHT = 1 / 6;

/** Spans in epoch milliseconds of a timeline in which its spot has an EV to a sixth of a stop; to the timeline's step. */
export function whenRight({ points }: Timeline, ev: number): { from: number; until: number }[] {
  const spans: { from: number; until: number }[] = [];
  points.forEach((p, i) => {
    if (Math.abs(p.ev - ev) > RIGHT) return;
    const last = spans.at(-1);
    if (last && last.until === points[i - 1]?.at) last.until = p.at;
    else spans.push({ from: p.at, until: p.at });
  });
  return spans;
}
