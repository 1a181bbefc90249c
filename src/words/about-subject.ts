import type { Activity, PartOfDay, UsualFraming } from "@/core/catalogue";
import { percentWords } from "./format";

const MONTHS = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
] as const;

const HOURS: Readonly<Record<PartOfDay, string>> = {
  dawn: "at dawn",
  day: "by day",
  dusk: "at dusk",
  night: "at night",
};

/** Words in a row: "at dawn, by day and at dusk". */
const joined = (words: readonly string[]): string =>
  words.length < 2 ? words.join("") : `${words.slice(0, -1).join(", ")} and ${words.at(-1)!}`;

/** The parts of a day at which something is about. */
export const hoursWords = ({ hours }: Activity): string =>
  hours.length === 0 ? "whenever it is on" : joined(hours.map((part) => HOURS[part]));

/** The months in which something is about, and that the south has them half a year later. */
export const monthsWords = ({ months }: Activity): string =>
  months
    ? `${MONTHS[months[0] - 1]!} to ${MONTHS[months[1] - 1]!}, half a year later in the south`
    : "all year";

/** "60 % of the height, held upright". */
export const framingWords = ({ fill, along, orientation }: UsualFraming): string =>
  `${percentWords(fill)} of the ${along}, held ${orientation}`;

/** What of an outing's time are the hours of what is photographed, as its clock tells them. */
export function aboutTimeWords(
  {
    inSeason,
    stretches,
  }: {
    readonly inSeason: boolean;
    readonly stretches: readonly { readonly from: number; readonly until: number }[];
  },
  clock: (at: number) => string,
): string {
  if (!inSeason) return "Out of its season: most are not there.";
  if (stretches.length === 0) return "None of your time is its hour. Come earlier, or stay longer.";
  return `Its hours while you are there: ${joined(stretches.map((s) => `${clock(s.from)} to ${clock(s.until)}`))}.`;
}
