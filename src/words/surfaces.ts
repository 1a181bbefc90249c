import type { Surface } from "@/core/ground";

const SURFACES: Readonly<Record<Surface, string>> = {
  grass: "grass",
  clay: "clay",
  sand: "sand",
  snow: "snow",
  ice: "ice",
  water: "water",
  floor: "floor",
  track: "track",
};

/** What the ground is made of, in a word. */
export const surfaceWords = (surface: Surface): string => SURFACES[surface];
