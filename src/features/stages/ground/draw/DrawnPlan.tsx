import { useEffect, useMemo, useRef } from "react";
import { View } from "react-native";
import { liesWithin, restingPlace } from "@/answers/plan/drawing";
import { wayBetween } from "@/answers/plan/way";
import type { Point, SnapTo } from "@/core/ground";
import type { Outing } from "@/data";
import { distanceTo, sidesOf, thingAt } from "@/outing/things/hit";
import type { Shape } from "@/outing/things/sorts";
import {
  middleOf,
  moved,
  shapeOf,
  thingOf,
  thingsOf,
  turned,
  withCorner,
  type Ref,
} from "@/outing/things/thing";
import { Button } from "@/ui/controls/Button";
import { useSize } from "@/ui/layout/use-size";
import { PlanCanvas } from "@/ui/plan/PlanCanvas";
import type { Handle } from "@/ui/plan/usePlanGestures";
import { toPlan, toScreen, type PlanView } from "@/ui/plan/view";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { SheetMarks } from "../drawing/SheetMarks";
import { useGroundView } from "../drawing/use-ground-view";
import { useChosen, useDrawingActions } from "./actions";
import { Chosen, Layers, reachOf, RulerMark, TappedMark, turnHandleAt } from "./Marks";
import { useDrawing } from "./use-drawing";
import { useDrawingKeys } from "./use-drawing-keys";

/** Px within which a place is drawn to a corner or a line, and within which a press meets a line. */
const SNAP = 10;
const REACH = 24;

const CORNER = "corner:";
const END = "end:";
const TURN = "turn";
const BODY = "body";

/** Px below which a thing is moved as a whole rather than by its corners. */
const SMALL = 28;

/** The ground as it is drawn on: a press chooses, a drag moves what is chosen, its corners reshape it. */
export function DrawnPlan() {
  const ground = useOuting((v) => v.outing.ground);
  const place = useOuting((v) => v.outing.place);
  const began = useDrawing((s) => s.view);
  const tool = useDrawing((s) => s.tool);
  const [size, onLayout] = useSize();
  const { view, setView, fit, isMoved } = useGroundView(ground, size, { worth: "all", began });
  const lookedAt = useDrawing((s) => s.lookedAt);
  useEffect(() => {
    if (view) lookedAt(view);
  }, [view, lookedAt]);
  useBringIntoView(view, setView);
  const { handles, onDrag, grabAt } = useHandles(view);
  const onKey = useDrawingKeys();
  const onTap = useTap(view);
  return (
    <View className="min-h-0 flex-1 overflow-hidden bg-paper" onLayout={onLayout}>
      <PlanCanvas
        label={`${place}, drawing. Arrows move what is chosen, N and B choose the next and the one before.`}
        view={view}
        onView={setView}
        handles={handles}
        grabAt={grabAt}
        onDrag={(id, to, free) => onDrag(id, to, free, false)}
        onDragEnd={(id, to, _from, free) => onDrag(id, to, free, true)}
        onTap={(_id, at) => onTap(at)}
        onKey={onKey}
        layers={[(v) => <Layers view={v} />, (v) => <Chosen view={v} />]}
        edge={(v) => (
          <>
            {tool.kind === "ruler" && <RulerMark view={v} ends={tool.ends} />}
            {tool.kind === "tap" && <TappedMark view={v} points={tool.points} />}
            <SheetMarks view={v} />
          </>
        )}
      />
      {isMoved && (
        <View className="absolute left-2 top-2">
          <Button label="Whole ground" onPress={fit} className="bg-sheet" />
        </View>
      )}
    </View>
  );
}

/** Px kept between what is chosen and the edge of the plan. */
const EDGE = 36;

/** What is chosen by a list or a key lies in view: the plan goes there where it does not. */
function useBringIntoView(view: PlanView | undefined, setView: (view: PlanView) => void): void {
  const chosen = useChosen();
  const { store } = useOpenOuting();
  useEffect(() => {
    const thing = chosen && thingOf(store.getState().view.outing, chosen);
    if (!chosen || !thing || !view) return;
    const middle = middleOf(shapeOf(chosen.sort, thing));
    const { left, top } = toScreen(view, middle);
    const seen = left > EDGE && top > EDGE && left < view.width - EDGE && top < view.height - EDGE;
    if (!seen) setView({ ...view, centre: middle });
    // Only when another thing is chosen: a drag may leave the view.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [chosen]);
}

/** What a press on the plan does: chooses what lies there, sets a point, sets an end of the ruler. */
function useTap(view: PlanView | undefined): (at: Point) => void {
  const { store } = useOpenOuting();
  const { choose } = useDrawingActions();
  return (at) => {
    if (!view) return;
    const { tool, take, choose: chooseKey } = useDrawing.getState();
    if (tool.kind === "ruler")
      return take({ kind: "ruler", ends: tool.ends.length < 2 ? [...tool.ends, at] : [at] });
    if (tool.kind === "tap") {
      const last = tool.points.at(-1);
      const to = snapped(store.getState().view.outing, undefined, last ? [last] : [], at, view);
      return take({ ...tool, points: [...tool.points, to] });
    }
    const found = thingAt(store.getState().view.outing, at, REACH / view.pxPerMetre);
    if (found) choose(found);
    else chooseKey(undefined);
  };
}

/** A place drawn to what is near it on the ground, but for the thing itself. */
function snapped(
  outing: Outing,
  own: Ref | undefined,
  beside: readonly Point[],
  at: Point,
  view: PlanView,
): Point {
  if (!useDrawing.getState().snaps) return at;
  const others = thingsOf(outing).filter(({ ref }) => ref.sort !== own?.sort || ref.id !== own.id);
  const to: SnapTo = {
    corners: others.flatMap(({ shape }) => [...shape.corners]),
    sides: others.flatMap(({ shape }) => sidesOf(shape)),
    beside,
    axis: outing.ground.venue.bearing,
  };
  return restingPlace(at, to, SNAP / view.pxPerMetre);
}

/** Corners beside one: those that it makes sides with. */
function besideOf({ corners, form }: Shape, index: number): Point[] {
  const n = corners.length;
  const around = form === "outline" ? [(index + n - 1) % n, (index + 1) % n] : [index - 1, index + 1];
  return around.flatMap((i) => corners[i] ?? []);
}

/** The handles of what is chosen, and what dragging them does. */
function useHandles(view: PlanView | undefined) {
  const chosen = useChosen();
  const tool = useDrawing((s) => s.tool);
  const thing = useOuting((v) => chosen && thingOf(v.outing, chosen));
  const { store } = useOpenOuting();
  const { change } = useDrawingActions();
  // Degrees that the drag in hand has turned the thing by: the handle goes back above it each time.
  const turnedBy = useRef(0);
  const handles = useMemo((): Handle[] => {
    if (tool.kind === "ruler") return tool.ends.map((at, i) => ({ id: END + i, at, movable: true, lift: 0 }));
    if (!chosen || !thing || !view) return [];
    return handlesOf(shapeOf(chosen.sort, thing), view);
  }, [chosen, thing, tool, view]);
  const onDrag = (id: string, to: Point, free: boolean, keep: boolean): void => {
    const { tool: now, take, takeCorner } = useDrawing.getState();
    const { outing } = store.getState().view;
    if (now.kind === "ruler" && id.startsWith(END)) {
      const i = Number(id.slice(END.length));
      return take({ kind: "ruler", ends: now.ends.map((end, k) => (k === i ? to : end)) });
    }
    const current = chosen && thingOf(outing, chosen);
    if (!chosen || !current || !view) return;
    const { sort } = chosen;
    const shape = shapeOf(sort, current);
    const place = (beside: readonly Point[]): Point =>
      free ? to : snapped(outing, chosen, beside, to, view);
    if (id === TURN) {
      const middle = middleOf(shape);
      const by = Math.round(wayBetween(middle, to).bearing - view.up);
      const further = by - turnedBy.current;
      turnedBy.current = keep ? 0 : by;
      return change(chosen, (t) => turned(sort, t, further), keep);
    }
    if (id.startsWith(CORNER)) {
      const i = Number(id.slice(CORNER.length));
      takeCorner(i);
      return change(chosen, (t) => withCorner(sort, t, i, place(besideOf(shape, i))), keep);
    }
    const middle = middleOf(shape);
    const at = shape.form === "point" ? place([]) : to;
    change(chosen, (t) => moved(sort, t, { x: at.x - middle.x, y: at.y - middle.y }), keep);
  };
  const grabAt = (at: Point): Handle | undefined => {
    if (!chosen || !thing || !view || tool.kind !== "select") return undefined;
    const shape = shapeOf(chosen.sort, thing);
    const holds = shape.form === "outline" && liesWithin(at, shape.corners);
    const met = holds || distanceTo(at, shape) <= REACH / view.pxPerMetre;
    return met ? { id: BODY, at: middleOf(shape), movable: true, lift: 0 } : undefined;
  };
  return { handles, onDrag, grabAt };
}

function handlesOf(shape: Shape, view: PlanView): Handle[] {
  const middle = middleOf(shape);
  const turn = { id: TURN, at: toPlan(view, turnHandleAt(view, shape)), movable: true, lift: 0 };
  // The nearest handle is taken: one in the middle keeps a small thing movable between its corners.
  const body = { id: BODY, at: middle, movable: true, lift: 0 };
  const corners = shape.corners.map((at, i) => ({ id: CORNER + i, at, movable: true, lift: 0 }));
  return shape.form === "point" || reachOf(view, shape) < SMALL ? [body, turn] : [body, ...corners, turn];
}
