import { z } from "zod";
import { id, listOf, name, weightG } from "./parts";

const mark = z.number().positive();
const stops = z.number().min(0).max(8);

export const bodySchema = z
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
    preferredIso: mark.optional(),
    fastestShutter: z.number().positive().max(1),
    liftClicks: z.int().min(0).max(9),
    readout: z.number().min(0.0001).max(1).optional(),
    framesPerSecond: z.number().min(0.1).max(240).optional(),
    frameMb: mark.max(1000).optional(),
    bufferMb: mark.max(100000).optional(),
    stabiliserStops: stops.optional(),
    weightG,
  })
  .refine((b) => b.baseIso <= b.isoFloor && b.isoFloor <= b.isoCeiling && b.isoCeiling <= b.maxIso, {
    path: ["isoCeiling"],
    message: "each ISO is at least the one before: base, floor, ceiling, highest",
  });

export const lensSchema = z
  .object({
    id,
    name,
    minFocalLengthMm: mark.max(5000),
    maxFocalLengthMm: mark.max(5000),
    widest: z.number().min(0.7).max(64),
    widestAtLong: z.number().min(0.7).max(64).optional(),
    narrowest: z.number().min(1).max(128),
    closestFocus: mark.max(100),
    stabiliserStops: stops,
    takesConverter: z.boolean(),
    largestMagnification: z.number().min(0.001).max(10).optional(),
    weightG,
  })
  .refine((l) => l.minFocalLengthMm <= l.maxFocalLengthMm, {
    path: ["maxFocalLengthMm"],
    message: "the longest focal length comes after the shortest",
  })
  .refine((l) => l.widest <= l.narrowest && (l.widestAtLong ?? l.widest) <= l.narrowest, {
    path: ["narrowest"],
    message: "the narrowest aperture has a larger number than the widest",
  });

export const converterSchema = z.object({ id, name, factor: z.number().min(1).max(4), weightG });
export const supportSchema = z.object({ id, name, stops: z.number().min(-3).max(8), weightG });
export const cardSchema = z.object({
  id,
  name,
  capacityGb: mark.max(100000),
  writeMbPerSecond: mark.max(20000),
  weightG,
});

export const KIT_VERSION = 2;

export const kitSchema = z.object({
  version: z.literal(KIT_VERSION),
  bodies: listOf(bodySchema, 50).refine((items) => items.length > 0, "a kit has at least one body"),
  lenses: listOf(lensSchema, 100).refine((items) => items.length > 0, "a kit has at least one lens"),
  converters: listOf(converterSchema, 20),
  supports: listOf(supportSchema, 20).refine(
    (items) => items.length > 0,
    "a kit has at least one support, hand-held if nothing else",
  ),
  cards: listOf(cardSchema, 50),
});
