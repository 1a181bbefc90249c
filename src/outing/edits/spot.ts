import type { Spot } from "@/core/ground";
import { freeId } from "@/data";
import { edited, editGround, type Edit } from "./edit";

export const editSpot = (id: string, edit: Partial<Omit<Spot, "id">>): Edit =>
  editGround(({ spots }) => ({ spots: edited(spots, id, edit) }));

/** A further spot, where a shot goes to. */
export const addSpot =
  (spot: Omit<Spot, "id">, shotId: string): Edit =>
  (outing) => {
    const id = freeId("spot", outing.ground.spots);
    const added = editGround((g) => ({ spots: [...g.spots, { ...spot, id }] }))(outing);
    return { ...added, shots: edited(added.shots, shotId, { spotId: id }) };
  };
