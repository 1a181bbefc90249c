import type { Outing } from "@/data";
import { anchorWords } from "@/words";

/** A place of an earlier outing: where it is, and how its ground lies. */
export interface KnownPlace {
  readonly id: string;
  readonly name: string;
  readonly coordinates: string;
  readonly latitude: number;
  readonly longitude: number;
  /** Set where nobody told where it lies. */
  readonly assumed?: boolean;
  readonly template: string;
  /** Degrees of the venue's long axis. */
  readonly bearing: number;
}

/** The places of outings, each once, the one of the latest outing first. */
export function placesOf(outings: readonly Outing[]): KnownPlace[] {
  const latest = [...outings].sort((a, b) => b.date.localeCompare(a.date));
  const places = new Map<string, KnownPlace>();
  for (const { id, place, ground } of latest) {
    const { latitude, longitude, assumed } = ground.anchor;
    const key = `${place} ${latitude} ${longitude}`;
    if (places.has(key)) continue;
    places.set(key, {
      id,
      name: place,
      coordinates: anchorWords(ground.anchor),
      latitude,
      longitude,
      ...(assumed && { assumed }),
      template: ground.venue.template,
      bearing: ground.venue.bearing,
    });
  }
  return [...places.values()];
}
