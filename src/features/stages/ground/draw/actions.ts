import { useMemo } from "react";
import type { Point } from "@/core/ground";
import { LIMITS } from "@/data";
import { beginThing, roomNear, type Beginning } from "@/outing/begin/begin-thing";
import { changeThing, duplicateOf, neededBy, putThing, removeThing } from "@/outing/edits";
import { rowOf, type Sort, type Thing } from "@/outing/things/sorts";
import { keyOf, moved, refOf, thingOf, turned, type Ref } from "@/outing/things/thing";
import { useToast } from "@/ui/layout/toast";
import { useToldChange } from "../../../outing/use-told-change";
import { useCommit, useOpenOuting } from "../../../outing/use-outing";
import { freeName } from "./beginnings";
import { useDrawing } from "./use-drawing";

const NEEDED = {
  "spot-of-a-shot": "is what a promised shot is of, or keeps sharp. Give the shot another one first.",
  "zone-of-a-spot": "is the light zone of a spot. Give the spot another zone first.",
} as const;

/** What can be done to the ground while one draws; the same object as long as the outing is open. */
export function useDrawingActions() {
  const { store, standAt } = useOpenOuting();
  const commit = useCommit();
  const told = useToldChange();
  const toast = useToast();
  return useMemo(() => {
    const outing = () => store.getState().view.outing;
    const choose = (ref: Ref): void => {
      useDrawing.getState().choose(keyOf(ref));
      if (ref.sort === "position") standAt(ref.id);
    };
    const put = (sort: Sort, thing: Thing): void => {
      const { limited, of } = rowOf(sort);
      if (of(outing().ground).length >= LIMITS[limited]) {
        toast({ words: `${LIMITS[limited]} ${limited} are kept at most. Delete one to add another.` });
        return;
      }
      commit(putThing(sort, thing));
      choose({ sort, id: thing.id });
    };
    return {
      choose,
      /** A new thing near a place where there is room, lying along a bearing. */
      add: (what: Beginning, near: Point, step: number, bearing: number): void => {
        const at = roomNear(outing(), near, step, what.sort);
        const { sort, thing } = beginThing(outing(), what, { at, bearing, name: freeName(outing(), what) });
        put(sort, thing);
      },
      /** A new thing with the points that were tapped. */
      addTapped: (what: Beginning, points: readonly Point[], bearing: number): void => {
        const begun = { at: points[0]!, bearing, name: freeName(outing(), what) };
        const { sort, thing } = beginThing(outing(), what, begun);
        put(sort, rowOf(sort).laid(thing, points));
      },
      change: <S extends Sort>(ref: Ref<S>, change: (thing: Thing<S>) => Thing<S>, keep = true): void =>
        void commit(changeThing(ref, change), { keep }),
      move: (ref: Ref, by: Point): void =>
        void commit(changeThing(ref, (thing) => moved(ref.sort, thing, by))),
      turn: (ref: Ref, by: number): void =>
        void commit(changeThing(ref, (thing) => turned(ref.sort, thing, by))),
      duplicate: (ref: Ref): void => {
        const copy = duplicateOf(outing(), ref);
        if (copy) put(ref.sort, copy);
      },
      remove: (ref: Ref): void => {
        const before = outing();
        const thing = thingOf(before, ref);
        if (!thing) return;
        const needed = neededBy(before, ref);
        if (needed) {
          toast({ words: `${thing.name} ${NEEDED[needed]}` });
          return;
        }
        void told(removeThing(ref), `${thing.name} deleted`);
        useDrawing.getState().choose(undefined);
      },
    };
  }, [store, standAt, commit, toast, told]);
}

/** The chosen thing's reference, while it is there. */
export function useChosen(): Ref | undefined {
  const key = useDrawing((s) => s.chosen);
  return useMemo(() => (key === undefined ? undefined : refOf(key)), [key]);
}
