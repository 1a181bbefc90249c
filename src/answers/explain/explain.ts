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

type Shown = Pick<OutingView, "input" | "found">;

/** The shot in hand from another position, as far as its figures are asked for. */
export function shownFrom(view: Pick<OutingView, "asked" | "scene" | "outing" | "from">, id: string): Shown {
  const position = view.outing.ground.positions.find((p) => p.id === id);
  const found = view.from(id);
  const { asked, scene } = view;
  return {
    input: asked && position && { ...asked, position, scene },
    found: found?.ok ? found : undefined,
  };
}

/** The figure that is pressed, with its sum down to what was measured, chosen or stands in a catalogue. */
export function explain({ input, found }: Shown, which: Explained): Figure | undefined {
  if (!input || !found) return undefined;
  const of = pictured.get(found) ?? { input, found, asked: { kind: "whole", value: input } };
  pictured.set(found, of);
  return SUMS[which](of);
}
