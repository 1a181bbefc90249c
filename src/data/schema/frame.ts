import { z } from "zod";
import { liftClick } from "./learnt";
import { id, instant, words } from "./parts";

/** What was said of a frame: by its word, and by nothing of another program's. */
const FRAME_MARKS = ["keep", "perhaps", "away"] as const;
export type FrameMark = (typeof FRAME_MARKS)[number];

/** A file of a frame: it is found again by its name, its size and the time of its capture. */
const fileSchema = z.object({ name: z.string().min(1).max(400), size: z.int().min(0) });

const above = (most: number) => z.number().gt(0).max(most);

/** What a person told of a frame; it rules over what was found. */
const frameToldSchema = z.object({
  /** Null is "of no event". */
  eventId: id.nullable().optional(),
  shotId: id.optional(),
  positionId: id.optional(),
  /** Of one's people in it. */
  personIds: z.array(id).max(40).optional(),
  /** Clicks by which it was lifted afterwards. */
  lift: liftClick.optional(),
});

const smearSchema = z.object({
  /** Pixels of the picture as it was delivered by the camera. */
  px: z.number().min(0).max(20_000),
  /** The picture's longer side, pixels. */
  longPx: z.int().min(1).max(100_000),
});

/** One press of the button, as its files tell it and as it was judged. Its pictures stay where they are. */
export const frameSchema = z.object({
  id,
  files: z.array(fileSchema).min(1).max(6),
  /** Epoch milliseconds by the camera's clock. */
  taken: instant,
  hasSubSeconds: z.boolean(),
  body: words(120),
  lens: words(120).optional(),
  /** Seconds. */
  exposureTime: above(86_400).optional(),
  fNumber: above(128).optional(),
  iso: above(10_000_000).optional(),
  focalLengthMm: above(20_000).optional(),
  /** As the camera or a sidecar rates it. */
  rating: z.int().min(-1).max(5).optional(),
  /** 1 to 8, as Exif counts them. */
  orientation: z.int().min(1).max(8).optional(),
  /** Where it was taken; only where that was asked for. */
  at: z.object({ latitude: z.number(), longitude: z.number() }).optional(),
  mark: z.enum(FRAME_MARKS).optional(),
  told: frameToldSchema.optional(),
  smear: smearSchema.optional(),
  /** What it is marked to be delivered for. */
  deliverableIds: z.array(id).max(20).optional(),
});
export type Frame = z.infer<typeof frameSchema>;

/** How a camera's clock stands to the true time. */
export const bodyClockSchema = z.object({
  body: words(120),
  /** Seconds ahead at `at`. */
  ahead: z.number().min(-4e9).max(4e9),
  /** Seconds either way. */
  error: z.number().gt(0).max(86_400),
  /** Seconds gained in a day. */
  drift: z.number().min(-3600).max(3600),
  at: instant,
  by: z.enum(["picture", "tag", "agreement", "hand"]),
});
export type BodyClock = z.infer<typeof bodyClockSchema>;

/** The most frames that an outing holds: a long day of three bodies. */
export const MOST_FRAMES = 40_000;

export const framesSchema = z.object({
  frames: z.array(frameSchema).max(MOST_FRAMES),
  clocks: z.array(bodyClockSchema).max(40),
});
/** The frames of an outing and the clocks that took them. */
export type Frames = z.infer<typeof framesSchema>;
