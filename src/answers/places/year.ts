import {
  activityByHour,
  calendarMarks,
  comingRound,
  dayOfYear,
  type CalendarMark,
  type HourOfActivity,
} from "@/core/year";
import {
  daysAfter,
  windowOf,
  wallDateOf,
  wallTimeOf,
  type Outing,
  type Place,
  type Places,
  type Sighting,
} from "@/data";
import { keptOffOf, whereOn } from "@/outing/places/keep-off";
import { kept } from "@/outing/kept";

/** Sightings of one place. */
export const sightingsAt = kept(4, (sightings: readonly Sighting[], placeId: string): readonly Sighting[] =>
  sightings.filter((s) => s.placeId === placeId),
);

/** What comes again from year to year: the animal and what it did. */
const rowOf = ({ name, what }: Sighting): string => `${what} ${name}`;

/** Day of a year of 366 days, 1 to 366, of a date YYYY-MM-DD. */
export const dayInYear = (date: string): number => dayOfYear(date);

/** A mark of the calendar with the sighting that stands for it. */
export interface YearMark extends CalendarMark {
  readonly name: string;
  readonly what: Sighting["what"] | "others";
}

/** The years of a place over one another, at most forty drawn elements. */
export const yearMarks = kept(4, (sightings: readonly Sighting[]): readonly YearMark[] => {
  const byRow = new Map(sightings.map((s) => [rowOf(s), s]));
  return calendarMarks(
    sightings.map((s) => ({ row: rowOf(s), year: Number(s.on.slice(0, 4)), day: dayOfYear(s.on) })),
  ).map((mark) => {
    const one = byRow.get(mark.row);
    return { ...mark, name: one?.name ?? "", what: one?.what ?? "others" };
  });
});

/** Something of an earlier year that comes round, with where it was and what is kept off it. */
export interface ComingUp {
  readonly sighting: Sighting;
  readonly place: Place;
  readonly inDays: number;
  readonly years: number;
  /** The spot that it was seen from or at. */
  readonly spot?: string;
  /** Metres, of a nest or a den. */
  readonly keepOff?: number;
}

/** What comes round at the places that are kept, about a day YYYY-MM-DD: the nearest first. */
export const comingUp = kept(2, ({ places, sightings }: Places, today: string): readonly ComingUp[] => {
  const byId = new Map(sightings.map((s) => [s.id, s]));
  const found = comingRound(
    sightings.map((s) => ({ id: s.id, on: s.on, same: `${s.placeId} ${rowOf(s)} ${s.spotId ?? ""}` })),
    today,
  );
  return found.flatMap(({ id, inDays, years }): ComingUp[] => {
    const sighting = byId.get(id)!;
    const place = places.find((p) => p.id === sighting.placeId);
    if (!place) return [];
    const spot = place.ground.spots.find((s) => s.id === sighting.spotId)?.name;
    return [
      {
        sighting,
        place,
        inDays,
        years,
        ...(spot !== undefined && { spot }),
        ...keptOffOf(sighting),
      },
    ];
  });
});

const minutes = (time: string): number => 60 * Number(time.slice(0, 2)) + Number(time.slice(3, 5));
const DAY = 1440;

/** Minutes of the day of each day that one was out at a place. */
function staysOf(outing: Outing) {
  const { from, until } = windowOf(outing);
  const [first, last] = [wallDateOf(from, outing.timeZone), wallDateOf(until, outing.timeZone)];
  const stays: { from: number; until: number }[] = [];
  for (let day = first; day <= last && stays.length < 20; day = daysAfter(day, 1)) {
    const begins = day === first ? minutes(wallTimeOf(from, outing.timeZone)) : 0;
    const ends = day === last ? minutes(wallTimeOf(until, outing.timeZone)) : DAY;
    if (ends > begins) stays.push({ from: begins, until: ends });
  }
  return stays;
}

/** Activity by hour of a place: sightings that have a time, against the hours that one's outings were there. */
export const activity = kept(
  2,
  (sightings: readonly Sighting[], outings: readonly Outing[], placeId: string): readonly HourOfActivity[] =>
    activityByHour(
      sightings.flatMap((s) => (s.at === undefined ? [] : [minutes(s.at)])),
      outings.filter((o) => o.placeId === placeId).flatMap(staysOf),
    ),
);

/** A sighting as it is drawn on the plan of its place. */
export interface SightingDrawn {
  readonly sighting: Sighting;
  readonly at: { readonly x: number; readonly y: number };
  /** Years in which it was there. */
  readonly years: number;
  /** Whether it was in the latest year of all that is drawn. */
  readonly isLatest: boolean;
  readonly keepOff?: number;
}

/** Drawn on a plan at most: the latest of each animal, spot and year. */
const MOST_DRAWN = 40;

/** The years of a place over one another on its plan: one mark of each animal and what it did at a spot, the latest forty. */
export const sightingsDrawn = kept(
  4,
  (place: Place, sightings: readonly Sighting[]): readonly SightingDrawn[] => {
    const latest = new Map<string, { sighting: Sighting; years: Set<number> }>();
    for (const one of sightings.toSorted((a, b) => (a.on < b.on ? -1 : 1))) {
      const key = `${rowOf(one)} ${one.spotId ?? ""}`;
      const years = latest.get(key)?.years ?? new Set<number>();
      latest.set(key, { sighting: one, years: years.add(Number(one.on.slice(0, 4))) });
    }
    const last = Math.max(...sightings.map((s) => Number(s.on.slice(0, 4))));
    return [...latest.values()]
      .toSorted((a, b) => (a.sighting.on > b.sighting.on ? -1 : 1))
      .flatMap(({ sighting, years }): SightingDrawn[] => {
        const at = whereOn(place.ground, sighting);
        if (!at) return [];
        return [
          {
            sighting,
            at,
            years: years.size,
            isLatest: years.has(last),
            ...keptOffOf(sighting),
          },
        ];
      })
      .slice(0, MOST_DRAWN);
  },
);
