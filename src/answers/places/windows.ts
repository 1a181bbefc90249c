import { aimOf, bearingTo, type Vector } from "@/core/ground";
import type { LightSide } from "@/core/light";
import type { LightWindowsInput } from "@/core/year";
import { daysAfter, localDay, type Place } from "@/data";

/** The light that is wished on a spot of a place. */
export interface LightWish {
  readonly spotId: string;
  readonly side: LightSide;
  /** Degrees of the sun as seen: from the first up to the second. */
  readonly altitudes: readonly [number, number];
  /** Where one stands for it; where the spot faces when left out. */
  readonly positionId?: string;
}

const DAYS = 365;

/** What is asked of a year from a day on, YYYY-MM-DD; nothing where the place lies nowhere, or under a roof. */
export function windowsAsked(place: Place, wish: LightWish, from: string): LightWindowsInput | undefined {
  const { ground, timeZone, light } = place;
  const spot = ground.spots.find((s) => s.id === wish.spotId);
  if (!spot || ground.anchor.assumed || light.roof) return undefined;
  const position = ground.positions.find((p) => p.id === wish.positionId);
  const point: Vector = aimOf(ground, spot);
  return {
    place: ground.anchor,
    point,
    obstacles: ground.obstacles,
    toCamera: position ? bearingTo(spot.at, position.at) : spot.facing,
    side: wish.side,
    altitudes: wish.altitudes,
    days: Array.from({ length: DAYS }, (_, i) => localDay({ date: daysAfter(from, i), timeZone })),
  };
}
