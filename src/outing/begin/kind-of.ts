import { OPEN_GROUND, venueTemplate, type VenueTemplate } from "@/core/ground";
import type { Kind } from "@/data";

const ANIMALS = ["mammals", "birds", "insects and weather"];

/** The venue of a template; open ground when nobody knows it. */
export const venueOf = (template: string): VenueTemplate => {
  const found = venueTemplate(template);
  return found.ok ? found.value : OPEN_GROUND;
};

/** What kind of outing a venue and a subject of a group of the library make. */
export function kindOf(template: string, group: string): Kind {
  const venue = venueOf(template);
  if (venue.id === OPEN_GROUND.id) return ANIMALS.includes(group) ? "wild" : "course";
  const kinds = (venue.parts?.() ?? []).map((p) => p.kind);
  if (kinds.includes("pool-deck")) return "pool";
  if (["ice", "mat"].some((kind) => kinds.includes(kind as never))) return "arena";
  if (venue.hall || venue.surface === "clay") return "court";
  return venue.surface ? "arena" : "field";
}
