/** A thing that may tell its weight. */
export interface Weighed {
  /** Grams, 0 or more. */
  readonly weightG?: number;
}

/** Grams of all that tell a weight. */
export const totalGrams = (things: readonly Weighed[]): number =>
  things.reduce((sum, { weightG }) => sum + (weightG ?? 0), 0);
