import { absent, present, type Maybe } from "../units";
import type { Anchor } from "../ground";
import { crossingsOf, knotsOf } from "./crossings";
import { moonAt } from "./moon";
import { sunCourse } from "./sun-course";

export type SunEventCode =
  | "astronomical-dawn"
  | "nautical-dawn"
  | "civil-dawn"
  | "sunrise"
  | "noon"
  | "sunset"
  | "civil-dusk"
  | "nautical-dusk"
  | "astronomical-dusk"
  | "golden-begins"
  | "golden-ends"
  | "blue-begins"
  | "blue-ends";

export interface SunEvent {
  readonly code: SunEventCode;
  /** Epoch milliseconds. */
  readonly at: number;
}

/** Altitudes in degrees between which the light is called golden and blue (common practice; the user may move them). */
export interface NamedLight {
  readonly golden: readonly [number, number];
  readonly blue: readonly [number, number];
}

export const NAMED_LIGHT: NamedLight = Object.freeze<NamedLight>({ golden: [-4, 6], blue: [-6, -4] });

/** The upper limb on a level horizon with standard refraction; observer height 0. */
const RISE_SET = -0.833;

export interface SunDayInput {
  readonly place: Anchor;
  /** Epoch milliseconds; usually a local day, but any stretch up to a few days. */
  readonly from: number;
  /** Epoch milliseconds, after `from`. */
  readonly until: number;
  /** `NAMED_LIGHT` when left out. */
  readonly named?: NamedLight;
}

export interface SunDay {
  /** Every event in its order. */
  readonly events: readonly SunEvent[];
  readonly sunrise: Maybe<number, "sun-never-sets" | "sun-never-rises">;
  readonly sunset: Maybe<number, "sun-never-sets" | "sun-never-rises">;
}

/** Levels with the event of rising and of falling through each. */
function levels({ golden, blue }: NamedLight): readonly (readonly [number, SunEventCode, SunEventCode])[] {
  return [
    [-18, "astronomical-dawn", "astronomical-dusk"],
    [-12, "nautical-dawn", "nautical-dusk"],
    [-6, "civil-dawn", "civil-dusk"],
    [RISE_SET, "sunrise", "sunset"],
    [golden[0], "golden-begins", "golden-ends"],
    [golden[1], "golden-ends", "golden-begins"],
    [blue[0], "blue-begins", "blue-ends"],
    [blue[1], "blue-ends", "blue-begins"],
  ];
}

/**
 * The sun's events and named twilights of a stretch of time, anywhere on earth. The day is cut where the altitude
 * turns, so that a sun which barely rises is not missed; each moment is exact to a hundredth of a second of the model.
 * Where the sun does not rise or set the reason says which. Twilights by definition (−6°, −12°, −18°).
 */
export function sunDay({ place, from, until, named = NAMED_LIGHT }: SunDayInput): SunDay {
  const course = sunCourse({ ...place, elevation: 0 });
  const altitude = (at: number): number => course(at).altitude;
  const knots = knotsOf(altitude, from, until);
  const events: SunEvent[] = levels(named).flatMap(([level, rising, falling]) =>
    crossingsOf(altitude, knots, level).map((c) => ({ at: c.at, code: c.rising ? rising : falling })),
  );
  const noons = knots.slice(1, -1).filter((k) => altitude(k) > altitude(k - 1_800_000));
  events.push(...noons.map((at) => ({ at, code: "noon" as const })));
  events.sort((a, b) => a.at - b.at);
  const one = (code: SunEventCode): Maybe<number, "sun-never-sets" | "sun-never-rises"> => {
    const event = events.find((e) => e.code === code);
    if (event) return present(event.at);
    return absent(altitude((from + until) / 2) > RISE_SET ? "sun-never-sets" : "sun-never-rises");
  };
  return { events, sunrise: one("sunrise"), sunset: one("sunset") };
}

export interface MoonDay {
  readonly rises: readonly number[];
  readonly sets: readonly number[];
  /** Whether the moon stands above the horizon all through, none of it, or part of it. */
  readonly state: "rises-or-sets" | "up-all-through" | "down-all-through";
}

/** Moonrises and moonsets of a stretch of time: the upper limb, parallax and refraction as the almanacs have it (−0.833°). */
export function moonDay({ place, from, until }: Omit<SunDayInput, "named">): MoonDay {
  const altitude = (at: number): number => moonAt(at, { ...place, elevation: 0 }).altitude;
  const knots = knotsOf(altitude, from, until);
  const crossings = crossingsOf(altitude, knots, RISE_SET);
  const up = altitude((from + until) / 2) > RISE_SET;
  return {
    rises: crossings.filter((c) => c.rising).map((c) => c.at),
    sets: crossings.filter((c) => !c.rising).map((c) => c.at),
    state: crossings.length > 0 ? "rises-or-sets" : up ? "up-all-through" : "down-all-through",
  };
}
