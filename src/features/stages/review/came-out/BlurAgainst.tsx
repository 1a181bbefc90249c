import { scaleLinear } from "d3-scale";
import { View } from "react-native";
import Svg, { Circle, Line, Text as SvgText } from "react-native-svg";
import type { SmearFound } from "@/answers/review/frames/came-out";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { twoFigures } from "@/words";

const HEIGHT = 150;
const LEFT = 40;
const FOOT = 34;

/** Measured smears against what was reckoned, in pixels of the delivery: on the line they agree. */
export function BlurAgainst({ smears }: { smears: readonly SmearFound[] }) {
  const [size, onLayout] = useSize();
  const { ink, ink2, bracken, water, line } = useTokens();
  const most = 1.15 * Math.max(...smears.flatMap((s) => [s.measured, s.budget]));
  const width = size?.width ?? 0;
  const x = scaleLinear([0, most], [LEFT, Math.max(LEFT + 1, width - 8)]);
  const y = scaleLinear([0, most], [HEIGHT - FOOT, 8]);
  const said = smears.map((s) => `${s.name}: ${twoFigures(s.measured)} px, reckoned ${twoFigures(s.budget)}`);
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`Smears against the budget. ${said.join(". ")}`}
      style={{ height: HEIGHT }}
    >
      {size && (
        <Svg width={width} height={HEIGHT}>
          <Line x1={x(0)} y1={y(0)} x2={x(most)} y2={y(most)} stroke={ink2} strokeDasharray="6 4" />
          <Line x1={LEFT} y1={y(0)} x2={width} y2={y(0)} stroke={line} />
          <SvgText
            x={width - 8}
            y={HEIGHT - 18}
            fontSize={14}
            fontFamily="Text-400"
            fill={ink}
            textAnchor="end"
          >
            {`reckoned, up to ${twoFigures(most)} px`}
          </SvgText>
          <SvgText x={0} y={18} fontSize={14} fontFamily="Text-400" fill={ink}>
            {twoFigures(most)}
          </SvgText>
          <SvgText x={0} y={HEIGHT - 2} fontSize={14} fontFamily="Text-400" fill={ink2}>
            Above the line: longer than reckoned.
          </SvgText>
          {smears.map((s) => (
            <Circle
              key={s.frameId}
              cx={x(s.budget)}
              cy={y(s.measured)}
              r={6}
              fill={s.measured > 1.25 * s.budget ? bracken : water}
            />
          ))}
        </Svg>
      )}
    </View>
  );
}
