import { lensesFor, type Rig } from "@/core/optics";
import type { Choice, StoredKit } from "@/data";

/** The kit that a shot begins with: what is told, else the first body and lens of the bag, and the first support. */
export const beginChoice = (
  shotId: string,
  positionId: string | null,
  kit: StoredKit,
  rig?: Pick<Rig, "body" | "lens" | "converter">,
): Choice => ({
  shotId,
  positionId,
  bodyId: rig?.body.id ?? kit.bodies[0]!.id,
  lensId: rig?.lens.id ?? lensesFor(kit.bodies[0]!, kit.lenses)[0]!.id,
  converterId: rig?.converter?.id ?? null,
  supportId: kit.supports[0]!.id,
  focalLengthMm: null,
  locked: {},
});
