import { z } from "zod";
import { LIMITS } from "./limits";
import { id, listOf, name, weightG } from "./parts";

/** Ranges of what is made, with room to spare: a number that is allowed is one that can be computed with. */
const between = (least: number, most: number) => z.number().min(least).max(most);
const iso = between(1, 1e7);
const focalLengthMm = between(1, 5000);
const stops = z.number().min(0).max(8);

export const lensSchema = z
  .object({
    id,
    name,
    minFocalLengthMm: focalLengthMm,
    maxFocalLengthMm: focalLengthMm,
    widest: z.number().min(0.7).max(64),
    widestAtLong: z.number().min(0.7).max(64).optional(),
    narrowest: z.number().min(1).max(128),
    closestFocus: between(0.005, 100),
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

export const bodySchema = z
  .object({
    id,
    name,
    format: z.object({
      widthMm: between(1, 200),
      heightMm: between(1, 200),
      widthPx: z.int().min(100).max(60000),
    }),
    baseIso: iso,
    maxIso: iso,
    isoCeiling: iso,
    isoFloor: iso,
    preferredIso: iso.optional(),
    fastestShutter: between(1e-6, 1),
    liftClicks: z.int().min(0).max(9),
    readout: z.number().min(0.0001).max(1).optional(),
    framesPerSecond: z.number().min(0.1).max(240).optional(),
    frameMb: between(0.01, 1000).optional(),
    bufferMb: between(0.1, 100_000).optional(),
    preBurstFrames: z.int().min(1).max(500).optional(),
    /** Median of the middle of its own pictures that were right. */
    rightMedian: z.number().min(0.01).max(0.9).optional(),
    /** Single frames that a charge of its battery is rated for. */
    ratedFrames: z.int().min(20).max(20_000).optional(),
    stabiliserStops: stops.optional(),
    /** Its lens, where that cannot be taken off. */
    builtIn: lensSchema.optional(),
    weightG,
  })
  .refine((b) => b.baseIso <= b.isoFloor && b.isoFloor <= b.isoCeiling && b.isoCeiling <= b.maxIso, {
    path: ["isoCeiling"],
    message: "each ISO is at least the one before: base, floor, ceiling, highest",
  });

export const converterSchema = z.object({ id, name, factor: z.number().min(1).max(4), weightG });
export const supportSchema = z.object({ id, name, stops: z.number().min(-3).max(8), weightG });
export const cardSchema = z.object({
  id,
  name,
  capacityGb: between(0.01, 100_000),
  writeMbPerSecond: between(0.1, 20_000),
  weightG,
});

export const KIT_VERSION = 2;

export const kitSchema = z
  .object({
    version: z.literal(KIT_VERSION),
    bodies: listOf(bodySchema, LIMITS.bodies).refine(
      (items) => items.length > 0,
      "a kit has at least one body",
    ),
    lenses: listOf(lensSchema, LIMITS.lenses),
    converters: listOf(converterSchema, LIMITS.converters),
    supports: listOf(supportSchema, LIMITS.supports).refine(
      (items) => items.length > 0,
      "a kit has at least one support, hand-held if nothing else",
    ),
    cards: listOf(cardSchema, LIMITS.cards),
  })
  .refine(({ bodies, lenses }) => lenses.length > 0 || bodies.every((b) => b.builtIn), {
    path: ["lenses"],
    message: "a kit has at least one lens for a body whose lenses are changed",
  });
