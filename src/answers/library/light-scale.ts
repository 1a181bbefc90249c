import { readEv, type Reading } from "@/core/light";
import type { Outing, Places } from "@/data";

/** EV at ISO 100 from which to which the scale of the light goes: from the moon to snow in the sun. */
export const LIGHT_SCALE = { from: -4, until: 17 } as const;

/** A reading of one's own on the scale. */
export interface OwnReading {
  readonly id: string;
  /** EV at ISO 100 that was read. */
  readonly ev: number;
  /** Epoch milliseconds. */
  readonly at: number;
  readonly timeZone: string;
  readonly place: string;
  /** Name of the light zone. */
  readonly zone: string;
}

/** All readings of one's outings and of the places that are kept, each once, the latest first. */
export function ownReadings(outings: readonly Outing[], { places }: Pick<Places, "places">): OwnReading[] {
  const all = [
    ...outings.flatMap((o) => o.light.readings.map((r) => told(r, o.id, o.place, o))),
    ...places.flatMap((p) => p.light.readings.map((r) => told(r, r.outingId, p.name, p))),
  ];
  return [...new Map(all.map((r) => [r.id, r])).values()].toSorted((a, b) => b.at - a.at);
}

const told = (
  reading: Reading,
  outingId: string,
  place: string,
  { timeZone, ground }: Pick<Outing, "timeZone" | "ground">,
): OwnReading => ({
  id: `${outingId} ${reading.at} ${reading.zoneId}`,
  ev: readEv(reading),
  at: reading.at,
  timeZone,
  place,
  zone: ground.zones.find((z) => z.id === reading.zoneId)?.name ?? "",
});

/** Stops either side of a level within which a reading is as that level. */
const WITHIN = 0.5;

/** The readings that are as a level of the light, to half a stop. */
export const readingsAs = (
  readings: readonly OwnReading[],
  { evFrom, evTo }: { readonly evFrom: number; readonly evTo: number },
): OwnReading[] => readings.filter(({ ev }) => ev >= evFrom - WITHIN && ev <= evTo + WITHIN);
