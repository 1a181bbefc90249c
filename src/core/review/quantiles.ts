import { Z_95 } from "./interval";

/** Quantile of chi-square over its degrees of freedom, 1 and more, at a normal quantile (Wilson and Hilferty 1931, from memory; within 1 % from five on). */
export const chiSquareRatio = (degrees: number, z: number): number =>
  Math.max(0, 1 - 2 / (9 * degrees) + z * Math.sqrt(2 / (9 * degrees))) ** 3;

/** Student's t for 95 %, two-sided, with so many degrees of freedom, 1 and more, from the normal quantile (Abramowitz and Stegun 26.7.5; within 0.2 % from four degrees on). */
export function studentT(degrees: number): number {
  const z = Z_95;
  return (
    z +
    (z ** 3 + z) / (4 * degrees) +
    (5 * z ** 5 + 16 * z ** 3 + 3 * z) / (96 * degrees ** 2) +
    (3 * z ** 7 + 19 * z ** 5 + 17 * z ** 3 - 15 * z) / (384 * degrees ** 3)
  );
}
