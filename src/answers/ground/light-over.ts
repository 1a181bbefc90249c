import { planDistance, type Point } from "@/core/ground";
import type { LitPlace } from "@/core/judge";
import { lightPlanOf } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { searchedArea } from "@/outing/searched-area";
import { wayBetween, type Way } from "../plan/way";

/** Places of the map: coarse enough to be read at a glance. */
const PLACES = 240;

/** What is to be mapped: the ground about, at the minute in hand, as the position in hand sees the subject; nothing without one. */
export function lightAsked({ outing, position, spot, subject, at }: OutingView) {
  if (!position) return undefined;
  const area = [searchedArea(outing.ground, spot.id, planDistance(position.at, spot.at))];
  const [xs, ys] = [area.flat().map((p) => p.x), area.flat().map((p) => p.y)];
  const size = (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
  const step = Math.max(0.25, Math.sqrt(size / PLACES));
  return { ground: outing.ground, light: lightPlanOf(outing), at, subject, position, spot, area, step };
}

/** A place of the map against the spot. */
export interface PlaceAgainst extends Way {
  /** Clicks brighter than at the spot; below 0 darker. */
  readonly clicks: number;
}

/** The brightest and the darkest place of a map of which one is lit at least, as they lie to a spot whose EV is told. */
export function endsOfLight(
  lit: readonly LitPlace[],
  ev: number,
  from: Point,
): { readonly brightest: PlaceAgainst; readonly darkest: PlaceAgainst } {
  const ranked = lit.toSorted((a, b) => b.ev - a.ev);
  const against = (place: LitPlace): PlaceAgainst => ({
    clicks: Math.round(3 * (place.ev - ev)),
    ...wayBetween(from, place.at),
  });
  return { brightest: against(ranked[0]!), darkest: against(ranked.at(-1)!) };
}
