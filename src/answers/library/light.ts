import { LIGHT_LEVELS, STARTING_SETTINGS } from "@/core/catalogue";

/** Levels of light and starting settings that ship, row by row with their sources. */
export const shippedLight = Object.freeze({ levels: LIGHT_LEVELS, startingSettings: STARTING_SETTINGS });
