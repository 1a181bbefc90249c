/**
 * The first place, to within `within`, at which a condition holds that is false at `from` and true at `until`, by halving;
 * the side on which it holds.
 */
export function firstTrue(
  { from, until, within }: { readonly from: number; readonly until: number; readonly within: number },
  holds: (at: number) => boolean,
): number {
  let [low, high] = [from, until];
  while (high - low > within) {
    const middle = (low + high) / 2;
    if (holds(middle)) high = middle;
    else low = middle;
  }
  return high;
}
