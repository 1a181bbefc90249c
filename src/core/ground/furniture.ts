import type { Block, Venue } from "./ground";
import { fromVenue } from "./venue-frame";
import { FURNITURE } from "./venues/furniture";

/** What stands on a venue as it lies on the plan, each with an id of its own. */
export const furnitureOf = (venue: Pick<Venue, "template" | "bearing" | "centre">): readonly Block[] =>
  (FURNITURE[venue.template] ?? []).map(({ kind, name, outline, height, base }, i) => ({
    id: `venue-${i + 1}`,
    name,
    kind,
    outline: outline.map((p) => fromVenue(venue, p)),
    height,
    ...(base > 0 && { base }),
  }));
