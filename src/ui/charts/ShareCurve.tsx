import { scaleLinear } from "d3-scale";
import { View } from "react-native";
import Svg, { Circle, G, Line, Path, Text as SvgText } from "react-native-svg";
import { useSize } from "../layout/use-size";
import { percentWords } from "@/words";
import { useTokens } from "../theme/theme";

export interface CurvePoint {
  readonly at: number;
  /** 0 … 1. */
  readonly share: number;
}

/** What was counted, with the bounds of the true share. */
export interface CountedPoint extends CurvePoint {
  readonly low: number;
  readonly high: number;
}

interface Props {
  readonly label: string;
  readonly points: readonly CurvePoint[];
  readonly counted: readonly CountedPoint[];
  /** The point that is in hand. */
  readonly marked: number;
  readonly wordsAt: (at: number) => string;
  /** Every how many of `at` the axis is named. */
  readonly every: number;
}

const HEIGHT = 168;
const PLOT = { left: 40, right: 12, top: 14, bottom: 140 };
const TYPE = 14;

/** A share against whole steps, from 0 to 100 %: the curve, the point in hand large upon it, what was counted as dots on bars. */
export function ShareCurve({ label, points, counted, marked, wordsAt, every }: Props) {
  const [size, onLayout] = useSize();
  const { ink, ink2, water, moss, line: faint, sheet } = useTokens();
  const width = size?.width ?? 0;
  const x = scaleLinear(
    [points[0]?.at ?? 0, points.at(-1)?.at ?? 1],
    [PLOT.left + 8, width - PLOT.right - 24],
  );
  const y = scaleLinear([0, 1], [PLOT.bottom, PLOT.top]);
  const here = points.find((p) => p.at === marked);
  const path = points.map((p, i) => `${i === 0 ? "M" : "L"}${x(p.at)} ${y(p.share)}`).join("");
  const said = here ? `${percentWords(here.share)} at ${wordsAt(marked)}` : "";
  return (
    <View onLayout={onLayout} role="img" aria-label={`${label}: ${said}`} style={{ height: HEIGHT }}>
      {size && (
        <Svg width={width} height={HEIGHT}>
          {[0, 0.5, 1].map((share) => (
            <G key={share}>
              <Line x1={PLOT.left} x2={width - PLOT.right} y1={y(share)} y2={y(share)} stroke={faint} />
              <SvgText
                x={PLOT.left - 6}
                y={y(share) + 5}
                fontSize={TYPE}
                fontFamily="Text-400"
                fill={ink2}
                textAnchor="end"
              >
                {String(100 * share)}
              </SvgText>
            </G>
          ))}
          {points
            .filter((p) => (p.at - points[0]!.at) % every === 0)
            .map((p) => (
              <SvgText
                key={p.at}
                x={x(p.at)}
                y={HEIGHT - 6}
                fontSize={TYPE}
                fontFamily="Text-400"
                fill={ink2}
                textAnchor="middle"
              >
                {wordsAt(p.at)}
              </SvgText>
            ))}
          <Path d={path} fill="none" stroke={water} strokeWidth={3} />
          {counted.map((p) => (
            <G key={p.at}>
              <Line x1={x(p.at)} x2={x(p.at)} y1={y(p.low)} y2={y(p.high)} stroke={moss} strokeWidth={4} />
              <Circle cx={x(p.at)} cy={y(p.share)} r={5} fill={sheet} stroke={moss} strokeWidth={3} />
            </G>
          ))}
          {here && (
            <>
              <Line
                x1={x(marked)}
                x2={x(marked)}
                y1={y(here.share)}
                y2={PLOT.bottom}
                stroke={ink}
                strokeWidth={1.5}
              />
              <Circle cx={x(marked)} cy={y(here.share)} r={8} fill={sheet} stroke={ink} strokeWidth={3.5} />
            </>
          )}
        </Svg>
      )}
    </View>
  );
}
