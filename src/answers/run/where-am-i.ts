import {
  bearingTo,
  planDistance,
  walkSeconds,
  wayOnFoot,
  type Area,
  type Ground,
  type Point,
} from "@/core/ground";
import { turnBetween } from "@/core/units";
import type { OutingView } from "@/outing/outing-view";
import { onPlan } from "../plan/drawing";

/** Where a device says that it is: degrees, and metres within which it is. */
export interface Told {
  readonly latitude: number;
  readonly longitude: number;
  readonly accuracy: number;
}

/** The way from where one is to a position. */
export type WayThere =
  /** Nearer than the device can tell. */
  | { readonly kind: "there" }
  | {
      /** Round what nobody walks through, or, where no way is known, the straight line. */
      readonly kind: "way" | "straight";
      readonly metres: number;
      readonly seconds: number;
      /** Degrees from true north to the next corner of the way. */
      readonly bearing: number;
      /** Metres to that corner. */
      readonly next: number;
      readonly way: readonly Point[];
      /** The crossings that an official opens. */
      readonly over: readonly Area[];
    };

/** Metres from everything of an outing at which its ground is no longer walked to by its plan. */
const FAR = 2000;
/** Metres to the next corner of a way under which the one after it is what one walks to. */
const AT_CORNER = 4;

/** Where somebody is on the plan, and how far from everything that is on it, metres: beyond two kilometres it is another place. */
export function whereOnPlan({ outing }: Pick<OutingView, "outing">, told: Told) {
  const { anchor, positions, spots } = outing.ground;
  const at = onPlan(anchor, told);
  const away = Math.min(
    ...[...positions, ...spots].map((p) => planDistance(p.at, at)),
    planDistance(at, { x: 0, y: 0 }),
  );
  return { at, away, isFar: away > FAR };
}

interface Walk {
  readonly ground: Ground;
  /** m/s. */
  readonly pace: number;
  readonly from: Point;
  /** Metres within which `from` is. */
  readonly accuracy: number;
  readonly to: Point;
}

/** The way from where one is to a position: round what stands there and what is in use, else straight. */
export function wayThere({ ground, pace, from, accuracy, to }: Walk): WayThere {
  const off = planDistance(from, to);
  if (off <= Math.max(AT_CORNER, accuracy)) return { kind: "there" };
  const found = wayOnFoot(ground, from, to);
  const { way, metres, over } = found.ok ? found.value : { way: [from, to], metres: off, over: [] };
  const next = way.slice(1).find((p) => planDistance(from, p) > AT_CORNER) ?? to;
  return {
    kind: found.ok ? "way" : "straight",
    metres,
    seconds: walkSeconds(metres, pace),
    bearing: bearingTo(from, next),
    next: planDistance(from, next),
    way,
    over,
  };
}

/** Metres about a position within which somebody is at it, however sure the device is. */
const AT_POSITION = 15;

/** The position that one is at: the nearest where the device tells its place, none between them; that in hand where it tells none. */
export function takenFrom(
  ground: Ground,
  told: Told | undefined,
  inHandId: string | undefined,
): string | undefined {
  if (!told) return inHandId;
  const at = onPlan(ground.anchor, told);
  const near = ground.positions
    .map((p) => ({ id: p.id, away: planDistance(p.at, at) }))
    .filter(({ away }) => away <= Math.max(AT_POSITION, told.accuracy));
  return near.toSorted((a, b) => a.away - b.away)[0]?.id;
}

/** Degrees that one turns to walk along a bearing when one looks along another: −180 to 180, to the right above 0. */
export const turnTo = (bearing: number, heading: number): number => turnBetween(heading, bearing);
