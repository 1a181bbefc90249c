import type { z } from "zod";
import type { Sacrifice } from "@/core/exposure";
import type { Ground } from "@/core/ground";
import type { Reading } from "@/core/light";
import type { Subject } from "@/core/motion";
import type { Kit } from "@/core/optics";
import type { Series } from "@/core/review";
import type { Shot } from "@/core/scene";
import type { groundSchema } from "./ground";
import type { kitSchema } from "./kit";
import type { librarySchema } from "./library";
import type { preferencesSchema, StoredSacrifice } from "./preferences";
import type { CAUTIONS, KINDS, readingSchema, outingSchema } from "./outing";
import type { shotSchema, choiceSchema } from "./shot";
import type { subjectSchema } from "./subject";

/** What is kept, as it is kept. Core owns the shapes of its own things; the checks at the end hold the two together. */

export { groundSchema } from "./ground";
export { SIGHTING_KINDS, sightingSchema, type Place, type Places, type Sighting } from "./place";
export { type Practice, type Run } from "./practice";
export { LIMITS, type Limited } from "./limits";
export { latitude, longitude, name, wallDate, wallTime, words, timeZone as timeZone } from "./parts";
export {
  bodySchema,
  cardSchema,
  converterSchema,
  KIT_VERSION,
  kitSchema,
  lensSchema,
  supportSchema,
} from "./kit";
export {
  librarySchema,
  ownLightLevelSchema,
  ownStartSchema,
  ownSubjectSchema,
  ownVenueSchema,
} from "./library";
export { PREFERENCES_VERSION, preferencesSchema } from "./preferences";
export { CAUTIONS, KINDS, OUTING_VERSION, outingSchema } from "./outing";
export { arrangementsSchema, deliverableSchema } from "./packing";
export { CONSENTS, personSchema } from "./people";
export { programmeEventSchema } from "./programme";
export { shotSchema } from "./shot";
export { tagSchema, type Tag } from "./tag";

export type Outing = z.infer<typeof outingSchema>;
export type StoredShot = z.infer<typeof shotSchema>;
export type StoredSubject = z.infer<typeof subjectSchema>;
export type ProgrammeEvent = NonNullable<Outing["programme"]>[number];
export type Person = NonNullable<Outing["people"]>[number];
export type Choice = z.infer<typeof choiceSchema>;
export type Caution = (typeof CAUTIONS)[number];
export type Kind = (typeof KINDS)[number];
export type StoredKit = z.infer<typeof kitSchema>;
export type Library = z.infer<typeof librarySchema>;
export type Preferences = z.infer<typeof preferencesSchema>;
export type ThemeName = Preferences["theme"];

/** The compiler holds that what is kept satisfies what the core asks for. */
type Holds<Stored extends Wanted, Wanted> = Stored;
export type CoreShapes = [
  Holds<z.infer<typeof groundSchema>, Ground>,
  Holds<StoredShot, Shot>,
  Holds<StoredSubject, Subject>,
  Holds<z.infer<typeof readingSchema>, Reading>,
  Holds<Outing["log"][number], Series>,
  Holds<StoredKit, Kit>,
  Holds<StoredSacrifice, Sacrifice>,
];
