import { z } from "zod";
import { id, instant, name } from "./parts";

/** Thirds of a stop by which a frame was lifted after it was taken. */
export const liftClick = z.int().min(0).max(15);
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
  /** Clicks by which frames were lifted afterwards, and how many of those were kept. */
  lifted: z
    .array(z.object({ click: liftClick, kept: z.int().min(0).max(1_000_000) }))
    .max(40)
    .optional(),
});

/** A walk between two places that is timed: there once it is over. */
export const walkSchema = z.object({
  /** Of the way. */
  metres: z.number().min(1).max(20_000),
  /** Carried. */
  grams: z.number().min(0).max(200_000),
  left: instant,
  there: instant.optional(),
});

const frames = z.int().min(1).max(1_000_000);
const figureOf = (value: z.ZodNumber) =>
  z.object({
    value,
    low: value,
    high: value,
    frames,
    outings: z.int().min(1).max(100_000),
    /** Set where it comes of a drill, and not of frames. */
    by: z.literal("practice").optional(),
  });
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
  /** Clicks by which frames are lifted afterwards and still kept. */
  lift: figureOf(z.number().min(0).max(15)).optional(),
  /** Walking pace with nothing that slows, m/s. */
  pace: figureOf(z.number().min(0.05).max(10)).optional(),
  /** Spread of a press at an instant, milliseconds: at most one's own. */
  moment: figureOf(z.number().min(0).max(5000)).optional(),
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
