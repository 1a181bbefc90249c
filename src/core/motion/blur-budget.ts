export type BlurSource = "motion" | "shake" | "defocus" | "diffraction" | "pixel";

/** What softens the picture, on the sensor. */
export interface BlurInput {
  /** Length in µm per second of exposure of the part's straight motion, and its direction in degrees. */
  readonly motionUmPerSecond: number;
  readonly motionDirection?: number;
  /** µm per second of exposure, direction unknown: it counts on both axes. */
  readonly shakeUmPerSecond: number;
  /** Diameter of the defocus disc in µm. */
  readonly defocusUm: number;
  /** Working f-number N·(1 + m). */
  readonly workingFNumber: number;
  readonly pixelUm: number;
}

const WAVELENGTH_UM = 0.55;

/** Diffraction's core as a normal spread in µm: 0.42·λ·N(1 + m) (textbook approximation). */
const diffractionSigmaUm = (workingFNumber: number): number => 0.42 * WAVELENGTH_UM * workingFNumber;

/** Variances in µm² along one axis that do not depend on the exposure time: defocus c²/16, diffraction, pixel p²/12. */
function stillVariances(input: BlurInput): Record<"defocus" | "diffraction" | "pixel", number> {
  return {
    defocus: input.defocusUm ** 2 / 16,
    diffraction: diffractionSigmaUm(input.workingFNumber) ** 2,
    pixel: input.pixelUm ** 2 / 12,
  };
}

const sumOf = (variances: Readonly<Record<string, number>>): number =>
  Object.values(variances).reduce((a, b) => a + b, 0);

/** Larger eigenvalue of the covariance of motion and shake per s², in µm²/s²: shake is round, motion adds on its axis. */
const movingVariance = (input: BlurInput): number =>
  (input.motionUmPerSecond ** 2 + input.shakeUmPerSecond ** 2) / 12;

export interface BlurBudget {
  /** Length in µm of the straight smear that would blur as much, along the worst axis: √12·σ. */
  readonly totalUm: number;
  /** The same across it. */
  readonly acrossUm: number;
  /** Direction in degrees of the worst axis on the sensor. */
  readonly direction: number;
  /** Motion and shake alone: what the shutter decides. */
  readonly movingUm: number;
  /** Share 0 … 1 of the variance along the worst axis. */
  readonly shares: Readonly<Record<BlurSource, number>>;
}

/**
 * The blur budget: variances add under convolution (textbook statistics). The 2×2 covariance is b·I + t²·A, A of rank
 * one plus a round part, so its principal axes are those of the motion.
 */
export function blurBudget(input: BlurInput, exposure: number): BlurBudget {
  const still = stillVariances(input);
  const shake = (input.shakeUmPerSecond * exposure) ** 2 / 12;
  const motion = (input.motionUmPerSecond * exposure) ** 2 / 12;
  const total = sumOf(still) + shake + motion;
  return {
    totalUm: Math.sqrt(12 * total),
    acrossUm: Math.sqrt(12 * (total - motion)),
    direction: input.motionDirection ?? 0,
    movingUm: Math.sqrt(12 * (shake + motion)),
    shares: {
      motion: motion / total,
      shake: shake / total,
      defocus: still.defocus / total,
      diffraction: still.diffraction / total,
      pixel: still.pixel / total,
    },
  };
}

/**
 * Slowest exposure in seconds that keeps the smear within a tolerance in µm: t = √((tol²/12 − b)/λmax(A)); "none" when
 * what does not move already takes the whole tolerance, "any" when nothing moves. With `movingOnly` the tolerance
 * holds for motion and shake alone.
 */
export function slowestExposure(
  input: BlurInput,
  tolUm: number,
  movingOnly = false,
): number | "none" | "any" {
  const left = tolUm ** 2 / 12 - (movingOnly ? 0 : sumOf(stillVariances(input)));
  if (left <= 0) return "none";
  const rate = movingVariance(input);
  return rate === 0 ? "any" : Math.sqrt(left / rate);
}

/** The f-number at which diffraction alone would take the whole tolerance; working f-number. */
export const diffractionLimit = (tolUm: number): number => tolUm / (Math.sqrt(12) * 0.42 * WAVELENGTH_UM);
