import { OPEN_GROUND, venueMarks, venueParts, venueTemplate, type VenueTemplate } from "@/core/ground";
import type { Kind } from "@/data";

const ANIMALS = ["mammals", "birds", "reptiles and amphibians", "insects, spiders and weather"];

/** The venue of a template; open ground when nobody knows it. */
export const venueOf = (template: string): VenueTemplate => {
  const found = venueTemplate(template);
  return found.ok ? found.value : OPEN_GROUND;
};

/** What kind of outing a venue and a subject of a group of the library make. */
export function kindOf(template: string, group: string): Kind {
  const venue = venueOf(template);
  if (ANIMALS.includes(group)) return "wild";
  const kinds = venueParts(venue.id).map((p) => p.kind);
  // What is painted nowhere, or raced on.
  if (venueMarks(venue.id).length === 0 || kinds.includes("course")) return "course";
  if (kinds.includes("pool-deck")) return "pool";
  if (["ice", "mat"].some((kind) => kinds.includes(kind as never))) return "arena";
  if (venue.hall || ["clay", "track", "floor"].includes(venue.surface ?? "grass")) return "court";
  return venue.surface ? "arena" : "field";
}
