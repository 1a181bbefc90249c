import { z } from "zod";
import {
  DRAWN_KINDS,
  LEAVE_KINDS,
  OBSTACLE_KINDS,
  OBSTACLE_KIND_NAMES,
  ROD_KINDS,
  SURFACES,
  SWATCH_NAMES,
  TRACK_KINDS,
  venueTemplate,
  WAYS_OF_BEING,
  type BlockKind,
} from "@/core/ground";
import { LIMITS } from "./limits";
import {
  bearing,
  id,
  latitude,
  listOf,
  longitude,
  metres,
  name,
  outline,
  place,
  point,
  words,
} from "./parts";

const surface = z.enum(SURFACES);
const height = z.number().min(0.01).max(200);
const thickness = z.number().min(0.001).max(20);
const groundHeight = z.number().min(-200).max(200).optional();

const look = z.object({ colour: z.enum(SWATCH_NAMES).optional(), detail: metres(10).optional() }).optional();

const blockKinds = OBSTACLE_KIND_NAMES.filter(
  (kind): kind is BlockKind => OBSTACLE_KINDS[kind].form === "block",
);

const blockSchema = z
  .object({
    id,
    name,
    look,
    kind: z.enum(blockKinds),
    outline,
    height,
    base: metres(200).optional(),
    rise: z.object({ toward: bearing, from: metres(200) }).optional(),
    mesh: z.object({ pitch: z.number().min(0.002).max(2), wire: z.number().min(0.0001).max(0.1) }).optional(),
    posts: z.object({ spacing: z.number().min(0.2).max(100), thickness }).optional(),
  })
  .refine((b) => (b.base ?? 0) < b.height, { path: ["base"], message: "the underside lies below the top" })
  .refine((b) => (b.rise?.from ?? 0) < b.height, {
    path: ["rise", "from"],
    message: "the low side lies below the high one",
  });

const treeSchema = z
  .object({
    id,
    name,
    look,
    kind: z.literal("tree"),
    at: point,
    height,
    trunkRadius: thickness,
    crownRadius: z.number().min(0.1).max(40),
    crownFrom: metres(200),
  })
  .refine((t) => t.crownFrom < t.height, {
    path: ["crownFrom"],
    message: "the crown begins below the top of the tree",
  });

const rodSchema = z.object({
  id,
  name,
  look,
  kind: z.enum(ROD_KINDS),
  from: place,
  to: place,
  thickness,
});

const obstacleSchema = z.discriminatedUnion("kind", [blockSchema, treeSchema, rodSchema]);

const slitSchema = z
  .object({
    facing: bearing,
    width: z.number().min(0.02).max(20),
    sill: metres(60),
    top: metres(60),
    back: metres(5),
  })
  .refine((s) => s.sill < s.top, { path: ["top"], message: "the upper edge lies above the sill" });

/** The most letters that a photometric file may have. */
const LAMP_FILE = 60_000;

export const groundSchema = z.object({
  anchor: z.object({
    latitude,
    longitude,
    elevation: z.number().min(-500).max(9000),
    assumed: z.boolean().optional(),
  }),
  surface: surface.optional(),
  areas: listOf(
    z.object({
      id,
      name,
      kind: z.enum(DRAWN_KINDS),
      surface: surface.optional(),
      daylightShare: z.number().min(0).max(1).optional(),
      outline,
    }),
    LIMITS.areas,
  ),
  venue: z.object({
    template: z.string().refine((id) => venueTemplate(id).ok, "no venue of this name is known"),
    bearing,
    centre: point,
    changed: z
      .array(z.object({ part: z.int().min(0).max(200), outline: outline.optional() }))
      .max(200)
      .optional(),
  }),
  zones: listOf(
    z.object({
      id,
      name,
      offsetClicks: z.int().min(-12).max(12),
      outline: outline.optional(),
      holdsFor: z.enum(["lamps", "all"]).optional(),
    }),
    LIMITS["light zones"],
  ),
  spots: listOf(
    z.object({
      id,
      name,
      at: point,
      aimHeight: metres(300),
      facing: bearing,
      zoneId: id,
      heading: bearing.optional(),
      happens: words(200).optional(),
      groundHeight,
    }),
    LIMITS.spots,
  ),
  tracks: listOf(
    z.object({
      id,
      name,
      points: z.array(point).min(2).max(200),
      kind: z.enum(TRACK_KINDS).optional(),
      runs: words(80).optional(),
      speed: z.number().min(0.01).max(300).optional(),
      height: metres(200).optional(),
    }),
    LIMITS.tracks,
  ),
  obstacles: listOf(obstacleSchema, LIMITS.obstacles),
  masts: listOf(
    z.object({
      id,
      name,
      at: point,
      height: z.number().min(0.5).max(100),
      candela: z.number().min(1).max(1e8).optional(),
      file: z.object({ id, aim: point }).optional(),
    }),
    LIMITS.masts,
  ),
  lampFiles: listOf(z.object({ id, name, text: z.string().max(LAMP_FILE) }), LIMITS["lamp files"]).optional(),
  windows: listOf(
    z.object({
      id,
      name,
      at: point,
      facing: bearing,
      width: z.number().min(0.1).max(100),
      height: z.number().min(0.1).max(50),
      sill: metres(60),
    }),
    LIMITS.windows,
  ).optional(),
  hall: z.object({ outline, height: z.number().min(2).max(100) }).optional(),
  leave: z.array(z.enum(LEAVE_KINDS)).max(LEAVE_KINDS.length).optional(),
  positions: listOf(
    z.object({
      id,
      name,
      at: point,
      lensHeight: z.number().min(0.05).max(60),
      way: z.enum(WAYS_OF_BEING).optional(),
      slit: slitSchema.optional(),
      pane: z.object({ sheets: z.int().min(1).max(3), facing: bearing }).optional(),
      groundHeight,
    }),
    LIMITS.positions,
  ),
});
