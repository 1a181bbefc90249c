import { firstTrue } from "../units";
import { sunCourse } from "../light";
import { sceneAt, type LightPlan } from "../scene";
import type { Ground } from "../ground";
import { assess } from "./assess";
import type { AssessInput, Assessment } from "./assessment";

/** A moment at which a limit breaks or the light changes its kind. */
export interface Moment {
  /** Epoch milliseconds, found by halving to a second. */
  readonly at: number;
  readonly code:
    | "shade-begins"
    | "shade-ends"
    | "sun-down"
    | "sun-up"
    | "lamps-on"
    | "lamps-off"
    | "past-ceiling"
    | "within-ceiling";
}

export interface TimelinePoint {
  /** Epoch milliseconds. */
  readonly at: number;
  /** EV at ISO 100. */
  readonly ev: number;
  /** EV while a cloud passes; absent under a steady sky. */
  readonly evInCloud?: number;
  /** EV before any reading: what the light itself does, where a reading that fades would look like a swing. */
  readonly modelEv: number;
  /** Altitude in degrees of the sun as seen. */
  readonly sunAltitude: number;
  /** Clicks short at the ceiling; 0 while the light suffices. */
  readonly short: number;
  /** Clicks still missing after all that is given up, 0 or more. */
  readonly missing: number;
  /** Clicks by which it comes out too bright, 0 or more. */
  readonly over: number;
  /** ISO in clicks before anything is given up, and the settings found. */
  readonly askedIso: number;
  readonly settings: Assessment["settings"]["settings"];
}

export interface Timeline {
  readonly points: readonly TimelinePoint[];
  readonly moments: readonly Moment[];
}

export interface TimelineInput extends Omit<AssessInput, "scene"> {
  readonly ground: Ground;
  readonly light: LightPlan;
  /** Epoch milliseconds. */
  readonly from: number;
  /** Epoch milliseconds, after `from`. */
  readonly until: number;
  /** Spacing of the points in milliseconds. */
  readonly step: number;
}

/** States whose change is a break, and the code for each direction of the change. */
const WATCHED: readonly {
  readonly state: (a: Assessment) => boolean;
  readonly on: Moment["code"];
  readonly off: Moment["code"];
}[] = [
  { state: (a) => a.light.direct === "shaded", on: "shade-begins", off: "shade-ends" },
  { state: (a) => a.light.direct === "sun-down", on: "sun-down", off: "sun-up" },
  { state: (a) => a.light.lux.lamps > 0, on: "lamps-on", off: "lamps-off" },
  { state: (a) => a.settings.short > 0, on: "past-ceiling", off: "within-ceiling" },
];

const SECOND = 1000;

/**
 * The same assessment along the clock, with the moments at which a limit breaks. A moment shorter than the step may be
 * missed; each found one is exact to a second. Empty where there is no picture.
 */
export function timeline(input: TimelineInput): Timeline {
  const course = sunCourse(input.ground.anchor);
  const assessAt = (at: number) =>
    assess({ ...input, scene: sceneAt(input.ground, input.light, at, course(at)) });
  const points: TimelinePoint[] = [];
  const moments: Moment[] = [];
  let before: Assessment | undefined;
  for (const at of instants(input)) {
    const now = assessAt(at);
    if (!now.ok) return { points: [], moments: [] };
    points.push({
      at,
      ev: now.light.ev,
      evInCloud: now.light.evInCloud,
      modelEv: now.light.modelEv,
      sunAltitude: now.light.sun.apparentAltitude,
      short: now.settings.short,
      missing: now.settings.missing,
      over: now.settings.over,
      askedIso: now.settings.asked.iso,
      settings: now.settings.settings,
    });
    if (before) moments.push(...momentsBetween(before, now, assessAt));
    before = now;
  }
  return { points, moments: moments.sort((a, b) => a.at - b.at) };
}

function instants({ from, until, step }: TimelineInput): number[] {
  const count = Math.max(1, Math.round((until - from) / step));
  return Array.from({ length: count + 1 }, (_, i) => from + ((until - from) * i) / count);
}

function momentsBetween(
  before: Assessment,
  now: Assessment,
  assessAt: (at: number) => ReturnType<typeof assess>,
): Moment[] {
  return WATCHED.flatMap(({ state, on, off }) => {
    const was = state(before);
    const is = state(now);
    if (was === is) return [];
    const holds = (at: number): boolean => {
      const there = assessAt(at);
      return there.ok && state(there) === is;
    };
    // A shade that ends because the sun has set is told by the sunset alone.
    if (!is && off === "shade-ends" && now.light.direct === "sun-down") return [];
    return [
      { at: firstTrue({ from: before.at, until: now.at, within: SECOND }, holds), code: is ? on : off },
    ];
  });
}
