import { useMemo } from "react";
import { stepOf } from "@/answers/plan/drawing";
import { keyOf, refOf, shapeOf, thingOf, thingsOf, withCorner, type Ref } from "@/outing/things/thing";
import { useOpenOuting } from "../../../outing/use-outing";
import { useDrawingActions } from "./actions";
import { useDrawing } from "./use-drawing";

/** Metres that an arrow moves by: as it is, with Shift, with Alt. */
const STEPS = { plain: 0.5, shift: 5, alt: 0.05 };
/** Degrees that a bracket turns by, and with Shift. */
const TURNS = { plain: 5, shift: 1 };

/** Bearing of an arrow from the top of the screen. */
const ARROWS: Readonly<Record<string, number>> = {
  ArrowUp: 0,
  ArrowRight: 90,
  ArrowDown: 180,
  ArrowLeft: 270,
};

/**
 * Drawing by keys alone, while the plan has the focus: N and B choose, arrows move, brackets turn, C goes to the next corner,
 * D duplicates, Delete deletes, Esc lets go.
 */
export function useDrawingKeys(): (event: KeyboardEvent) => void {
  const { store } = useOpenOuting();
  const actions = useDrawingActions();
  return useMemo(() => {
    const chosenRef = (): Ref | undefined => {
      const { chosen } = useDrawing.getState();
      const ref = chosen === undefined ? undefined : refOf(chosen);
      return ref && thingOf(store.getState().view.outing, ref) ? ref : undefined;
    };
    const step = (by: number): void => {
      const all = thingsOf(store.getState().view.outing);
      const { chosen } = useDrawing.getState();
      const at = all.findIndex(({ ref }) => keyOf(ref) === chosen);
      const next = all[(at + by + all.length) % all.length] ?? all[0];
      if (next) actions.choose(next.ref);
    };
    const nudge = (ref: Ref, event: KeyboardEvent): void => {
      const { up } = useDrawing.getState().view ?? { up: store.getState().view.outing.ground.venue.bearing };
      const metres = event.shiftKey ? STEPS.shift : event.altKey ? STEPS.alt : STEPS.plain;
      const by = stepOf(up + ARROWS[event.key]!, metres);
      const { corner } = useDrawing.getState();
      if (corner === undefined) return actions.move(ref, by);
      actions.change(ref, (thing) => {
        const at = shapeOf(ref.sort, thing).corners[corner];
        return at ? withCorner(ref.sort, thing, corner, { x: at.x + by.x, y: at.y + by.y }) : thing;
      });
    };
    const nextCorner = (ref: Ref): void => {
      const { corner, takeCorner } = useDrawing.getState();
      const { corners } = shapeOf(ref.sort, thingOf(store.getState().view.outing, ref)!);
      const next = corner === undefined ? 0 : corner + 1;
      takeCorner(next < corners.length && corners.length > 1 ? next : undefined);
    };
    const onChosen = (ref: Ref, event: KeyboardEvent): boolean => {
      const turn = event.shiftKey ? TURNS.shift : TURNS.plain;
      if (event.key in ARROWS) nudge(ref, event);
      else if (event.key === "[" || event.key === "{") actions.turn(ref, -turn);
      else if (event.key === "]" || event.key === "}") actions.turn(ref, turn);
      else if (event.key === "c") nextCorner(ref);
      else if (event.key === "d") actions.duplicate(ref);
      else if (event.key === "Delete" || event.key === "Backspace") actions.remove(ref);
      else if (event.key === "Escape") useDrawing.getState().choose(undefined);
      else return false;
      return true;
    };
    return (event) => {
      if (event.ctrlKey || event.metaKey) return;
      const ref = chosenRef();
      let done = true;
      if (event.key === "n") step(1);
      else if (event.key === "b") step(-1);
      else done = ref !== undefined && onChosen(ref, event);
      if (!done) return;
      event.preventDefault();
      // The keys of the stage have other meanings.
      event.stopPropagation();
    };
  }, [store, actions]);
}
