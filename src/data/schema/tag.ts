import { z } from "zod";
import { id, instant, name, words } from "./parts";

export const TAG_KINDS = ["person", "lane", "colour", "word", "voice", "heat"] as const;

/** What was said about the frames just taken: by a press or aloud, with its time. */
export const tagSchema = z.object({
  id,
  /** When it was given; of a heat, when it ended. */
  at: instant,
  kind: z.enum(TAG_KINDS),
  /** Everybody whom it names. */
  names: z.array(name).max(40),
  /** The lane, the colour, the word; what a spoken one was put down as. */
  words: words(200).optional(),
  /** The event that was on. */
  eventId: id.optional(),
  /** The shot in hand. */
  shotId: id.optional(),
  /** When the heat began. */
  from: instant.optional(),
  /** Seconds of what was spoken. */
  seconds: z.number().min(0).max(60).optional(),
});

export type Tag = z.infer<typeof tagSchema>;
