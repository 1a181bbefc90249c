import type { Area, Block, Venue } from "./ground";
import { fromVenue } from "./venue-frame";
import { CROSSINGS, FURNITURE } from "./venues/furniture";

type Lie = Pick<Venue, "template" | "bearing" | "centre">;

/** What stands on a venue as it lies on the plan, each with an id of its own. */
export const furnitureOf = (venue: Lie): readonly Block[] =>
  (FURNITURE[venue.template] ?? []).map(({ kind, name, outline, height, base }, i) => ({
    id: `${venue.template}-${i + 1}`,
    name,
    kind,
    outline: outline.map((p) => fromVenue(venue, p)),
    height,
    ...(base > 0 && { base }),
  }));

/** Where one is let over a venue's lanes as they lie on the plan, each with an id of its own. */
export const crossingsOn = (venue: Lie): readonly Area[] =>
  (CROSSINGS[venue.template] ?? []).map(({ name, outline }, i) => ({
    id: `${venue.template}-crossing-${i + 1}`,
    name,
    kind: "path",
    outline: outline.map((p) => fromVenue(venue, p)),
  }));
