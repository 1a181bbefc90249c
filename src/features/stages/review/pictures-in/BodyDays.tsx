import { View } from "react-native";
import Svg, { Line, Rect, Text as SvgText } from "react-native-svg";
import { scaleLinear } from "d3-scale";
import { frameBursts } from "@/outing/frames/bursts";
import { timedProgramme } from "@/outing/programme/event-times";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { useOuting } from "../../../outing/use-outing";
import { useFrames } from "../frames/frames-store";

const ROW = 34;
const LABEL = 16;

/** Bursts of each body over the day, one under the other, with the events behind them: clocks that are right line up. */
export function BodyDays({ bodies }: { bodies: readonly string[] }) {
  const [size, onLayout] = useSize();
  const { ink2, water, built, line } = useTokens();
  const outing = useOuting((v) => v.outing);
  const frames = useFrames((s) => s.frames);
  const clocks = useFrames((s) => s.clocks);
  const bursts = frameBursts(frames, clocks);
  const events = timedProgramme(outing);
  const all = [...bursts.flatMap((b) => [b.from, b.until]), ...events.flatMap((e) => [e.starts, e.ends])];
  const width = size?.width ?? 0;
  const x = scaleLinear([Math.min(...all), Math.max(...all)], [2, Math.max(3, width - 2)]);
  const height = bodies.length * ROW;
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`Bursts of ${bodies.join(" and ")} over the day, one under the other`}
      style={{ height }}
    >
      {size && (
        <Svg width={width} height={height}>
          {events.map((e) => (
            <Rect
              key={e.id}
              x={x(e.starts)}
              y={0}
              width={Math.max(1, x(e.ends) - x(e.starts))}
              height={height}
              fill={built}
              opacity={0.5}
            />
          ))}
          {bodies.map((body, i) => [
            <SvgText key={body} x={2} y={i * ROW + 12} fontSize={14} fontFamily="Text-400" fill={ink2}>
              {body}
            </SvgText>,
            ...columnsOf(bursts.filter((b) => b.body === body).map((b) => x(b.from))).map((at) => (
              <Line
                key={`${body} ${at}`}
                x1={at}
                x2={at}
                y1={i * ROW + LABEL}
                y2={(i + 1) * ROW - 3}
                stroke={water}
                strokeWidth={1.5}
              />
            )),
            <Line
              key={`${body} foot`}
              x1={0}
              x2={width}
              y1={(i + 1) * ROW - 1}
              y2={(i + 1) * ROW - 1}
              stroke={line}
            />,
          ])}
        </Svg>
      )}
    </View>
  );
}

/** Whole px at which something stands: a day has more bursts than a screen has columns. */
const columnsOf = (xs: readonly number[]): number[] => [...new Set(xs.map((x) => Math.round(x)))];
