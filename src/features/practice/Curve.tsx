import { View } from "react-native";
import Svg, { Circle, G, Line, Path, Text as SvgText } from "react-native-svg";
import { scaleLinear } from "d3-scale";
import type { RunMeasured } from "@/answers/practice/runs";
import type { Run } from "@/data";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { drillFigure } from "@/words/practice";

const HEIGHT = 120;
const LEFT = 56;
/** Runs that are drawn at most: the latest. */
const MOST = 30;
const WEEK = 7 * 86_400_000;

/** Runs over the weeks: how far off each was, with its interval. */
export function Curve({ drill, runs }: { drill: Run["drill"]; runs: readonly RunMeasured[] }) {
  const [size, onLayout] = useSize();
  const { water, line, ink2 } = useTokens();
  if (runs.length === 0) return <RunsToCome />;
  const shown = runs.slice(-MOST);
  const width = size?.width ?? 0;
  const [first, last] = [shown[0]!.run.at, shown.at(-1)!.run.at];
  const x = scaleLinear(
    [first - WEEK / 7, Math.max(last, first + WEEK) + WEEK / 7],
    [LEFT, Math.max(LEFT + 1, width - 6)],
  );
  const most = Math.max(...shown.map((r) => Math.min(r.measured.spreadHigh, 2 * r.measured.spread)), 1e-9);
  const y = scaleLinear([0, most], [HEIGHT - 16, 8]);
  const weeks = Math.max(1, Math.round((last - first) / WEEK));
  const at = (r: RunMeasured): string => `${x(r.run.at).toFixed(1)} ${y(r.measured.spread).toFixed(1)}`;
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`${shown.length} runs: ${shown.map((r) => drillFigure(drill, r.measured.spread)).join(", ")}`}
      style={{ height: HEIGHT }}
    >
      {size && (
        <Svg width={width} height={HEIGHT}>
          {[0, most / 2, most].map((value) => (
            <G key={value}>
              <Line x1={LEFT} y1={y(value)} x2={width} y2={y(value)} stroke={line} strokeWidth={1} />
              <SvgText x={0} y={y(value) + 5} fontSize={14} fontFamily="Text-400" fill={ink2}>
                {drillFigure(drill, value)}
              </SvgText>
            </G>
          ))}
          <Path d={`M${shown.map(at).join("L")}`} fill="none" stroke={water} strokeWidth={1.5} />
          {shown.map((r) => (
            <G key={r.run.id}>
              <Line
                x1={x(r.run.at)}
                x2={x(r.run.at)}
                y1={y(Math.min(most, r.measured.spreadHigh))}
                y2={y(r.measured.spreadLow)}
                stroke={water}
                strokeWidth={2}
              />
              <Circle cx={x(r.run.at)} cy={y(r.measured.spread)} r={4} fill={water} />
            </G>
          ))}
          <SvgText
            x={width - 4}
            y={HEIGHT - 2}
            fontSize={14}
            fontFamily="Text-400"
            fill={ink2}
            textAnchor="end"
          >
            {weeks === 1 ? "within a week" : `over ${weeks} weeks`}
          </SvgText>
        </Svg>
      )}
    </View>
  );
}

/** How runs may come closer, with their intervals: shares of the width, and of the height from the top. */
const TO_COME: readonly (readonly [at: number, middle: number, half: number])[] = [
  [0.1, 0.3, 0.24],
  [0.36, 0.46, 0.2],
  [0.62, 0.6, 0.15],
  [0.88, 0.68, 0.1],
];

/** Before the first run: the weeks on which the runs will stand, dashed. */
function RunsToCome() {
  const [size, onLayout] = useSize();
  const { line, ink2 } = useTokens();
  const width = size?.width ?? 0;
  return (
    <View className="gap-1">
      <View onLayout={onLayout} aria-hidden style={{ height: HEIGHT }}>
        {size && (
          <Svg width={width} height={HEIGHT}>
            <Line x1={0} x2={width} y1={HEIGHT - 16} y2={HEIGHT - 16} stroke={line} strokeWidth={1} />
            {TO_COME.map(([at, middle, half]) => (
              <G key={at} stroke={ink2} fill="none">
                <Line
                  x1={at * width}
                  x2={at * width}
                  y1={(middle - half) * HEIGHT}
                  y2={(middle + half) * HEIGHT}
                  strokeWidth={2}
                  strokeDasharray="4 4"
                />
                <Circle cx={at * width} cy={middle * HEIGHT} r={4} />
              </G>
            ))}
          </Svg>
        )}
      </View>
      <Txt tone="ink2">No run yet: here your runs stand over the weeks, each with its interval.</Txt>
    </View>
  );
}
