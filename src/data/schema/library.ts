import { z } from "zod";
import { LIMITS } from "./limits";
import { id, known, latitude, listOf, longitude, name, words } from "./parts";
import { subjectSchema } from "./subject";

const source = words(300);
const FAVOURITES = 400;

export const ownSubjectSchema = subjectSchema.extend({ source });

export const ownLightLevelSchema = z
  .object({ id, name, evFrom: z.number().min(-10).max(20), evTo: z.number().min(-10).max(20), known, source })
  .refine((l) => l.evFrom <= l.evTo, { path: ["evTo"], message: "the upper EV is at least the lower" });

const seconds = z.number().min(1e-6).max(60);
const fNumber = z.number().min(0.7).max(128);
export const ownStartSchema = z
  .object({
    id,
    discipline: name,
    shutter: seconds,
    least: seconds,
    withLight: seconds,
    fNumber: z.tuple([fNumber, fNumber]),
    known,
    source,
  })
  .refine((s) => s.least >= s.shutter && s.shutter >= s.withLight, {
    path: ["least"],
    message: "the least that you accept is no faster than your start, and with light you go faster",
  });

export const ownVenueSchema = z.object({
  id,
  name,
  /** The template whose marks it has. */
  template: id,
  bearing: z.number().min(0).lt(360),
  latitude: latitude.optional(),
  longitude: longitude.optional(),
  notes: words(500),
  known,
  source,
});

/** What an outing has of one's own library besides its subjects. */
export const ownEntriesSchema = z.object({
  /** The venue that it was begun on. */
  venue: ownVenueSchema.optional(),
  /** Levels and starting settings as they were when the library changed after its end; the library's own while left out. */
  lightLevels: listOf(ownLightLevelSchema, LIMITS["own entries"]).optional(),
  startingSettings: listOf(ownStartSchema, LIMITS["own entries"]).optional(),
});

/** What the user copied out of the library and changed. */
export const librarySchema = z.object({
  version: z.literal(1),
  subjects: listOf(ownSubjectSchema, LIMITS["own entries"]),
  lightLevels: listOf(ownLightLevelSchema, LIMITS["own entries"]),
  startingSettings: listOf(ownStartSchema, LIMITS["own entries"]),
  venues: listOf(ownVenueSchema, LIMITS["own entries"]),
  /** What stands first in its lists: section and id of entries, one's own or shipped. */
  favourites: z.array(words(80)).max(FAVOURITES).optional(),
});
