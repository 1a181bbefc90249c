import type { SensorFormat } from "./format";

/** A camera body, described by what it is. Limits are marks as printed on it. */
export interface Body {
  readonly id: string;
  readonly name: string;
  readonly format: SensorFormat;
  /** ISO of the sensor's own sensitivity, above 0. */
  readonly baseIso: number;
  /** Highest ISO of the body. */
  readonly maxIso: number;
  /** ISO beyond which its owner will not go. */
  readonly isoCeiling: number;
  /** Lowest ISO that the owner lets the body choose. */
  readonly isoFloor: number;
  /** ISO up to which its owner is content: past it depth is given up first. Four times the base when left out. */
  readonly preferredIso?: number;
  /** Shortest exposure in seconds. */
  readonly fastestShutter: number;
  /** How many clicks of a third of a stop its files bear lifting later; 0 for who exposes fully. */
  readonly liftClicks: number;
  /** Seconds that the electronic shutter takes to read the sensor; absent with a mechanical one. */
  readonly readout?: number;
  /** Frames a second, one raw frame and the buffer in MB, for the length of a burst. */
  readonly framesPerSecond?: number;
  /** Size of a raw frame in MB. */
  readonly frameMb?: number;
  /** Buffer in MB. */
  readonly bufferMb?: number;
  /** Frames that it keeps from before the press, above 0; absent where it keeps none. */
  readonly preBurstFrames?: number;
  /** Median relative luminance 0 … 1 of the middle of its own pictures that were right; 0.18 when left out. */
  readonly rightMedian?: number;
  /** Single frames that a charge of its battery is rated for, above 0. */
  readonly ratedFrames?: number;
  /** Stabilisation of the sensor in stops by its rating; none when left out. */
  readonly stabiliserStops?: number;
  /** The lens that it has for good: of a bridge camera, a phone. Absent where lenses are changed. */
  readonly builtIn?: Lens;
  /** Grams with battery and card. */
  readonly weightG?: number;
}

/** What of some lenses goes on a body: all of them, or the one that is built in and no other. */
export const lensesFor = ({ builtIn }: Pick<Body, "builtIn">, lenses: readonly Lens[]): readonly Lens[] =>
  builtIn ? [builtIn] : lenses;

export interface Lens {
  readonly id: string;
  readonly name: string;
  /** Shortest focal length in mm, above 0. */
  readonly minFocalLengthMm: number;
  /** Longest focal length in mm, at least the shortest. */
  readonly maxFocalLengthMm: number;
  /** Widest marked f-number at the short end, and at the long end where it differs. */
  readonly widest: number;
  /** Widest marked f-number at the long end; that of the short end when left out. */
  readonly widestAtLong?: number;
  /** Narrowest marked f-number. */
  readonly narrowest: number;
  /** Closest focus in metres. */
  readonly closestFocus: number;
  /** Stabilisation in stops by its rating; 0 for none. */
  readonly stabiliserStops: number;
  readonly takesConverter: boolean;
  /** Largest magnification at the closest focus, where the owner knows it. */
  readonly largestMagnification?: number;
  /** Grams. */
  readonly weightG?: number;
}

/** A converter multiplies focal length and f-number alike. */
export interface Converter {
  readonly id: string;
  readonly name: string;
  /** By which it lengthens the focal length, above 1. */
  readonly factor: number;
  /** Grams. */
  readonly weightG?: number;
}

export interface Support {
  readonly id: string;
  readonly name: string;
  /** Stops of steadiness against the hand (common practice). */
  readonly stops: number;
  /** Grams. */
  readonly weightG?: number;
}

/** A memory card. */
export interface Card {
  readonly id: string;
  readonly name: string;
  /** Gigabytes. */
  readonly capacityGb: number;
  /** Sustained rate at which it writes, MB/s. */
  readonly writeMbPerSecond: number;
  /** Grams. */
  readonly weightG?: number;
}

export interface Kit {
  readonly bodies: readonly Body[];
  readonly lenses: readonly Lens[];
  readonly converters: readonly Converter[];
  readonly supports: readonly Support[];
  readonly cards?: readonly Card[];
}

/** Raw frames of a body that a card holds, by decimal MB; 0 where the size of a frame is not known. */
export const framesOnCard = (card: Pick<Card, "capacityGb">, frameMb: number | undefined): number =>
  frameMb ? Math.floor((card.capacityGb * 1000) / frameMb) : 0;

/** What is mounted on what for a picture. */
export interface Rig {
  readonly body: Body;
  readonly lens: Lens;
  readonly converter?: Converter;
  readonly support: Support;
}

/** Stops of the stabilisers together: the better of lens and sensor (assumed: bodies and lenses add less than their sum). */
export const stabiliserStopsOf = ({ body, lens }: Pick<Rig, "body" | "lens">): number =>
  Math.max(lens.stabiliserStops, body.stabiliserStops ?? 0);

/** Several converters as one: their factors multiply, and with them the light lost (2·log2 k stops). */
export const stackConverters = (stack: readonly Converter[]): Converter => ({
  id: stack.map((c) => c.id).join("-"),
  name: stack.map((c) => c.name).join(" and "),
  factor: stack.reduce((k, c) => k * c.factor, 1),
});

/** Light lost by a converter in stops: 2·log2 k. */
export const converterLoss = (factor: number): number => 2 * Math.log2(factor);

/** A lens with its converter: f → k·f, N → k·N, closest focus unchanged. */
export interface EffectiveLens {
  /** Shortest focal length in mm, above 0. */
  readonly minFocalLengthMm: number;
  /** Longest focal length in mm, at least the shortest. */
  readonly maxFocalLengthMm: number;
  /** Widest f-number at the short end and at the long end. */
  readonly widest: number;
  /** Widest f-number at the long end. */
  readonly widestAtLong: number;
  /** Narrowest f-number. */
  readonly narrowest: number;
  /** Metres from the sensor to the nearest subject. */
  readonly closestFocus: number;
}

/** Focal lengths and f-numbers of lens and converter together: f → k·f, N → k·N. */
export function effectiveLens({ lens, converter }: Pick<Rig, "lens" | "converter">): EffectiveLens {
  const k = converter?.factor ?? 1;
  return {
    minFocalLengthMm: lens.minFocalLengthMm * k,
    maxFocalLengthMm: lens.maxFocalLengthMm * k,
    widest: lens.widest * k,
    widestAtLong: (lens.widestAtLong ?? lens.widest) * k,
    narrowest: lens.narrowest * k,
    closestFocus: lens.closestFocus,
  };
}

/**
 * Widest f-number of a lens at a focal length within its range: even in stops over the logarithm of the focal length
 * between its two ends (assumed; makers step it).
 */
export function widestAt(optic: EffectiveLens, focalLengthMm: number): number {
  const { minFocalLengthMm, maxFocalLengthMm, widest, widestAtLong } = optic;
  if (widest === widestAtLong || maxFocalLengthMm <= minFocalLengthMm) return widest;
  const t = Math.log(focalLengthMm / minFocalLengthMm) / Math.log(maxFocalLengthMm / minFocalLengthMm);
  return widest * (widestAtLong / widest) ** Math.min(1, Math.max(0, t));
}
