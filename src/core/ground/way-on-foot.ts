import type { Ground } from "./ground";
import { OBSTACLE_KINDS } from "./obstacle-kinds";
import { isInside } from "./polygon";
import { footprintOf } from "./solids";
import { isClosed, needsLeave } from "./standing";
import type { Point } from "./vector";
import { venueAreaAt, venueAreasOf } from "./venue-areas";
import { waysRound, type FindWay } from "./walking";

type Walked = Pick<Ground, "obstacles" | "areas" | "venue">;

/**
 * The shortest way on foot between two places of the plan, metres: round solid things, netting, closed areas and water, and what of the
 * venue nobody walks on, such as the field of play or the water. Lanes are crossed, where a marshal lets one (common
 * practice). Absent where an end lies inside something or no way leads there.
 */
export function wayOnFoot(ground: Walked, from: Point, to: Point): ReturnType<FindWay> {
  const known = prepared.get(ground) ?? { things: thingsOf(ground), ways: new Map<string, FindWay>() };
  prepared.set(ground, known);
  const closed = closedOf(ground, [from, to]);
  const key = closed.map((c) => c.part).join(" ");
  const find = known.ways.get(key) ?? waysRound([...known.things, ...closed.map((c) => c.outline)]);
  known.ways.set(key, find);
  return find(from, to);
}

/** What was found out about a ground, for as long as that is in use: a ground is never changed in place. */
const prepared = new WeakMap<
  Walked,
  { readonly things: readonly (readonly Point[])[]; readonly ways: Map<string, FindWay> }
>();

const thingsOf = ({ obstacles, areas }: Walked): (readonly Point[])[] => [
  ...obstacles.filter((o) => OBSTACLE_KINDS[o.kind].solid && o.kind !== "bank").map(footprintOf),
  ...areas.filter((a) => isClosed(a) || a.surface === "water").map((a) => a.outline),
];

/** Parts of the venue that are walked round, by their number. One on which an allowed part lies is none for who stands on that. */
function closedOf(
  { venue }: Walked,
  ends: readonly Point[],
): { readonly part: number; readonly outline: readonly Point[] }[] {
  const allowed = ends.filter((end) => {
    const kind = venueAreaAt(venue, end);
    return kind !== undefined && (needsLeave(kind) || kind === "lanes");
  });
  return venueAreasOf(venue)
    .map(({ kind, outline }, part) => ({ kind, outline, part }))
    .filter(({ kind }) => !needsLeave(kind) && kind !== "lanes")
    .filter(({ outline }) => !allowed.some((end) => isInside(end, outline)));
}
