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
