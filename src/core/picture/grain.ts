import { evenFrom } from "../units";

/** Normal numbers from a seed, two from each draw (Box and Muller 1958). */
export function grainOf(seed: number): () => number {
  const even = evenFrom(seed);
  let spare: number | undefined;
  return () => {
    if (spare !== undefined) {
      const kept = spare;
      spare = undefined;
      return kept;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - even()));
    const angle = 2 * Math.PI * even();
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}
