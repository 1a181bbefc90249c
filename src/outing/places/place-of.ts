import { freeId, plannedPosition, type Outing, type Place } from "@/data";

import { countedIn } from "../counted";

type Worked = Place["worked"][number];
type PlaceReading = Place["light"]["readings"][number];

/** What was had on an outing from each position: the frames of its shots that were counted or judged. */
export function workedOn(outing: Outing): Omit<Worked, "id">[] {
  return outing.shots.flatMap((shot) => {
    const position = plannedPosition(outing, shot.id);
    const counted = countedIn(outing.log, shot.id);
    if (!position || counted.taken === 0) return [];
    return [{ outingId: outing.id, date: outing.date, positionId: position.id, shot: shot.name, ...counted }];
  });
}

/** The readings of an outing as its place keeps them. */
export const readingsOf = ({ id, light }: Outing): PlaceReading[] =>
  light.readings.map((reading) => ({ ...reading, outingId: id }));

/** Things with ids of their own in a list, after those of other outings that stand there. */
export function afterOthers<T extends { readonly id: string; readonly outingId: string }>(
  standing: readonly T[],
  own: readonly Omit<T, "id">[],
  { outingId, most, stem }: { readonly outingId: string; readonly most: number; readonly stem: string },
): T[] {
  const others = standing.filter((one) => one.outingId !== outingId);
  const next = [...others];
  for (const one of own) next.push({ ...one, id: freeId(stem, next) } as T);
  // Of more than a place holds the latest stay.
  return next.slice(-most);
}

/** What of the light is the place's own, and not the day's. */
export const lightOf = ({ light: { roof, leaves, lamps } }: Outing): Omit<Place["light"], "readings"> => ({
  ...(roof && { roof }),
  ...(leaves && { leaves }),
  lamps,
});

/** A place as an outing knows it. */
export function placeOf(outing: Outing, id: string): Place {
  const { place, kind, timeZone, ground, access, cautions, notes } = outing;
  return {
    id,
    name: place,
    kind,
    timeZone,
    ground,
    light: {
      ...lightOf(outing),
      readings: afterOthers<PlaceReading>([], readingsOf(outing), OF_READINGS(outing.id)),
    },
    access,
    cautions,
    notes,
    worked: afterOthers<Worked>([], workedOn(outing), OF_WORKED(outing.id)),
    pictures: [],
  };
}

export const OF_READINGS = (outingId: string) => ({ outingId, most: 500, stem: "reading" });
export const OF_WORKED = (outingId: string) => ({ outingId, most: 500, stem: "worked" });
