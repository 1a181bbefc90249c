import {
  betweenFrames,
  burstRun,
  chanceToHold,
  focusDrift,
  preBurstSeconds,
  takeOffSpeed,
  topOfJump,
  type BurstRun,
  type Silhouette,
} from "../motion";
import type { AssessInput, Assessment } from "./assessment";

/** What lasts only an instant, and half of how long it lasts in seconds. */
export interface Event {
  readonly code: "ball-on-bat" | "stride" | "top-of-jump" | "ball-leaves";
  /** Seconds, above 0. */
  readonly halfWidth: number;
}

/** Vertical speed in m/s below which a jump stands for the eye, and a usual rise in metres (common practice). */
const STANDS = 0.5;
const RISE = 0.6;

/** Half widths in seconds (common practice): a ball on a bat ±0.5 ms; a runner at 180 steps a minute flies 0.1 s; a ball leaves in 5 ms. */
const EVENTS: Readonly<Partial<Record<Silhouette, Event>>> = {
  batting: { code: "ball-on-bat", halfWidth: 0.0005 },
  racket: { code: "ball-on-bat", halfWidth: 0.0005 },
  running: { code: "stride", halfWidth: 0.05 },
  jumping: { code: "top-of-jump", halfWidth: topOfJump(STANDS) / 2 },
  leaping: { code: "top-of-jump", halfWidth: topOfJump(STANDS) / 2 },
  javelin: { code: "ball-leaves", halfWidth: 0.005 },
  throwing: { code: "ball-leaves", halfWidth: 0.005 },
  kicking: { code: "ball-leaves", halfWidth: 0.005 },
  "low-stick": { code: "ball-on-bat", halfWidth: 0.0005 },
};

/** The instant of a shot, and what a burst makes of it. */
export interface Instant {
  readonly event?: Event;
  /** Chance 0 … 1 that a burst at the body's rate holds it by chance alone; absent while the rate is not told. */
  readonly held?: number;
  /** Seconds from one frame of a burst to the next; absent while the rate is not told. */
  readonly frameEvery?: number;
  /** Metres that the subject goes between two frames. */
  readonly between?: number;
  /** How long a burst runs; absent while rate, frame, buffer or card are not told. */
  readonly run?: BurstRun;
  /** What the body keeps from before the press: frames, and the seconds that they cover; absent where it keeps none. */
  readonly preBurst?: { readonly frames: number; readonly seconds: number };
  /** By how many µm an electronic shutter leans the held part; absent where the body has none. */
  readonly leanUm?: number;
  /** For a jump: take-off speed in m/s for a usual rise, and that rise in metres. */
  readonly jump?: { readonly takeOff: number; readonly rise: number };
  /** Metres by which a focus locked on the spot is off in a burst, and by a single press. */
  readonly lockedBurst?: number;
  /** Metres. */
  readonly lockedPress: number;
  /** Metres by which a following focus is off. */
  readonly followed: number;
}

/** What lasts an instant in a shot, with the body in hand and a card that writes so many MB a second. */
export function instantFound(
  { subject, rig }: AssessInput,
  { motion }: Assessment,
  writeMbPerSecond: number | undefined,
): Instant {
  const { framesPerSecond, frameMb, bufferMb, preBurstFrames } = rig.body;
  const event = subject.figure && EVENTS[subject.figure];
  const approach = Math.abs(motion.body.radialSpeed);
  const burst =
    framesPerSecond !== undefined &&
    frameMb !== undefined &&
    bufferMb !== undefined &&
    writeMbPerSecond !== undefined
      ? burstRun({ framesPerSecond, frameMb, bufferMb, writeMbPerSecond })
      : undefined;
  return {
    event,
    ...(framesPerSecond !== undefined && {
      frameEvery: 1 / framesPerSecond,
      held: event && chanceToHold(event.halfWidth, framesPerSecond),
      between: betweenFrames(subject.bodySpeed, framesPerSecond),
      preBurst:
        preBurstFrames === undefined
          ? undefined
          : { frames: preBurstFrames, seconds: preBurstSeconds(preBurstFrames, framesPerSecond) },
      lockedBurst: focusDrift(approach, { burstFps: framesPerSecond }),
    }),
    run: burst,
    leanUm: motion.skewUm,
    jump: event?.code === "top-of-jump" ? { takeOff: takeOffSpeed(RISE), rise: RISE } : undefined,
    lockedPress: focusDrift(approach, "press"),
    followed: focusDrift(approach, "predictive"),
  };
}
