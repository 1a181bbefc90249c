import { alongCourse } from "../units";
import type { Area } from "./ground";
import { toOutline } from "./polygon";
import type { Point } from "./vector";

/** Level of water at an instant, against the edge as it is drawn. */
export interface WaterLevel {
  /** Epoch milliseconds. */
  readonly at: number;
  /** Metres above (+) or below (−) the drawn edge. */
  readonly metres: number;
}

/** Metres above the drawn edge at an instant, as `alongCourse` has it. */
export const waterLevel = (levels: readonly WaterLevel[], at: number): number =>
  alongCourse(levels, at, ({ metres }) => metres);

/** Metres by which the edge comes landward (+) on a shore that runs so many metres for each metre of rise. */
export const edgeMoves = (level: number, shore: number): number => level * shore;

/** Metres from a place on land to the nearest drawn water; absent where none is drawn, 0 within it. */
export function metresToWater(areas: readonly Area[], at: Point): number | undefined {
  const waters = areas.filter((a) => a.kind === "surface" && a.surface === "water");
  if (waters.length === 0) return undefined;
  return Math.min(...waters.map((a) => toOutline(at, a.outline)));
}
