import { useEffect, useRef, useState } from "react";
import type { View } from "react-native";
import type { Point } from "@/core/ground";
import { panFromTo, screenDistance, toPlan, toScreen, zoomAt, type PlanView, type ScreenPoint } from "./view";

/** Something on the plan that can be taken hold of. */
export interface Handle {
  readonly id: string;
  readonly at: Point;
  readonly movable: boolean;
  /** Px by which its mark stands above the place. */
  readonly lift: number;
}

/** What a plan under the finger is given, and what it says. */
export interface PlanInput {
  readonly view: PlanView | undefined;
  readonly onView: (view: PlanView) => void;
  readonly handles: readonly Handle[];
  /** `free` while a key is held that asks for the very place under the pointer. */
  readonly onDrag: (id: string, to: Point, free: boolean) => void;
  readonly onDragEnd: (id: string, to: Point, from: Point, free: boolean) => void;
  readonly onTap: (id: string | undefined, at: Point) => void;
  /** What a press takes hold of where it meets no handle: the inside of something that is chosen. */
  readonly grabAt?: (at: Point) => Handle | undefined;
}

/** Px within which a press takes hold of a handle, and beyond which a press becomes a drag. */
const TOLERANCE = { mouse: 22, coarse: 34 };
const SLACK = { mouse: 3, coarse: 8 };
const WHEEL_STEP = 1.0015;

export interface Held {
  readonly id: string;
  readonly coarse: boolean;
}

type Gesture =
  | {
      kind: "handle";
      id: string;
      start: Point;
      grab: { x: number; y: number };
      moved: boolean;
      last: Point;
      free: boolean;
    }
  | { kind: "pan"; from: ScreenPoint; view: PlanView; moved: boolean }
  | { kind: "pinch"; span: number; middle: ScreenPoint; view: PlanView };

/** The nearest handle within the tolerance of a press. */
export function hitTest(
  view: PlanView,
  handles: readonly Handle[],
  at: ScreenPoint,
  tolerance: number,
): Handle | undefined {
  let best: Handle | undefined;
  let nearest = tolerance;
  for (const handle of handles) {
    const { left, top } = toScreen(view, handle.at);
    const away = screenDistance({ left, top: top - handle.lift }, at);
    if (away <= nearest) {
      nearest = away;
      best = handle;
    }
  }
  return best;
}

/**
 * Pan, pinch, wheel, tap and drag on a plan. A handle keeps its distance to the finger, so it never jumps; a press
 * that hardly moves is a tap. Returns what to hang on the element, and what is held.
 */
export function usePlanGestures(input: PlanInput) {
  const [element, setElement] = useState<HTMLElement | null>(null);
  const latest = useRef(input);
  useEffect(() => {
    latest.current = input;
  });
  const pointers = useRef(new Map<number, ScreenPoint>());
  const gesture = useRef<Gesture | undefined>(undefined);
  const [grabbed, setGrabbed] = useState<Held>();

  useEffect(() => {
    const node = element;
    if (!node) return undefined;
    const place = (event: PointerEvent | WheelEvent): ScreenPoint => {
      const box = node.getBoundingClientRect();
      return { left: event.clientX - box.left, top: event.clientY - box.top };
    };
    const coarse = (event: PointerEvent): boolean => event.pointerType !== "mouse";

    const down = (event: PointerEvent): void => {
      const { view, handles } = latest.current;
      if (!view || event.button > 0) return;
      node.setPointerCapture(event.pointerId);
      const at = place(event);
      pointers.current.set(event.pointerId, at);
      if (pointers.current.size === 2) {
        // What the first finger has dragged so far is on the screen: it is kept.
        const g = gesture.current;
        if (g?.kind === "handle" && g.moved) latest.current.onDragEnd(g.id, g.last, g.start, g.free);
        gesture.current = startPinch([...pointers.current.values()], view);
        setGrabbed(undefined);
        return;
      }
      const hit =
        hitTest(view, handles, at, coarse(event) ? TOLERANCE.coarse : TOLERANCE.mouse) ??
        latest.current.grabAt?.(toPlan(view, at));
      gesture.current = hit?.movable
        ? startHandle(hit, view, at)
        : { kind: "pan", from: at, view, moved: false };
      if (hit?.movable) setGrabbed({ id: hit.id, coarse: coarse(event) });
    };

    const move = (event: PointerEvent): void => {
      const g = gesture.current;
      const { view, onDrag, onView } = latest.current;
      const before = pointers.current.get(event.pointerId);
      if (!g || !view || !before) return;
      const at = place(event);
      const slack = coarse(event) ? SLACK.coarse : SLACK.mouse;
      if (g.kind === "pinch") {
        pointers.current.set(event.pointerId, at);
        onView(pinched(g, [...pointers.current.values()]));
        return;
      }
      if (g.kind === "pan") {
        g.moved ||= screenDistance(g.from, at) > slack;
        if (!g.moved) return;
        pointers.current.set(event.pointerId, at);
        onView(panFromTo(g.view, g.from, at));
        return;
      }
      g.moved ||= screenDistance(before, at) > slack;
      if (!g.moved) return;
      pointers.current.set(event.pointerId, at);
      const under = toPlan(view, at);
      g.last = { x: under.x + g.grab.x, y: under.y + g.grab.y };
      g.free = event.altKey;
      onDrag(g.id, g.last, g.free);
    };

    const up = (event: PointerEvent): void => {
      const g = gesture.current;
      const { view, handles, onDragEnd, onTap } = latest.current;
      pointers.current.delete(event.pointerId);
      gesture.current = undefined;
      setGrabbed(undefined);
      if (!g || !view || g.kind === "pinch") return;
      const at = place(event);
      if (g.kind === "handle" && g.moved) onDragEnd(g.id, g.last, g.start, g.free);
      else if (g.kind === "handle") onTap(g.id, toPlan(view, at));
      else if (!g.moved && event.type === "pointerup")
        onTap(
          hitTest(view, handles, at, coarse(event) ? TOLERANCE.coarse : TOLERANCE.mouse)?.id,
          toPlan(view, at),
        );
    };

    const wheel = (event: WheelEvent): void => {
      const { view, onView } = latest.current;
      if (!view) return;
      event.preventDefault();
      onView(zoomAt(view, place(event), WHEEL_STEP ** -event.deltaY));
    };

    node.addEventListener("pointerdown", down);
    node.addEventListener("pointermove", move);
    node.addEventListener("pointerup", up);
    node.addEventListener("pointercancel", up);
    // A passive listener could not keep the page from scrolling.
    node.addEventListener("wheel", wheel, { passive: false });
    return () => {
      node.removeEventListener("pointerdown", down);
      node.removeEventListener("pointermove", move);
      node.removeEventListener("pointerup", up);
      node.removeEventListener("pointercancel", up);
      node.removeEventListener("wheel", wheel);
    };
  }, [element]);

  // On the web a view is its element.
  const attach = (view: View | null): void => setElement(view as unknown as HTMLElement | null);
  return { attach, held: grabbed };
}

function startHandle(hit: Handle, view: PlanView, at: ScreenPoint): Gesture {
  const under = toPlan(view, at);
  const grab = { x: hit.at.x - under.x, y: hit.at.y - under.y };
  return { kind: "handle", id: hit.id, start: hit.at, grab, moved: false, last: hit.at, free: false };
}

const middleOf = ([a, b]: readonly ScreenPoint[]): ScreenPoint => ({
  left: (a!.left + b!.left) / 2,
  top: (a!.top + b!.top) / 2,
});

const startPinch = (points: readonly ScreenPoint[], view: PlanView): Gesture => ({
  kind: "pinch",
  span: screenDistance(points[0]!, points[1]!),
  middle: middleOf(points),
  view,
});

function pinched(g: Extract<Gesture, { kind: "pinch" }>, points: readonly ScreenPoint[]): PlanView {
  if (points.length < 2) return g.view;
  const middle = middleOf(points);
  const factor = screenDistance(points[0]!, points[1]!) / Math.max(1, g.span);
  return zoomAt(panFromTo(g.view, g.middle, middle), middle, factor);
}
