import { z } from "zod";
import { id, known, listOf, name, words } from "./parts";
import { subjectSchema } from "./subject";

const source = words(300);

/** What the user copied out of the library and changed. */
export const librarySchema = z.object({
  version: z.literal(1),
  /** Grows with every write, as a shoot's does. */
  subjects: listOf(subjectSchema.extend({ source }), 200),
  lightLevels: listOf(
    z
      .object({
        id,
        name,
        evFrom: z.number().min(-10).max(20),
        evTo: z.number().min(-10).max(20),
        known,
        source,
      })
      .refine((l) => l.evFrom <= l.evTo, { path: ["evTo"], message: "the upper EV is at least the lower" }),
    200,
  ),
  startingSettings: listOf(
    z.object({
      id,
      discipline: name,
      shutter: z.number().positive().max(60),
      least: z.number().positive().max(60),
      withLight: z.number().positive().max(60),
      fNumber: z.tuple([z.number().min(0.7).max(128), z.number().min(0.7).max(128)]),
      known,
      source,
    }),
    200,
  ),
  venues: listOf(
    z.object({
      id,
      name,
      /** The template that it was copied from, whose marks it keeps. */
      template: id,
      bearing: z.number().min(0).lt(360),
      latitude: z.number().min(-90).max(90).nullable(),
      longitude: z.number().min(-180).max(180).nullable(),
      notes: words(500),
      known,
      source,
    }),
    200,
  ),
});
