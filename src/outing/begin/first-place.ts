import { mayBeProposed, mayStand, type Guarded } from "@/core/guard";
import { alongBearing, bearingTo, planDistance, type Point, type Position, type Spot } from "@/core/ground";
import { assess, bestRig, guardedOf, MOST_FILL, seesNothing, type Assessment } from "@/core/judge";
import type { Rig } from "@/core/optics";
import { creatureOf, isFalling } from "@/core/motion";
import type { Scene, Shot } from "@/core/scene";
import { angleBetween } from "@/core/units";
import type { StoredKit, StoredSubject } from "@/data";
import { askWith, type Ways } from "../ask";
import { dangersFor } from "../dangers-for";
import { toCentimetre } from "../rounded";
import { tradePlacesFor } from "../trade-places";

interface Wish {
  readonly kit: StoredKit;
  readonly shot: Shot;
  readonly subject: StoredSubject;
  readonly spot: Spot;
  readonly scene: Scene;
  readonly ways: Ways;
}

export interface FirstPlace {
  readonly at: Point;
  readonly lensHeight: number;
  readonly rig: Rig;
}

/** Turns from the way the subject faces, in degrees: before it first. */
const TURNS = [0, 20, -20, 40, -40, 60, -60, 85, -85, 110, -110, 140, -140, 180];
/** Each distance tried is so many times the one before, up to this many metres. */
const STEP = 1.18;
const FARTHEST = 320;

/**
 * Nobody begins nearer than this in metres (assumed): an insect leaves a macro lens its reach, a frog or a snake is left its peace, whoever
 * plays the room to play.
 */
function nearest(subject: StoredSubject): number {
  if (creatureOf(subject) === "insect") return 0.35;
  const kept = dangersFor(subject).flatMap((d) => (d.kind === "animal" ? d.keepOff : []))[0] ?? Infinity;
  return kept < NEAR_ANIMAL && Math.max(subject.height, subject.length ?? 0) < 1 ? Math.max(0.6, kept) : 5;
}
/** Metres within which an animal that lets one come so near is begun with. */
const NEAR_ANIMAL = 2.5;

/** Kneeling, or as low as the subject where that is near. */
const heightFor = (spot: Spot, distance: number): number =>
  Math.round(100 * (distance < 8 ? Math.max(0.2, Math.min(1.6, spot.aimHeight)) : 1.2)) / 100;

/** Degrees off face on from which somebody is seen from behind. */
const FROM_BEHIND = 100;
/** What a back counts less where a face is asked: more than a lens too short, which is said with what would do (assumed). */
const BACK = 2;
/** What a place counts less from which nothing is seen: more than a lens too short, which is said (assumed). */
const BLIND = 1;
/** What a place counts less where one has to take care (assumed). */
const CARE = 0.05;

/** A score so much under the best is as good to begin with, if one stands nearer: air and heat haze soften what is far (common practice). */
const AS_GOOD = 0.1;

/**
 * Where one begins to stand for a shot, with the best of the bag from there: of the trade's places and those about the spot where one may
 * stand without leave and whose score is as good as the best, the nearest. Where every place is vetoed, the one with the
 * fewest vetoes.
 */
export function firstPlace(wish: Wish): FirstPlace {
  const { spot, scene, shot, subject, kit } = wish;
  const guarded = guardedOf({ shot, subject, dangers: dangersFor(subject), scene });
  const practice = tradePlacesFor(scene.ground, { subject, side: shot.side }, spot);
  const found = [...practice, ...placesAbout(spot, nearest(subject))].flatMap(({ at, lensHeight }) => {
    const may = mayStand(scene.ground, guarded, { at, lensHeight });
    if (may.rule === "by-leave" || !mayBeProposed(may)) return [];
    const distance = planDistance(at, spot.at);
    const faceTurn = angleBetween(bearingTo(spot.at, at), spot.facing);
    const rig = bestRig({ kit, shot, subject, away: distance, faceTurn });
    const value = worth(wish, { id: "a", name: "A", at, lensHeight }, rig);
    return [{ place: { at, lensHeight, rig }, distance, value }];
  });
  const best = Math.max(...found.map((f) => f.value));
  const near = found
    .filter((f) => f.value >= best - AS_GOOD)
    .sort((a, b) => a.distance - b.distance || b.value - a.value);
  return near[0]?.place ?? outside(wish, guarded);
}

/** Places about a spot from so many metres out, each ring a step farther. */
function placesAbout(spot: Spot, from: number): { readonly at: Point; readonly lensHeight: number }[] {
  const places = [];
  for (let distance = from; distance < FARTHEST; distance *= STEP)
    for (const turn of TURNS) {
      const step = alongBearing(spot.facing + turn);
      const at = toCentimetre({ x: spot.at.x + step.x * distance, y: spot.at.y + step.y * distance });
      places.push({ at, lensHeight: heightFor(spot, distance) });
    }
  return places;
}

function worth({ shot, subject, scene, ways }: Wish, position: Position, rig: Rig): number {
  const found = assess({ ...askWith({ shot, subject, rig, weather: undefined }, ways), position, scene });
  if (!found.ok) return -100;
  return found.score.value - shortcomings(found, shot, subject);
}

/** What a place is no beginning for: each veto, a picture that is overfilled, a back where there is a face; care counts a little. */
function shortcomings({ judgement, sighting }: Assessment, shot: Shot, subject: StoredSubject): number {
  const vetoes = judgement.filter((j) => j.weight === "veto").length;
  const blind = seesNothing(judgement) ? BLIND : 0;
  const overfilled = sighting.frame.fill > MOST_FILL * shot.fill ? 1 : 0;
  const faces = creatureOf(subject) !== "insect" && !isFalling(subject);
  const behind = faces && sighting.faceTurn > FROM_BEHIND ? BACK : 0;
  // What stands before a part of it counts as much as that part.
  const hidden = judgement.reduce((sum, j) => sum + (j.code === "partly-hidden" ? j.numbers.share : 0), 0);
  const care = judgement.some((j) => j.code === "with-care") ? CARE : 0;
  return vetoes + blind + overfilled + behind + hidden + care;
}

/** Nothing about the spot is open: out behind the subject, as far as it takes, and the user moves it. */
function outside({ scene, kit, shot, subject, spot }: Wish, guarded: Guarded | undefined): FirstPlace {
  const away = alongBearing(spot.facing + 180);
  const place = (distance: number): Point =>
    toCentimetre({ x: spot.at.x + away.x * distance, y: spot.at.y + away.y * distance });
  const lensHeight = 1.6;
  let distance = 120;
  while (
    distance < 10 * FARTHEST &&
    mayStand(scene.ground, guarded, { at: place(distance), lensHeight }).rule === "never"
  )
    distance *= STEP;
  return {
    at: place(distance),
    lensHeight,
    rig: bestRig({ kit, shot, subject, away: distance, faceTurn: 180 }),
  };
}
