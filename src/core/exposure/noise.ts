import { cropFactor, lightStopsBelowFullFrame, type SensorFormat } from "../optics";

export interface NoiseInput {
  readonly format: SensorFormat;
  /** Share 0 … 1 of each side of the sensor that the crop keeps. */
  readonly kept: number;
  /** ISO, above 0. */
  readonly iso: number;
  /** ISO of the sensor's own sensitivity, above 0. */
  readonly baseIso: number;
  /** Stops of underexposure that are lifted later; they cost light as ISO does. */
  readonly lift: number;
}

/** Light collected by the kept sensor, compared; all in stops. */
export interface Noise {
  /** Less light than the whole sensor collects at base ISO. */
  readonly belowBase: number;
  /** Less light than the whole 36×24 collects at the same exposure. */
  readonly belowFullFrame: number;
  /** Shot noise above the same body at base ISO: half a stop for each stop of light (counting statistics). */
  readonly noiseAboveBase: number;
  /** The same of one pixel, whose area no crop changes. */
  readonly noisePerPixel: number;
  /** The ISO at which 36×24 collects as little: by area, and by the nominal crop factor that people use. */
  readonly fullFrameIso: number;
  /** The same by the nominal crop factor that people use. */
  readonly fullFrameIsoNominal: number;
}

const NOISE_PER_STOP = 0.5;

/** Crop factors as they are printed (common practice). */
const NOMINAL_CROPS = [1, 1.5, 1.6, 2, 2.7];

/** The crop factor as it is printed: 1.534 is called 1.5; one that has no usual name rounds to a tenth. */
export function nominalCrop(format: SensorFormat): number {
  const crop = cropFactor(format);
  const named = NOMINAL_CROPS.find((n) => Math.abs(n / crop - 1) < 0.03);
  return named ?? Math.round(crop * 10) / 10;
}

/** Noise by the light collected: area of the kept sensor × exposure given. */
export function noiseOf({ format, kept, iso, baseIso, lift }: NoiseInput): Noise {
  const given = Math.log2(iso / baseIso) + lift;
  const belowBase = given - 2 * Math.log2(kept);
  const belowFullFrame = lightStopsBelowFullFrame(format, kept);
  const gathered = iso * 2 ** lift;
  return {
    belowBase,
    belowFullFrame,
    noiseAboveBase: NOISE_PER_STOP * belowBase,
    noisePerPixel: NOISE_PER_STOP * given,
    fullFrameIso: gathered * 2 ** belowFullFrame,
    fullFrameIsoNominal: (gathered * nominalCrop(format) ** 2) / kept ** 2,
  };
}
