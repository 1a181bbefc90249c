import type { Position } from "@/core/ground";
import { freeId, type Outing } from "@/data";
import { edited, editGround, type Edit } from "./edit";

export const movePosition = (id: string, edit: Partial<Omit<Position, "id">>): Edit =>
  editGround(({ positions }) => ({ positions: edited(positions, id, edit) }));

const LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";

/** Metres above the ground at which a further position's lens begins: kneeling. */
const LENS_HEIGHT = 1.2;

/** A further position, named by the next free letter. */
export function newPosition({ ground: { positions } }: Pick<Outing, "ground">, at: Position["at"]): Position {
  const name = [...LETTERS].find((l) => !positions.some((p) => p.name === l)) ?? String(positions.length + 1);
  return { id: freeId(name.toLowerCase(), positions), name, at, lensHeight: LENS_HEIGHT };
}

export const addPosition = (position: Position): Edit =>
  editGround(({ positions }) => ({ positions: [...positions, position] }));

/** A position is taken away; the shots that were served from it have no place then. */
export const removePosition =
  (id: string): Edit =>
  (outing) => ({
    ...editGround((g) => ({ positions: g.positions.filter((p) => p.id !== id) }))(outing),
    choices: outing.choices.map((c) => (c.positionId === id ? { ...c, positionId: null } : c)),
  });
