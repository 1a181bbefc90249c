import type { Surface } from "../ground";

/** Reflectance 0 … 1 of the ground (common practice; water away from its glint; clay, ice and an indoor floor estimated). */
export const GROUND_REFLECTANCE: Readonly<Record<Surface, number>> = Object.freeze({
  grass: 0.2,
  clay: 0.25,
  track: 0.15,
  sand: 0.35,
  snow: 0.8,
  ice: 0.5,
  water: 0.1,
  floor: 0.3,
});
