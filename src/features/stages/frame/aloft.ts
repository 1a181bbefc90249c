import type { AssessInput } from "@/core/judge";

/** Aims above this many heights of a subject are off the ground. */
const OFF_THE_GROUND = 1.2;

/** Whether a subject is in the air where it is aimed at. */
export function isAloft({ scene, shot, subject }: AssessInput): boolean {
  const spot = scene.ground.spots.find((s) => s.id === shot.spotId)!;
  return spot.aimHeight > subject.height * OFF_THE_GROUND;
}
