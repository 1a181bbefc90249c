import { EMPTY_PLACES, type Place, type Places } from "@/data";
import { useEditKept, useKept } from "./kept";

/** The places that are kept; none while they are read, and where they cannot be. */
export function usePlaces(): Places {
  const { data } = useKept("places");
  return data?.ok ? data.value : EMPTY_PLACES;
}

export const useEditPlaces = () => useEditKept("places");

/** Changes one place. */
export function useEditPlace(id: string): (edit: (place: Place) => Place) => Promise<boolean> {
  const edit = useEditPlaces();
  return (change) =>
    edit((now) => ({ ...now, places: now.places.map((p) => (p.id === id ? change(p) : p)) }));
}
