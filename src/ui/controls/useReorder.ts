import { useRef, useState } from "react";
import type { ViewProps } from "react-native";

interface Drag {
  readonly from: number;
  readonly to: number;
}

interface Press {
  readonly currentTarget: unknown;
  readonly nativeEvent: PointerEvent;
}

/**
 * Reordering of a list by its grips: a grip is dragged by pointer over the rows, or moved by the arrow keys. `rows` finds
 * the elements of the rows in order. Returns what hangs on a grip, and where a drag would put its row just now.
 */
export function useReorder(rows: () => readonly Element[], onMove: (from: number, to: number) => void) {
  const [drag, setDrag] = useState<Drag>();
  const middles = useRef<readonly number[]>([]);

  /** The place that a row would take: as many of the others lie above the pointer. */
  const placeAt = (y: number, from: number): number =>
    middles.current.filter((middle, i) => i !== from && middle < y).length;

  const grip = (index: number, label: string): ViewProps =>
    ({
      role: "button",
      tabIndex: 0,
      "aria-label": label,
      style: { touchAction: "none", cursor: "grab" },
      onPointerDown: ({ currentTarget, nativeEvent }: Press) => {
        (currentTarget as Element).setPointerCapture(nativeEvent.pointerId);
        middles.current = rows().map((row) => {
          const { top, height } = row.getBoundingClientRect();
          return top + height / 2;
        });
        setDrag({ from: index, to: index });
      },
      onPointerMove: ({ nativeEvent }: Press) => {
        if (!drag) return;
        const to = placeAt(nativeEvent.clientY, drag.from);
        if (to !== drag.to) setDrag({ ...drag, to });
      },
      onPointerUp: () => {
        if (drag && drag.to !== drag.from) onMove(drag.from, drag.to);
        setDrag(undefined);
      },
      onPointerCancel: () => setDrag(undefined),
      onKeyDown: (event: { key: string; preventDefault(): void }) => {
        const by = event.key === "ArrowUp" ? -1 : event.key === "ArrowDown" ? 1 : 0;
        if (by === 0) return;
        event.preventDefault();
        onMove(index, index + by);
      },
    }) as unknown as ViewProps;
  return { grip, drag };
}
