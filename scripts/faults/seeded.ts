/** A linear congruential generator (Numerical Recipes): the same course at every run. */
export function seeded(seed: number) {
  let state = seed;
  const random = (): number => (state = (1664525 * state + 1013904223) % 2 ** 32) / 2 ** 32;
  return {
    random,
    below: (n: number): number => Math.floor(random() * n),
    oneOf: <T>(items: readonly T[]): T => items[Math.floor(random() * items.length)]!,
  };
}
