import { BODIES, LENSES } from "@/core/catalogue";
import { venueHall } from "@/core/ground";
import { sunAt } from "@/core/light";
import {
  daysAfter,
  instantOf,
  wallDateOf,
  wallTimeOf,
  type Outing,
  type Preferences,
  type StoredKit,
  type StoredSubject,
} from "@/data";
import { librarySubject } from "./library-subject";
import { newOuting } from "./new-outing";
import { usuallyMet } from "./of-catalogue";
import { kitFrom, plain } from "./own-beginning";

/** Something to photograph, in the words of whoever asks for the first time: at most eight, of at most eight each. */
export interface FirstGroup {
  readonly id: string;
  readonly name: string;
  /** Subjects of the library. */
  readonly subjects: readonly string[];
  /** The subject of the library that stands for all of them where they are drawn. */
  readonly drawnAs: string;
}

const group = (id: string, name: string, drawnAs: string, subjects: string): FirstGroup => ({
  id,
  name,
  subjects: subjects.split(" "),
  drawnAs,
});

export const FIRST_GROUPS: readonly FirstGroup[] = [
  group(
    "hall",
    "Sport in a hall",
    "handball-throw",
    "basketball-drive handball-throw volleyball-attack futsal-player badminton-smash gymnast judoka dancer-leap",
  ),
  group(
    "pool",
    "Swimming",
    "diver",
    "swimmer-crawl swimmer-breast swimmer-fly swimmer-back swim-start diver water-polo-throw",
  ),
  group(
    "field",
    "Sport on a field",
    "football-kick",
    "football-runner rugby-runner hockey-runner gridiron-runner cricket-batter baseball-batter tennis-serve lacrosse-shot",
  ),
  group(
    "running",
    "Running, athletics",
    "sprinter",
    "road-runner cross-country-runner sprinter high-hurdler long-jumper high-jumper relay-exchange triathlete-exit",
  ),
  group(
    "wheels",
    "Wheels, horses, dogs",
    "road-cyclist",
    "road-cyclist mountain-biker skateboarder motocross-rider rally-car jumping-horse galloping-horse dog-agility",
  ),
  group(
    "ice",
    "Ice, snow, waves",
    "snowboarder",
    "ice-hockey-skater figure-skater skier snowboarder surfer dinghy-sailor rower climber",
  ),
  group(
    "birds",
    "Birds",
    "gull-flying",
    "small-bird-singing small-bird-feeder duck-swimming heron-standing gull-flying buzzard-soaring kingfisher-perched swan-flying",
  ),
  group(
    "animals",
    "Other animals",
    "deer-standing",
    "deer-standing fox-trotting hare-running squirrel otter-bank seal dog-running butterfly-calm",
  ),
];

/** The subjects of a group by their names in the library. */
export const firstSubjects = ({ subjects }: Pick<FirstGroup, "subjects">) =>
  subjects.map((id) => ({ id, name: subjectOf(id).name }));

/** A kit in the words of whoever has one: a body and, where it is not built in, a lens. */
interface FirstKit {
  readonly id: string;
  readonly name: string;
  readonly body: string;
  readonly lens?: string;
}

export const FIRST_KITS: readonly FirstKit[] = [
  { id: "phone", name: "A phone", body: "phone-main" },
  { id: "bridge", name: "A small camera with a long zoom", body: "bridge-16" },
  { id: "entry-short", name: "A first camera, its 18–55 zoom", body: "crop-15-24-entry", lens: "kit-18-55" },
  { id: "entry-long", name: "A first camera, a 55–250 zoom", body: "crop-15-24-entry", lens: "kit-55-250" },
  { id: "crop-long", name: "A camera with a 100–400 zoom", body: "crop-15-26", lens: "zoom-100-400" },
  { id: "crop-longer", name: "A camera with a 150–600 zoom", body: "crop-15-26", lens: "zoom-150-600" },
  { id: "full-70-200", name: "Full frame, 70–200 f/2.8", body: "full-frame-24", lens: "zoom-70-200" },
  { id: "full-70-300", name: "Full frame, 70–300 zoom", body: "full-frame-24", lens: "zoom-70-300" },
];

/** The kit that a choice names. */
export function firstKit(id: string): StoredKit {
  const { body, lens } = FIRST_KITS.find((k) => k.id === id)!;
  const [b, l] = [BODIES.find((x) => x.id === body)!, LENSES.find((x) => x.id === lens)];
  return kitFrom(plain(b), l && plain(l));
}

/** How light it is, by what one sees: lamps of a hall by their class, the sky by its cloud. */
export const HALL_LIGHT = { bright: "I", ordinary: "II", dim: "III" } as const;
export const SKY = { sun: 1, clouds: 5, dull: 8, trees: 4 } as const;
/** Share of the daylight under trees (common practice, as of an open wood). */
const UNDER_TREES = 0.1;

export type HallLight = keyof typeof HALL_LIGHT;
export type Sky = keyof typeof SKY;

/** What a first outing is made of. */
export interface FirstAnswers {
  /** A subject of the library. */
  readonly subjectId: string;
  /** Where it is, in the open; left out under a roof. */
  readonly place?: { readonly latitude: number; readonly longitude: number };
  readonly timeZone: string;
  readonly light: HallLight | Sky;
  /** Epoch milliseconds when one photographs. */
  readonly at: number;
}

/** A subject of the library as an outing keeps it. */
function subjectOf(id: string): StoredSubject {
  const subject = librarySubject(id);
  if (!subject) throw new Error(`no subject of the library is ${id}: take one of FIRST_GROUPS`);
  return subject;
}

/** Whether a subject is met under a roof as a rule: then nobody asks where it lies. */
export const isUnderRoof = (subjectId: string): boolean =>
  venueHall(usuallyMet(subjectOf(subjectId)).template) !== undefined;

/** Degrees above the horizon under which it is dark for a picture by daylight (assumed). */
const DAYLIGHT = 3;
const MORNING = "10:00";

/** Now where there is light to see by, else tomorrow at ten. */
export function firstHour(
  now: number,
  { place, timeZone }: Pick<FirstAnswers, "place" | "timeZone">,
): { readonly at: number; readonly isNow: boolean } {
  if (!place || sunAt(now, { ...place, elevation: 0 }).apparentAltitude >= DAYLIGHT)
    return { at: now, isNow: true };
  const date = wallDateOf(now, timeZone);
  const isBefore = wallTimeOf(now, timeZone) < MORNING;
  const day = isBefore ? date : daysAfter(date, 1);
  return { at: instantOf(day, MORNING, timeZone).at, isNow: false };
}

/** Milliseconds that one stays. */
const STAY = 2 * 3_600_000;

/** A whole outing of four answers: everything else begins as it usually is. */
export function firstOuting(
  { subjectId, place, timeZone, light, at }: FirstAnswers,
  kit: StoredKit,
  preferences: Pick<Preferences, "tolerance" | "order" | "school" | "weights">,
): Outing {
  const date = wallDateOf(at, timeZone);
  const lastDate = wallDateOf(at + STAY, timeZone);
  const starts = wallTimeOf(at, timeZone);
  const begun = newOuting(
    {
      ...usuallyMet(subjectOf(subjectId)),
      place: place ? "Here" : "The hall",
      ...place,
      roofed: !place,
      timeZone,
      date,
      from: starts,
      starts,
      until: wallTimeOf(at + STAY, timeZone),
      ...(lastDate !== date && { lastDate }),
    },
    kit,
    preferences,
  );
  return { ...begun, light: lightBy(begun.light, light) };
}

function lightBy(begun: Outing["light"], told: HallLight | Sky): Outing["light"] {
  if (told in HALL_LIGHT)
    return begun.lamps
      ? { ...begun, lamps: { ...begun.lamps, class: HALL_LIGHT[told as HallLight] } }
      : begun;
  const sky = told as Sky;
  return {
    ...begun,
    cloudEighths: SKY[sky],
    ...(sky === "trees" && { leaves: { daylightShare: UNDER_TREES } }),
  };
}
