import { freeId, type Outing } from "@/data";
import type { Point } from "@/core/ground";
import { rowOf, type Sort, type Thing } from "../things/sorts";
import { moved, thingOf, type Ref } from "../things/thing";
import { editGround, type Edit } from "./edit";
import { removePosition } from "./position";

/** A thing of any sort changed by what makes another of it. */
export const changeThing = <S extends Sort>(
  { sort, id }: Ref<S>,
  change: (thing: Thing<S>) => Thing<S>,
): Edit =>
  editGround((ground) =>
    rowOf(sort).kept(
      rowOf(sort)
        .of(ground)
        .map((thing) => (thing.id === id ? change(thing) : thing)),
      ground,
    ),
  );

/** A further thing, at the end of its list. */
export const putThing = <S extends Sort>(sort: S, thing: Thing<S>): Edit =>
  editGround((ground) => rowOf(sort).kept([...rowOf(sort).of(ground), thing], ground));

/** Metres by which a duplicate lies beside what it was made of. */
const BESIDE: Point = { x: 2, y: -2 };

/** A thing once more beside itself, under an id of its own; nothing where it is not there. */
export function duplicateOf<S extends Sort>(outing: Outing, { sort, id }: Ref<S>): Thing<S> | undefined {
  const thing = thingOf(outing, { sort, id });
  if (!thing) return undefined;
  const copy: Thing<S> = { ...moved(sort, thing, BESIDE), id: freeId(id, rowOf(sort).of(outing.ground)) };
  return { ...copy, name: `${thing.name} copy`.slice(0, 80) };
}

/** Why a thing cannot be taken away. */
export type Needed = "spot-of-a-shot" | "zone-of-a-spot";

/** What stands against taking a thing away, if anything does: a shot needs its spot, a spot its zone. */
export function neededBy(outing: Outing, { sort, id }: Ref): Needed | undefined {
  const sharp = outing.shots.some((s) => s.depth?.kind === "two-things" && s.depth.otherSpotId === id);
  if (sort === "spot" && (sharp || outing.shots.some((s) => s.spotId === id))) return "spot-of-a-shot";
  if (sort === "obstacle" && sharp) return "spot-of-a-shot";
  if (sort === "zone" && outing.ground.spots.some((s) => s.zoneId === id)) return "zone-of-a-spot";
  return undefined;
}

/** A thing taken away; one that is needed stays. */
export const removeThing =
  (ref: Ref): Edit =>
  (outing) => {
    if (neededBy(outing, ref)) return outing;
    if (ref.sort === "position") return removePosition(ref.id)(outing);
    const row = rowOf(ref.sort);
    return editGround((ground) =>
      row.kept(
        row.of(ground).filter((thing) => thing.id !== ref.id),
        ground,
      ),
    )(outing);
  };

/** Only a spot that no shot needs can go. */
export const removeSpot = (id: string): Edit => removeThing({ sort: "spot", id });
