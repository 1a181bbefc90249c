import { z } from "zod";
import { groundSchema } from "./ground";
import { cautionSchema, coverSchema, kindSchema, lampsSchema, readingSchema } from "./outing";
import { bearing, id, listOf, name, timeZone, wallDate, wallTime, words } from "./parts";

/** A reading of the light that an outing brought: kept raw, as the outing has it. */
const placeReadingSchema = readingSchema.extend({ outingId: id });

/** What was had from a position on an outing: frames of one shot. */
const workedSchema = z
  .object({
    id,
    outingId: id,
    date: wallDate,
    positionId: id,
    shot: name,
    taken: z.int().min(1).max(1_000_000),
    kept: z.int().min(0).max(1_000_000),
  })
  .refine((w) => w.kept <= w.taken, { path: ["kept"], message: "no more can be kept than were taken" });

/** A small picture of the place. */
const MOST_JPEG = 60_000;

/** A place as it is kept across outings: its ground with everything drawn, its light, who gives leave, what worked. */
export const placeSchema = z.object({
  id,
  name,
  kind: kindSchema,
  timeZone,
  ground: groundSchema,
  light: z.object({
    roof: coverSchema.optional(),
    leaves: coverSchema.optional(),
    lamps: lampsSchema.nullable(),
    readings: listOf(placeReadingSchema, 500),
  }),
  access: z.object({ allowedBy: words(120), mayStand: words(200), fallBack: words(200) }),
  cautions: z.array(cautionSchema).max(40),
  notes: words(4000),
  worked: listOf(workedSchema, 500),
  pictures: listOf(z.object({ id, name: words(200), jpeg: z.base64().min(100).max(MOST_JPEG) }), 12),
});
export type Place = z.infer<typeof placeSchema>;

export const SIGHTING_KINDS = [
  "seen",
  "territory",
  "perch",
  "first-song",
  "arrival",
  "nest",
  "den",
  "young",
  "track",
] as const;

/** What was seen in a wild place on a day: the name is that of the animal. */
export const sightingSchema = z.object({
  id,
  placeId: id,
  name,
  what: z.enum(SIGHTING_KINDS),
  on: wallDate,
  at: wallTime.optional(),
  /** A spot of the place's ground; somewhere about it when left out. */
  spotId: id.optional(),
  count: z.int().min(1).max(1_000_000).optional(),
  /** They land and leave into it. */
  wind: z.object({ from: bearing, speed: z.number().min(0).max(60) }).optional(),
  /** Minutes after high water, before it below 0: told by hand. */
  afterHighWater: z.int().min(-780).max(780).optional(),
  /** Metres that are kept off a nest or a den. */
  keepOff: z.number().min(0).max(2000).optional(),
  note: words(300).optional(),
});
export type Sighting = z.infer<typeof sightingSchema>;

/** The most sightings that are kept: years of several places. */
const MOST_SIGHTINGS = 6000;

export const placesSchema = z.object({
  version: z.literal(1),
  places: listOf(placeSchema, 60),
  sightings: listOf(sightingSchema, MOST_SIGHTINGS),
});
export type Places = z.infer<typeof placesSchema>;
