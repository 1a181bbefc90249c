import type { Ground } from "./ground";
import { isInside } from "./polygon";
import { surfaceAt } from "./surface-at";
import type { Point } from "./vector";
import { venueAreaAt } from "./venue-areas";
import { LEAVE_KINDS, type AreaKind, type LeaveKind } from "./venues";

/** Whether one may stand at a place, and the part of the venue that decides it. */
export type Standing =
  | { readonly rule: "open" }
  /** Closed for everybody: the field of play, lanes, water, a landing sector, or what the user marked. */
  | { readonly rule: "never"; readonly area: AreaKind | "no-go" | "outside-walls" }
  /** Only with the officials' leave, which the brief does not have. */
  | { readonly rule: "by-leave"; readonly area: LeaveKind }
  /** Leave was given. */
  | { readonly rule: "granted"; readonly area: LeaveKind };

const OPEN: Standing = { rule: "open" };

/** Whether a part of a venue is stood on where leave was given; every other part never is. */
export const needsLeave = (kind: AreaKind): kind is LeaveKind =>
  (LEAVE_KINDS as readonly AreaKind[]).includes(kind);

/**
 * Whether a photographer may stand at a place of the plan. What the user marked as closed, water, and what lies outside
 * a hall's walls are closed whatever the venue says; of the venue's own parts the uppermost one decides. Solid things
 * are another matter: see `firstBlockage`.
 */
export function standingAt(ground: Ground, at: Point): Standing {
  if (ground.noGo.some((n) => isInside(at, n.outline))) return { rule: "never", area: "no-go" };
  if (ground.hall && !isInside(at, ground.hall.outline)) return { rule: "never", area: "outside-walls" };
  const area = venueAreaAt(ground.venue, at);
  if (area && !needsLeave(area)) return { rule: "never", area };
  if (surfaceAt(ground, at) === "water") return { rule: "never", area: "water" };
  if (!area) return OPEN;
  return { rule: ground.leave?.includes(area) ? "granted" : "by-leave", area };
}
