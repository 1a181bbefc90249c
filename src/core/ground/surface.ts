/** What the ground about a subject is made of. */
export const SURFACES = ["grass", "clay", "sand", "snow", "ice", "water", "floor", "track"] as const;

export type Surface = (typeof SURFACES)[number];
