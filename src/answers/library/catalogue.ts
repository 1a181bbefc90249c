import {
  asSubject,
  BODIES,
  CONVERTERS,
  DAY_CONDITIONS,
  FORMATS,
  LENSES,
  LIGHT_LEVELS,
  METER_SEES,
  STAGINGS,
  STARTING_SETTINGS,
  SUBJECTS,
  SUPPORTS,
  usualSubject,
  venueWords,
} from "@/core/catalogue";
import { OPEN_GROUND, VENUES } from "@/core/ground";
import { FIGURES, type Silhouette } from "@/core/motion";
import type { Library, StoredSubject } from "@/data";
import { plain } from "@/outing/begin/own-beginning";

/** Generic kit to begin from. */
export const genericKit = Object.freeze({
  bodies: BODIES.map(plain),
  lenses: LENSES.map(plain),
  converters: CONVERTERS.map(plain),
  supports: SUPPORTS.map(plain),
  formats: FORMATS.map((f) => f.name),
});

/** What ships in the library, row by row with its source. */
export const shipped = Object.freeze({
  subjects: SUBJECTS,
  lightLevels: LIGHT_LEVELS,
  startingSettings: STARTING_SETTINGS,
  venues: VENUES,
  meterSees: METER_SEES,
  dayConditions: DAY_CONDITIONS,
  figures: FIGURES as readonly Silhouette[],
});

/** Grounds to begin on: open ground, then every venue with its size in metres and the words by which it is found too. */
export const groundsToBegin = () =>
  [OPEN_GROUND, ...VENUES].map((v) => {
    const isOpen = v.id === OPEN_GROUND.id;
    return {
      id: v.id,
      name: v.name,
      size: isOpen ? undefined : { width: v.width, length: v.length },
      words: isOpen ? undefined : venueWords(v.id),
    };
  });

/** Words by which a venue is found too. */
export const wordsOfVenue = (id: string): string => venueWords(id);

/** How a subject of the library is met: its venues, and words by which it is found too; nothing for one's own. */
export const stagingOf = (subjectId: string) => STAGINGS.get(subjectId);

/** The group of a subject of the library; empty for one's own. */
export const groupOf = (subjectId: string): string => SUBJECTS.find((s) => s.id === subjectId)?.group ?? "";

/** A subject as an outing keeps it, by its id: one's own, else the library's. Absent where neither has it. */
export function subjectTaken(id: string, own: Library["subjects"]): StoredSubject | undefined {
  const mine = own.find((s) => s.id === id);
  if (mine) {
    const { source: _, ...subject } = mine;
    return subject;
  }
  const row = SUBJECTS.find((s) => s.id === id);
  if (!row) return undefined;
  const subject = asSubject(row);
  return { ...subject, parts: [...subject.parts] };
}

/** The subject that a ground is met with: the one in hand where it fits, else the usual one there. */
export const subjectOn = (venueId: string, subjectId: string): string =>
  venueId === OPEN_GROUND.id || STAGINGS.get(subjectId)?.venues.includes(venueId)
    ? subjectId
    : (usualSubject(venueId) ?? subjectId);

/** The ground that a subject is met on: the one in hand where it fits, else its first. */
export const venueFor = (subjectId: string, venueId: string): string => {
  const venues = STAGINGS.get(subjectId)?.venues;
  return venues && !venues.includes(venueId) ? venues[0]! : venueId;
};

/** The name of a venue by its id; open ground for what is none. */
export const venueName = (id: string): string => (VENUES.find((v) => v.id === id) ?? OPEN_GROUND).name;
