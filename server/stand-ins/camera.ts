import { z } from "zod";
import type { Told } from "./event-stream";
import { evenFrom } from "../../src/core/units";
import { greyPng } from "./small-png";

/** What the camera is set to and how it behaves. */
export const cameraSchema = z.object({
  exposureTime: z.coerce.number().min(1e-6).max(60),
  fNumber: z.coerce.number().min(0.5).max(128),
  iso: z.coerce.number().min(1).max(1e7),
  focalLength: z.coerce.number().min(1).max(5000),
  framesPerSecond: z.coerce.number().min(1).max(60).default(10),
  /** Megabytes of a frame, of the buffer, of the card, and what the card takes a second. */
  frameMb: z.coerce.number().min(0.1).max(500).default(28),
  bufferMb: z.coerce.number().min(1).max(100_000).default(1200),
  cardMb: z.coerce.number().min(100).max(10_000_000).default(64_000),
  writeMbPerSecond: z.coerce.number().min(1).max(10_000).default(200),
  /** Stops by which the place is brighter than the settings expect. */
  brighter: z.coerce.number().min(-6).max(6).default(0),
  /** Seconds by which its clock is ahead. */
  clockAhead: z.coerce.number().min(-86_400).max(86_400).default(37),
  bursts: z.coerce.number().int().min(1).max(500).default(20),
  seed: z.coerce.number().int().min(0).max(1e9).default(1),
});
export type CameraAsked = z.infer<typeof cameraSchema>;

/** A frame as it is told: the names of Exif 2.32 where it has them. */
export interface Frame {
  readonly number: number;
  /** By the camera's own clock, to a hundredth. */
  readonly DateTimeOriginal: string;
  readonly ExposureTime: number;
  readonly FNumber: number;
  readonly ISO: number;
  readonly FocalLength: number;
  /** Frames that the buffer still takes, and megabytes free on the card. */
  readonly bufferFrames: number;
  readonly cardMb: number;
  /** A PNG of 48 × 32 px as base64. */
  readonly picture: string;
}

/** Milliseconds between two bursts, at least and at most, and frames of one. */
const PAUSE = [1500, 6000] as const;
const FRAMES = [3, 12] as const;
/** Linear luminance of a middle that is right (ISO 12232, code value 118 of sRGB; from memory). */
const RIGHT = 0.18;

const encoded = (linear: number): number =>
  255 * (linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055);

/** Bursts as they come from a camera that does not get its settings right; the same for the same seed. `now` is epoch milliseconds. */
export function playCamera(asked: CameraAsked, now: number): readonly Told[] {
  const random = evenFrom(asked.seed);
  const told: Told[] = [];
  let [due, buffer, card, last] = [800, 0, asked.cardMb, 0];
  for (let burst = 0; burst < asked.bursts; burst++) {
    const frames = FRAMES[0] + Math.floor(random() * (FRAMES[1] - FRAMES[0] + 1));
    const stops = asked.brighter + (random() - 0.5) * 0.3;
    for (let i = 0; i < frames; i++) {
      // The card empties the buffer meanwhile; a full one waits for it.
      buffer = Math.max(0, buffer - ((due - last) / 1000) * asked.writeMbPerSecond);
      last = due;
      if (buffer + asked.frameMb > asked.bufferMb || card < asked.frameMb) {
        due += 250;
        continue;
      }
      buffer += asked.frameMb;
      card -= asked.frameMb;
      told.push({
        id: told.length + 1,
        due,
        event: "frame",
        data: frameOf(asked, { now, due, stops, buffer, card, number: told.length + 1 }),
      });
      due += 1000 / asked.framesPerSecond;
    }
    due += PAUSE[0] + random() * (PAUSE[1] - PAUSE[0]);
  }
  told.push({ id: told.length + 1, due, event: "over", data: { frames: told.length } });
  return told;
}

interface Moment {
  readonly now: number;
  readonly due: number;
  readonly stops: number;
  readonly buffer: number;
  readonly card: number;
  readonly number: number;
}

function frameOf(asked: CameraAsked, { now, due, stops, buffer, card, number }: Moment): Frame {
  const middle = RIGHT * 2 ** stops;
  const picture = greyPng(48, 32, (x, y) => {
    const inMiddle = x > 0.2 && x < 0.8 && y > 0.2 && y < 0.8;
    return encoded(Math.min(1, inMiddle ? middle : middle * (0.4 + y)));
  });
  return {
    number,
    DateTimeOriginal: new Date(now + due + asked.clockAhead * 1000).toISOString(),
    ExposureTime: asked.exposureTime,
    FNumber: asked.fNumber,
    ISO: asked.iso,
    FocalLength: asked.focalLength,
    bufferFrames: Math.floor((asked.bufferMb - buffer) / asked.frameMb),
    cardMb: Math.round(card),
    picture: picture.toString("base64"),
  };
}
