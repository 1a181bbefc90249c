import { chiSquareRatio, studentT, Z_95 } from "../../review";
import { absent, present, type Maybe } from "../../units";

/** What a run of tries says of who made it, in the unit of the tries. */
export interface Measured {
  /** Tries, 2 or more. */
  readonly tries: number;
  /** What they miss by on the mean, with the ends of its 95 % interval. */
  readonly mean: number;
  /** In the unit of the tries, at most `mean`. */
  readonly meanLow: number;
  /** In the unit of the tries, at least `mean`. */
  readonly meanHigh: number;
  /** How far they lie apart, 0 or more, with the ends of its 95 % interval. */
  readonly spread: number;
  /** 0 or more, at most `spread`. */
  readonly spreadLow: number;
  /** At least `spread`. */
  readonly spreadHigh: number;
}

/**
 * Mean and spread of a run. The spread is that about the mean, or, for what should be nothing at all, the root mean square about zero:
 * then it has a degree of freedom more. Intervals by t and chi-square (textbook; tries normal). Absent below two tries.
 */
export function measuredRun(
  tries: readonly number[],
  about: "mean" | "zero" = "mean",
): Maybe<Measured, "too-few-tries"> {
  const n = tries.length;
  if (n < 2) return absent("too-few-tries", { tries: n, least: 2 });
  const mean = tries.reduce((a, b) => a + b, 0) / n;
  const squares = tries.reduce((sum, x) => sum + (x - mean) ** 2, 0);
  const degrees = about === "zero" ? n : n - 1;
  const spread = Math.sqrt((about === "zero" ? squares + n * mean ** 2 : squares) / degrees);
  const half = studentT(n - 1) * Math.sqrt(squares / (n - 1) / n);
  return present({
    tries: n,
    mean,
    meanLow: mean - half,
    meanHigh: mean + half,
    spread,
    spreadLow: spread / Math.sqrt(chiSquareRatio(degrees, Z_95)),
    spreadHigh: spread / Math.sqrt(Math.max(1e-6, chiSquareRatio(degrees, -Z_95))),
  });
}
