/** What can be left out of the plan while one draws. */
export const LAYERS = ["venue", "obstacles", "areas", "zones", "tracks", "light", "names"] as const;
export type Layer = (typeof LAYERS)[number];
