import { alongBearing, fromVenue, standingAt, type Point, type Position, type Spot } from "@/core/ground";
import { assess, bestRig, type Assessment } from "@/core/judge";
import type { Rig } from "@/core/optics";
import { creatureOf } from "@/core/motion";
import type { Scene, Shot } from "@/core/scene";
import type { StoredKit, StoredSubject } from "@/data";
import { askWith, type Ways } from "../ask";
import { toCentimetre } from "../rounded";

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
 * Nobody begins nearer than this in metres (assumed; officials and wardens decide): an animal keeps its peace, a large one
 * its distance, an athlete the room to run out, horses and wheels far more; a macro lens needs its reach.
 */
function nearest(subject: StoredSubject): number {
  const { figure, height, length, bodySpeed } = subject;
  const creature = creatureOf(subject);
  if (creature === "insect") return 0.35;
  if (creature === "animal")
    return figure === "beast" && height >= 0.6 ? 60 : Math.max(6, 20 * (length ?? height));
  if (figure === "vehicle") return 30;
  return figure === "riding" || bodySpeed > 10 ? 15 : 5;
}

/** Kneeling, or as low as the subject where that is near. */
const heightFor = (spot: Spot, distance: number): number =>
  Math.round(100 * (distance < 8 ? Math.max(0.2, Math.min(1.6, spot.aimHeight)) : 1.2)) / 100;

/** A score so much under the best is as good to begin with, if one stands nearer: air and heat haze soften what is far (common practice). */
const AS_GOOD = 0.1;

/**
 * Where one begins to stand for a shot, with the best of the bag from there: of the places about the spot where one may
 * stand without leave and whose score is as good as the best, the nearest. Where every place is vetoed, the one with the
 * fewest vetoes.
 */
export function firstPlace(wish: Wish): FirstPlace {
  const { spot, scene, shot, subject, kit } = wish;
  const found: { readonly place: FirstPlace; readonly distance: number; readonly value: number }[] = [];
  for (let distance = nearest(subject); distance < FARTHEST; distance *= STEP)
    for (const turn of TURNS) {
      const step = alongBearing(spot.facing + turn);
      const at = toCentimetre({ x: spot.at.x + step.x * distance, y: spot.at.y + step.y * distance });
      if (standingAt(scene.ground, at).rule !== "open") continue;
      const lensHeight = heightFor(spot, distance);
      const rig = bestRig({ kit, shot, subject, away: distance, faceTurn: Math.abs(turn) });
      const value = worth(wish, { id: "a", name: "A", at, lensHeight }, rig);
      found.push({ place: { at, lensHeight, rig }, distance, value });
    }
  const best = Math.max(...found.map((f) => f.value));
  const near = found
    .filter((f) => f.value >= best - AS_GOOD)
    .sort((a, b) => a.distance - b.distance || b.value - a.value);
  return near[0]?.place ?? outside(wish);
}

function worth({ shot, subject, scene, ways }: Wish, position: Position, rig: Rig): number {
  const found = assess({ ...askWith({ shot, subject, rig, weather: undefined }, ways), position, scene });
  if (!found.ok) return -100;
  return found.score.value - vetoesOf(found);
}

const vetoesOf = (found: Assessment): number => found.judgement.filter((j) => j.weight === "veto").length;

/** Nothing about the spot is open: well outside the venue, and the user moves it. */
function outside({ scene, kit, shot, subject }: Wish): FirstPlace {
  const at = toCentimetre(fromVenue(scene.ground.venue, { x: 120, y: 0 }));
  return { at, lensHeight: 1.6, rig: bestRig({ kit, shot, subject, away: 120, faceTurn: 90 }) };
}
