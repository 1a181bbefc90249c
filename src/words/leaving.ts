import type { Goes } from "@/answers/leaving/what-goes";
import { countWords } from "./format";

/** How much of an outing goes to somebody else. */
export const WAY_WORDS = {
  whole: {
    label: "Whole",
    detail: "All of what is listed below. A copy for yourself is exact: Preferences, export everything.",
  },
  "without-people": {
    label: "Without people",
    detail: "No names, no lists of who is in what, no tags by name, no free text.",
  },
  "without-place": {
    label: "Without the place",
    detail: "The plan as it is drawn, its coordinates to the kilometre; no address, no free text.",
  },
  "plan-only": {
    label: "Plan only",
    detail: "Ground, positions and shots; no people, programme, notes or counts.",
  },
  "card-only": {
    label: "Card only",
    detail: "Shots, settings, light and what is in the way; no place, people, programme or notes.",
  },
} as const;

/** What stays here unless it is ticked this time. */
export const ASKED_WORDS = {
  young: {
    label: "Names of the young",
    detail: "This outing is of young people: ask the club and the parents first.",
  },
  consent: {
    label: "Who gave leave to be shown",
    detail: "A refusal goes with the name in any case.",
  },
  contacts: {
    label: "Contacts, codes and passes",
    detail: "Who lets one in, how the gate opens, whom to call.",
  },
  nests: {
    label: "Nests and dens",
    detail:
      "Without them no name, no shape of the ground and no free text goes, and coordinates go to the kilometre, so that nobody finds them by the rest.",
  },
} as const;

const placeLine = ({ place, isExact }: Goes): string =>
  `${place ?? "No name of the place"}; coordinates ${isExact ? "to the centimetre" : "to the kilometre"}`;

function peopleLine({ people, refused, hasLists }: Goes): string {
  if (people === 0) return hasLists ? "The names in the lists of the events" : "Nobody’s name";
  const marked = refused > 0 ? `, ${refused} marked “no pictures”` : "";
  return `${countWords(people, "person", "people")} by name${marked}${hasLists ? ", and the lists of the events" : ""}`;
}

const tagsLine = ({ tags, sounds }: Goes["beside"]): string =>
  `${countWords(tags, "tag")}${sounds > 0 ? `, ${countWords(sounds, "spoken note")}` : ""}`;

const nestsLines = ({ nests, hasNests }: Goes): readonly string[] => {
  if (nests > 0) return [countWords(nests, "nest or den", "nests or dens")];
  return hasNests ? ["No nest, no den"] : [];
};

/** The lines that tell of a kind of file. */
const LINES: Readonly<Record<string, (goes: Goes) => readonly string[]>> = {
  outing: (goes) => [
    goes.hasPlan ? "Shots, settings, light and the plan" : "Shots, settings and light, no plan",
    placeLine(goes),
    peopleLine(goes),
    ...(goes.events > 0 ? [countWords(goes.events, "event")] : []),
    ...(goes.beside.tags > 0 ? [tagsLine(goes.beside)] : []),
    ...nestsLines(goes),
    goes.hasContacts ? "Contacts and how one gets in" : "No contacts, no codes",
    goes.hasWords ? "Notes and other free text" : "No free text",
    ...(goes.beside.picture ? ["The traced picture, without what its camera noted"] : []),
  ],
  ground: (goes) => [placeLine(goes), ...nestsLines(goes)],
  journal: (goes) => [
    goes.hasPlan
      ? "The day, its light, counts, kept pictures and the plan"
      : "The day, its light, counts and kept pictures",
    goes.place ?? "No name of the place",
    peopleLine(goes),
    ...nestsLines(goes),
    goes.hasWords ? "Notes" : "No notes",
  ],
  programme: (goes) => [
    countWords(goes.events, "event"),
    goes.hasLists ? "The names in their lists" : "Nobody’s name",
    goes.place ?? "No name of the place",
  ],
  tags: (goes) => [
    tagsLine({ ...goes.beside, sounds: 0 }),
    goes.people > 0 || goes.hasLists ? "By name" : "Times, events and shots; nobody’s name",
  ],
};

/** What goes in a file of a kind, a line each. */
export const goesLines = (kind: keyof typeof LINES, goes: Goes): readonly string[] => LINES[kind]!(goes);
