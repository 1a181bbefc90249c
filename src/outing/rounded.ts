import type { Point } from "@/core/ground";

/** A place to the centimetre: as fine as anybody paces. */
export const toCentimetre = ({ x, y }: Point): Point => ({
  x: Math.round(x * 100) / 100,
  y: Math.round(y * 100) / 100,
});

/** A place to the millimetre: fine enough that a thin wall keeps its right angles. */
export const toMillimetre = ({ x, y }: Point): Point => ({
  x: Math.round(x * 1000) / 1000,
  y: Math.round(y * 1000) / 1000,
});
