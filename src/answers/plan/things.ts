import {
  footprintOf,
  OBSTACLE_KINDS,
  slitReach,
  topOf,
  type Obstacle,
  type Point,
  type Position,
} from "@/core/ground";
import { placeAlong, turnedBy } from "./way";

/** What stands there, as it is drawn on a plan. */
export interface StandingThing {
  readonly look: (typeof OBSTACLE_KINDS)[Obstacle["kind"]]["look"];
  /** Metres above the ground. */
  readonly top: number;
  /** What of the ground it covers. */
  readonly covers: readonly Point[];
}

const made = new WeakMap<Obstacle, StandingThing>();

/** A thing as it is drawn; the same object for the same thing. */
export function standingThing(thing: Obstacle): StandingThing {
  const known = made.get(thing);
  if (known) return known;
  const now = { look: OBSTACLE_KINDS[thing.kind].look, top: topOf(thing), covers: footprintOf(thing) };
  made.set(thing, now);
  return now;
}

/** Whether people sit or stand in a kind of thing, so that faces are seen. */
export const showsFaces = (kind: Obstacle["kind"]): boolean => OBSTACLE_KINDS[kind].seated;

/** As what a kind of thing is drawn. */
export const lookOf = (kind: Obstacle["kind"]): StandingThing["look"] => OBSTACLE_KINDS[kind].look;

/** The ends, so many metres out, of what the opening of a hide lets one see to its left and right; nothing without one. */
export function openingLimits({ at, slit }: Position, metres: number): readonly [Point, Point] | undefined {
  if (!slit) return undefined;
  const reach = slitReach(slit);
  const end = (side: 1 | -1): Point => placeAlong(at, turnedBy(slit.facing, side * reach), metres);
  return [end(-1), end(1)];
}
