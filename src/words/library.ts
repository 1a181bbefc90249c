import type { ActivityDrawn } from "@/answers/library/activity-drawn";
import type { PartSharp, SharpAt } from "@/answers/library/sharp-at";
import { countWords, metresWords, percentWords, shutterWords } from "./format";
import { knownWords } from "./known";

const PART_OF_DAY = { dawn: "dawn", day: "day", dusk: "dusk", night: "night" } as const;
const MONTHS = ["J", "F", "M", "A", "M", "J", "J", "A", "S", "O", "N", "D"] as const;

/** What stands in the cells of a day and of a year. */
export const partOfDayWords = (part: NonNullable<ActivityDrawn["day"]>[number]["part"]): string =>
  PART_OF_DAY[part];
export const monthInitial = (month: number): string => MONTHS[month - 1]!;

/** "Hand: held in 12 % of the frames at 1/250, 88 % at 1/1000". */
export const partSharpWords = ({ name, at }: PartSharp, shutters: readonly number[]): string =>
  `${name}: held in ${shutters.map((s, i) => `${percentWords(at[i]!.chance)} at ${shutterWords(s)}`).join(", ")}`;

/** From where, and with what, its sharpness is told. */
export const sharpFromWords = ({
  distance,
  focalLengthMm,
}: Pick<SharpAt, "distance" | "focalLengthMm">): string =>
  `From ${metresWords(distance)} with ${Math.round(focalLengthMm)} mm of your kit, where an outing would begin: full is every frame, ✕ fewer than 20 of 100.`;

/** The denominators of a ladder of shutters, as they stand over its columns. */
export const shutterColumnWords = (click: number): string => shutterWords(click).replace(/^1\//, "");

/** "3 of your readings are as this", or that none is. */
export const readingsAsWords = (n: number): string =>
  n === 0
    ? "None of your readings is as this yet."
    : `${countWords(n, "reading")} of yours within half a stop.`;

/** What a search finds in another part of the library: "12 in Venues". */
export const elsewhereWords = (n: number, section: string): string => `${n} in ${section}`;

/** Where an entry of one's own came from. */
export const copiedWords = (
  name: string,
  { known, source }: { readonly known: string; readonly source: string },
): string => `copied from ${name} and changed; there ${known}${source ? `: ${source}` : ""}`.slice(0, 300);

const NEWER = { lightLevels: "Your light levels", startingSettings: "Your starting settings" } as const;

/** What an outing keeps as it was while the library has it otherwise. */
export const newerWords = (section: string, name: string | undefined): string =>
  `${name ?? NEWER[section as keyof typeof NEWER]}: your library has changed since; this outing keeps what it had.`;

/** The venue of one's own that an outing was begun on. */
export const ownVenueWords = (venue: {
  readonly name: string;
  readonly notes: string;
  readonly known: string;
  readonly source: string;
}): string => [`${venue.name}, of your library.`, venue.notes, knownWords(venue)].filter(Boolean).join(" ");

const SCALES: Readonly<Record<string, string>> = {
  subjects: "Dark: the body. Light: its parts, hands and tools.",
  startingSettings: "From the slowest that is accepted to light to spare; the circle is the usual start.",
};

/** What the scale of a section of the library shows, with so many readings of one's own on that of the light. */
export const scaleWords = (section: string, readings: number): string =>
  SCALES[section] ??
  (readings === 0
    ? "From the moon to snow in the sun. Your own readings stand here once you have some: test shots in Run."
    : `From the moon to snow in the sun; the circles are ${countWords(readings, "reading")} of yours.`);
