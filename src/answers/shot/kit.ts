import { effectiveLens, lensesFor, type Lens } from "@/core/optics";
import type { OutingView } from "@/outing/outing-view";
import { answered } from "../answered";

/** Focal lengths in mm from which the zoom in hand chooses, converter counted; nothing for a prime or without kit. */
export const zoomRange = answered(
  ({ rig }) => [rig] as const,
  (rig): { readonly from: number; readonly to: number } | undefined => {
    if (!rig) return undefined;
    const { minFocalLengthMm: from, maxFocalLengthMm: to } = effectiveLens(rig);
    return from < to ? { from, to } : undefined;
  },
);

/** The lenses of the bag that go on the body in hand: all of them, or its own and no other. */
export const lensesInHand = answered(
  ({ bag, rig }) => [bag, rig] as const,
  (bag, rig): readonly Lens[] => (rig ? lensesFor(rig.body, bag.lenses) : bag.lenses),
);

/** A body in hand, with the lens that is mounted where it goes on it, else with the first that does. */
export function withBody({ bag, choice }: OutingView, bodyId: string): { bodyId: string; lensId: string } {
  const body = bag.bodies.find((b) => b.id === bodyId);
  const fit = body ? lensesFor(body, bag.lenses) : [];
  return { bodyId, lensId: (fit.find((l) => l.id === choice.lensId) ?? fit[0])?.id ?? choice.lensId };
}
