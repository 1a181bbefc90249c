import { evenFrom } from "../units";

/** Normal numbers from a seed (Box and Muller 1958). */
export function grainOf(seed: number): () => number {
  const even = evenFrom(seed);
  return () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
}
