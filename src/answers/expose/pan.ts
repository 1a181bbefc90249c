import {
  panLadder,
  panLeft,
  streakExposure,
  sweepOf,
  warmUpRung,
  type PanLeft,
  type PanRung,
  type Sweep,
} from "@/core/judge";
import { answered, ofPicture } from "../answered";

/** Lengths of lines that are told, as shares of the frame. */
const STREAKS = [0.05, 0.1, 0.2];

/** A pan: its ladder of shutters, and the sweep of the camera. */
export interface Pan {
  readonly rungs: readonly PanRung[];
  /** Absent where nothing crosses the view. */
  readonly sweep?: Sweep;
  readonly left?: PanLeft;
  /** Exposures in seconds that draw lines of so many shares of the frame. */
  readonly streaks: readonly { readonly share: number; readonly exposure: number }[];
  /** The rung to warm the hands on. */
  readonly start?: PanRung;
}

/** The pan in hand; nothing while there is no picture. */
export const pan = answered(ofPicture, (input, found): Pan | undefined => {
  if (!input || !found) return undefined;
  const rungs = panLadder(input, found);
  const sweep = sweepOf(input);
  return {
    rungs,
    sweep,
    left: sweep && panLeft(input, found, sweep),
    streaks: sweep
      ? STREAKS.map((share) => ({ share, exposure: streakExposure(input, found, sweep, share) }))
      : [],
    start: warmUpRung(rungs),
  };
});
