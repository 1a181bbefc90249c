import { keyOfPlace, placesOf } from "@/outing/programme/event-places";

const SORTS = { spot: "", track: ", a track", area: ", an area" } as const;

/** Where an event can be, tracks and areas told as such. */
export const placeChoices = (
  ground: Parameters<typeof placesOf>[0],
): { readonly key: string; readonly label: string }[] =>
  placesOf(ground).map((place) => ({ key: keyOfPlace(place), label: `${place.name}${SORTS[place.sort]}` }));
