import { angleBetween } from "@/core/units";
import { bearingTo, planDistance, type Position, type Spot } from "@/core/ground";
import { bestRig, type AssessInput, type Weights } from "@/core/judge";
import { isoSpeed, type Settings } from "@/core/exposure";
import { creatureOf, stemSway, USUAL_HANDS, type Hands, type Subject } from "@/core/motion";
import { dangersFor } from "./dangers-for";
import type { Rig } from "@/core/optics";
import type { Intent, Scene, Shot } from "@/core/scene";
import { bagOf, choiceOf, rigOf, type Choice, type Preferences, type Outing, type StoredKit } from "@/data";

/** What of an outing a shot's question hangs on. */
export type Plan = Pick<Outing, "shots" | "choices" | "subjects" | "bag" | "ground" | "weather">;

/** What of the photographer's ways a question hangs on. */
export type Ways = Pick<Preferences, "order" | "school" | "weights" | "learnt">;

/** What is mounted for a shot, and what of the choice is not in the bag, by name where the kit still has it. */
export interface Mounted {
  readonly rig: Rig;
  readonly missing: readonly string[];
}

/** An outing as it is asked, without a position and an instant. */
export type Asked = Omit<AssessInput, "position" | "scene">;

/** What is asked otherwise than it is planned; what is left out stands as in the plan. */
export interface Otherwise {
  /** Another spot of the ground. */
  readonly spotId?: string;
  /** Something else mounted; a zoom is then held no longer, since it is held for its lens. */
  readonly rig?: Rig;
  /** Other rails held, in clicks; none held is an empty object. */
  readonly holds?: Partial<Settings>;
}

/** A shot, from a position, in a scene. */
export interface Wish extends Otherwise {
  readonly shot: Shot;
  readonly position: Position;
  readonly scene: Scene;
}

/** The weights that count for an intent: the photographer's own, where there are any. */
export const weightsOf = ({ weights }: Pick<Ways, "weights">, intent: Intent): Weights | undefined =>
  weights?.[intent];

/**
 * The one place that makes what `assess` is asked: of a shot and its subject, in the wind that is told, with something mounted. The school
 * decides whether a body may be pushed, the ways what is given up first and what counts how much.
 */
export function askWith(
  asked: {
    readonly shot: Shot;
    readonly subject: Subject;
    readonly rig: Rig;
    readonly weather: Outing["weather"];
  },
  ways: Ways,
  held: { readonly locked?: Partial<Settings>; readonly focalLengthMm?: number } = {},
): Asked {
  const weights = weightsOf(ways, asked.shot.intent);
  return {
    shot: asked.shot,
    subject: inWind(asked.subject, asked.weather),
    dangers: dangersFor(asked.subject),
    rig: schooled(accepting(asked.rig, ways.learnt), ways.school),
    order: ways.order,
    ...handsOf(ways.learnt),
    ...(held.locked ? { locked: held.locked } : {}),
    ...(held.focalLengthMm === undefined ? {} : { focalLengthMm: held.focalLengthMm }),
    ...(weights ? { weights } : {}),
  };
}

/** The rig as its owner exposes: who exposes fully has no lifting to give up. */
const schooled = (rig: Rig, school: Ways["school"]): Rig =>
  school === "full" && rig.body.liftClicks !== 0 ? { ...rig, body: { ...rig.body, liftClicks: 0 } } : rig;

/** What was learnt of the hands, beside what is usual; nothing where neither is in use. */
function handsOf(learnt: Ways["learnt"]): { readonly hands?: Hands } {
  const { tracking, pan } = learnt ?? {};
  if (!tracking && !pan) return {};
  return {
    hands: {
      trackingResidual: tracking?.value ?? USUAL_HANDS.trackingResidual,
      panSpread: pan?.value ?? USUAL_HANDS.panSpread,
    },
  };
}

/** The rig with the ISO up to which its owner really keeps frames as that up to which they are content, and what they really lift. */
function accepting(rig: Rig, learnt: Ways["learnt"]): Rig {
  const { iso, lift } = learnt ?? {};
  if (!iso && !lift) return rig;
  return {
    ...rig,
    body: {
      ...rig.body,
      ...(iso && { preferredIso: isoSpeed(iso.value) }),
      ...(lift && { liftClicks: Math.round(lift.value) }),
    },
  };
}

/** A subject in the wind that is told: what stands on a stem sways with it. */
function inWind(subject: Subject, weather: Outing["weather"]): Subject {
  const onStem = creatureOf(subject) === "insect" && subject.bodySpeed === 0;
  return onStem && weather?.wind ? { ...subject, bob: stemSway(weather.wind.speed) } : subject;
}

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
    bag.bodies.some((b) => b.id === bodyId && b.builtIn) || has(bag.lenses, lensId) ? "" : lensId,
    has(bag.converters, converterId) ? "" : converterId!,
    has(bag.supports, supportId) ? "" : supportId,
  ].filter(Boolean);
}

/**
 * What a shot is taken with: the choice while all of it is in the bag; of what is not, the best that is left, by reach,
 * then light. The choice itself stays as it was, so what is packed again is mounted again.
 */
export function mountedFor(outing: Plan, shot: Shot, kit: StoredKit): Mounted | undefined {
  const choice = choiceOf(outing, shot.id);
  const subject = outing.subjects.find((s) => s.id === shot.subjectId);
  if (!choice || !subject) return undefined;
  const bag = bagOf(outing, kit);
  const missing = lacking(choice, bag);
  if (missing.length === 0) {
    const rig = rigOf(choice, bag);
    return rig && { rig, missing: [] };
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
  return { rig, missing: missing.map((id) => all.find((k) => k.id === id)?.name ?? id) };
}

/** The best of a bag for a shot from a place that may be no position of the outing. */
export const bestOfBag = (
  bag: StoredKit,
  { shot, subject, spot }: { readonly shot: Shot; readonly subject: Subject; readonly spot: Spot },
  from: Position,
): Rig => bestRig({ kit: bag, shot, subject, ...awayFrom(spot, from) });

/**
 * What a shot of an outing asks, without a position and an instant: its subject, what is mounted, the rails that are held, the zoom where
 * it is held. Absent while the kit lacks a body, a lens or a support.
 */
export function askedOf(
  plan: Plan,
  shot: Shot,
  mounted: Mounted | undefined,
  ways: Ways,
  { spotId, rig, holds }: Otherwise = {},
): Asked | undefined {
  const choice = choiceOf(plan, shot.id);
  const subject = plan.subjects.find((s) => s.id === shot.subjectId);
  const used = rig ?? mounted?.rig;
  if (!used || !choice || !subject) return undefined;
  const asPlanned = mounted?.missing.length === 0 && sameGlass(used, mounted.rig);
  return askWith(
    {
      shot: spotId === undefined ? shot : { ...shot, spotId },
      subject,
      rig: used,
      weather: plan.weather,
    },
    ways,
    {
      locked: holds ?? choice.locked,
      // A zoom is held for the lens that it was held on.
      ...(asPlanned && choice.focalLengthMm !== null ? { focalLengthMm: choice.focalLengthMm } : {}),
    },
  );
}

const sameGlass = (a: Rig, b: Rig): boolean => a.lens.id === b.lens.id && a.converter?.id === b.converter?.id;

/** The one door: a shot from a position in a scene, as planned or otherwise. Absent while the kit lacks what it takes. */
export function ask(
  { outing, kit, preferences }: { outing: Plan; kit: StoredKit; preferences: Ways },
  { shot, position, scene, ...otherwise }: Wish,
): AssessInput | undefined {
  const asked = askedOf(outing, shot, mountedFor(outing, shot, kit), preferences, otherwise);
  return asked && { ...asked, position, scene };
}
