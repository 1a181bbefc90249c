import { useId } from "react";
import { View } from "react-native";
import Svg, { Line, Rect } from "react-native-svg";
import { useSize } from "../layout/use-size";
import { useTokens } from "../theme/theme";
import { Hatch } from "./Hatch";
import { HourMarks, type HourMark } from "./HourMarks";

export interface DayStretch {
  /** Epoch milliseconds. */
  readonly from: number;
  readonly until: number;
  readonly kind: "sun" | "shade" | "night";
}

interface Props {
  /** What is read out: the whole course in words. */
  readonly says: string;
  readonly stretches: readonly DayStretch[];
  /** Epoch milliseconds: the day, the outing within it, the minute in hand. */
  readonly day: { readonly from: number; readonly until: number };
  readonly window: { readonly from: number; readonly until: number };
  readonly at: number;
  readonly hours: readonly HourMark[];
}

const BAR = { top: 6, height: 30 };
const HEIGHT = 62;
const INSET = 2;

/** A day from midnight to midnight: where it is in sun, in shade and dark, with the outing framed and the minute in hand. */
export function DayClock({ says, ...drawn }: Props) {
  const [size, onLayout] = useSize();
  return (
    <View role="img" aria-label={says} style={{ height: HEIGHT }} className="w-full" onLayout={onLayout}>
      {size && <Drawing {...drawn} width={size.width} />}
    </View>
  );
}

function Drawing({ stretches, day, window, at, hours, width }: Omit<Props, "says"> & { width: number }) {
  const tokens = useTokens();
  const shade = `clock-${useId().replace(/\W/g, "")}`;
  const x = (t: number): number =>
    INSET +
    ((Math.min(day.until, Math.max(day.from, t)) - day.from) / (day.until - day.from)) * (width - 2 * INSET);
  const fill = { sun: tokens.sunFill, shade: `url(#${shade})`, night: tokens.line };
  return (
    <Svg width={width} height={HEIGHT}>
      <Hatch id={shade} ink={tokens.shade} ground={tokens.sheet} gap={7} weight={2.6} angle={35} />
      {stretches.map((s) => (
        <Rect
          key={s.from}
          x={x(s.from)}
          y={BAR.top}
          width={Math.max(0, x(s.until) - x(s.from))}
          height={BAR.height}
          fill={fill[s.kind]}
        />
      ))}
      <Rect
        x={x(window.from)}
        y={BAR.top - 3}
        width={Math.max(3, x(window.until) - x(window.from))}
        height={BAR.height + 6}
        fill="none"
        stroke={tokens.ink}
        strokeWidth={2}
        rx={4}
      />
      <Line
        x1={x(at)}
        x2={x(at)}
        y1={0}
        y2={BAR.top + BAR.height + 6}
        stroke={tokens.water}
        strokeWidth={3}
      />
      <HourMarks hours={hours} x={x} top={BAR.top + BAR.height} foot={HEIGHT - 4} />
    </Svg>
  );
}
