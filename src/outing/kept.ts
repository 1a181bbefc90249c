const identities = new WeakMap<object, number>();
let lastIdentity = 0;

/** A name for a value that no other has: its text where it is none of an object, else a number of its own. */
function identityOf(value: unknown): string {
  if (typeof value !== "object" || value === null) return `${typeof value} ${String(value)}`;
  const known = identities.get(value) ?? ++lastIdentity;
  identities.set(value, known);
  return String(known);
}

/** Results that are kept by the identity of what they were made of, so many of them: those that were asked for last. */
export function kept<A extends readonly unknown[], T>(
  most: number,
  make: (...args: A) => T,
): (...args: A) => T {
  const known = new Map<string, { readonly value: T }>();
  return (...args) => {
    const key = args.map(identityOf).join("\n");
    const found = known.get(key) ?? { value: make(...args) };
    known.delete(key);
    known.set(key, found);
    if (known.size > most) known.delete(known.keys().next().value!);
    return found.value;
  };
}
