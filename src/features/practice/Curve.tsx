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
  if (runs.length === 0)
    return <Txt tone="ink2">No run yet: here your runs stand over the weeks, each with its interval.</Txt>;
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
