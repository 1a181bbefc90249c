import {
  alongBearing,
  bearingTo,
  norm,
  subtract,
  type Point,
  type Position,
  type Vector,
} from "@/core/ground";
import { toCentimetre } from "../rounded";
import { edited, editGround, type Edit } from "./edit";

export const movePosition = (id: string, edit: Partial<Omit<Position, "id">>): Edit =>
  editGround(({ positions }) => ({ positions: edited(positions, id, edit) }));

/** Takes a position to a distance in metres from a place on the plan, on the side on which it stands; due south from the place itself. */
export const standOff = (id: string, from: Point, metres: number): Edit =>
  editGround(({ positions }) => ({
    positions: positions.map((p) => {
      if (p.id !== id) return p;
      const isThere = p.at.x === from.x && p.at.y === from.y;
      const step = alongBearing(isThere ? 180 : bearingTo(from, p.at));
      return { ...p, at: toCentimetre({ x: from.x + step.x * metres, y: from.y + step.y * metres }) };
    }),
  }));

/** Takes a position along its own line of sight, so that the lens is so many metres from the aim. */
export const standAlong = (
  id: string,
  { lens, aim, distance }: { readonly lens: Vector; readonly aim: Vector; readonly distance: number },
): Edit =>
  editGround(({ positions }) => ({
    positions: positions.map((p) => {
      if (p.id !== id) return p;
      const line = subtract(lens, aim);
      const share = distance / norm(line);
      return {
        ...p,
        at: toCentimetre({ x: aim.x + line.x * share, y: aim.y + line.y * share }),
        lensHeight: Math.max(0.05, p.lensHeight + line.z * (share - 1)),
      };
    }),
  }));

export const addPosition = (position: Position): Edit =>
  editGround(({ positions }) => ({ positions: [...positions, position] }));

/** A position is taken away; the shots that were served from it have no place then. */
export const removePosition =
  (id: string): Edit =>
  (outing) => ({
    ...editGround((g) => ({ positions: g.positions.filter((p) => p.id !== id) }))(outing),
    choices: outing.choices.map((c) => (c.positionId === id ? { ...c, positionId: null } : c)),
  });
