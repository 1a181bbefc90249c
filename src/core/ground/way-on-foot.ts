import type { Maybe } from "../units";
import type { Ground } from "./ground";
import { OBSTACLE_KINDS } from "./obstacle-kinds";
import { isInside } from "./polygon";
import { footprintOf } from "./solids";
import { isClosed, needsLeave } from "./standing";
import type { Point } from "./vector";
import { venueAreaAt, venueAreasOf } from "./venue-areas";
import { walkRound, type Walk } from "./walking";

type Walked = Pick<Ground, "obstacles" | "areas" | "venue">;

/**
 * The shortest way on foot between two places of the plan, metres: round solid things, netting, closed areas and water, and what of the
 * venue nobody walks on, such as the field of play or the water. Lanes are crossed, where a marshal lets one (common
 * practice). Absent where an end lies inside something or no way leads there.
 */
export function wayOnFoot(ground: Walked, from: Point, to: Point): Maybe<Walk, "inside-obstacle" | "no-way"> {
  const blocks = [...thingsOf(ground), ...closedOf(ground, [from, to])];
  return walkRound({ from, to, blocks });
}

const thingsOf = ({ obstacles, areas }: Walked): (readonly Point[])[] => [
  ...obstacles.filter((o) => OBSTACLE_KINDS[o.kind].solid && o.kind !== "bank").map(footprintOf),
  ...areas.filter((a) => isClosed(a) || a.surface === "water").map((a) => a.outline),
];

/** Parts of the venue that are walked round. One on which an allowed part lies is none for who stands on that. */
function closedOf({ venue }: Walked, ends: readonly Point[]): (readonly Point[])[] {
  const allowed = ends.filter((end) => {
    const kind = venueAreaAt(venue, end);
    return kind !== undefined && (needsLeave(kind) || kind === "lanes");
  });
  return venueAreasOf(venue)
    .filter(({ kind }) => !needsLeave(kind) && kind !== "lanes")
    .map((area) => area.outline)
    .filter((outline) => !allowed.some((end) => isInside(end, outline)));
}
