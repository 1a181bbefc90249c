export { bagOf, bagWeight, thingsOf } from "./bag";
export { freeId, idFromName, newId } from "./ids";
export type { Fault } from "./migrate";
export { mergeRecords, sameValue, takenBack } from "./merge-records";
export { duplicateOuting } from "./duplicate-outing";
export { HALL_DAYLIGHT, hallFor } from "./hall";
export { fileNameOf } from "./file-name";
export { outingFaults } from "./outing-faults";
export {
  DEFAULT_PREFERENCES,
  EMPTY_LIBRARY,
  EMPTY_PLACES,
  EMPTY_PRACTICE,
  namesOf,
  ONE_KINDS,
  type RecordName,
  type RecordOf,
  type RecordTypes,
} from "./records";
export {
  createRepository,
  OUTING_PREFIX,
  type Beginning,
  type NotSaved,
  type Note,
  type Read,
  type ReadAt,
  type ReadFailure,
  type Repository,
  type SaveFailure,
  type Saved,
  type Together,
  type Unreadable,
} from "./repository";
export { openEntries } from "./store/open-entries";
export { hasFormer } from "./store/former";
export { repair, type Repaired } from "./repair";
export { changesOfRecord } from "./record-changes";
export { notedIn, stepFrom, type Way } from "./states";
export type { State } from "./store/entries";
export { createStore, type Store } from "./store/store";
export {
  CAUTIONS,
  CONSENTS,
  KINDS,
  LIMITS,
  bodySchema,
  cardSchema,
  converterSchema,
  kitSchema,
  latitude,
  lensSchema,
  ownLightLevelSchema,
  ownStartSchema,
  ownSubjectSchema,
  ownVenueSchema,
  longitude,
  name,
  OUTING_VERSION,
  outingSchema,
  arrangementsSchema,
  deliverableSchema,
  personSchema,
  programmeEventSchema,
  shotSchema,
  SIGHTING_KINDS,
  sightingSchema,
  tagSchema,
  supportSchema,
  wallDate,
  wallTime,
  words,
  timeZone,
  type Caution,
  type Choice,
  type Kind,
  type Limited,
  type Library,
  type Preferences,
  type Outing,
  type Place,
  type Places,
  type Practice,
  type Run,
  type Sighting,
  type StoredKit,
  type Person,
  type ProgrammeEvent,
  type StoredShot,
  type StoredSubject,
  type Tag,
  type ThemeName,
} from "./schema";
export { choiceOf, lightPlanOf, plannedPosition, rigOf } from "./outing-inputs";
export { lastDayOf, timesFault, type TimesOfDay } from "./days";
export { daysAfter, daysBetween } from "./days";
export { byClock, localDay, windowOf, type Times, type Window } from "./times";
export { instantOf, isShownAgain, wallDateOf, wallTimeOf, type Instant } from "./wall-time";
