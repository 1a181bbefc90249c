/** The rating in a sidecar: as an attribute or an element; undefined where there is none. */
export function ratingIn(sidecar: string): number | undefined {
  const [, written] = /(?:\bxmp:Rating=["']|<xmp:Rating>\s*)(-?\d)/.exec(sidecar) ?? [];
  const rating = Number(written ?? NaN);
  return rating >= -1 && rating <= 5 ? rating : undefined;
}
