import { dot, norm, scale, subtract, type Anchor, type Obstacle, type Vector } from "../ground";
import { shadedBy, sunCourse } from "../light";
import { cosDeg } from "../units";
import { towardSun } from "./sun-to-frame";

export interface SunAheadInput {
  readonly lens: Vector;
  /** What is looked at. */
  readonly aim: Vector;
  readonly place: Anchor;
  readonly obstacles: readonly Obstacle[];
  /** Epoch milliseconds. */
  readonly from: number;
  /** Epoch milliseconds, after `from`. */
  readonly until: number;
}

export interface SunAhead {
  /** Epoch milliseconds. */
  readonly from: number;
  /** Epoch milliseconds, after `from`. */
  readonly until: number;
}

/** Degrees from the view within which the sun shines into one's eyes and onto the front lens (common practice, no source). */
const IN_EYES = 40;
const STEP = 60_000;

/** When a sun that is not hidden by a thing stands within 40° of the view: spells to the minute, in order; in a clear sky. */
export function sunAhead({ lens, aim, place, obstacles, from, until }: SunAheadInput): SunAhead[] {
  const course = sunCourse(place);
  const ray = subtract(aim, lens);
  const view = scale(ray, 1 / Math.max(1e-9, norm(ray)));
  const shines = (at: number): boolean => {
    const sun = course(at);
    if (sun.apparentAltitude <= 0 || dot(towardSun(sun), view) < cosDeg(IN_EYES)) return false;
    return shadedBy(lens, sun, obstacles) === undefined;
  };
  const spells: SunAhead[] = [];
  let began: number | undefined;
  for (let at = from; at <= until; at += STEP) {
    const now = shines(at);
    if (now && began === undefined) began = at;
    if (began !== undefined && (!now || at + STEP > until)) {
      spells.push({ from: began, until: at });
      began = undefined;
    }
  }
  return spells;
}
