import type { Guarded } from "../guard";
import type { AssessInput } from "./assessment";

/** A shot as the guard asks it: its spot, what can hurt there, and how fast that comes; nothing for a spot that the ground lacks. */
export function guardedOf({
  shot,
  subject,
  dangers = [],
  scene,
}: Pick<AssessInput, "shot" | "subject" | "dangers"> & {
  readonly scene: Pick<AssessInput["scene"], "ground">;
}): Guarded | undefined {
  const spot = dangers.length > 0 ? scene.ground.spots.find((s) => s.id === shot.spotId) : undefined;
  return spot && { spot, dangers, speed: subject.bodySpeed };
}
