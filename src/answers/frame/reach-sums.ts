import { effectiveLens, heldSidesMm } from "@/core/optics";
import type { OutingView } from "@/outing/outing-view";
import { figure, given, type Figure } from "../explain/figure";
import { picturedOf } from "../explain/pictured";
import { distanceOf, fillOf, focalLengthOf, framedOf, keptPxOf, partSizeOf } from "../explain/place-sums";
import { isoOf } from "../explain/sums";
import { reach } from "./reach";

/** What the lines of the reach open to. */
export type ReachLine = "longer" | "stand" | "short" | "here" | "infinity" | "ring" | "crop" | "fullFrameIso";

/** Every number of the reach with its sum; nothing while there is no picture. */
export function reachSums(view: OutingView): Partial<Record<ReachLine, Figure>> | undefined {
  const answer = reach(view);
  const of = picturedOf(view);
  if (!answer || !of) return undefined;
  const { found } = answer;
  const { rig, shot } = of.input;
  const away = { focalLengthMm: focalLengthOf(of), distance: distanceOf(of) };
  const { across } = heldSidesMm(rig.body.format, shot.orientation);
  return {
    longer: figure(found.focalLengthMm, "focalLengthForFill", framedOf(of)),
    ...(found.distance.ok && {
      stand: figure(found.distance.value, "distanceForFill", { asked: of.asked, partSize: partSizeOf(of) }),
    }),
    short: figure(found.fillAtShort, "fillAt", {
      fill: fillOf(of),
      focalLengthMm: focalLengthOf(of),
      otherMm: figure(effectiveLens(rig).minFocalLengthMm, "effectiveLens.minFocalLengthMm", {
        asked: of.asked,
      }),
    }),
    here: figure(found.angleAcross, "angleOfViewAt", { asked: of.asked, ...away }),
    infinity: figure(found.angleAtInfinity, "angleOfView", {
      sideMm: given(across, "mm", "kit"),
      focalLengthMm: focalLengthOf(of),
    }),
    ring: figure(found.marked, "markedDistance", away),
    crop: keptPxOf(of),
    fullFrameIso: figure(answer.onFullFrame.iso, "fullFrameEquivalent.iso", {
      iso: isoOf(of),
      widthMm: given(rig.body.format.widthMm, "mm", "kit"),
      heightMm: given(rig.body.format.heightMm, "mm", "kit"),
    }),
  };
}
