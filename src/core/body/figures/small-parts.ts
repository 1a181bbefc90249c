import { type Built } from "../figure";
import type { Solid } from "../solid";
import { ball, bothSides, chain, vec, type Place } from "../rigs/build";

// Pieces of small creatures, against their own length as 1.

export const of = (name: string, made: Solid["made"], part: Solid["part"] = "body") => ({ name, made, part });
export const through = (
  name: string,
  made: Solid["made"],
  places: readonly Place[],
  radii: readonly number[],
  part?: Solid["part"],
): Solid[] => chain(of(name, made, part), places.map(vec), radii);
export const still = (solids: readonly Solid[], off?: Built["off"]): Built => ({
  solids,
  face: vec([1, 0, 0]),
  ...(off !== undefined && { off }),
});
export const eyes = (x: number, y: number, z: number, radius: number): Solid[] =>
  bothSides((side) => [ball(of("eye", "black"), vec([x, side * y, z]), radius)]);
