import { alongBearing, fromVenue, standingAt, type Point, type Position, type Spot } from "@/core/ground";
import { assess, bestRig, type AssessInput, type Assessment } from "@/core/judge";
import type { Rig } from "@/core/optics";
import { creatureOf } from "@/core/motion";
import type { Scene, Shot } from "@/core/scene";
import type { StoredKit, StoredSubject } from "@/data";

interface Wish {
  readonly kit: StoredKit;
  readonly shot: Shot;
  readonly subject: StoredSubject;
  readonly spot: Spot;
  readonly scene: Scene;
  readonly order: AssessInput["order"];
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

/** Nobody begins nearer than this: an animal keeps its peace, an athlete the room to run out, a macro lens its reach. Metres. */
function nearest({ figure, height, length, bodySpeed }: StoredSubject): number {
  const creature = creatureOf({ figure, height });
  if (creature === "insect") return 0.35;
  if (creature === "animal") return Math.max(4, 20 * (length ?? height));
  return bodySpeed > 10 ? 15 : 5;
}

/** Kneeling, or as low as the subject where that is near. */
const heightFor = (spot: Spot, distance: number): number =>
  Math.round(100 * (distance < 8 ? Math.max(0.2, Math.min(1.6, spot.aimHeight)) : 1.2)) / 100;

const cm = ({ x, y }: Point): Point => ({ x: Math.round(x * 100) / 100, y: Math.round(y * 100) / 100 });

/**
 * Where one begins to stand for a shot, with the best of the bag from there: the place about the spot with the highest
 * score of those where one may stand without leave. Where every place is vetoed, the one with the fewest vetoes.
 */
export function firstPlace(wish: Wish): FirstPlace {
  const { spot, scene, shot, subject, kit } = wish;
  let best: { place: FirstPlace; value: number } | undefined;
  for (let distance = nearest(subject); distance < FARTHEST; distance *= STEP)
    for (const turn of TURNS) {
      const step = alongBearing(spot.facing + turn);
      const at = cm({ x: spot.at.x + step.x * distance, y: spot.at.y + step.y * distance });
      if (standingAt(scene.ground, at).rule !== "open") continue;
      const lensHeight = heightFor(spot, distance);
      const rig = bestRig({ kit, shot, subject, away: distance, faceTurn: Math.abs(turn) });
      const value = worth(wish, { id: "a", name: "A", at, lensHeight }, rig);
      if (!best || value > best.value) best = { place: { at, lensHeight, rig }, value };
    }
  return best?.place ?? outside(wish);
}

function worth({ shot, subject, scene, order }: Wish, position: Position, rig: Rig): number {
  const found = assess({ shot, subject, position, rig, scene, order });
  if (!found.ok) return -100;
  return found.score.value - vetoesOf(found);
}

const vetoesOf = (found: Assessment): number => found.judgement.filter((j) => j.weight === "veto").length;

/** Nothing about the spot is open: well outside the venue, and the user moves it. */
function outside({ scene, kit, shot, subject }: Wish): FirstPlace {
  const at = cm(fromVenue(scene.ground.venue, { x: 120, y: 0 }));
  return { at, lensHeight: 1.6, rig: bestRig({ kit, shot, subject, away: 120, faceTurn: 90 }) };
}
