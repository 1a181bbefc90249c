import { sameValue, type Outing, type Place } from "@/data";
import { afterOthers, lightOf, OF_READINGS, OF_WORKED, readingsOf, workedOn } from "./place-of";

/** A part of an outing that its place keeps. */
export const PLACE_PARTS = ["ground", "light", "readings", "worked", "access", "cautions", "notes"] as const;
export type PlacePart = (typeof PLACE_PARTS)[number];

/** A part in which an outing says something else than its place, with the names of things that are other, or how many. */
export interface Differing {
  readonly part: PlacePart;
  readonly added: readonly string[];
  readonly changed: readonly string[];
  readonly removed: readonly string[];
  /** Readings or counts that the place lacks. */
  readonly count?: number;
}

type Named = { readonly id: string; readonly name: string };

const LISTS = ["areas", "zones", "spots", "tracks", "obstacles", "masts", "windows", "positions"] as const;

function groundDiffers(was: Place["ground"], is: Outing["ground"]): Differing | undefined {
  if (sameValue(was, is)) return undefined;
  const [added, changed, removed]: [string[], string[], string[]] = [[], [], []];
  for (const list of LISTS) {
    const [before, after]: readonly (readonly Named[])[] = [was[list] ?? [], is[list] ?? []];
    for (const one of after!) {
      const old = before!.find((b) => b.id === one.id);
      if (!old) added.push(one.name);
      else if (!sameValue(old, one)) changed.push(one.name);
    }
    removed.push(...before!.filter((b) => after!.every((a) => a.id !== b.id)).map((b) => b.name));
  }
  return { part: "ground", added, changed, removed };
}

/** A part of which only that it differs is told. */
const plain = (part: PlacePart, differs: boolean): Differing[] =>
  differs ? [{ part, added: [], changed: [], removed: [] }] : [];
/** Things of a list without their ids, in an order of their own. */
const asTold = (all: readonly { readonly id: string }[]): string[] =>
  all.map(({ id: _, ...one }) => JSON.stringify(Object.entries(one).sort())).sort();
const counted = (
  part: PlacePart,
  before: readonly { readonly id: string }[],
  after: readonly { readonly id: string }[],
): Differing[] =>
  sameValue(asTold(before), asTold(after))
    ? []
    : [{ part, added: [], changed: [], removed: [], count: Math.abs(after.length - before.length) }];

/** What an outing says otherwise than its place: each can be given to the place by itself. Notes of a day are the day's until they are given. */
export function differsFrom(place: Place, outing: Outing): Differing[] {
  const next = withGiven(place, outing, PLACE_PARTS);
  const ground = groundDiffers(place.ground, outing.ground);
  const { readings, ...light } = place.light;
  const { readings: _, ...lightNow } = next.light;
  return [
    ...(ground ? [ground] : []),
    ...plain("light", !sameValue(light, lightNow)),
    ...counted("readings", readings, next.light.readings),
    ...counted("worked", place.worked, next.worked),
    ...plain("access", !sameValue(place.access, next.access)),
    ...plain("cautions", !sameValue(place.cautions, next.cautions)),
    ...plain("notes", outing.notes !== "" && place.notes !== next.notes),
  ];
}

/** A place with parts of an outing in place of its own; readings and counts of other outings stay. */
export function withGiven(place: Place, outing: Outing, parts: readonly PlacePart[]): Place {
  const has = (part: PlacePart): boolean => parts.includes(part);
  const { readings } = place.light;
  return {
    ...place,
    ...(has("ground") && { ground: outing.ground, kind: outing.kind, timeZone: outing.timeZone }),
    light: {
      // Lamps that were not alight on the day are the place's all the same.
      ...(has("light")
        ? { ...lightOf(outing), lamps: outing.light.lamps ?? place.light.lamps }
        : withoutReadings(place.light)),
      readings: has("readings")
        ? afterOthers(readings, readingsOf(outing), OF_READINGS(outing.id))
        : readings,
    },
    ...(has("worked") && { worked: afterOthers(place.worked, workedOn(outing), OF_WORKED(outing.id)) }),
    ...(has("access") && { access: outing.access }),
    ...(has("cautions") && { cautions: outing.cautions }),
    ...(has("notes") && outing.notes !== "" && { notes: outing.notes }),
  };
}

function withoutReadings({ readings: _, ...light }: Place["light"]): Omit<Place["light"], "readings"> {
  return light;
}
