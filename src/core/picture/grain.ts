/** Even numbers 0 … 1 from a seed (mulberry32). */
export function evenFrom(seed: number): () => number {
  let state = Math.floor(seed) | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** Normal numbers from a seed (Box and Muller 1958). */
export function grainOf(seed: number): () => number {
  const even = evenFrom(seed);
  return () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
}
