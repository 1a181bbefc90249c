import { bearingTo, edgeMoves, metresToWater, waterLevel } from "@/core/ground";
import { windFound, type WindFound } from "@/core/judge";
import { byClock } from "@/data";
import { answered } from "../answered";

/** Metres a second from which thin stems move too much for a slow shutter (common practice, no source). */
const SWAYS = 2;
const MINUTE = 60_000;

/** What the wind that is told carries, from the position in hand. */
export interface Wind extends WindFound {
  readonly sways: boolean;
}

/** The wind as it is met from the position in hand; nothing while none is told or there is no position. */
export const wind = answered(
  ({ outing, position, spot }) => [outing.weather?.wind, position?.at, spot.at] as const,
  (told, from, spot): Wind | undefined =>
    told && from
      ? { ...windFound({ from: told.from, view: bearingTo(from, spot) }), sways: told.speed >= SWAYS }
      : undefined,
);

/** Where the water's edge lies, and when positions get wet. */
export interface WaterAt {
  /** Metres landward of where it is drawn; below 0 seaward. */
  readonly moved: number;
  /** Each position with its metres from the drawn edge, and from when on it stands in water; absent where it stays dry. */
  readonly positions: readonly { readonly name: string; readonly away: number; readonly wetAt?: number }[];
}

const wetFrom = answered(
  ({ outing, window }) => [outing, window] as const,
  (outing, window): WaterAt["positions"] => {
    const water = outing.weather?.water;
    if (!water) return [];
    const course = byClock(outing, water.levels);
    const minutes = Math.floor((window.until - window.from) / MINUTE);
    const times = Array.from({ length: minutes + 1 }, (_, m) => window.from + m * MINUTE);
    return outing.ground.positions.flatMap(({ name, at }) => {
      const away = metresToWater(outing.ground.areas, at);
      if (away === undefined) return [];
      const wetAt = times.find((time) => edgeMoves(waterLevel(course, time), water.shore) >= away);
      return [{ name, away, ...(wetAt === undefined ? {} : { wetAt }) }];
    });
  },
);

/** The water at the minute in hand; nothing while none is told. */
export const waterAt = answered(
  (view) => [view.outing, view.at, wetFrom(view)] as const,
  (outing, at, positions): WaterAt | undefined => {
    const water = outing.weather?.water;
    if (!water) return undefined;
    return { moved: edgeMoves(waterLevel(byClock(outing, water.levels), at), water.shore), positions };
  },
);
