import { HAZARD_KINDS, type Area, type DrawnKind, type Ground } from "./ground";
import { isInside } from "./polygon";
import { surfaceAt } from "./surface-at";
import type { Point } from "./vector";
import { venueAreaAt } from "./venue-areas";
import { LEAVE_KINDS, WAY, type AreaKind, type LeaveKind } from "./venues";

/** A part of the ground as the rules of standing know it. */
export type StandingArea = AreaKind | Exclude<DrawnKind, "surface"> | "outside-walls";

/** Kinds of drawn areas on which nobody stands. */
const CLOSED: readonly DrawnKind[] = ["no-go", "nest", ...HAZARD_KINDS];

/** Whether a drawn area is closed to everybody. */
export const isClosed = ({ kind }: Pick<Area, "kind">): boolean => CLOSED.includes(kind);

/** Whether one may stand at a place, and the part of the venue that decides it. */
export type Standing =
  | { readonly rule: "open" }
  /** Closed for everybody: the field of play, lanes, water, a landing sector, or what the user marked. */
  | { readonly rule: "never"; readonly area: StandingArea }
  /** Photographers have a line of their own, and this is not it. */
  | { readonly rule: "off-line" }
  /** Only with the officials' leave, which the brief does not have. */
  | { readonly rule: "by-leave"; readonly area: LeaveKind }
  /** Leave was given. */
  | { readonly rule: "granted"; readonly area: LeaveKind };

const OPEN: Standing = { rule: "open" };

/** Whether a part of a venue is stood on where leave was given; every other part never is. */
export const needsLeave = (kind: AreaKind): kind is LeaveKind =>
  (LEAVE_KINDS as readonly AreaKind[]).includes(kind);

/** Whether a place lies in water, of the venue or drawn. */
export const standsInWater = (ground: Ground, at: Point): boolean =>
  venueAreaAt(ground.venue, at) === "water" || surfaceAt(ground, at) === "water";

/**
 * Whether a photographer may stand at a place of the plan. What the user marked as closed or dangerous, water, and what
 * lies outside a hall's walls are closed whatever the venue says; of the venue's own parts the uppermost one decides.
 * Where photographers have a line of their own, anywhere else is off it. Solid things are another matter: see
 * `firstBlockage`.
 */
export function standingAt(ground: Ground, at: Point): Standing {
  const closed = ground.areas.find((area) => isClosed(area) && isInside(at, area.outline));
  if (closed) return { rule: "never", area: closed.kind as StandingArea };
  if (ground.hall && !isInside(at, ground.hall.outline)) return { rule: "never", area: "outside-walls" };
  const part = venueAreaAt(ground.venue, at);
  const area = part === WAY ? undefined : part;
  if (area && !needsLeave(area)) return { rule: "never", area };
  if (surfaceAt(ground, at) === "water") return { rule: "never", area: "water" };
  const lines = ground.areas.filter((a) => a.kind === "photographers-line");
  // Their own line is where they are let, whatever part of the venue it lies on.
  if (lines.length > 0) return lines.some((a) => isInside(at, a.outline)) ? OPEN : { rule: "off-line" };
  if (!area) return OPEN;
  return { rule: ground.leave?.includes(area) ? "granted" : "by-leave", area };
}
