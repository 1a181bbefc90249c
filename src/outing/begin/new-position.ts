import type { Position } from "@/core/ground";
import { freeId, type Outing } from "@/data";

const LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";

/** Metres above the ground at which a further position's lens begins: kneeling. */
const LENS_HEIGHT = 1.2;

/** A further position, named by the next free letter. */
export function newPosition({ ground: { positions } }: Pick<Outing, "ground">, at: Position["at"]): Position {
  const name = [...LETTERS].find((l) => !positions.some((p) => p.name === l)) ?? String(positions.length + 1);
  return { id: freeId(name.toLowerCase(), positions), name, at, lensHeight: LENS_HEIGHT };
}
