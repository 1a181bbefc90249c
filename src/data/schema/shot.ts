import { z } from "zod";
import { id, name } from "./parts";

/** What should be sharp from front to back; see `DepthWish`. */
const depthSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.enum(["eye", "face", "whole"]) }),
  z.object({ kind: z.literal("plane"), turnDeg: z.number().min(0).max(90) }),
  z.object({ kind: z.literal("two-things"), otherSpotId: id }),
]);

export const shotSchema = z.object({
  id,
  name,
  intent: z.enum(["freeze", "pan", "streak", "still", "reaction", "context"]),
  subjectId: id,
  spotId: id,
  technique: z.enum(["pre-framed", "tracked", "panned"]),
  side: z.enum(["left", "right"]).optional(),
  part: z.enum(["whole", "three-quarter", "half", "head"]),
  orientation: z.enum(["upright", "level"]),
  along: z.enum(["height", "width"]).optional(),
  streakShare: z.number().min(0.001).max(1).optional(),
  circleRule: z.enum(["diagonal", "delivered-pixel", "arc-minute"]).optional(),
  depth: depthSchema.optional(),
  exposeFor: z.enum(["subject", "sky"]).optional(),
  fill: z.number().min(0.02).max(1),
  holdPartId: id,
  tolerance: z.enum(["print-sharp", "web", "pixel-sharp"]),
  print: z
    .object({
      longEdgeMm: z.number().min(50).max(5000),
      pixelsPerInch: z.number().min(30).max(1200),
      viewingDistance: z.number().min(0.1).max(50),
    })
    .optional(),
  deliveredLongEdgePx: z.int().min(200).max(30000),
  wanted: z.int().min(1).max(999),
  /** Of those wanted, how many are had, as counted on the day. */
  got: z.int().min(0).max(9999).optional(),
  /** 1 must be had, 2 should, 3 is welcome. */
  priority: z.union([z.literal(1), z.literal(2), z.literal(3)]),
});

/** A setting as a whole click of its scale. */
export const clicks = z.int().min(-30).max(60);

export const choiceSchema = z.object({
  shotId: id,
  positionId: id.nullable(),
  bodyId: id,
  lensId: id,
  converterId: id.nullable(),
  supportId: id,
  /** null lets the zoom go to the wished fill. */
  focalLengthMm: z.number().min(1).max(5000).nullable(),
  locked: z.object({ shutter: clicks.optional(), aperture: clicks.optional(), iso: clicks.optional() }),
  /** ISO is left to the body: compensation in clicks, and what fills the frame for its meter. */
  automatic: z.object({ compensation: z.int().min(-15).max(15), sees: id }).optional(),
});
