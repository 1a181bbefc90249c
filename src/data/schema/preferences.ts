import { z } from "zod";
import { learntSchema } from "./learnt";

const sacrifice = z.enum(["lift", "shutter", "aperture", "iso"]);

const intent = z.enum(["freeze", "pan", "streak", "still", "reaction", "context"]);

/** How much a part of the score counts, 0 not at all … 5 above all. */
const weight = z.number().min(0).max(5);
const weightsSchema = z.object({
  reach: weight,
  "light-side": weight,
  "light-enough": weight,
  movement: weight,
  background: weight,
  face: weight,
  "eye-level": weight,
  glare: weight,
  "own-shadow": weight,
  walk: weight,
});

const template = z.string().max(1000);
const captionsSchema = z.object({
  title: template,
  description: template,
  keywords: template,
  creator: z.string().max(200),
  credit: z.string().max(200),
  rights: template,
  terms: z.string().max(1000),
});

export const PREFERENCES_VERSION = 2;

export const preferencesSchema = z.object({
  version: z.literal(PREFERENCES_VERSION),
  theme: z.enum(["day", "dusk", "hide"]),
  /** Inside an outing the theme follows the light there, until one is chosen by hand. */
  themeByLight: z.boolean(),
  units: z.enum(["m", "ft"]),
  clock: z.enum(["24", "12"]),
  /** What a new shot starts from. */
  tolerance: z.enum(["print-sharp", "web", "pixel-sharp"]),
  /** Expose fully, or underexpose up to each body's allowance and lift later. */
  school: z.enum(["full", "lift"]),
  /** Metres a second with the kit on. */
  walkingPace: z.number().min(0.2).max(5),
  /** What is given up first when the light is short. */
  order: z
    .array(sacrifice)
    .length(4)
    .refine((o) => new Set(o).size === 4, "list each of the four once"),
  /** What counts how much where a place is judged, by the shot's intent; the usual weights for those that are not here. */
  weights: z.partialRecord(intent, weightsSchema).optional(),
  /** What is said of every picture, in templates and in words. */
  captions: captionsSchema.optional(),
  /** The card says besides in plain words what to set and why, with its terms explained. */
  plainWords: z.boolean().optional(),
  /** Figures of one's own that stand in the place of the usual ones. */
  learnt: learntSchema.optional(),
});

export type StoredSacrifice = z.infer<typeof sacrifice>;
