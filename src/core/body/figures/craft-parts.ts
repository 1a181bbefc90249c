import { type Built } from "../figure";
import type { Solid } from "../solid";
import { broad, leaned, tipped, vec, type Place } from "../rigs/build";

// Panels of what drives and flies, in metres.

export const part = (name: string, made: Solid["made"]) => ({ name, made });
export const plate = (name: string, made: Solid["made"], corners: readonly Place[], radius = 0.03): Solid =>
  broad(part(name, made), corners.map(vec), radius);
/** Corners to the left and to the right of places on the middle. */
export const both = (
  half: number,
  ...places: readonly (readonly [x: number, z: number, half?: number])[]
): Place[] =>
  places.flatMap(([x, z, own = half]): Place[] => [
    [x, own, z],
    [x, -own, z],
  ]);
export const moving = (
  solids: readonly Solid[],
  {
    pitch = 0,
    lean = 0,
    off = 0,
  }: { readonly pitch?: number; readonly lean?: number; readonly off?: number } = {},
): Built => ({
  solids: leaned(tipped(solids, pitch), lean),
  face: vec([1, 0, 0]),
  off,
});
