import { angleBetween } from "../units";
import { aimOf, bearingTo, lensOf, type Spot, type Vector } from "../ground";
import type { AssessInput } from "./assessment";

/** The spot of a shot, and the line from the lens to the aim. Throws when the shot names a spot that the ground lacks. */
export function sightOf({ shot, position, scene }: AssessInput): {
  readonly spot: Spot;
  readonly lens: Vector;
  readonly aim: Vector;
} {
  const spot = scene.ground.spots.find((s) => s.id === shot.spotId);
  if (!spot)
    throw new Error(
      `shot ${shot.id} names the spot ${shot.spotId}, which the ground lacks; add it or change the shot`,
    );
  return {
    spot,
    lens: lensOf(scene.ground, position),
    aim: aimOf(scene.ground, spot),
  };
}

/** Angle in degrees, 0 … 180, between the way the subject at a spot faces and the lens. */
export const faceTurnOf = ({ spot, lens, aim }: ReturnType<typeof sightOf>): number =>
  angleBetween(spot.facing, bearingTo(lens, aim) + 180);
