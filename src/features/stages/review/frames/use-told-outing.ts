import type { Outing } from "@/data";
import { mindingNests } from "@/outing/leaving/as-it-leaves";
import { useOuting } from "../../../outing/use-outing";
import { usePlaces } from "../../../store/places";

/** The outing as captions tell of it: minding the nests that its place is known to have. */
export function useToldOuting(): Outing {
  const outing = useOuting((v) => v.outing);
  return mindingNests(outing, usePlaces().sightings);
}
