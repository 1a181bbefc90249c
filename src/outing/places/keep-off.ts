import { isInside, planDistance, type Point } from "@/core/ground";
import { LIMITS, freeId, type Outing, type Place, type Sighting } from "@/data";

type Area = Place["ground"]["areas"][number];

/** Metres kept off a nest or a den of which nobody told more (common practice: raptors, owls, waders, divers and colonies). */
const USUAL_KEEP_OFF = 100;
const CORNERS = 24;

/** Whether it is something that is kept off: a nest or a den. */
export const isKeptOff = ({ what }: Pick<Sighting, "what">): boolean => what === "nest" || what === "den";

/** Where a sighting is on the plan of its place; nothing where no spot of it says that. */
export const whereOn = (ground: Place["ground"], { spotId }: Sighting): Point | undefined =>
  ground.spots.find((s) => s.id === spotId)?.at;

/** Metres that are kept off a nest or a den. */
export const keepOffOf = ({ keepOff }: Sighting): number => keepOff ?? USUAL_KEEP_OFF;

/** The same of a sighting of which it is not known what it is: nothing is kept off others. */
export const keptOffOf = (sighting: Sighting): { readonly keepOff?: number } =>
  isKeptOff(sighting) ? { keepOff: keepOffOf(sighting) } : {};

/** The nests and dens of a place as areas that nobody goes into: whatever year they are of, since many are used again. */
export function nestAreas(place: Place, sightings: readonly Sighting[]): Area[] {
  const areas: Area[] = [];
  for (const sighting of sightings.filter((s) => s.placeId === place.id && isKeptOff(s))) {
    const at = whereOn(place.ground, sighting);
    if (!at) continue;
    const taken = [...place.ground.areas, ...areas];
    if (taken.length >= LIMITS.areas) break;
    const radius = keepOffOf(sighting);
    if (taken.some((a) => a.kind === "nest" && isKept(a, at, radius))) continue;
    areas.push({
      id: freeId("nest", taken),
      name: `${sighting.name}, kept off`,
      kind: "nest",
      outline: Array.from({ length: CORNERS }, (_, i) => {
        const turn = (2 * Math.PI * i) / CORNERS;
        // Circumscribed: no corner cuts into the circle.
        const reach = radius / Math.cos(Math.PI / CORNERS);
        return { x: at.x + reach * Math.sin(turn), y: at.y + reach * Math.cos(turn) };
      }),
    });
  }
  return areas;
}

/** Whether an area keeps so many metres off a point already. */
const isKept = ({ outline }: Area, at: Point, radius: number): boolean =>
  isInside(at, outline) && Math.min(...outline.map((p) => planDistance(at, p))) >= radius - 0.5;

/** Positions of a ground that lie in none of such areas. */
export const outsideOf = (positions: Outing["ground"]["positions"], areas: readonly Area[]) =>
  positions.filter((p) => !areas.some((a) => isInside(p.at, a.outline)));
