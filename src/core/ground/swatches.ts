import { linearOf, luminanceOfLinear } from "../units";

/**
 * Colours by which a background or a piece of kit is told: a name of the field and its sRGB value. Estimated by eye; they
 * tell whether a subject parts from what is behind it, and are no measurement.
 */
export const SWATCHES = Object.freeze({
  "dark-green": "#2f3f2a",
  leaf: "#5f7f3a",
  straw: "#b9a468",
  reed: "#8f8256",
  earth: "#5d4a38",
  stone: "#8c877d",
  concrete: "#a9a7a2",
  black: "#1b1b1b",
  white: "#ececec",
  snow: "#f7f7f7",
  sky: "#8fb2d6",
  "deep-water": "#2f4a52",
  red: "#a8322d",
  orange: "#cf7a2a",
  yellow: "#d6bb3a",
  blue: "#2d4f8c",
  violet: "#5d4377",
  skin: "#b98a6e",
} as const);

export type Swatch = keyof typeof SWATCHES;
export const SWATCH_NAMES = Object.keys(SWATCHES) as readonly Swatch[];

/** A colour by its linear red, green and blue, each against the luminance that they make together. */
export type Tint = readonly [red: number, green: number, blue: number];

/** Something flat by the share 0 … 1 of its light that it throws back, and its tint; a sky may exceed 1. */
export interface Coloured {
  /** Luminance against that of a perfect white in the same light, 0 or more. */
  readonly luminance: number;
  readonly tint: Tint;
}

/** A swatch as the light that it throws back, and its tint; sRGB decoded (IEC 61966-2-1). */
export function colouredAs(swatch: Swatch): Coloured {
  const [r, g, b] = [1, 3, 5].map((at) => linearOf(parseInt(SWATCHES[swatch].slice(at, at + 2), 16))) as [
    number,
    number,
    number,
  ];
  const luminance = Math.max(1e-4, luminanceOfLinear(r, g, b));
  return { luminance, tint: [r / luminance, g / luminance, b / luminance] };
}
