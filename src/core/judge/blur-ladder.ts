import type { Settings } from "../exposure";
import type { AssessInput, Assessment, MotionFound, PartMotion } from "./assessment";
import { blurModelOf } from "./motion-found";

/** One shutter of the ladder: how far each part of the subject smears at it. */
export interface Rung {
  /** Clicks. */
  readonly shutter: number;
  readonly parts: readonly PartMotion[];
}

/**
 * The blur of every part for a ladder of shutter clicks, at the aperture of an assessment: the same budget as the
 * assessment's own, so the rung of its shutter repeats its figures.
 */
export const blurLadder = (input: AssessInput, found: Assessment, shutters: readonly number[]): Rung[] =>
  motionAt(
    input,
    found,
    shutters.map((shutter) => ({ ...found.settings.settings, shutter })),
  ).map(({ parts }, i) => ({ shutter: shutters[i]!, parts }));

/** The motion in the picture at any settings, from the place of an assessment. */
export function motionAt(
  input: AssessInput,
  found: Assessment,
  settings: readonly Settings[],
): MotionFound[] {
  const model = blurModelOf(input, found);
  return settings.map((s) => model.at(s));
}
