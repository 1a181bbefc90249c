import type { Assessment } from "@/core/judge";
import type { OutingView } from "@/outing/outing-view";
import type { Figure } from "./figure";
import { scoreOf } from "./score-sum";
import type { Pictured } from "./pictured";
import { distanceOf, evOf, focalLengthOf, keptOf, fillOf } from "./place-sums";
import {
  apertureOf,
  blurOf,
  chanceOf,
  farOf,
  isoOf,
  nearOf,
  shutterOf,
  softnessOf,
  toleranceOf,
} from "./sums";

/** The figures that can be pressed, each with its sum; none where the picture has no such figure: a far end that is nowhere, a background that is plain. */
const SUMS = {
  shutter: shutterOf,
  aperture: apertureOf,
  iso: isoOf,
  ev: evOf,
  distance: distanceOf,
  fill: fillOf,
  blur: blurOf,
  chance: chanceOf,
  near: nearOf,
  far: farOf,
  softness: softnessOf,
  kept: keptOf,
  focalLength: focalLengthOf,
  tolerance: toleranceOf,
  score: scoreOf,
} as const satisfies Readonly<Record<string, (of: Pictured) => Figure | undefined>>;

export type Explained = keyof typeof SUMS;

export const EXPLAINED = Object.keys(SUMS) as readonly Explained[];

const pictured = new WeakMap<Assessment, Pictured>();

/** The figure that is pressed, with its sum down to what was measured, chosen or stands in a catalogue. */
export function explain(
  { input, found }: Pick<OutingView, "input" | "found">,
  which: Explained,
): Figure | undefined {
  if (!input || !found) return undefined;
  const of = pictured.get(found) ?? { input, found, asked: { kind: "whole", value: input } };
  pictured.set(found, of);
  return SUMS[which](of);
}
