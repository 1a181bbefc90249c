import { assess } from "@/core/judge";
import type { Settings } from "@/core/exposure";
import type { OutingView } from "@/outing/outing-view";
import type { Figure } from "./figure";
import { toldApartOf } from "./flicker-sum";
import { busiestSum, hiddenOf, scoreOf } from "./score-sum";
import { picturedOf, type Pictured, type Shown } from "./pictured";
import {
  closeUpLossOf,
  evInCloudOf,
  evOf,
  glassLossOf,
  lostOf,
  luxFrom,
  luxOf,
  meshAwayOf,
  meshGoneUpToOf,
  meshGoneWithinOf,
  meshLossOf,
  meshVeilOf,
  nettingLossOf,
  turnOf,
} from "./light-sums";
import {
  bearingOf,
  beyondOf,
  distanceOf,
  faceTurnOf,
  fillOf,
  focalLengthOf,
  frameSideOf,
  heightAngleOf,
  keptOf,
  keptPxOf,
  magnificationOf,
  partSizeOf,
  perilOf,
} from "./place-sums";
import {
  apertureEndOf,
  apertureOf,
  blurOf,
  blurPxOf,
  chanceOf,
  depthFNumberOf,
  exposedEvOf,
  farOf,
  filterOf,
  heldSpeedOf,
  imageSpeedOf,
  isoOf,
  leftOf,
  nearOf,
  sharpOf,
  shutterOf,
  slowestOf,
  softnessOf,
  streakExposureOf,
  toleranceOf,
  tolerancePxOf,
} from "./sums";

/** The figures of a picture, each with its sum; none where the picture has no such figure: a far end that is nowhere, a background that is plain. */
const SUMS = {
  // Where it stands, and what the lens makes of it.
  distance: distanceOf,
  bearing: bearingOf,
  heightAngle: heightAngleOf,
  partSize: partSizeOf,
  fill: fillOf,
  focalLength: focalLengthOf,
  frameAcross: frameSideOf("frameAcross"),
  frameUp: frameSideOf("frameUp"),
  magnification: magnificationOf,
  kept: keptOf,
  keptPx: keptPxOf,
  near: nearOf,
  far: farOf,
  sharp: sharpOf,
  beyond: beyondOf,
  softness: softnessOf,
  busiest: busiestSum,
  hidden: hiddenOf,
  peril: perilOf,
  faceTurn: faceTurnOf,
  // The light on it.
  ev: evOf,
  evInCloud: evInCloudOf,
  exposedEv: exposedEvOf,
  lux: luxOf,
  sunLux: luxFrom("sun"),
  skyLux: luxFrom("sky"),
  groundLux: luxFrom("ground"),
  moonLux: luxFrom("moon"),
  lampsLux: luxFrom("lamps"),
  turn: turnOf,
  framesApart: toldApartOf,
  meshAway: meshAwayOf,
  meshLoss: meshLossOf,
  meshVeil: meshVeilOf,
  meshGoneWithin: meshGoneWithinOf,
  meshGoneUpTo: meshGoneUpToOf,
  lost: lostOf,
  closeUpLoss: closeUpLossOf,
  nettingLoss: nettingLossOf,
  glassLoss: glassLossOf,
  // How it moves.
  heldSpeed: heldSpeedOf,
  imageSpeed: imageSpeedOf,
  slowest: slowestOf,
  streakExposure: streakExposureOf,
  blur: blurOf,
  blurPx: blurPxOf,
  tolerance: toleranceOf,
  tolerancePx: tolerancePxOf,
  chance: chanceOf,
  // The settings, and how good the place is.
  shutter: shutterOf,
  aperture: apertureOf,
  iso: isoOf,
  filter: filterOf,
  widest: apertureEndOf("lensWidest"),
  diffraction: apertureEndOf("diffractionAperture"),
  depthFNumber: depthFNumberOf,
  short: leftOf("short"),
  missing: leftOf("missing"),
  over: leftOf("over"),
  score: scoreOf,
} as const satisfies Readonly<Record<string, (of: Pictured) => Figure | undefined>>;

export type Explained = keyof typeof SUMS;

export const EXPLAINED = Object.keys(SUMS) as readonly Explained[];

/** A picture beside the one in hand: another shot, from another position, at another instant, with settings that are held, of another part. */
export interface Where {
  readonly shotId?: string;
  readonly positionId?: string;
  /** Epoch milliseconds. */
  readonly at?: number;
  readonly locked?: Partial<Settings>;
  readonly partId?: string;
}

/** The picture in hand, or the one beside it; nothing where there is none. */
export function shownAt(view: OutingView, where: Where = {}): Shown {
  const { locked, partId, ...other } = where;
  const asked = view.asking(other);
  if (!asked) return {};
  const { shot } = asked;
  const input = {
    ...asked,
    ...(locked && { locked }),
    ...(partId === undefined ? {} : { shot: { ...shot, holdPartId: partId } }),
  };
  const found = assess(input);
  return found.ok ? { input, found } : {};
}

/** The figure that is pressed, with its sum down to what was measured, chosen or stands in a catalogue. */
export function explain(shown: Shown, which: Explained): Figure | undefined {
  const of = picturedOf(shown);
  return of && SUMS[which](of);
}
