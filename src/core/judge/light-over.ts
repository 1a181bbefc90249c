import {
  aimOf,
  fromVenue,
  heightAngle,
  lensOf,
  toVenue,
  type Ground,
  type Point,
  type Position,
  type Spot,
} from "../ground";
import type { Subject } from "../motion";
import { sceneAt, type LightPlan } from "../scene";
import type { Progress } from "../units";
import { findLight } from "./light-found";
import { isWithinSolid } from "./light-spread";
import { gridOf } from "./search";

export interface LightOverInput {
  readonly ground: Ground;
  readonly light: LightPlan;
  /** Epoch milliseconds. */
  readonly at: number;
  /** Who is lit, and from where it is looked at. */
  readonly subject: Subject;
  readonly position: Position;
  /** The spot in hand: its height and facing are taken everywhere. */
  readonly spot: Spot;
  /** What is mapped: outlines in plan metres. */
  readonly area: readonly (readonly Point[])[];
  /** Metres between two places, above 0. */
  readonly step: number;
}

export interface LitPlace {
  readonly at: Point;
  /** EV at ISO 100 on the side of the subject that the position sees. */
  readonly ev: number;
}

const REPORT_EVERY = 50;

/**
 * The light over a ground at an instant: what the subject would get at each place of a grid along the venue's axes, at the
 * height of the spot in hand, on the side that the position sees. Places within a wall or a wood are left out. Outside drawn zones a place belongs to the zone of the spot nearest to it.
 */
export function* lightOver({
  ground,
  light,
  at,
  subject,
  position,
  spot,
  area,
  step,
}: LightOverInput): Generator<Progress, LitPlace[], void> {
  const scene = sceneAt(ground, light, at);
  const laid = area.map((outline) => outline.map((p) => toVenue(ground.venue, p)));
  const places = gridOf(laid, step)
    .map((p) => fromVenue(ground.venue, p))
    .filter((p) => !isWithinSolid(ground.obstacles, p));
  const lit: LitPlace[] = [];
  for (const place of places) {
    const here: Spot = { ...spot, at: place, zoneId: nearestZone(ground, place) ?? spot.zoneId };
    const angle = heightAngle(lensOf(ground, position), aimOf(ground, here));
    const found = findLight({ scene, spot: here, subject, position, heightAngle: angle });
    lit.push({ at: place, ev: found.ev });
    if (lit.length % REPORT_EVERY === 0) yield { done: lit.length, total: places.length };
  }
  return lit;
}

function nearestZone({ spots }: Ground, { x, y }: Point): string | undefined {
  const away = ({ at }: Spot): number => Math.hypot(at.x - x, at.y - y);
  return spots.toSorted((a, b) => away(a) - away(b))[0]?.zoneId;
}
