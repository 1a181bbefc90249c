import { EVENT_KINDS, stagingOf, type EventKind } from "@/core/catalogue";
import { mayBeProposed, mayStand } from "@/core/guard";
import { bearingTo, planDistance, type Spot } from "@/core/ground";
import { assess, bestRig, guardedOf } from "@/core/judge";
import { sceneAt } from "@/core/scene";
import { angleBetween } from "@/core/units";
import {
  idFromName,
  LIMITS,
  lightPlanOf,
  windowOf,
  type Outing,
  type Preferences,
  type StoredKit,
  type StoredShot,
  type StoredSubject,
} from "@/data";
import { askWith } from "../ask";
import { beginChoice } from "../begin/begin-choice";
import { beginShot } from "../begin/begin-shot";
import { firstPlace, type FirstPlace } from "../begin/first-place";
import { venueOf } from "../begin/kind-of";
import { librarySubject } from "../begin/library-subject";
import { metOn } from "../begin/met";
import { newPosition } from "../begin/new-position";
import { dangersFor } from "../dangers-for";
import { put, type Edit } from "../edits/edit";
import { tradePlacesFor } from "../trade-places";
import { placeOfKind } from "./kinds";

/** Metres within which a position that is there already serves as well as the trade's place. */
const NEAR = 3;

/** A kind of event and what it is taken with on this venue. */
interface Met {
  readonly kind: EventKind;
  readonly subject: StoredSubject;
}

/** The subject of a kind that is met on a venue; undefined where it is met elsewhere. */
function subjectOn(kind: EventKind, template: string): StoredSubject | undefined {
  const id = kind.subjects.find((s) => stagingOf(s)?.venues.includes(template));
  return id === undefined ? undefined : librarySubject(id);
}

/** The kinds that have no place on a ground yet and are met on its venue. */
export function kindsToPlace(outing: Outing, kinds: readonly (EventKind | undefined)[]): EventKind[] {
  const { template } = outing.ground.venue;
  return EVENT_KINDS.filter(
    (kind) =>
      kinds.includes(kind) && placeOfKind(outing, kind) === null && subjectOn(kind, template) !== undefined,
  );
}

/** Where one stands for a shot: the best of the trade's places at which one may stand, else as an outing begins. */
function placeFor(
  outing: Outing,
  { subject }: Met,
  shot: StoredShot,
  spot: Spot,
  kit: StoredKit,
  preferences: Preferences,
): FirstPlace {
  const scene = sceneAt(outing.ground, lightPlanOf(outing), windowOf(outing).starts);
  const guarded = guardedOf({ shot, subject, dangers: dangersFor(subject), scene });
  const ways = preferences;
  const judged = tradePlacesFor(outing.ground, { subject }, spot).flatMap(({ at, lensHeight }) => {
    const may = mayStand(outing.ground, guarded, { at, lensHeight });
    if (may.rule === "by-leave" || !mayBeProposed(may)) return [];
    const faceTurn = angleBetween(bearingTo(spot.at, at), spot.facing);
    const rig = bestRig({ kit, shot, subject, away: planDistance(at, spot.at), faceTurn });
    const found = assess({
      ...askWith({ shot, subject, rig, weather: undefined }, ways),
      position: { id: "a", name: "A", at, lensHeight },
      scene,
    });
    return found.ok && !found.score.vetoed ? [{ at, lensHeight, rig, score: found.score.value }] : [];
  });
  const [best] = judged.toSorted((a, b) => b.score - a.score);
  return best ?? firstPlace({ kit, shot, subject, spot, scene, ways });
}

/** A kind put on the ground: its spot where it is met, a shot of it, and a position from which the trade takes it. */
function withKind(outing: Outing, met: Met, kit: StoredKit, preferences: Preferences): Outing {
  const { ground, shots } = outing;
  const { kind, subject } = met;
  if (
    shots.length >= LIMITS.shots ||
    ground.spots.length >= LIMITS.spots ||
    ground.positions.length >= LIMITS.positions
  )
    return outing;
  const lies = metOn(
    { subject, staging: stagingOf(subject.id) },
    venueOf(ground.venue.template),
    ground.venue,
  );
  const spot: Spot = {
    id: idFromName(kind.name, ground.spots, "spot"),
    name: kind.name,
    at: lies.at,
    aimHeight: lies.aimHeight,
    facing: lies.facing,
    zoneId: ground.zones[0]!.id,
  };
  const shot: StoredShot = { ...beginShot(subject, spot.id, preferences, shots), priority: 2 };
  const place = placeFor(
    { ...outing, ground: { ...ground, spots: [...ground.spots, spot] } },
    met,
    shot,
    spot,
    kit,
    preferences,
  );
  const near = ground.positions.find((p) => planDistance(p.at, place.at) <= NEAR);
  const position = near ?? { ...newPosition(outing, place.at), lensHeight: place.lensHeight };
  return {
    ...outing,
    subjects: put(outing.subjects, subject),
    shots: [...shots, shot],
    choices: [...outing.choices, beginChoice(shot.id, position.id, kit, place.rig)],
    ground: {
      ...ground,
      spots: [...ground.spots, spot],
      positions: near ? ground.positions : [...ground.positions, position],
    },
  };
}

/** Puts kinds of events on the ground, each where it is met on this venue and where the trade stands for it. */
export const arrangeKinds =
  (kinds: readonly EventKind[], kit: StoredKit, preferences: Preferences): Edit =>
  (outing) =>
    kinds.reduce((so, kind) => {
      const subject = subjectOn(kind, so.ground.venue.template);
      return subject ? withKind(so, { kind, subject }, kit, preferences) : so;
    }, outing);
