import { useId } from "react";
import { View } from "react-native";
import Svg, { G, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import { useSize } from "../layout/use-size";
import { useTokens } from "../theme/theme";
import { Hatch } from "./Hatch";
import type { DayStretch } from "./DayClock";

export interface YearDay {
  /** Epoch milliseconds. */
  readonly from: number;
  readonly until: number;
  readonly stretches: readonly DayStretch[];
}

interface Props {
  /** What is read out: the course of the year in words. */
  readonly says: string;
  /** Days in their order, evenly apart. */
  readonly days: readonly YearDay[];
  /** Which of them begins a month, and its name. */
  readonly months: readonly { readonly index: number; readonly words: string }[];
  /** Hours of the day that are written, with their words. */
  readonly hours: readonly { readonly hour: number; readonly words: string }[];
  /** The outing: its place among the days, which may lie between two, and its hours 0 … 24. */
  readonly marked: { readonly index: number; readonly from: number; readonly until: number };
}

const PLOT = { left: 44, right: 6, top: 6, height: 192 };
const HEIGHT = PLOT.top + PLOT.height + 26;

/** A year as day against hour: where it is in sun, in shade and dark, with the outing framed. */
export function YearClock({ says, ...drawn }: Props) {
  const [size, onLayout] = useSize();
  return (
    <View role="img" aria-label={says} style={{ height: HEIGHT }} className="w-full" onLayout={onLayout}>
      {size && <Drawing {...drawn} width={size.width} />}
    </View>
  );
}

function Drawing({ days, months, hours, marked, width }: Omit<Props, "says"> & { width: number }) {
  const tokens = useTokens();
  const hatch = `year-${useId().replace(/\W/g, "")}`;
  const across = (width - PLOT.left - PLOT.right) / days.length;
  const x = (index: number): number => PLOT.left + index * across;
  const y = (hour: number): number => PLOT.top + (hour / 24) * PLOT.height;
  const column = (kind: DayStretch["kind"]): string =>
    days
      .flatMap(({ from, until, stretches }, i) =>
        stretches
          .filter((s) => s.kind === kind)
          .map((s) => {
            const [top, foot] = [s.from, s.until].map((t) => y((24 * (t - from)) / (until - from)));
            return `M${x(i).toFixed(1)} ${top!.toFixed(1)}h${(across + 0.3).toFixed(1)}V${foot!.toFixed(1)}h${(-across - 0.3).toFixed(1)}z`;
          }),
      )
      .join("");
  return (
    <Svg width={width} height={HEIGHT}>
      <Hatch id={hatch} ink={tokens.shade} ground={tokens.sheet} gap={7} weight={2.6} angle={35} />
      <Path d={column("night")} fill={tokens.line} />
      <Path d={column("shade")} fill={`url(#${hatch})`} />
      <Path d={column("sun")} fill={tokens.sunFill} />
      {hours.map(({ hour, words }) => (
        <G key={hour}>
          <Line x1={PLOT.left - 4} x2={PLOT.left} y1={y(hour)} y2={y(hour)} stroke={tokens.ink2} />
          <SvgText
            x={PLOT.left - 7}
            y={y(hour) + 5}
            fontSize={14}
            fontFamily="Text-400"
            fill={tokens.ink2}
            textAnchor="end"
          >
            {words}
          </SvgText>
        </G>
      ))}
      {months.map(({ index, words }) => (
        <SvgText
          key={index}
          x={x(index) + 2}
          y={HEIGHT - 6}
          fontSize={14}
          fontFamily="Text-400"
          fill={tokens.ink2}
        >
          {words}
        </SvgText>
      ))}
      <Rect
        x={x(marked.index) - 4}
        y={y(marked.from) - 2}
        width={8}
        height={Math.max(8, y(marked.until) - y(marked.from) + 4)}
        fill="none"
        stroke={tokens.ink}
        strokeWidth={2.5}
        rx={4}
      />
    </Svg>
  );
}
