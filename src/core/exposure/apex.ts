/** Settings in exact numbers. */
export interface ExactSettings {
  /** Exposure in seconds. */
  readonly exposure: number;
  /** f-number, above 0. */
  readonly fNumber: number;
  /** ISO, above 0. */
  readonly iso: number;
}

/** Aperture value Av = log2 N² (ISO 2720; Exif 2.32 annex C). */
export const apertureValue = (fNumber: number): number => 2 * Math.log2(fNumber);
/** Time value Tv = −log2 t. */
export const timeValue = (exposure: number): number => 0 - Math.log2(exposure);
/** Speed value Sv = log2(S/3.125): ISO 100 is 5. */
export const speedValue = (iso: number): number => Math.log2(iso / 3.125);

/** EV at ISO 100 for which settings are right: Av + Tv − (Sv − 5). */
export const evOfSettings = ({ exposure, fNumber, iso }: ExactSettings): number =>
  apertureValue(fNumber) + timeValue(exposure) - (speedValue(iso) - 5);

/** How much brighter (+) or darker (−) the second settings render than the first, in stops and in clicks of a third. */
export function stopsBetween(
  first: ExactSettings,
  second: ExactSettings,
): { readonly stops: number; readonly clicks: number } {
  const stops = evOfSettings(first) - evOfSettings(second);
  return { stops, clicks: 3 * stops };
}
