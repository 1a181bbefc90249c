import { GRAVITY } from "./path";

export interface BurstInput {
  /** Frames a second, above 0. */
  readonly framesPerSecond: number;
  /** One frame, the buffer, in MB; the card's rate in MB/s. */
  readonly frameMb: number;
  /** The buffer in MB, 0 or more. */
  readonly bufferMb: number;
  /** Rate of the card in MB/s, 0 or more. */
  readonly writeMbPerSecond: number;
}

export interface BurstRun {
  /** Seconds and frames until the buffer is full; "unlimited" when the card keeps up. */
  readonly seconds: number | "unlimited";
  /** Frames until the buffer is full; "unlimited" when the card keeps up. */
  readonly frames: number | "unlimited";
  /** Seconds until a full buffer is written. */
  readonly clearSeconds: number;
}

/** How long a burst runs: B/(fps·size − write). */
export function burstRun({ framesPerSecond, frameMb, bufferMb, writeMbPerSecond }: BurstInput): BurstRun {
  const fill = framesPerSecond * frameMb - writeMbPerSecond;
  const clearSeconds = bufferMb / writeMbPerSecond;
  if (fill <= 0) return { seconds: "unlimited", frames: "unlimited", clearSeconds };
  const seconds = bufferMb / fill;
  return { seconds, frames: Math.floor(seconds * framesPerSecond), clearSeconds };
}

/** Chance 0 … 1 that a burst holds an event of a half-width in seconds: min(1, 2·w·fps). */
export const chanceToHold = (halfWidth: number, framesPerSecond: number): number =>
  Math.min(1, 2 * halfWidth * framesPerSecond);

/** Seconds about the top of a jump in which the vertical speed stays below `speed` m/s: 2v/g. */
export const topOfJump = (speed: number): number => (2 * speed) / GRAVITY;

/** Take-off speed in m/s for a rise in metres. */
export const takeOffSpeed = (rise: number): number => Math.sqrt(2 * GRAVITY * rise);

/** Error of focus in metres: continuous by its lag, a burst locked on a spot by half a frame, a press by the reaction. */
export const focusDrift = (
  approach: number,
  how: "predictive" | "plain" | { readonly burstFps: number } | "press",
): number => {
  if (how === "predictive") return approach * 0.01;
  if (how === "plain") return approach * 0.05;
  if (how === "press") return approach * 0.03;
  return approach / (2 * how.burstFps);
};

/** Metres from the lens at which a focus lies that is so many metres behind a subject which comes nearer. */
export const focusedAt = (distance: number, drift: number): number => distance + drift;

/** Seconds before the press that a pre-burst of so many frames keeps. */
export const preBurstSeconds = (frames: number, framesPerSecond: number): number => frames / framesPerSecond;

/** Metres that a subject goes between two frames of a burst: v/fps. */
export const betweenFrames = (speed: number, framesPerSecond: number): number => speed / framesPerSecond;
