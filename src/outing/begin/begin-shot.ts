import { usualFraming } from "@/core/catalogue";
import { isFalling } from "@/core/motion";
import { depthWishFor } from "@/core/scene";
import { idFromName, type Preferences, type StoredShot, type StoredSubject } from "@/data";

/** Share of the frame by which what falls is drawn as a line (common practice: rain shows at 1/60 to 1/250). */
const FALL_LINE = 0.05;

/** A shot of a subject at a spot as it begins: the whole figure, frozen, the part that must hold the fastest limb. */
export function beginShot(
  subject: StoredSubject,
  spotId: string,
  preferences: Pick<Preferences, "tolerance">,
  taken: readonly { id: string }[],
): StoredShot {
  const limb = subject.parts.find((p) => p.partClass === "limb" || p.partClass === "wing");
  const still = subject.bodySpeed < 0.5 && !limb;
  const falls = isFalling(subject);
  const framing = usualFraming(subject);
  return {
    id: idFromName(subject.name, taken, "shot"),
    name: subject.name,
    intent: falls ? "streak" : still ? "still" : "freeze",
    subjectId: subject.id,
    spotId,
    technique: falls || still ? "pre-framed" : "tracked",
    ...(falls ? { streakShare: FALL_LINE } : {}),
    part: "whole",
    orientation: framing.orientation,
    ...(framing.along === "width" ? { along: framing.along } : {}),
    fill: framing.fill,
    depth: depthWishFor(subject, { intent: "freeze" }),
    holdPartId: limb?.id ?? "body",
    tolerance: preferences.tolerance,
    deliveredLongEdgePx: 3000,
    wanted: 1,
    priority: 1,
  };
}
