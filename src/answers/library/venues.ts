import { stagingOf, usualSubject, venueWords } from "@/core/catalogue";
import { OPEN_GROUND, VENUE_SOURCES, venueHall, VENUES } from "@/core/ground";

/** The venues that ship, row by row with their sources, each with the words by which it is found too. */
export const shippedVenues = () =>
  VENUES.map((venue) => ({ ...venue, source: VENUE_SOURCES[venue.id] ?? "", words: venueWords(venue.id) }));

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

/** The subject that a ground is met with: the one in hand where it fits, else the usual one there. */
export const subjectOn = (venueId: string, subjectId: string): string =>
  venueId === OPEN_GROUND.id || stagingOf(subjectId)?.venues.includes(venueId)
    ? subjectId
    : (usualSubject(venueId) ?? subjectId);

/** The ground that a subject is met on: the one in hand where it fits, else its first. */
export const venueFor = (subjectId: string, venueId: string): string => {
  const venues = stagingOf(subjectId)?.venues;
  return venues && !venues.includes(venueId) ? venues[0]! : venueId;
};

/** Whether it is ground on which nothing is painted. */
export const isOpenGround = (id: string): boolean => id === OPEN_GROUND.id;

/** Whether a venue lies in a hall as a rule. */
export const isHall = (id: string): boolean => venueHall(id) !== undefined;

/** The name of a venue by its id; open ground for what is none. */
export const venueName = (id: string): string => (VENUES.find((v) => v.id === id) ?? OPEN_GROUND).name;
