import { differenceCiede2000, modeLab65, modeLrgb, useMode as withMode } from "culori/fn";
import { colouredAs, SWATCH_NAMES, type Coloured, type Swatch } from "../ground";
import type { AssessInput, Assessment } from "./assessment";
import { colourBehind } from "./colour-behind";

/** How a subject parts from what is behind it. */
export type Parting = "sinks-in" | "parts" | "stands-out";

/** A colour of kit or coat against what stands behind. */
export interface StandsOut {
  readonly colour: Swatch;
  /** Stops by which the subject is brighter than what stands behind; negative is darker. */
  readonly stops: number;
  /** Difference of colour, ΔE of CIE 2000, 0 or more. */
  readonly difference: number;
  readonly parting: Parting;
}

/** Limits in stops and ΔE under which it sinks in, and from which it stands out (assumed). */
const SINKS = { stops: 1 / 3, difference: 10 };
const STANDS = { stops: 1, difference: 30 };
/** Grounds and skin are no colours of clothes; grey and black are never asked of a model (common practice). */
const NOT_WORN: readonly Swatch[] = ["snow", "skin", "stone", "concrete", "deep-water", "reed", "black"];

withMode(modeLrgb);
const lab = withMode(modeLab65);
const difference = differenceCiede2000();

/** As a camera shows it: what is brighter than a white is white. */
const shown = ({ luminance, tint: [r, g, b] }: Coloured) => {
  const cut = (c: number): number => Math.min(1, Math.max(0, c * luminance));
  return lab({ mode: "lrgb", r: cut(r), g: cut(g), b: cut(b) });
};

/** The grade of a contrast in stops and a ΔE. */
export function partingOf(stops: number, deltaE: number): Parting {
  if (Math.abs(stops) < SINKS.stops && deltaE < SINKS.difference) return "sinks-in";
  return Math.abs(stops) > STANDS.stops || deltaE > STANDS.difference ? "stands-out" : "parts";
}

/**
 * Whether a colour parts from what stands behind the subject, in its light: contrast in stops of luminance and the difference of
 * colour (CIE 2000, by a library). Assumed limits; the colours are swatches, no measurement.
 */
export function standsOut(input: AssessInput, found: Assessment, colour: Swatch): StandsOut {
  const behind = colourBehind(input, found, found.sighting.background);
  const subject = colouredAs(colour);
  const stops = Math.log2(subject.luminance / Math.max(1e-4, behind.luminance));
  const deltaE = difference(shown(subject), shown(behind));
  return { colour, stops, difference: deltaE, parting: partingOf(stops, deltaE) };
}

/** Colours to ask somebody to wear before what stands behind, the one that parts best first: by its ΔE, then by its stops. */
export const coloursToWear = (input: AssessInput, found: Assessment): readonly StandsOut[] =>
  SWATCH_NAMES.filter((name) => !NOT_WORN.includes(name))
    .map((name) => standsOut(input, found, name))
    .sort((a, b) => b.difference - a.difference || Math.abs(b.stops) - Math.abs(a.stops));
