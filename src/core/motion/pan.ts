import { errorFunction } from "./normal";

/** A subject that passes on a straight line: nearest distance in metres, speed in m/s. */
export interface Pass {
  /** Metres from the camera at the nearest, above 0. */
  readonly nearest: number;
  /** m/s, above 0. */
  readonly speed: number;
}

/** Turn of the camera in rad/s with the subject `along` metres past the nearest point: v·d/(d² + x²). */
export const panRate = ({ nearest, speed }: Pass, along: number): number =>
  (speed * nearest) / (nearest ** 2 + along ** 2);

/** How fast the rate changes there, rad/s²; nothing at the nearest point, hence one shoots there. */
export const panRateChange = ({ nearest, speed }: Pass, along: number): number =>
  (2 * speed ** 2 * nearest * along) / (nearest ** 2 + along ** 2) ** 2;

/** The largest change and where: (3√3/8)·v²/d² at x = d/√3. */
export const worstRateChange = ({
  nearest,
  speed,
}: Pass): { readonly along: number; readonly change: number } => ({
  along: nearest / Math.sqrt(3),
  change: ((3 * Math.sqrt(3)) / 8) * (speed / nearest) ** 2,
});

export interface PanInput extends Pass {
  /** Focal length in mm, above 0. */
  readonly focalLengthMm: number;
  /** Exposure in seconds. */
  readonly exposure: number;
  /** Width in mm of the frame across the pan. */
  readonly frameMm: number;
  /** Length in metres of the subject along its way. */
  readonly length: number;
  /** Spread of the turning rate about the right one, as a share: 0.05 by default, 0.03 skilled (common practice). */
  readonly spread: number;
  /** Smear in µm that still passes. */
  readonly toleranceUm: number;
}

export interface PanPicture {
  /** Streak of the background in mm on the sensor, and as a share of the frame. */
  readonly streakMm: number;
  /** Streak of the background as a share of the frame's width, 0 or more. */
  readonly streakShare: number;
  /** Chance 0 … 1 that a frame is within the tolerance: erf(r/(√2·σ)), r = tolerance over streak. */
  readonly keeperChance: number;
  /** What a perfect pan still blurs at the ends of the subject, µm: streak·(L/2d)². */
  readonly endsUm: number;
}

/** A panned picture at the nearest point. */
export function panPicture(input: PanInput): PanPicture {
  const streakMm = panRate(input, 0) * input.focalLengthMm * input.exposure;
  return {
    streakMm,
    streakShare: streakMm / input.frameMm,
    keeperChance: panKeeperChance(input.toleranceUm / 1000, streakMm, input.spread),
    endsUm: 1000 * streakMm * (input.length / (2 * input.nearest)) ** 2,
  };
}

/** What a perfect pan on one distance blurs of a part at another, µm: v·|1/d₁ − 1/d₂|·f·t. */
export const panDepthBlurUm = (input: {
  readonly speed: number;
  /** Metres to what the pan follows, and to the part. */
  readonly followed: number;
  readonly part: number;
  readonly focalLengthMm: number;
  /** Exposure in seconds. */
  readonly exposure: number;
}): number =>
  1000 * input.speed * Math.abs(1 / input.followed - 1 / input.part) * input.focalLengthMm * input.exposure;

/** Metres at the subject by which a pan draws what stands behind into lines, for a speed across the view in m/s and an exposure in s. */
export const streakLength = (transverseSpeed: number, exposure: number): number => transverseSpeed * exposure;

/** Chance 0 … 1 that a frame lies within a tolerance: erf(r/(√2·σ)), r = tolerance over streak in the same unit. */
export const panKeeperChance = (tolerance: number, streak: number, spread: number): number =>
  streak === 0 ? 1 : errorFunction(tolerance / streak / (Math.SQRT2 * spread));

/** Exposure in seconds for a wished streak as a share of the frame. */
export const exposureForStreak = (
  input: Pass & { readonly focalLengthMm: number; readonly frameMm: number; readonly share: number },
): number => (input.share * input.frameMm) / (panRate(input, 0) * input.focalLengthMm);
