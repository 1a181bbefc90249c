import { z } from "zod";
import { id, instant, listOf } from "./parts";

const DRILLS = ["pan", "moment", "stops", "light", "blur", "stand"] as const;

/** One run of a drill: what each try missed by, in the drill's own unit. */
const runSchema = z.object({
  id,
  drill: z.enum(DRILLS),
  /** What followed the subject, what was waited for, or what was asked. */
  by: z.string().max(40).optional(),
  at: instant,
  seed: z.int().min(0).max(0xffffffff),
  tries: z.array(z.number().min(-1e6).max(1e6)).min(1).max(60),
});
export type Run = z.infer<typeof runSchema>;

export const practiceSchema = z.object({ version: z.literal(1), runs: listOf(runSchema, 4000) });
export type Practice = z.infer<typeof practiceSchema>;
