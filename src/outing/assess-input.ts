import { angleBetween } from "@/core/units";
import { bearingTo, planDistance, type Position, type Spot } from "@/core/ground";
import { bestRig, type AssessInput } from "@/core/judge";
import type { Rig } from "@/core/optics";
import type { Shot } from "@/core/scene";
import { bagOf, choiceOf, rigOf, type Choice, type Preferences, type Outing, type StoredKit } from "@/data";

/** What of an outing a shot's question hangs on. */
type Asking = Pick<Outing, "shots" | "choices" | "subjects" | "bag" | "ground">;

/** What is mounted for a shot, and what of the choice is not in the bag, by name where the kit still has it. */
export interface Mounted {
  readonly rig: Rig;
  readonly missing: readonly string[];
}

/** The rig as its owner exposes: who exposes fully has no lifting to give up. */
const schooled = (rig: Rig, school: Preferences["school"]): Rig =>
  school === "full" ? { ...rig, body: { ...rig.body, liftClicks: 0 } } : rig;

/** Where the subject stands to a position, for a choice of kit; something usual while the shot has no position. */
function awayFrom(
  spot: Spot | undefined,
  position: Position | undefined,
): { away: number; faceTurn: number } {
  if (!spot || !position) return { away: 30, faceTurn: 45 };
  const rise = spot.aimHeight - position.lensHeight;
  return {
    away: Math.max(0.05, Math.hypot(planDistance(spot.at, position.at), rise)),
    faceTurn: angleBetween(spot.facing, bearingTo(spot.at, position.at)),
  };
}

/** Ids of a choice that a bag lacks. */
function lacking({ bodyId, lensId, converterId, supportId }: Choice, bag: StoredKit): string[] {
  const has = (items: readonly { id: string }[], id: string | null): boolean =>
    id === null || items.some((i) => i.id === id);
  return [
    has(bag.bodies, bodyId) ? "" : bodyId,
    has(bag.lenses, lensId) ? "" : lensId,
    has(bag.converters, converterId) ? "" : converterId!,
    has(bag.supports, supportId) ? "" : supportId,
  ].filter(Boolean);
}

/**
 * What a shot is taken with: the choice while all of it is in the bag; of what is not, the best that is left, by reach,
 * then light. The choice itself stays as it was, so what is packed again is mounted again.
 */
export function mountedFor(
  outing: Asking,
  shot: Shot,
  kit: StoredKit,
  school: Preferences["school"],
): Mounted | undefined {
  const choice = choiceOf(outing, shot.id);
  const subject = outing.subjects.find((s) => s.id === shot.subjectId);
  if (!choice || !subject) return undefined;
  const bag = bagOf(outing, kit);
  const missing = lacking(choice, bag);
  if (missing.length === 0) {
    const rig = rigOf(choice, bag);
    return rig && { rig: schooled(rig, school), missing: [] };
  }
  const keep = <T extends { id: string }>(items: T[], id: string): T[] => {
    const own = items.filter((i) => i.id === id);
    return own.length > 0 ? own : items;
  };
  const spot = outing.ground.spots.find((s) => s.id === shot.spotId);
  const position = outing.ground.positions.find((p) => p.id === choice.positionId);
  const rig = bestRig({
    shot,
    subject,
    kit: {
      bodies: keep(bag.bodies, choice.bodyId),
      lenses: keep(bag.lenses, choice.lensId),
      converters: bag.converters,
      supports: keep(bag.supports, choice.supportId),
    },
    ...awayFrom(spot, position),
  });
  const all = [...kit.bodies, ...kit.lenses, ...kit.converters, ...kit.supports];
  return {
    rig: schooled(rig, school),
    missing: missing.map((id) => all.find((k) => k.id === id)?.name ?? id),
  };
}

/** An outing as it is asked, without a position and an instant. */
export type Asked = Omit<AssessInput, "position" | "scene">;

/**
 * The one place that makes what `assess` is asked of an outing: shot, subject, what is mounted, locked rails, the zoom where it
 * is held, and what is given up first. Absent while the kit lacks a body, a lens or a support.
 */
export function askedOf(
  outing: Asking,
  shot: Shot,
  mounted: Mounted | undefined,
  order: Preferences["order"],
): Asked | undefined {
  const choice = choiceOf(outing, shot.id);
  const subject = outing.subjects.find((s) => s.id === shot.subjectId);
  if (!mounted || !choice || !subject) return undefined;
  return {
    shot,
    subject,
    rig: mounted.rig,
    locked: choice.locked,
    order,
    // A zoom is held for the lens that it was held on.
    ...(choice.focalLengthMm === null || mounted.missing.length > 0
      ? {}
      : { focalLengthMm: choice.focalLengthMm }),
  };
}
