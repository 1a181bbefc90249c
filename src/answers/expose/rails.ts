import { apertureMark, isoMark, SCALE, shutterMark, type Rail, type RailState } from "@/core/exposure";

/** The marks of the shutter, as a camera has them: of a fraction its denominator. */
export const denominatorOf = (click: number): number => shutterMark(click).denominator ?? 1;

/** The f-number and the ISO that are written at a click. */
export const markOf = (rail: "aperture" | "iso", click: number): number =>
  rail === "aperture" ? apertureMark(click) : isoMark(click);

/** The clicks that a scale has. */
export const scaleOf = (rail: Rail): { readonly first: number; readonly last: number } => SCALE[rail];

/** The end of a rail at which it stands because lens or body go no further; absent within, and at the end of the scale itself. */
export function endReached(rail: Rail, { at, first, last }: RailState): "first" | "last" | undefined {
  if (at === first && first > SCALE[rail].first) return "first";
  return at === last && last < SCALE[rail].last ? "last" : undefined;
}
