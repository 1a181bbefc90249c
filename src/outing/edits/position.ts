import type { Position } from "@/core/ground";
import { freeId } from "@/data";
import { editChoice } from "./shot";
import { edited, editGround, type Edit } from "./edit";

export const movePosition = (id: string, edit: Partial<Omit<Position, "id">>): Edit =>
  editGround(({ positions }) => ({ positions: edited(positions, id, edit) }));

const LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";

/** A further position beside the last one, named by the next free letter, and taken for the shot in hand. */
export const addPosition =
  (at: Position["at"]): Edit =>
  (outing) => {
    const { positions } = outing.ground;
    const name =
      [...LETTERS].find((l) => !positions.some((p) => p.name === l)) ?? String(positions.length + 1);
    const id = freeId(name.toLowerCase(), positions);
    const added = editGround((g) => ({ positions: [...g.positions, { id, name, at, lensHeight: 1.2 }] }))(
      outing,
    );
    return editChoice(outing.shotId, { positionId: id })(added);
  };

/** A position is taken away; the shots that were served from it have no place then. */
export const removePosition =
  (id: string): Edit =>
  (outing) => ({
    ...editGround((g) => ({ positions: g.positions.filter((p) => p.id !== id) }))(outing),
    choices: outing.choices.map((c) => (c.positionId === id ? { ...c, positionId: null } : c)),
  });
