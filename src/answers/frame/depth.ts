import { aimOf, dot, solidsOf, subtract, surfacePoints, type Vector } from "@/core/ground";
import { fNumberEndToEnd, sightOf } from "@/core/judge";
import { depthWishFor, type DepthWish } from "@/core/scene";
import { answered } from "../answered";

/** Something on the plan that may be kept sharp with the subject. */
export interface SecondThing {
  readonly id: string;
  readonly name: string;
  /** Metres beyond the subject along the view; below 0 before it. */
  readonly beyond: number;
}

/** What of the subject should be sharp, and what would hold it. */
export interface Depth {
  readonly wish: DepthWish;
  /** Metres of the subject along the way it faces. */
  readonly length: number;
  /** Degrees by which it is turned out of the plane of focus. */
  readonly turnDeg: number;
  /** The f-number that would hold it from end to end, focused on the eye. */
  readonly forAll: number;
  /** Spots and things ahead of the lens, the nearest to the subject first. */
  readonly others: readonly SecondThing[];
}

/** The depth of the shot in hand; nothing while there is no picture. */
export const depthOf = answered(
  ({ input, found, subject, shot }) => [input, found, subject, shot] as const,
  (input, found, subject, shot): Depth | undefined => {
    if (!input || !found) return undefined;
    const wish = shot.depth ?? depthWishFor(subject, shot);
    const turnDeg = wish.kind === "plane" ? wish.turnDeg : 90 - found.sighting.faceTurn;
    const { spot, lens, aim } = sightOf(input);
    const { ground } = input.scene;
    const away = found.sighting.distance;
    const axis = subtract(aim, lens);
    const beyond = (p: Vector): number => dot(subtract(p, lens), axis) / away - away;
    const others: SecondThing[] = [
      ...ground.spots
        .filter((s) => s.id !== spot.id)
        .map((s) => ({ id: s.id, name: s.name, beyond: beyond(aimOf(ground, s)) })),
      ...ground.obstacles.map((o) => ({
        id: o.id,
        name: o.name,
        beyond: Math.min(...solidsOf(o).flatMap(surfacePoints).map(beyond)),
      })),
    ];
    return {
      wish,
      length: subject.length ?? subject.span ?? subject.height,
      turnDeg,
      forAll: fNumberEndToEnd(input, found, Math.abs(turnDeg)),
      others: others.filter((o) => o.beyond > -away).sort((a, b) => Math.abs(a.beyond) - Math.abs(b.beyond)),
    };
  },
);
