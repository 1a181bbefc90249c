/** Grams that slow nobody, and the share of the pace that each further kilogram takes, down to the least share (assumed). */
const LIGHT = 5000;
const EACH = 0.015;
const LEAST = 0.7;

/** Pace in m/s of who carries so many grams, 0 or more, and walks so fast with nothing, m/s above 0. */
export const loadedPace = ({ walkingPace, grams }: { walkingPace: number; grams: number }): number =>
  walkingPace * Math.max(LEAST, 1 - EACH * Math.max(0, (grams - LIGHT) / 1000));

/** Seconds of a walk of so many metres at a pace in m/s above 0. */
export const walkSeconds = (metres: number, pace: number): number => metres / pace;
