import { z } from "zod";
import { venueTemplate, type Ground } from "@/core/ground";
import type { Reading } from "@/core/light";
import type { Subject } from "@/core/motion";
import type { Kit } from "@/core/optics";
import type { Sacrifice } from "@/core/exposure";
import type { Shot } from "@/core/scene";

/** What is kept, as it is kept. Core owns the shapes of its own things; the checks at the end hold the two together. */

const id = z.string().regex(/^[a-z0-9-]{1,40}$/, "an id has 1 to 40 of a-z, 0-9 and -");
const name = z.string().trim().min(1, "a name is needed").max(80);
const metres = (most: number) => z.number().min(0).max(most);
const point = z.object({ x: z.number().min(-5000).max(5000), y: z.number().min(-5000).max(5000) });
const outline = z.array(point).min(3).max(64);
const bearing = z.number().min(0).lt(360);
/** Within any one list of a record an id stands once. */
const uniqueById = <T extends { id: string }>(items: readonly T[], context: z.RefinementCtx): void => {
  const seen = new Set<string>();
  items.forEach((item, i) => {
    if (seen.has(item.id))
      context.addIssue({ code: "custom", path: [i, "id"], message: `the id ${item.id} stands twice` });
    seen.add(item.id);
  });
};
const listOf = <S extends z.ZodType<{ id: string }>>(item: S, most: number) =>
  z.array(item).max(most).superRefine(uniqueById);

const wallTime = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, "a time is HH:MM, 00:00 to 23:59");
const wallDate = z.iso.date("a date is YYYY-MM-DD");
const zone = z.string().refine(isKnownZone, "a time zone is an IANA name such as Europe/London");

function isKnownZone(value: string): boolean {
  try {
    return new Intl.DateTimeFormat("en", { timeZone: value }).resolvedOptions().timeZone.length > 0;
  } catch {
    return false;
  }
}

const groundSchema = z.object({
  anchor: z.object({
    latitude: z.number().min(-90).max(90),
    longitude: z.number().min(-180).max(180),
    elevation: z.number().min(-500).max(9000),
  }),
  surface: z.enum(["grass", "track", "sand", "snow", "water", "floor"]).optional(),
  venue: z.object({
    template: z.string().refine((id) => venueTemplate(id).ok, "no venue of this name is known"),
    bearing,
    centre: point,
  }),
  zones: listOf(z.object({ id, name, offsetClicks: z.int().min(-12).max(12) }), 20),
  spots: listOf(z.object({ id, name, at: point, aimHeight: metres(60), facing: bearing, zoneId: id }), 60),
  tracks: listOf(z.object({ id, name, points: z.array(point).min(2).max(200) }), 60),
  obstacles: listOf(
    z.object({
      id,
      name,
      kind: z.enum(["stand", "building", "fence", "boards", "trees", "goal"]),
      outline,
      height: z.number().positive().max(200),
    }),
    100,
  ),
  masts: listOf(
    z.object({
      id,
      name,
      at: point,
      height: z.number().positive().max(100),
      candela: z.number().positive().max(1e8).optional(),
    }),
    40,
  ),
  noGo: listOf(z.object({ id, name, outline }), 40),
  positions: listOf(z.object({ id, name, at: point, lensHeight: z.number().min(0.05).max(60) }), 40),
});

const shotSchema = z.object({
  id,
  name,
  intent: z.enum(["freeze", "pan", "streak", "still", "reaction", "context"]),
  subjectId: id,
  spotId: id,
  technique: z.enum(["pre-framed", "tracked", "panned"]),
  part: z.enum(["whole", "three-quarter", "half", "head"]),
  orientation: z.enum(["upright", "level"]),
  along: z.enum(["height", "width"]).optional(),
  streakShare: z.number().min(0.001).max(1).optional(),
  circleRule: z.enum(["diagonal", "delivered-pixel", "arc-minute"]).optional(),
  fill: z.number().min(0.02).max(1),
  holdPartId: id,
  tolerance: z.enum(["print-sharp", "web", "pixel-sharp"]),
  deliveredLongEdgePx: z.int().min(200).max(30000),
  wanted: z.int().min(1).max(999),
});

const subjectSchema = z.object({
  id,
  name,
  height: z.number().min(0.002).max(40),
  depth: z.number().min(0.0005).max(40),
  length: z.number().min(0.0005).max(60).optional(),
  span: z.number().min(0.0005).max(60).optional(),
  round: z.boolean().optional(),
  bodySpeed: z.number().min(0).max(120),
  bob: z.number().min(0).max(20),
  parts: z
    .array(
      z.object({
        id,
        name,
        partClass: z.enum(["body", "limb", "tool", "wing"]),
        speed: z.number().min(0).max(150),
        halfWidth: z.number().min(0.0005).max(5).optional(),
      }),
    )
    .max(12)
    .superRefine(uniqueById),
  known: z.enum(["published", "from memory", "common practice", "estimated", "invented"]),
});

const readingSchema = z.object({
  id,
  zoneId: id,
  spotId: id,
  positionId: id,
  at: z.number(),
  settingsEv: z.number().min(-15).max(30),
  offClicks: z.int().min(-30).max(30),
  modelEv: z.number().min(-15).max(30),
  dayShare: z.number().min(0).max(1),
});

const clicks = z.int().min(-30).max(60);
const choiceSchema = z.object({
  shotId: id,
  positionId: id.nullable(),
  bodyId: id,
  lensId: id,
  converterId: id.nullable(),
  supportId: id,
  /** null lets the zoom go to the wished fill. */
  focalLengthMm: z.number().min(1).max(5000).nullable(),
  held: z.object({ shutter: clicks.optional(), aperture: clicks.optional(), iso: clicks.optional() }),
});

const SHOOT_VERSION = 1;

const shootFields = z.object({
  version: z.literal(SHOOT_VERSION),
  id,
  /** Grows by one with every write; a write that does not follow the stored one is refused. */
  revision: z.int().min(0),
  name,
  place: name,
  sport: name,
  date: wallDate,
  from: wallTime,
  until: wallTime,
  starts: wallTime,
  zone,
  /** The minute that the plan is looked at, while the outing is not on. */
  plannedAt: wallTime,
  /** The shot in hand. */
  shotId: id,
  ground: groundSchema,
  subjects: listOf(subjectSchema, 60),
  shots: listOf(shotSchema, 60).refine((shots) => shots.length > 0, "an outing promises at least one shot"),
  choices: z.array(choiceSchema).max(60),
  light: z.object({
    cloudEighths: z.int().min(0).max(8),
    passing: z.boolean().optional(),
    lamps: z
      .object({
        class: z.enum(["I", "II", "III"]),
        from: wallTime,
        until: wallTime,
        flicker: z
          .object({ mainsHz: z.union([z.literal(50), z.literal(60)]), modulation: z.number().min(0).max(1) })
          .optional(),
      })
      .nullable(),
    readings: listOf(readingSchema, 500),
  }),
});

/** Names that must point at something within the same record: where it is written, and where it has to be found. */
function checkReferences(shoot: z.infer<typeof shootFields>, context: z.RefinementCtx): void {
  const need = (found: boolean, path: (string | number)[], what: string): void => {
    if (!found) context.addIssue({ code: "custom", path, message: `${what} is not in this outing` });
  };
  const has = (items: readonly { id: string }[], wanted: string): boolean =>
    items.some((i) => i.id === wanted);
  const { ground, shots, subjects } = shoot;
  if (shoot.until <= shoot.from)
    context.addIssue({
      code: "custom",
      path: ["until"],
      message: "the outing must end after it begins, on one day",
    });
  need(has(shots, shoot.shotId), ["shotId"], `the shot ${shoot.shotId}`);
  ground.spots.forEach((s, i) =>
    need(has(ground.zones, s.zoneId), ["ground", "spots", i, "zoneId"], `the zone ${s.zoneId}`),
  );
  shots.forEach((shot, i) => {
    need(has(ground.spots, shot.spotId), ["shots", i, "spotId"], `the spot ${shot.spotId}`);
    const subject = subjects.find((s) => s.id === shot.subjectId);
    need(subject !== undefined, ["shots", i, "subjectId"], `the subject ${shot.subjectId}`);
    const part = shot.holdPartId === "body" || (subject ? has(subject.parts, shot.holdPartId) : true);
    need(part, ["shots", i, "holdPartId"], `the part ${shot.holdPartId}`);
  });
  shoot.choices.forEach((choice, i) => {
    need(has(shots, choice.shotId), ["choices", i, "shotId"], `the shot ${choice.shotId}`);
    const placed = choice.positionId === null || has(ground.positions, choice.positionId);
    need(placed, ["choices", i, "positionId"], `the position ${choice.positionId}`);
  });
  shots.forEach((shot, i) =>
    need(
      shoot.choices.some((c) => c.shotId === shot.id),
      ["shots", i, "id"],
      `a choice of kit for ${shot.id}`,
    ),
  );
}

export const shootSchema = shootFields.superRefine(checkReferences);

const mark = z.number().positive();
export const kitSchema = z.object({
  version: z.literal(1),
  bodies: listOf(
    z
      .object({
        id,
        name,
        format: z.object({
          widthMm: mark.max(200),
          heightMm: mark.max(200),
          widthPx: z.int().min(100).max(60000),
        }),
        baseIso: mark,
        maxIso: mark,
        isoCeiling: mark,
        isoFloor: mark,
        fastestShutter: z.number().positive().max(1),
        liftClicks: z.int().min(0).max(9),
        readout: z.number().min(0.0001).max(1).optional(),
        framesPerSecond: z.number().min(0.1).max(240).optional(),
        frameMb: mark.max(1000).optional(),
        bufferMb: mark.max(100000).optional(),
        weightG: mark.max(50000).optional(),
      })
      .refine((b) => b.baseIso <= b.isoFloor && b.isoFloor <= b.isoCeiling && b.isoCeiling <= b.maxIso, {
        path: ["isoCeiling"],
        message: "ISO goes base, floor, ceiling, highest, each at least the one before",
      }),
    50,
  ).refine((items) => items.length > 0, "a kit has at least one body"),
  lenses: listOf(
    z
      .object({
        id,
        name,
        minFocalLengthMm: mark.max(5000),
        maxFocalLengthMm: mark.max(5000),
        widest: z.number().min(0.7).max(64),
        widestAtLong: z.number().min(0.7).max(64).optional(),
        narrowest: z.number().min(1).max(128),
        closestFocus: mark.max(100),
        stabiliserStops: z.number().min(0).max(8),
        takesConverter: z.boolean(),
        largestMagnification: z.number().min(0.001).max(10).optional(),
        weightG: mark.max(50000).optional(),
      })
      .refine(
        (l) =>
          l.minFocalLengthMm <= l.maxFocalLengthMm &&
          l.widest <= l.narrowest &&
          (l.widestAtLong ?? l.widest) <= l.narrowest,
        {
          path: ["maxFocalLengthMm"],
          message:
            "the longest focal length and the narrowest aperture come after the shortest and the widest",
        },
      ),
    100,
  ).refine((items) => items.length > 0, "a kit has at least one lens"),
  converters: listOf(z.object({ id, name, factor: z.number().min(1).max(4) }), 20),
  supports: listOf(z.object({ id, name, stops: z.number().min(-3).max(8) }), 20).refine(
    (items) => items.length > 0,
    "a kit has at least the bare hand as a support",
  ),
});

const sacrifice = z.enum(["lift", "shutter", "aperture", "iso"]);
export const preferencesSchema = z.object({
  version: z.literal(1),
  theme: z.enum(["day", "dusk", "hide"]),
  /** What is given up first when the light is short. */
  order: z
    .array(sacrifice)
    .length(4)
    .refine((o) => new Set(o).size === 4, "each sacrifice stands once"),
});

export type Shoot = z.infer<typeof shootSchema>;
export type Choice = z.infer<typeof choiceSchema>;
export type StoredKit = z.infer<typeof kitSchema>;
export type Preferences = z.infer<typeof preferencesSchema>;
export type ThemeName = Preferences["theme"];

/** The compiler holds that what is kept satisfies what the core asks for. */
type Holds<Stored extends Wanted, Wanted> = Stored;
export type CoreShapes = [
  Holds<z.infer<typeof groundSchema>, Ground>,
  Holds<z.infer<typeof shotSchema>, Shot>,
  Holds<z.infer<typeof subjectSchema>, Subject>,
  Holds<z.infer<typeof readingSchema>, Reading>,
  Holds<StoredKit, Kit>,
  Holds<z.infer<typeof sacrifice>, Sacrifice>,
];
