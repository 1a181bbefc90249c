import { z } from "zod";
import { SWATCH_NAMES } from "@/core/ground";
import { FIGURES } from "@/core/motion";
import { id, known, listOf, name, words } from "./parts";

const partSchema = z.object({
  id,
  name,
  partClass: z.enum(["body", "limb", "tool", "wing"]),
  speed: z.number().min(0).max(300),
  fast: z.number().min(0).max(400).optional(),
  halfWidth: z.number().min(0.0005).max(5).optional(),
});

export const subjectSchema = z.object({
  id,
  name,
  height: z.number().min(0.002).max(40),
  depth: z.number().min(0.0005).max(40),
  head: z.number().min(0.0005).max(10).optional(),
  length: z.number().min(0.0005).max(60).optional(),
  span: z.number().min(0.0005).max(60).optional(),
  lying: z.boolean().optional(),
  round: z.boolean().optional(),
  bodySpeed: z.number().min(0).max(300),
  fastSpeed: z.number().min(0).max(400).optional(),
  bob: z.number().min(0).max(20),
  parts: listOf(partSchema, 12),
  known,
  /** Where it is known from; the row of the library says so where it is left out. */
  source: words(300).optional(),
  figure: z.enum(FIGURES).optional(),
  /** The subject of the library whose body it has. */
  like: id.optional(),
  colour: z.enum(SWATCH_NAMES).optional(),
});
