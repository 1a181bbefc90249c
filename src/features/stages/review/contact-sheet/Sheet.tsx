import { useEffect, useRef } from "react";
import { useVirtualizer } from "@tanstack/react-virtual";
import { View, useWindowDimensions } from "react-native";
import type { SheetRow } from "@/outing/frames/sheet";
import { BurstHead } from "./BurstHead";
import { Cell, CELL_SHAPE } from "./Cell";

const HEAD = 40;
/** Lines that are made beyond what is seen: cells that are mounted stay under eighty. */
const BEYOND = 1;
/** Share of the window that the sheet takes. */
const SHARE = 0.62;
/** Cells that are mounted at most. */
const MOST_CELLS = 72;

interface Props {
  readonly rows: readonly SheetRow[];
  readonly columns: number;
  /** Px of a cell's side. */
  readonly cell: number;
  /** A burst that is to be brought into view. */
  readonly goTo: string | undefined;
  readonly onOpen: (frameId: string) => void;
}

/** Lines of frames, of which only those that are seen are made. */
export function Sheet({ rows, columns, cell, goTo, onOpen }: Props) {
  const scroll = useRef<HTMLDivElement>(null);
  const window = useWindowDimensions();
  const line = CELL_SHAPE * cell;
  const lines = Math.floor(MOST_CELLS / columns) - 2 * BEYOND - 1;
  const height = Math.min(SHARE * window.height, lines * line);
  // The library hands out functions that read what is scrolled: this one component is not memoised, and nothing hangs on it.
  // eslint-disable-next-line react-hooks/incompatible-library
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroll.current,
    estimateSize: (i) => (rows[i]!.kind === "head" ? HEAD : line),
    getItemKey: (i) => keyOf(rows[i]!),
    overscan: BEYOND,
  });
  useEffect(() => virtual.measure(), [line, virtual]);
  useEffect(() => {
    const index = rows.findIndex((row) => row.kind === "head" && row.burst.id === goTo);
    if (index >= 0) virtual.scrollToIndex(index, { align: "start" });
    // Only when another burst is asked for.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [goTo]);
  return (
    <div
      ref={scroll}
      role="list"
      aria-label="Frames in their bursts"
      style={{ height, overflowY: "auto", contain: "strict" }}
    >
      <div style={{ height: virtual.getTotalSize(), position: "relative" }}>
        {virtual.getVirtualItems().map(({ key, index, start }) => {
          const row = rows[index]!;
          return (
            <div
              key={key}
              style={{ position: "absolute", top: 0, left: 0, right: 0, transform: `translateY(${start}px)` }}
            >
              {row.kind === "head" ? (
                <BurstHead burst={row.burst} />
              ) : (
                <View className="flex-row">
                  {row.frames.map((frame) => (
                    <Cell key={frame.id} frame={frame} side={cell} onOpen={onOpen} />
                  ))}
                </View>
              )}
            </div>
          );
        })}
      </div>
    </div>
  );
}

const keyOf = (row: SheetRow): string =>
  row.kind === "head" ? row.burst.id : `${row.burst.id} ${row.frames[0]!.id}`;
