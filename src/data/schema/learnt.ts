import { z } from "zod";
import { id, name } from "./parts";

const um = z.number().min(0).max(1e7);

/** Frames of an outing in which a smear was measured, as they tell of the hand: all of them, good and bad. */
export const evidenceSchema = z.object({
  tracked: z
    .array(
      z.object({
        smearUm: um,
        restUm: um,
        exposure: z.number().gt(0).max(3600),
        umPerMetre: um,
        transverseSpeed: z.number().min(0).max(400),
        bob: z.number().min(0).max(50),
      }),
    )
    .max(1000),
  panned: z.array(z.object({ streakUm: um, smearUm: um, restUm: um })).max(1000),
});

const frames = z.int().min(1).max(1_000_000);
const figureOf = (value: z.ZodNumber) =>
  z.object({ value, low: value, high: value, frames, outings: z.int().min(1).max(100_000) });
/** A share of a speed; a hand that is lost altogether leaves more than all of it. */
const share = figureOf(z.number().min(0).max(100));

/** What was learnt of the photographer and is in use: each was switched on by a press. */
export const learntSchema = z.object({
  /** Share of the transverse speed that a following hand leaves. */
  tracking: share.optional(),
  /** Spread of a pan, as a share of the right turn. */
  pan: share.optional(),
  /** ISO click up to which frames are really kept. */
  iso: figureOf(z.number().min(-30).max(60)).optional(),
  /** Keepers by what was followed and at which shutter, an outing each. */
  keepers: z
    .array(
      z.object({
        outingId: id,
        subjectId: id,
        technique: name,
        shutter: z.int().min(-30).max(60),
        taken: frames,
        kept: z.int().min(0).max(1_000_000),
      }),
    )
    .max(400)
    .optional(),
});
