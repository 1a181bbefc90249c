import { z } from "zod";
import { groundSchema } from "./ground";
import { timesFault } from "../days";
import { forecastSchema } from "./forecast";
import { evidenceSchema, walkSchema } from "./learnt";
import { ownEntriesSchema } from "./library";
import { LIMITS } from "./limits";
import { bearing, id, instant, listOf, name, wallDate, wallTime, words, timeZone } from "./parts";
import { arrangementsSchema, deliverableSchema, packingSchema } from "./packing";
import { personSchema } from "./people";
import { programmeEventSchema } from "./programme";
import { choiceSchema, clicks, shotSchema } from "./shot";
import { subjectSchema } from "./subject";

export const readingSchema = z.object({
  id,
  zoneId: id,
  spotId: id,
  positionId: id,
  at: instant,
  settingsEv: z.number().min(-15).max(30),
  offClicks: z.int().min(-30).max(30),
  modelEv: z.number().min(-15).max(30),
  dayShare: z.number().min(0).max(1),
});

/** Frames of one shot at one set of settings, counted after the outing. */
const seriesSchema = z
  .object({
    id,
    shotId: id,
    settings: z.object({ shutter: clicks, aperture: clicks, iso: clicks }),
    taken: z.int().min(1).max(99999),
    kept: z.int().min(0).max(99999),
    /** Of frames that were read and judged: each burst's frames, and how many of them were kept. */
    bursts: z
      .array(z.tuple([z.int().min(1).max(99999), z.int().min(0).max(99999)]))
      .max(2000)
      .optional(),
  })
  .refine((s) => s.kept <= s.taken, { path: ["kept"], message: "no more can be kept than were taken" });

/** Where the work can hurt or disturb, in the order in which it is said: what is dangerous first. */
export const CAUTIONS = [
  "throwing-sector",
  "dangerous-animals",
  "venom",
  "off-the-track",
  "vehicles",
  "aircraft",
  "horses",
  "dogs",
  "balls",
  "avalanche",
  "course",
  "heights",
  "lightning",
  "tide",
  "water",
  "electricity",
  "distance",
  "nests",
  "run-off",
  "silence",
  "flash",
  "playback",
  "feeding",
  "heat",
  "cold",
  "sun",
  "ticks",
  "private-land",
  "alone",
  "young-people",
] as const;

export const KINDS = ["field", "court", "pool", "arena", "course", "wild"] as const;
export const kindSchema = z.enum(KINDS);
export const cautionSchema = z.enum(CAUTIONS);

const ids = z.array(id).max(100);
/** What of the kit goes along; everything when it is not said. */
const bagSchema = z.object({ bodies: ids, lenses: ids, converters: ids, supports: ids, cards: ids });

export const lampsSchema = z.object({
  class: z.enum(["broadcast", "I", "II", "III"]),
  kind: z.enum(["field", "hall", "pool"]).optional(),
  from: wallTime,
  /** Alight as long as anybody stays when left out. */
  until: wallTime.optional(),
  flicker: z
    .object({ mainsHz: z.union([z.literal(50), z.literal(60)]), modulation: z.number().min(0).max(1) })
    .optional(),
});

/** From an instant on, the stops by which a source of the light is brighter than planned. */
const takenSchema = z.object({ at: instant, stops: z.number().min(-6).max(6) });

/** Wind, and how far water comes in and goes out. */
const weatherSchema = z.object({
  falls: z.enum(["rain", "snow"]).optional(),
  /** Degrees Celsius of the air. */
  temperature: z.number().min(-60).max(60).optional(),
  wind: z.object({ from: bearing, speed: z.number().min(0).max(60) }).optional(),
  water: z
    .object({
      /** Metres that the shore runs out for each metre of rise. */
      shore: z.number().min(0.5).max(500),
      levels: z
        .array(z.object({ at: wallTime, metres: z.number().min(-20).max(20) }))
        .min(1)
        .max(24),
    })
    .optional(),
});

export const OUTING_VERSION = 6;

/** An attempt to gain ground: where the ball is, and where one stands for it. */
const downsSchema = z.object({
  /** The spot that is moved with the ball, and the position that follows the line to be gained. */
  spotId: id,
  positionId: id,
  /** Along the venue, or against it. */
  toward: z.union([z.literal(1), z.literal(-1)]),
  /** Yards from the goal line behind those who attack. */
  ball: z.int().min(1).max(99),
  /** Yards that are to be gained. */
  toGo: z.int().min(1).max(99),
  down: z.int().min(1).max(4),
});

/** The share of the daylight that comes through a roof or leaves. */
export const coverSchema = z.object({ daylightShare: z.number().min(0).max(1) });

const outingFields = z.object({
  version: z.literal(OUTING_VERSION),
  id,
  /** Grows by one with every write; a write that does not follow the stored one is refused. */
  revision: z.int().min(0),
  name,
  kind: kindSchema,
  place: name,
  /** The place that is kept across outings, where this one belongs to one. */
  placeId: id.optional(),
  sport: name,
  date: wallDate,
  from: wallTime,
  until: wallTime,
  starts: wallTime,
  /** The day of leaving, where that is not the day of arriving, or the next in an outing past midnight. */
  lastDate: wallDate.optional(),
  timeZone,
  /** Put away: kept, but not among the outings to come. */
  archived: z.boolean(),
  /** Who lets one in, where one may stand, and where else if that falls through. */
  access: z.object({ allowedBy: words(120), mayStand: words(200), fallBack: words(200) }),
  cautions: z.array(cautionSchema).max(CAUTIONS.length),
  bag: bagSchema.nullable(),
  /** The minute that the plan is looked at, while the outing is not on. */
  plannedAt: wallTime,
  /** The shot in hand. */
  shotId: id,
  ground: groundSchema,
  subjects: listOf(subjectSchema, LIMITS.subjects),
  shots: listOf(shotSchema, LIMITS.shots).refine(
    (shots) => shots.length > 0,
    "an outing promises at least one shot",
  ),
  choices: z.array(choiceSchema).max(LIMITS.shots),
  light: z.object({
    cloudEighths: z.int().min(0).max(8),
    /** Cloud by the clock, where it is not the same all the time. */
    cloudHours: z
      .array(z.object({ at: wallTime, eighths: z.int().min(0).max(8) }))
      .max(24)
      .optional(),
    passing: z.boolean().optional(),
    roof: coverSchema.optional(),
    leaves: coverSchema.optional(),
    lamps: lampsSchema.nullable(),
    readings: listOf(readingSchema, LIMITS.readings),
    /** The day taken to be other than planned. */
    taken: z.object({ day: takenSchema.optional(), lamps: takenSchema.optional() }).optional(),
  }),
  weather: weatherSchema.optional(),
  forecast: forecastSchema.optional(),
  programme: listOf(programmeEventSchema, LIMITS.events).optional(),
  downs: downsSchema.optional(),
  people: listOf(personSchema, LIMITS.people).optional(),
  packing: packingSchema.optional(),
  arrangements: arrangementsSchema.optional(),
  deliverables: listOf(deliverableSchema, 60).optional(),
  log: listOf(seriesSchema, LIMITS.counts),
  /** What one learns of, from this outing; nothing is learnt of one without. */
  evidence: evidenceSchema.optional(),
  own: ownEntriesSchema.optional(),
  /** Walks that were timed, the last of them perhaps still going on. */
  walks: z.array(walkSchema).max(200).optional(),
  notes: words(4000),
});

type OutingFields = z.infer<typeof outingFields>;
type Need = (found: boolean, path: (string | number)[], what: string) => void;

const has = (items: readonly { id: string }[], wanted: string): boolean => items.some((i) => i.id === wanted);

/** Names that must point at something within the same record: where it is written, and where it has to be found. */
function checkReferences(outing: OutingFields, context: z.RefinementCtx): void {
  const need: Need = (found, path, what) => {
    if (!found) context.addIssue({ code: "custom", path, message: `${what} is not in this outing` });
  };
  const { ground, shots } = outing;
  checkTimes(outing, context);
  need(has(shots, outing.shotId), ["shotId"], `the shot ${outing.shotId}`);
  ground.spots.forEach((s, i) =>
    need(has(ground.zones, s.zoneId), ["ground", "spots", i, "zoneId"], `the zone ${s.zoneId}`),
  );
  ground.masts.forEach((mast, i) => {
    const known = !mast.file || has(ground.lampFiles ?? [], mast.file.id);
    need(known, ["ground", "masts", i, "file", "id"], `the lamp file ${mast.file?.id}`);
  });
  checkShots(outing, need);
  outing.choices.forEach((choice, i) => {
    need(has(shots, choice.shotId), ["choices", i, "shotId"], `the shot ${choice.shotId}`);
    const placed = choice.positionId === null || has(ground.positions, choice.positionId);
    need(placed, ["choices", i, "positionId"], `the position ${choice.positionId}`);
  });
  outing.log.forEach((series, i) =>
    need(has(shots, series.shotId), ["log", i, "shotId"], `the shot ${series.shotId}`),
  );
}

function checkTimes(outing: OutingFields, context: z.RefinementCtx): void {
  const fault = timesFault(outing);
  if (fault) context.addIssue({ code: "custom", path: [fault.path], message: fault.message });
}

function checkShots({ ground, shots, subjects, choices }: OutingFields, need: Need): void {
  shots.forEach((shot, i) => {
    need(has(ground.spots, shot.spotId), ["shots", i, "spotId"], `the spot ${shot.spotId}`);
    const subject = subjects.find((s) => s.id === shot.subjectId);
    need(subject !== undefined, ["shots", i, "subjectId"], `the subject ${shot.subjectId}`);
    if (shot.depth?.kind === "two-things")
      need(
        has(ground.spots, shot.depth.otherSpotId) || has(ground.obstacles, shot.depth.otherSpotId),
        ["shots", i, "depth", "otherSpotId"],
        `the spot or thing ${shot.depth.otherSpotId}`,
      );
    const part = shot.holdPartId === "body" || (subject ? has(subject.parts, shot.holdPartId) : true);
    need(part, ["shots", i, "holdPartId"], `the part ${shot.holdPartId}`);
    const chosen = choices.some((c) => c.shotId === shot.id);
    need(chosen, ["shots", i, "id"], `a choice of kit for ${shot.id}`);
  });
}

export const outingSchema = outingFields.superRefine(checkReferences);
