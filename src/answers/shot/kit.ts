import { effectiveLens } from "@/core/optics";
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
