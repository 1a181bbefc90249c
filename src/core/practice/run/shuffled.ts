/** A list in an order of its own (Fisher and Yates). */
export function shuffled<T>(all: readonly T[], random: () => number): T[] {
  const next = [...all];
  for (let i = next.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [next[i], next[j]] = [next[j]!, next[i]!];
  }
  return next;
}
