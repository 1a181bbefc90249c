import { useEffect, useRef } from "react";
import type { GestureResponderEvent, PointerEvent, ViewProps } from "react-native";

interface Input {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  /** How far Page Up and Page Down go. */
  readonly page: number;
  /** What the value is called. */
  readonly words: string;
  /** Space in px left and right of the scale inside the element. */
  readonly inset: number;
  readonly onChange: (value: number) => void;
  /** After the last change of a drag, and after every key. */
  readonly onEnd?: (value: number) => void;
}

interface KeyPress {
  readonly key: string;
  preventDefault(): void;
}

/** Steps and pages that a key goes. */
const KEY_STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowDown: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [1, 0],
  PageDown: [0, -1],
  PageUp: [0, 1],
};

/** A slider's behaviour for whatever is drawn: pointer with capture, keys, and what a screen reader needs. */
export function useSlider(input: Input): ViewProps {
  const dragging = useRef<number | undefined>(undefined);
  const { value, min, max, step, page, inset, onChange, onEnd } = input;
  const snap = (raw: number): number =>
    Math.min(max, Math.max(min, min + Math.round((raw - min) / step) * step));

  const valueAt = (event: PointerEvent): number => {
    const box = (event.currentTarget as unknown as Element).getBoundingClientRect();
    const share = (event.nativeEvent.clientX - box.left - inset) / Math.max(1, box.width - 2 * inset);
    return snap(min + share * (max - min));
  };
  const set = (next: number): void => {
    dragging.current = next;
    if (next !== value) onChange(next);
  };
  // A key held down comes faster than the screen is drawn: each press goes on from the last one, not from what is drawn.
  const reached = useRef(value);
  useEffect(() => {
    reached.current = value;
  }, [value]);
  const keyed = (key: string): number | undefined => {
    if (key === "Home") return min;
    if (key === "End") return max;
    const by = KEY_STEPS[key];
    return by && reached.current + by[0] * step + by[1] * page;
  };
  const end = (): void => {
    const last = dragging.current;
    dragging.current = undefined;
    if (last !== undefined) onEnd?.(last);
  };
  const behaviour = {
    role: "slider",
    tabIndex: 0,
    "aria-label": input.label,
    "aria-valuemin": min,
    "aria-valuemax": max,
    "aria-valuenow": value,
    "aria-valuetext": input.words,
    style: { touchAction: "none", cursor: "pointer" },
    onPointerDown: (event: PointerEvent) => {
      (event.currentTarget as unknown as Element).setPointerCapture(event.nativeEvent.pointerId);
      set(valueAt(event));
    },
    onPointerMove: (event: PointerEvent) => {
      if (dragging.current !== undefined) set(valueAt(event));
    },
    onPointerUp: end,
    onPointerCancel: end,
    onKeyDown: (event: KeyPress) => {
      const next = keyed(event.key);
      if (next === undefined) return;
      event.preventDefault();
      const snapped = snap(next);
      if (snapped !== reached.current) onChange(snapped);
      reached.current = snapped;
      onEnd?.(snapped);
    },
    // Keeps the responder of a scrolling parent from taking the drag away.
    onStartShouldSetResponder: (_event: GestureResponderEvent) => true,
  };
  return behaviour as unknown as ViewProps;
}
