import type { Position } from "@/core/ground";
import { edited, editGround, type Edit } from "./edit";

export const movePosition = (id: string, edit: Partial<Omit<Position, "id">>): Edit =>
  editGround(({ positions }) => ({ positions: edited(positions, id, edit) }));

export const addPosition = (position: Position): Edit =>
  editGround(({ positions }) => ({ positions: [...positions, position] }));

/** A position is taken away; the shots that were served from it have no place then. */
export const removePosition =
  (id: string): Edit =>
  (outing) => ({
    ...editGround((g) => ({ positions: g.positions.filter((p) => p.id !== id) }))(outing),
    choices: outing.choices.map((c) => (c.positionId === id ? { ...c, positionId: null } : c)),
  });
