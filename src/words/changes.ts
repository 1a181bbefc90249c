import type { OutingChange, Part, RecordChange } from "@/core/review";
import { countWords, metresWords } from "./format";

const PARTS: Readonly<Record<Part, string>> = {
  name: "Name changed",
  "date and times": "Date and times changed",
  place: "Place changed",
  access: "Access changed",
  cautions: "Cautions changed",
  bag: "Bag packed anew",
  ground: "Ground changed",
  light: "Light changed",
  "lamp files": "Lamp files changed",
  notes: "Notes changed",
  programme: "Programme changed",
  people: "People changed",
  weather: "Weather changed",
  packing: "Packing changed",
  arrangements: "Arrangements changed",
  "what is learnt": "Learnt from it, or forgotten",
  "timed walks": "A walk timed",
  "own entries": "Entries of your library taken over",
  "the place": "Belongs to a place",
  "order of the shots": "Shots reordered",
  archive: "Archived or restored",
};

const NUMBERED = { readings: "reading", counts: "count" } as const;

/** One thing that was done: "B moved 3 m". */
export function changeWords(change: OutingChange): string {
  switch (change.code) {
    case "moved":
      return `${change.name} moved ${metresWords(change.metres)}`;
    case "renamed":
      return `${change.from} renamed ${change.name}`;
    case "added":
    case "removed":
    case "changed":
      return `${change.name} ${change.code}`;
    case "planned":
      return `Plan for ${change.shot} changed`;
    case "locked":
      return `Rails of ${change.shot} locked or let go`;
    case "readings":
    case "counts":
      return numberWordsOf(NUMBERED[change.code], change.added, change.removed);
    case "part":
      return PARTS[change.part];
  }
}

function numberWordsOf(noun: string, added: number, removed: number): string {
  if (added > 0) return `${countWords(added, noun)} added`;
  return removed > 0 ? `${countWords(removed, noun)} removed` : `A ${noun} changed`;
}

const SETTINGS: Readonly<Record<string, string>> = {
  theme: "Light of the screen",
  themeByLight: "Light of the screen",
  units: "Units",
  clock: "Clock",
  tolerance: "Sharpness of a new shot",
  school: "School of exposure",
  walkingPace: "Walking pace",
  order: "What is given up first",
  captions: "Captions",
  learnt: "Figures of your own",
};

/** One thing that was done to kit, library or preferences: "Long 300 removed". */
export const recordChangeWords = (change: RecordChange): string =>
  change.code === "setting"
    ? `${SETTINGS[change.key] ?? change.key} changed`
    : `${change.name} ${change.code}`;

export const recordChangesWords = (changes: readonly RecordChange[]): string =>
  inALine(changes.map(recordChangeWords));

/** What was done in one go, in a line: the first thing, and how much beside it. */
export const changesWords = (changes: readonly OutingChange[]): string => inALine(changes.map(changeWords));

function inALine([first, ...rest]: readonly string[]): string {
  if (first === undefined) return "Saved";
  return rest.length === 0 ? first : `${first}, and ${rest.length} more`;
}
