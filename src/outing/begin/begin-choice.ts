import type { Choice, StoredKit } from "@/data";

/** The kit that a shot begins with: the first body and lens of the bag, and the first support. */
export const beginChoice = (shotId: string, positionId: string | null, kit: StoredKit): Choice => ({
  shotId,
  positionId,
  bodyId: kit.bodies[0]!.id,
  lensId: kit.lenses[0]!.id,
  converterId: null,
  supportId: kit.supports[0]!.id,
  focalLengthMm: null,
  locked: {},
});
