import { asBearing } from "../units";
import type { Area, Block, Rod, Venue } from "./ground";
import { fromVenue } from "./venue-frame";
import { CROSSINGS, FURNITURE } from "./venues/furniture";

type Lie = Pick<Venue, "template" | "bearing" | "centre">;

/** What stands on a venue as it lies on the plan, each with an id of its own. */
export const furnitureOf = (venue: Lie): readonly (Block | Rod)[] =>
  (FURNITURE[venue.template] ?? []).map((row, i): Block | Rod => {
    const id = `${venue.template}-${i + 1}`;
    const { name, height } = row;
    if (row.kind === "pole") {
      const foot = fromVenue(venue, row.at);
      return {
        id,
        name,
        kind: row.kind,
        from: { ...foot, z: 0 },
        to: { ...foot, z: height },
        thickness: row.thickness,
      };
    }
    const outline = row.outline.map((p) => fromVenue(venue, p));
    const rise = row.rises !== undefined && {
      rise: { toward: asBearing(venue.bearing + row.rises), from: 0 },
    };
    return { id, name, kind: row.kind, outline, height, ...(row.base > 0 && { base: row.base }), ...rise };
  });

/** Where one is let over a venue's lanes as they lie on the plan, each with an id of its own. */
export const crossingsOn = (venue: Lie): readonly Area[] =>
  (CROSSINGS[venue.template] ?? []).map(({ name, outline }, i) => ({
    id: `${venue.template}-crossing-${i + 1}`,
    name,
    kind: "path",
    outline: outline.map((p) => fromVenue(venue, p)),
  }));
