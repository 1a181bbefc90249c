import { chain, vec, type Place } from "../rigs/build";
import { type Solid } from "../solid";

// Pieces of what carries people, in metres.

export const made = (name: string, colour: Solid["made"]) => ({ name, part: "tool" as const, made: colour });
export const rods = (
  colour: Solid["made"],
  radius: number,
  ...lines: readonly (readonly Place[])[]
): Solid[] => lines.flatMap((through) => chain(made("frame", colour), through.map(vec), [radius]));
