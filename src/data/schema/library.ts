import { z } from "zod";
import { LIMITS } from "./limits";
import { id, known, latitude, listOf, longitude, name, words } from "./parts";
import { subjectSchema } from "./subject";

const source = words(300);

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

/** What the user copied out of the library and changed. */
export const librarySchema = z.object({
  version: z.literal(1),
  subjects: listOf(ownSubjectSchema, LIMITS["own entries"]),
  lightLevels: listOf(ownLightLevelSchema, LIMITS["own entries"]),
  startingSettings: listOf(ownStartSchema, LIMITS["own entries"]),
  venues: listOf(ownVenueSchema, LIMITS["own entries"]),
});
