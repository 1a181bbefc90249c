import type { SensorFormat } from "./format";

/** A camera body, described by what it is. Limits are marks as printed on it. */
export interface Body {
  readonly id: string;
  readonly name: string;
  readonly format: SensorFormat;
  readonly baseIso: number;
  readonly maxIso: number;
  /** ISO beyond which its owner will not go. */
  readonly isoCeiling: number;
  readonly isoFloor: number;
  /** Shortest exposure in seconds. */
  readonly fastestShutter: number;
  /** How many clicks of a third of a stop its files bear lifting later; 0 for who exposes fully. */
  readonly liftClicks: number;
}

export interface Lens {
  readonly id: string;
  readonly name: string;
  readonly minFocalLengthMm: number;
  readonly maxFocalLengthMm: number;
  /** Widest marked f-number over the whole range. */
  readonly widest: number;
  readonly narrowest: number;
  /** Closest focus in metres. */
  readonly closestFocus: number;
  /** Stabilisation in stops by its rating; 0 for none. */
  readonly stabiliserStops: number;
  readonly takesConverter: boolean;
}

/** A converter multiplies focal length and f-number alike. */
export interface Converter {
  readonly id: string;
  readonly name: string;
  readonly factor: number;
}

export interface Support {
  readonly id: string;
  readonly name: string;
  /** Stops of steadiness against the hand (common practice). */
  readonly stops: number;
}

export interface Kit {
  readonly bodies: readonly Body[];
  readonly lenses: readonly Lens[];
  readonly converters: readonly Converter[];
  readonly supports: readonly Support[];
}

/** What is mounted on what for a picture. */
export interface Rig {
  readonly body: Body;
  readonly lens: Lens;
  readonly converter?: Converter;
  readonly support: Support;
}

/** Focal lengths and f-numbers of lens and converter together: f → k·f, N → k·N. */
export function effectiveLens(rig: Pick<Rig, "lens" | "converter">) {
  const k = rig.converter?.factor ?? 1;
  return {
    minFocalLengthMm: rig.lens.minFocalLengthMm * k,
    maxFocalLengthMm: rig.lens.maxFocalLengthMm * k,
    widest: rig.lens.widest * k,
    narrowest: rig.lens.narrowest * k,
    closestFocus: rig.lens.closestFocus,
  };
}
