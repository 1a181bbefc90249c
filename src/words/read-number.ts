/** Reads "12,5" and "12.5" alike; `undefined` for anything that is no number. */
export function readNumber(text: string): number | undefined {
  const cleaned = text.trim().replace("−", "-").replace(",", ".");
  if (!/^[+-]?(\d+\.?\d*|\.\d+)$/.test(cleaned)) return undefined;
  return Number(cleaned);
}
