/** Made when first needed: making one takes a hundred times as long as using it, too long for a start. */
const formats = new Map<number, Intl.NumberFormat>();

function formatOf(decimals: number): Intl.NumberFormat {
  const kept = formats.get(decimals);
  if (kept) return kept;
  const made = new Intl.NumberFormat("en", {
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
    useGrouping: false,
    signDisplay: "negative",
  });
  formats.set(decimals, made);
  return made;
}

/** A number with 0 to 20 decimals and a true minus; what rounds to zero has no sign: "−10.0", "0.0". */
export const numberWords = (value: number, decimals = 0): string =>
  formatOf(decimals).format(value).replace("-", "−");
