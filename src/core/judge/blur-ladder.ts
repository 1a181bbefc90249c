import type { Settings } from "../exposure";
import type { AssessInput, Assessment, PartMotion } from "./assessment";
import { findMotion } from "./motion-found";
import { sightOf } from "./sighting";

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
export function blurLadder(input: AssessInput, found: Assessment, shutters: readonly number[]): Rung[] {
  const { spot, ...sight } = sightOf(input);
  const model = findMotion(input, spot, sight, found.sighting);
  return shutters.map((shutter) => {
    const settings: Settings = { ...found.settings.settings, shutter };
    return { shutter, parts: model.at(settings).parts };
  });
}
