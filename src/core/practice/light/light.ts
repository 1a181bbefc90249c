import { measuredRun, type Measured } from "../run/measured";

/** A guess of a light level, of a scene of some kind. */
export interface LightGuess {
  readonly kind: string;
  /** EV at ISO 100 that was named, less that of the scene: above 0 it was taken to be brighter. */
  readonly off: number;
}

/** By how much somebody is off in one kind of light. */
export interface LightBias {
  readonly kind: string;
  /** How many, above 0. */
  readonly guesses: number;
  /** Stops, above 0 where it is taken to be brighter than it is. */
  readonly mean: number;
  /** Absent for a single guess. */
  readonly measured?: Measured;
}

/** Bias by kind of light, that of the most guesses first. */
export function lightBias(guesses: readonly LightGuess[]): LightBias[] {
  const kinds = [...new Set(guesses.map((g) => g.kind))];
  return kinds
    .map((kind): LightBias => {
      const own = guesses.filter((g) => g.kind === kind).map((g) => g.off);
      const measured = measuredRun(own);
      return {
        kind,
        guesses: own.length,
        mean: own.reduce((a, b) => a + b, 0) / own.length,
        ...(measured.ok && { measured: measured.value }),
      };
    })
    .sort((a, b) => b.guesses - a.guesses);
}
