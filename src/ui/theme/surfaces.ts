import type { Surface } from "@/core/ground";
import type { Tokens } from "./theme";

/** The colour of what the ground is made of. */
export const SURFACE_FILL: Readonly<Record<Surface, keyof Tokens>> = {
  grass: "turf",
  clay: "sand",
  track: "sand",
  sand: "sand",
  snow: "sheet",
  ice: "sheet",
  water: "pool",
  floor: "floor",
};
