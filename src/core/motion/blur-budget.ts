import { cosDeg, sinDeg, toDegrees } from "../units";

export type BlurSource = "motion" | "shake" | "defocus" | "diffraction" | "pixel";

/** What softens the picture, on the sensor. */
export interface BlurInput {
  /** Length in µm per second of exposure of the part's straight motion, and its direction in degrees. */
  readonly motionUmPerSecond: number;
  /** Direction of the motion on the sensor in degrees, 0 to the right, 90 up; 0 when left out. */
  readonly motionDirection?: number;
  /** µm per second of exposure, direction unknown: it counts on both axes. */
  readonly shakeUmPerSecond: number;
  /** Shake along the motion where it differs: along a pan it is part of the spread of the turn. */
  readonly shakeAlongUmPerSecond?: number;
  /** Diameter of the defocus disc in µm. */
  readonly defocusUm: number;
  /** Working f-number N·(1 + m). */
  readonly workingFNumber: number;
  /** Pixel pitch in µm, above 0. */
  readonly pixelUm: number;
}

const WAVELENGTH_UM = 0.55;

/** Diffraction's core as a normal spread in µm: 0.42·λ·N(1 + m) (textbook approximation). */
const diffractionSigmaUm = (workingFNumber: number): number => 0.42 * WAVELENGTH_UM * workingFNumber;

/** Variances in µm² along one axis that do not depend on the exposure time: defocus c²/16, diffraction, pixel p²/12. */
const defocusVariance = (input: BlurInput): number => input.defocusUm ** 2 / 16;
const diffractionVariance = (input: BlurInput): number => diffractionSigmaUm(input.workingFNumber) ** 2;
const pixelVariance = (input: BlurInput): number => input.pixelUm ** 2 / 12;
const stillVariance = (input: BlurInput): number =>
  defocusVariance(input) + diffractionVariance(input) + pixelVariance(input);

/** The moving part of the covariance in µm²/s², in the frame of the motion: along it and across it. */
interface MovingRate {
  readonly motion: number;
  readonly shakeAlong: number;
  readonly shakeAcross: number;
}

function movingRate(input: BlurInput): MovingRate {
  const motion = input.motionUmPerSecond;
  const across = input.shakeUmPerSecond;
  const along = input.shakeAlongUmPerSecond ?? across;
  return {
    motion: (motion * motion) / 12,
    shakeAlong: (along * along) / 12,
    shakeAcross: (across * across) / 12,
  };
}

/** Larger eigenvalue of the covariance of motion and shake per s². */
const worstRate = ({ motion, shakeAlong, shakeAcross }: MovingRate): number =>
  Math.max(motion + shakeAlong, shakeAcross);

export interface BlurBudget {
  /** Length in µm of the straight smear that would blur as much, along the worst axis: √12·σ. */
  readonly totalUm: number;
  /** The same across it. */
  readonly acrossUm: number;
  /** Direction in degrees of the worst axis on the sensor, 0 … 180, from the right of the picture upward. */
  readonly direction: number;
  /** Motion and shake alone: what the shutter decides. */
  readonly movingUm: number;
  /** Length in µm that the hand alone smears along the motion: nothing along a pan, whose turn takes its place. */
  readonly shakeAlongUm: number;
  /** The same across the motion. */
  readonly shakeAcrossUm: number;
  /** Share 0 … 1 of the variance along the worst axis. */
  readonly shares: Readonly<Record<BlurSource, number>>;
}

/**
 * The blur budget: variances add under convolution (textbook statistics). The 2×2 covariance is b·I + t²·A; A is
 * diagonal in the frame of the one straight motion, so its principal axes lie along and across that.
 */
export function blurBudget(input: BlurInput, exposure: number): BlurBudget {
  const rate = movingRate(input);
  const t2 = exposure * exposure;
  const still = stillVariance(input);
  const along = (rate.motion + rate.shakeAlong) * t2;
  const across = rate.shakeAcross * t2;
  const worstAlong = along >= across;
  const total = still + Math.max(along, across);
  return {
    totalUm: Math.sqrt(12 * total),
    acrossUm: Math.sqrt(12 * (still + Math.min(along, across))),
    direction: ((((input.motionDirection ?? 0) + (worstAlong ? 0 : 90)) % 180) + 180) % 180,
    movingUm: Math.sqrt(12 * Math.max(along, across)),
    shakeAlongUm: Math.sqrt(12 * rate.shakeAlong * t2),
    shakeAcrossUm: Math.sqrt(12 * rate.shakeAcross * t2),
    shares: {
      motion: worstAlong ? (rate.motion * t2) / total : 0,
      shake: ((worstAlong ? rate.shakeAlong : rate.shakeAcross) * t2) / total,
      defocus: defocusVariance(input) / total,
      diffraction: diffractionVariance(input) / total,
      pixel: pixelVariance(input) / total,
    },
  };
}

/** The budget's worst length alone in µm, without its shares: for a loop over many settings. */
export function blurLengthUm(input: BlurInput, exposure: number, movingOnly = false): number {
  const moving = worstRate(movingRate(input)) * exposure * exposure;
  return Math.sqrt(12 * (moving + (movingOnly ? 0 : stillVariance(input))));
}

/** µm a second of the straight motion that would blur as much as motion and shake do along the worst axis. */
export const movingUmPerSecond = (input: BlurInput): number => blurLengthUm(input, 1, true);

/** Length in µm of the straight smear that would blur as much as focus, diffraction and pixel do together. */
export const stillLengthUm = (input: BlurInput): number => Math.sqrt(12 * stillVariance(input));

/** A 2×2 covariance on the sensor in µm², x to the right and y up. */
export interface Covariance {
  /** µm², 0 or more. */
  readonly xx: number;
  /** µm². */
  readonly xy: number;
  /** µm², 0 or more. */
  readonly yy: number;
}

/** Covariance of several straight smears, each with a length in µm and a direction in degrees: L²/12 along it. */
export function covarianceOf(
  smears: readonly { readonly lengthUm: number; readonly direction: number }[],
): Covariance {
  let [xx, xy, yy] = [0, 0, 0];
  for (const { lengthUm, direction } of smears) {
    const variance = lengthUm ** 2 / 12;
    const [c, s] = [cosDeg(direction), sinDeg(direction)];
    xx += variance * c * c;
    xy += variance * c * s;
    yy += variance * s * s;
  }
  return { xx, xy, yy };
}

/** Smear lengths √12·σ in µm along the principal axes of a covariance, and the direction 0 … 180 of the worse one. */
export function principalAxes({ xx, xy, yy }: Covariance): {
  readonly worstUm: number;
  readonly bestUm: number;
  readonly direction: number;
} {
  const middle = (xx + yy) / 2;
  const half = Math.hypot((xx - yy) / 2, xy);
  const direction = toDegrees(Math.atan2(2 * xy, xx - yy)) / 2;
  return {
    worstUm: Math.sqrt(12 * (middle + half)),
    bestUm: Math.sqrt(12 * Math.max(0, middle - half)),
    direction: ((direction % 180) + 180) % 180,
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
  const left = (tolUm * tolUm) / 12 - (movingOnly ? 0 : stillVariance(input));
  if (left <= 0) return "none";
  const rate = worstRate(movingRate(input));
  return rate === 0 ? "any" : Math.sqrt(left / rate);
}

/** What blurs more than a shutter can mend: the focus, or diffraction and pixel. */
export type Unmended = "focus" | "lens";

/**
 * What takes so much of a tolerance in µm that no exposure down to `fastest` seconds holds the rest, though motion and
 * shake alone would be held; the larger of the two by its variance. Undefined where a shutter is the answer.
 */
export function unmendedBy(input: BlurInput, tolUm: number, fastest: number): Unmended | undefined {
  const slowest = slowestExposure(input, tolUm);
  if (slowest === "any" || (slowest !== "none" && slowest >= fastest)) return undefined;
  const moving = slowestExposure(input, tolUm, true);
  if (slowest !== "none" && moving !== "any" && moving !== "none" && moving < fastest) return undefined;
  return defocusVariance(input) >= diffractionVariance(input) + pixelVariance(input) ? "focus" : "lens";
}

/** The share of a tolerance's variance that diffraction alone may take before an aperture counts as too narrow. */
const DIFFRACTION_SHARE = 0.5;

/** The working f-number at which diffraction alone takes half of a tolerance's variance: no depth is asked past it. */
export const diffractionLimit = (tolUm: number): number =>
  (tolUm * Math.sqrt(DIFFRACTION_SHARE)) / (Math.sqrt(12) * 0.42 * WAVELENGTH_UM);
