import { normalBelow, normalMean } from "./normal";
import { stillLengthUm, type BlurInput } from "./blur-budget";
import { panKeeperChance } from "./pan";

/** Spread of the natural logarithm of a speed whose fast value is not known (assumed). */
const USUAL_SPREAD = 0.15;
/** The fast speed is that of one in twenty: the normal quantile of 95 %. */
const FAST_QUANTILE = 1.645;
/** A fast speed counts as no more than so many times the typical one (assumed): what stands at rest has no spread of its own. */
const MOST_TIMES = 100;

/**
 * Spread σ of ln v of a speed that is taken as lognormal, the typical one its median and the fast one its 95th percentile:
 * ln(fast/typical)/1.645 (assumed), the ratio at most 100. Both in one unit; 0.15 where no faster one is known.
 */
export const speedSpread = (typical: number, fast: number | undefined): number =>
  fast !== undefined && typical > 0 && fast > typical
    ? Math.log(Math.min(MOST_TIMES, fast / typical)) / FAST_QUANTILE
    : USUAL_SPREAD;

/** Chance 0 … 1 that a hand keeps its blur within `room`, counted in rated blurs: Rayleigh with the rated blur as its mean. */
export const steadyChance = (room: number): number =>
  room <= 0 ? 0 : 1 - Math.exp((-Math.PI * room * room) / 4);

export interface KeeperInput {
  /** What softens the part that must hold, its motion at the typical speed. */
  readonly blur: BlurInput;
  /** Smear in µm within which it holds, above 0. */
  readonly toleranceUm: number;
  /** Exposure in seconds, above 0. */
  readonly exposure: number;
  /** Spread σ of ln v, above 0; see `speedSpread`. */
  readonly spread: number;
  /** Set where the tolerance is that of motion and shake alone. */
  readonly movingOnly?: boolean;
  /** For a panned shot: the streak of the place behind in µm, and the spread of the turn as a share. */
  readonly pan?: { readonly streakUm: number; readonly spread: number };
}

/** How often a frame holds, and what each cause alone would leave; chances 0 … 1. */
export interface KeeperChance {
  /** All causes together, taken as independent. */
  readonly chance: number;
  /** The subject's speed alone; 1 for a pan, whose smear is that of the turn. */
  readonly subject: number;
  /** The hand's shake alone. */
  readonly hand: number;
  /** The turn of the pan alone; 1 where nothing is panned. */
  readonly pan: number;
  /** Share 0 … 1 of the tolerance's variance that focus, diffraction and pixel take; at 1 no shutter helps. */
  readonly taken: number;
}

/**
 * Chance that a frame holds its part: P = ∫ p(v)·R(√(tol² − 12·b − (speed(v)·t)²)/B) dv with p lognormal, B the rated blur of
 * the hand, R of `steadyChance`, 0 where nothing is left; a pan is erf × R. A model of common sense (assumed), to be
 * corrected by the log: see `chanceFromLog`.
 */
export function keeperChance(input: KeeperInput): KeeperChance {
  const { blur, toleranceUm, exposure, spread, movingOnly = false, pan } = input;
  const still = movingOnly ? 0 : stillLengthUm(blur);
  const left2 = Math.max(0, toleranceUm ** 2 - still ** 2);
  const left = Math.sqrt(left2);
  const shake = blur.shakeUmPerSecond * exposure;
  const steady = (room2: number): number =>
    room2 <= 0 ? 0 : shake === 0 ? 1 : steadyChance(Math.sqrt(room2) / shake);
  const taken = Math.min(1, (still / toleranceUm) ** 2);
  const hand = steady(left2);
  if (pan) {
    const turn = left === 0 ? 0 : panKeeperChance(left, pan.streakUm, pan.spread);
    return { chance: turn * hand, subject: 1, hand, pan: turn, taken };
  }
  const smear = blur.motionUmPerSecond * exposure;
  // How many spreads over the typical speed the subject may go before it alone takes all that is left.
  const fastest = left === 0 ? -Infinity : smear === 0 ? Infinity : Math.log(left / smear) / spread;
  return {
    chance:
      smear === 0 ? hand : normalMean(fastest, (z) => steady(left2 - (smear * Math.exp(spread * z)) ** 2)),
    subject: normalBelow(fastest),
    hand,
    pan: 1,
    taken,
  };
}

/** Frames that the model's word counts for against a log (assumed). */
const PRIOR_FRAMES = 10;

/** The chance that a log makes of the model's: (10·p + kept)/(10 + taken), a beta prior worth ten frames. */
export const chanceFromLog = (p: number, log: { readonly kept: number; readonly taken: number }): number =>
  (PRIOR_FRAMES * p + log.kept) / (PRIOR_FRAMES + log.taken);
