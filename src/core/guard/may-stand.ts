import { standingAt, type Ground, type LeaveKind, type Position, type StandingArea } from "../ground";
import { worstPeril, type Guarded, type Peril } from "./perils";

/** Whether one may be at a place for a picture, why, and what decides it. */
export type MayStand =
  | { readonly rule: "yes" }
  /** By leave of the officials, given or not, of a part of the venue; with the peril of who stands there. */
  | { readonly rule: "by-leave"; readonly area: LeaveKind; readonly given: boolean; readonly peril?: Peril }
  /** Photographers have a line of their own, and this is not it. */
  | { readonly rule: "off-line" }
  | { readonly rule: "with-care"; readonly peril: Peril }
  /** A part of the ground on which nobody stands. */
  | { readonly rule: "never"; readonly area: StandingArea; readonly peril?: never }
  /** What the subject does there. */
  | { readonly rule: "never"; readonly area?: never; readonly peril: Peril };

/**
 * The one guard of where a photographer may be: by the parts of the ground, then measured to the spot, to the whole track, to lines of
 * flight and to where things land. Asked by the beginning, the search, dragging, typing and whatever else proposes a place.
 */
export function mayStand(
  ground: Ground,
  guarded: Guarded | undefined,
  position: Pick<Position, "at" | "lensHeight" | "way">,
): MayStand {
  const standing = standingAt(ground, position.at);
  const wading = standing.rule === "never" && standing.area === "water" && position.way === "in-water";
  if (standing.rule === "never" && !wading) return standing;
  const peril = worstPeril(ground, guarded, position);
  if (peril?.weight === "never") return { rule: "never", peril };
  if (standing.rule === "off-line") return standing;
  if (standing.rule === "by-leave" || standing.rule === "granted")
    return {
      rule: "by-leave",
      area: standing.area,
      given: standing.rule === "granted",
      ...(peril && { peril }),
    };
  return peril ? { rule: "with-care", peril } : { rule: "yes" };
}

/**
 * Whether a place may be proposed to somebody: where one may be, with care too, or by leave that was given; never inside the distance
 * that an animal is left, even where a warden may let one.
 */
export function mayBeProposed(may: MayStand): boolean {
  if (may.rule === "never" || may.rule === "off-line") return false;
  if (may.rule !== "yes" && may.peril?.code === "animal") return false;
  return may.rule !== "by-leave" || may.given;
}
