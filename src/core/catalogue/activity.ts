import { grownOf } from "./subjects/grown";

/** Parts of a day by the sun: twilight and the low sun of the morning and the evening, the day, the night. */
export const PARTS_OF_DAY = ["dawn", "day", "dusk", "night"] as const;
export type PartOfDay = (typeof PARTS_OF_DAY)[number];

/** When something is about: at which parts of the day, and in which months. */
export interface Activity {
  /** At which it is met as a rule; none for what begins when it was fixed. */
  readonly hours: readonly PartOfDay[];
  /** Months 1 … 12 of the northern year from which until which, both counted; all of it where it is left out. */
  readonly months?: readonly [from: number, until: number];
}

type Row = readonly [subjects: string, hours: string, months?: readonly [number, number]];

/**
 * Activity by hour and season, of sports their usual season. All rows: common practice, no source, for the temperate north; it differs by
 * place, weather and tide, and whoever watches there knows better.
 */
// prettier-ignore
const ROWS: readonly Row[] = [
  ["football-runner football-kick football-goalkeeper football-header rugby-runner rugby-lineout rugby-tackle hockey-runner hockey-drag-flicker hockey-goalkeeper netball-shot", "", [9, 5]],
  ["gridiron-runner gridiron-passer gridiron-receiver", "", [8, 12]],
  ["australian-mark hurling-striker gaelic-football-runner gaelic-football-catch lacrosse-shot", "", [3, 9]],
  ["ice-hockey-skater ice-hockey-goalkeeper handball-throw handball-goalkeeper basketball-drive basketball-jump-shot basketball-dunk volleyball-attack volleyball-block volleyball-dig futsal-player floorball-player korfball-shot curling-delivery curling-sweepers speed-skater figure-skater", "", [9, 4]],
  ["baseball-batter baseball-batter-youth baseball-pitcher baseball-fielder baseball-catcher baseball-slide softball-batter softball-pitcher cricket-batter cricket-bowler cricket-fielder cricket-wicketkeeper", "", [4, 9]],
  ["sprinter sprint-start distance-runner high-hurdler low-hurdler steeplechaser race-walker long-jumper high-jumper pole-vaulter shot-putter discus-thrower hammer-thrower javelin-thrower relay-exchange wheelchair-racer", "", [5, 9]],
  ["cross-country-runner cyclocross-rider", "", [10, 3]],
  ["triathlete-exit open-water-swimmer rower canoe-sprint canoe-slalom dinghy-sailor kitesurfer windsurfer paddle-boarder", "", [4, 10]],
  ["skier slalom-skier ski-jumper cross-country-skier snowboarder freestyle-skier", "", [12, 3]],
  ["road-cyclist mountain-biker bmx-rider motocross-rider speedway-rider racing-car rally-car road-racing-motorcycle kart polo-player cross-country-horse", "", [3, 10]],
  ["aircraft-jet aircraft-propeller helicopter", "day", [5, 9]],
  ["deer-standing deer-running roe-deer-walking hare-running rabbit-feeding kangaroo-hopping otter-bank otter-swimming", "dawn dusk"],
  ["wild-boar wolf-trotting fox-trotting big-cat-walking", "dawn dusk night"],
  ["bear-walking", "dawn dusk", [4, 11]],
  ["badger", "dusk night", [3, 11]],
  ["hedgehog bat-flying", "dusk night", [4, 10]],
  ["elephant-walking antelope-running", "dawn day dusk"],
  ["seal squirrel squirrel-feeding monkey-branch dolphin-leaping", "day"],
  ["whale-surfacing", "day", [4, 10]],
  ["small-bird-singing", "dawn dusk", [3, 7]],
  ["small-bird-feeder tit-flying", "dawn day", [10, 4]],
  ["woodpecker-trunk", "dawn day", [2, 6]],
  ["swallow-flying hummingbird-hovering tern-flying tern-diving osprey-flying osprey-diving", "day", [4, 9]],
  ["puffin-flying puffin-standing", "day", [4, 7]],
  ["gannet-flying gannet-diving", "day", [3, 9]],
  ["goose-landing", "dawn dusk", [10, 3]],
  ["flock-flying", "dusk", [10, 3]],
  ["owl-flying", "dawn dusk"],
  ["raptor-feeding raptor-perched owl-perched", "day", [10, 3]],
  ["swan-flying duck-flying gull-flying harrier-hunting heron-flying heron-standing wader-feeding", "dawn day dusk"],
  ["eagle-gliding buzzard-soaring falcon-stooping kestrel-hovering kingfisher-diving kingfisher-perched duck-swimming duck-feeding duck-standing swan-swimming swan-feeding grebe-swimming coot-swimming gull-feeding gull-standing goose-grazing", "day"],
  ["butterfly-calm dragonfly-perched", "dawn", [5, 9]],
  ["butterfly-wind butterfly-flying dragonfly-hovering bee-flower", "day", [4, 9]],
  ["frog-calling", "dusk night", [3, 6]],
  ["lizard-basking snake-basking", "day", [3, 9]],
  ["spider-web", "dawn", [8, 10]],
  ["snowflake", "dawn day dusk night", [12, 2]],
];

const ACTIVITY: ReadonlyMap<string, Activity> = new Map(
  ROWS.flatMap(([subjects, hours, months]) =>
    subjects.split(" ").map((id) => {
      const parts = hours.split(" ").filter(Boolean) as PartOfDay[];
      return [id, Object.freeze({ hours: parts, ...(months && { months }) })] as const;
    }),
  ),
);

const ANY: Activity = Object.freeze({ hours: [] });

/** When a subject of the library is about; at any hour of the whole year for one of which nothing is told. */
export const activityOf = (subjectId: string): Activity => ACTIVITY.get(grownOf(subjectId)) ?? ANY;

/** Degrees of the sun's height under which it is night (civil twilight, by definition) and up to which the sun is low (assumed). */
const TWILIGHT = -6;
const LOW = 8;

/** The part of the day by the sun's height in degrees, and whether it rises. */
export function partOfDay(sunAltitude: number, rising: boolean): PartOfDay {
  if (sunAltitude < TWILIGHT) return "night";
  if (sunAltitude > LOW) return "day";
  return rising ? "dawn" : "dusk";
}

/** A moment somewhere. */
export interface WhenAbout {
  readonly part: PartOfDay;
  /** 1 … 12. */
  readonly month: number;
  /** Degrees, north above 0. */
  readonly latitude: number;
}

/** Whether something is about then: it is, it is another hour of its, or another season. South of the equator the year is turned by half. */
export function isAbout(
  { hours, months }: Activity,
  { part, month, latitude }: WhenAbout,
): "about" | "other-hour" | "other-season" {
  if (months) {
    const [from, until] = months;
    const m = latitude < 0 ? ((month + 5) % 12) + 1 : month;
    const within = from <= until ? m >= from && m <= until : m >= from || m <= until;
    if (!within) return "other-season";
  }
  return hours.length === 0 || hours.includes(part) ? "about" : "other-hour";
}
