import simplify from "simplify-js";
import { absent, present, type Maybe } from "../units";
import { bearingTo } from "./bearing";
import { boxOutline } from "./box";
import type { Area, Ground, Track } from "./ground";
import { OBSTACLE_KINDS } from "./obstacle-kinds";
import { isInside } from "./polygon";
import { footprintOf } from "./solids";
import { isClosed, needsLeave, standingAt } from "./standing";
import { planDistance, type Point } from "./vector";
import { venueAreasOf, type VenueArea } from "./venue-areas";
import { WAY, type AreaKind } from "./venues";
import { waysRound, type FindWay, type Walk, type Walled } from "./walking";

/** A way on foot, with the paths that lead it over what is in use. */
export interface WayOnFoot extends Omit<Walk, "over"> {
  /** The crossings that it needs, which an official opens. */
  readonly over: readonly Area[];
}

/**
 * The shortest way on foot between two places of the plan, metres: round solid things, netting, closed areas and water, and what of the
 * venue nobody walks on: the field of play, lanes, and what is by leave while that is not given. Lanes and a course in use are crossed
 * where a path is drawn over them (an official opens it: common practice). Absent where an end is by leave that is not given, lies
 * inside something, or no way leads there.
 */
export function wayOnFoot(
  ground: Ground,
  from: Point,
  to: Point,
): Maybe<WayOnFoot, "needs-leave" | "inside-obstacle" | "no-way"> {
  if ([from, to].some((end) => standingAt(ground, end).rule === "by-leave")) return absent("needs-leave");
  // Whoever is on a stand or at a window came up by its stairs.
  const entered = ground.obstacles.filter(
    (o) => OBSTACLE_KINDS[o.kind].group === "built" && [from, to].some((p) => isInside(p, footprintOf(o))),
  );
  const known = prepared.get(ground) ?? new Map<string, FindWay>();
  prepared.set(ground, known);
  const key = entered.map((o) => o.id).join(" ");
  const find = known.get(key) ?? waysOf({ ...ground, obstacles: without(ground.obstacles, entered) });
  known.set(key, find);
  const found = find(from, to);
  if (!found.ok) return found;
  const paths = pathsOf(ground);
  return present({ ...found.value, over: found.value.over.map((i) => paths[i]!) });
}

/** What was found out about a ground, for as long as that is in use: a ground is never changed in place. */
const prepared = new WeakMap<Ground, Map<string, FindWay>>();

const without = <T>(all: readonly T[], some: readonly T[]): readonly T[] =>
  all.filter((one) => !some.includes(one));

const pathsOf = ({ areas }: Ground): readonly Area[] => areas.filter((a) => a.kind === "path");

const waysOf = (ground: Ground): FindWay =>
  waysRound(
    [
      ...ground.obstacles
        .filter((o) => OBSTACLE_KINDS[o.kind].solid && o.kind !== "bank")
        .map((o) => ({ outline: footprintOf(o) })),
      ...ground.areas.filter((a) => isClosed(a) || a.surface === "water"),
      ...venueWalls(ground),
      ...ground.tracks.filter(inUse).flatMap(trackWalls),
    ],
    undefined,
    pathsOf(ground).map((a) => a.outline),
  );

/** Parts that somebody lets one over where there is a crossing. */
const CROSSED: readonly AreaKind[] = ["lanes", "course"];

/** Parts of the venue that are walked round, but for what lies on them that one may walk on. */
function venueWalls({ venue, leave = [], areas }: Ground): Walled[] {
  const own = areas.filter((a) => a.kind === "photographers-line").map((a) => a.outline);
  const parts = venueAreasOf(venue);
  const walked = ({ kind }: VenueArea): boolean => kind === WAY || (needsLeave(kind) && leave.includes(kind));
  return parts
    .filter((part) => !walked(part))
    .map((part) => ({
      outline: part.outline,
      but: [...own, ...parts.filter((p) => p.part > part.part && walked(p)).map((p) => p.outline)],
      crossed: CROSSED.includes(part.kind) || needsLeave(part.kind),
    }));
}

/** Metres a second from which whatever comes along a track is not simply let pass (assumed: faster than one walks). */
const WALKED = 2;
/** Metres by which a track's line may be straightened, and that are kept to either side of it. */
const STRAIGHTENED = 1;
const ASIDE = 0.5;

const inUse = ({ kind = "course", speed = Infinity }: Track): boolean =>
  (kind === "lane" || kind === "course") && speed >= WALKED;

/** A track as a row of narrow boxes that nobody walks through but at a crossing. */
function trackWalls({ points }: Track): Walled[] {
  const line = simplify([...points], STRAIGHTENED, true);
  return line.slice(1).flatMap((to, i): Walled[] => {
    const from = line[i]!;
    const length = planDistance(from, to);
    if (length === 0) return [];
    const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
    const box = { middle, length: length + ASIDE, width: 2 * ASIDE, bearing: bearingTo(from, to) };
    return [{ outline: boxOutline(box), crossed: true }];
  });
}
