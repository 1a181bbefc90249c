import { useEffect, useMemo, useRef } from "react";
import { View } from "react-native";
import Svg, { Circle, Line, Rect } from "react-native-svg";
import { placeInView, type PanDrill } from "@/answers/practice/pan";
import type { OutingView } from "@/outing/outing-view";
import { bodyFigure } from "@/answers/frame/body-figure";
import { FigureDrawing } from "@/ui/figures/FigureDrawing";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import type { CrossingOf } from "./use-crossing";

const HEIGHT = 260;
const FLOOR = 190;
/** Posts behind, so that the eye has a place to turn against. */
const POSTS = 13;
/** Share of the view in a second by which a key turns the ring faster or slower. */
const STEP = 0.12;

/** Px that what crosses is high, or a half more wide. */
const HIGH = 80;

const extentOf = (
  pieces: readonly { readonly outline: readonly (readonly [number, number])[] }[],
): number => {
  const points = pieces.flatMap((p) => p.outline);
  const spread = (axis: 0 | 1): number =>
    Math.max(...points.map((p) => p[axis])) - Math.min(...points.map((p) => p[axis]));
  return Math.max(spread(1), spread(0) / 1.5);
};

interface Props {
  readonly drill: PanDrill;
  readonly crossing: CrossingOf;
  readonly crosses: OutingView["subject"];
}

/** The view over which the subject crosses; a pointer moves the ring, keys turn it. */
export function Crossing({ drill, crossing, crosses }: Props) {
  const [size, onLayout] = useSize();
  const { ink, line, water, sheet, built } = useTokens();
  const box = useRef<HTMLDivElement>(null);
  const width = size?.width ?? 0;
  const x = (share: number): number => ((1 + share) / 2) * width;
  useKeysTurn(crossing, drill);
  const pieces = useMemo(
    () =>
      bodyFigure(crosses, {
        turn: 90,
        above: 0,
        phase: "between",
        heads: drill.toward,
        aloft: false,
        mirrored: false,
      }),
    [crosses, drill.toward],
  );
  const toShare = (clientX: number): number => {
    const { left, width: wide } = box.current!.getBoundingClientRect();
    return (2 * (clientX - left)) / wide - 1;
  };
  const subject = crossing.isGoing ? placeInView(drill, crossing.now) : -drill.toward;
  return (
    <div
      ref={box}
      role="application"
      aria-label="The crossing: keep the ring on what crosses"
      tabIndex={0}
      onPointerMove={(event) => {
        // Between two pictures of the screen a pointer tells several places.
        const all = event.nativeEvent.getCoalescedEvents?.() ?? [];
        for (const one of all.length > 0 ? all : [event.nativeEvent])
          crossing.point(toShare(one.clientX), one.timeStamp);
      }}
      onPointerDown={(event) => crossing.point(toShare(event.clientX), event.timeStamp)}
      style={{ touchAction: "none", userSelect: "none" }}
    >
      <View
        onLayout={onLayout}
        style={{ height: HEIGHT, backgroundColor: sheet, borderRadius: 10, overflow: "hidden" }}
      >
        {size && (
          <Svg width={width} height={HEIGHT}>
            <Rect x={0} y={FLOOR - 70} width={width} height={34} fill={built} opacity={0.5} />
            {Array.from({ length: POSTS }, (_, i) => (
              <Line
                key={i}
                x1={((i + 0.5) * width) / POSTS}
                x2={((i + 0.5) * width) / POSTS}
                y1={FLOOR - 80}
                y2={FLOOR}
                stroke={line}
                strokeWidth={4}
              />
            ))}
            <Line x1={0} x2={width} y1={FLOOR} y2={FLOOR} stroke={line} strokeWidth={3} />
            <FigureDrawing
              pieces={pieces}
              scale={HIGH / extentOf(pieces)}
              left={x(subject)}
              top={FLOOR}
              colour={ink}
            />
            <Circle
              cx={x(crossing.pointed)}
              cy={FLOOR - 40}
              r={26}
              fill="none"
              stroke={water}
              strokeWidth={4}
            />
          </Svg>
        )}
      </View>
    </div>
  );
}

/** Arrows turn the ring: each press a little faster that way, from the subject's own pace on. */
function useKeysTurn({ isGoing, point }: CrossingOf, { seconds, toward }: PanDrill): void {
  const told = useRef(point);
  useEffect(() => {
    told.current = point;
  });
  useEffect(() => {
    if (!isGoing) return;
    let share = -toward;
    let rate = 0;
    let before = performance.now();
    let frame = 0;
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== "ArrowRight" && event.key !== "ArrowLeft") return;
      event.preventDefault();
      if (rate === 0) rate = (toward * 1.6) / seconds;
      rate += (event.key === "ArrowRight" ? 1 : -1) * STEP;
    };
    const turn = (): void => {
      const now = performance.now();
      share += (rate * (now - before)) / 1000;
      before = now;
      if (rate !== 0) told.current(share, now);
      frame = requestAnimationFrame(turn);
    };
    globalThis.addEventListener("keydown", onKey);
    frame = requestAnimationFrame(turn);
    return () => {
      globalThis.removeEventListener("keydown", onKey);
      cancelAnimationFrame(frame);
    };
  }, [isGoing, seconds, toward]);
}
