import { isInside, lineThrough, nearestOnSide, planDistance, type Point, type Spot } from "@/core/ground";
import type { Picture } from "@/core/schedule";
import type { Outing, ProgrammeEvent } from "@/data";
import { middleOf } from "../things/thing";

type Ground = Outing["ground"];
/** Where an event happens. */
export type EventPlace = NonNullable<ProgrammeEvent["place"]>;

/** Metres to either side of a track within which a spot is on it. */
const ON_TRACK = 3;
/** Places of a track without spots, as shares of its length. */
const ALONG = [0.1, 0.3, 0.5, 0.7, 0.9];
/** Corners of an area without spots that are gone half way to, besides its middle. */
const MOST_CORNERS = 8;

/** Everything of a ground at which an event may be, in the order in which it is offered. */
export function placesOf({ spots, tracks, areas }: Ground): (EventPlace & { readonly name: string })[] {
  const of = (sort: EventPlace["sort"], things: readonly { readonly id: string; readonly name: string }[]) =>
    things.map(({ id, name }) => ({ sort, id, name }));
  return [...of("spot", spots), ...of("track", tracks), ...of("area", areas)];
}

/** A place as one text, for lists of choices, and back. */
export const keyOfPlace = ({ sort, id }: EventPlace): string => `${sort}:${id}`;
export const placeOfKey = (ground: Ground, key: string): EventPlace | null => {
  const place = placesOf(ground).find((p) => keyOfPlace(p) === key);
  return place ? { sort: place.sort, id: place.id } : null;
};

/** The name of an event's place; empty where it is not told or gone. */
export const placeName = (ground: Ground, place: ProgrammeEvent["place"]): string =>
  (place && placesOf(ground).find((p) => keyOfPlace(p) === keyOfPlace(place))?.name) ?? "";

/** The spots that an event's place has: itself, those along the track, those within the area. */
export function spotsAt({ spots, tracks, areas }: Ground, place: ProgrammeEvent["place"]): readonly Spot[] {
  if (!place) return [];
  if (place.sort === "spot") return spots.filter((s) => s.id === place.id);
  if (place.sort === "area") {
    const outline = areas.find((a) => a.id === place.id)?.outline;
    return outline ? spots.filter((s) => isInside(s.at, outline)) : [];
  }
  const sides = sidesOf(tracks.find((t) => t.id === place.id)?.points ?? []);
  return spots.filter((s) => sides.some((side) => planDistance(nearestOnSide(s.at, side), s.at) <= ON_TRACK));
}

/**
 * Where an event's subject may be taken for a shot: at the spots of its place; where a track or an area has none, at places along
 * it or within it that are otherwise as the shot's own spot. Empty where the place is not told or gone.
 */
export function takenAt(ground: Ground, place: ProgrammeEvent["place"], like: Spot): readonly Spot[] {
  const there = spotsAt(ground, place);
  if (there.length > 0 || !place || place.sort === "spot") return there;
  // No stored id has a colon.
  const made = (at: Point, i: number, more: Partial<Spot> = {}): Spot => ({
    ...like,
    ...more,
    id: `${keyOfPlace(place)}:${like.id}:${i}`,
    at,
  });
  if (place.sort === "area") {
    const outline = ground.areas.find((a) => a.id === place.id)?.outline;
    return outline ? withinOutline(outline).map((at, i) => made(at, i)) : [];
  }
  const track = ground.tracks.find((t) => t.id === place.id);
  if (!track) return [];
  return alongLine(track.points).map(({ at, bearing }, i) =>
    made(at, i, {
      heading: bearing,
      // It looks where it goes, but for what looks elsewhere at its own spot.
      facing: like.heading === undefined ? bearing : like.facing,
      ...(track.height !== undefined && { aimHeight: track.height }),
    }),
  );
}

/** Along a track one chooses where to take it; within an area it may be anywhere. */
export const whereOf = (place: EventPlace): Picture["where"] =>
  place.sort === "area" ? "anywhere" : "chosen";

const sidesOf = (points: readonly Point[]): (readonly [Point, Point])[] =>
  points.slice(1).map((p, i) => [points[i]!, p] as const);

/** Places along a line by shares of its length, each with the bearing of the line there. */
function alongLine(points: readonly Point[]): { readonly at: Point; readonly bearing: number }[] {
  const line = lineThrough(points);
  return ALONG.map((share) => {
    const metres = share * line.upTo.at(-1)!;
    return { at: line.at(metres), bearing: line.bearingAt(metres) };
  });
}

/** The middle of an outline and half way to its corners, as far as they lie within it. */
function withinOutline(outline: readonly Point[]): Point[] {
  const middle = middleOf({ corners: outline });
  const every = Math.ceil(outline.length / MOST_CORNERS);
  const half = outline
    .filter((_, i) => i % every === 0)
    .map((p) => ({ x: (p.x + middle.x) / 2, y: (p.y + middle.y) / 2 }));
  const within = [middle, ...half].filter((p) => isInside(p, outline));
  return within.length > 0 ? within : [outline[0]!];
}
