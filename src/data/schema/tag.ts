import { z } from "zod";
import { bytesWithin, withBytes } from "./bytes-in-file";
import { LIMITS } from "./limits";
import { id, instant, name, words } from "./parts";

const TAG_KINDS = ["person", "lane", "colour", "word", "voice", "heat"] as const;

/** What was said about the frames just taken: by a press or aloud, with its time. */
export const tagSchema = z.object({
  id,
  /** When it was given; of a heat, when it ended. */
  at: instant,
  kind: z.enum(TAG_KINDS),
  /** Everybody whom it names: a colour, or a start in a mass, as many as one's people are. */
  names: z.array(name).max(LIMITS.people),
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

/** Bytes of one spoken note: far more than twenty seconds take. */
const MOST_BYTES = 2_250_000;

/** The tags of an outing as they go along in a file, with what was spoken. */
export const tagsInFileSchema = z.object({
  tags: z.array(tagSchema).max(20_000),
  sounds: z.array(
    withBytes(
      z.object({ tagId: z.string().max(40), type: z.string().max(100), base64: bytesWithin(MOST_BYTES) }),
    ),
  ),
});
export type TagsInFile = z.infer<typeof tagsInFileSchema>;
