import { View } from "react-native";
import Svg, { G, Line, Rect, Text as SvgText } from "react-native-svg";
import { scaleLinear } from "d3-scale";
import type { HourOfActivity } from "@/core/year";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { activityWords } from "@/words/place-kept";

const HEIGHT = 96;
const FOOT = 18;

/** How much was noted in each hour of being there; hours in which one never was stay empty. */
export function Activity({ hours }: { hours: readonly HourOfActivity[] }) {
  const [size, onLayout] = useSize();
  const { water, line, ink2 } = useTokens();
  const known = hours.filter((h) => h.rate !== undefined);
  if (known.length === 0)
    return (
      <Txt size={14} tone="ink2">
        Activity by hour stands here once outings of this place were kept with it and something was put down
        with its time.
      </Txt>
    );
  const width = size?.width ?? 0;
  const x = scaleLinear([0, 24], [0, width]);
  const y = scaleLinear([0, Math.max(...known.map((h) => h.rate!), 0.1)], [HEIGHT - FOOT, 6]);
  return (
    <View>
      <Txt weight={600}>Noted in an hour of being there</Txt>
      <View
        onLayout={onLayout}
        role="img"
        aria-label={`By hour: ${known.map(activityWords).join("; ")}`}
        style={{ height: HEIGHT }}
      >
        {size && (
          <Svg width={width} height={HEIGHT}>
            {hours.map((h) => (
              <G key={h.hour}>
                {h.rate !== undefined && (
                  <Rect
                    x={x(h.hour) + 1}
                    y={y(h.rate) - 2}
                    width={Math.max(1, x(1) - 2)}
                    height={HEIGHT - FOOT - y(h.rate) + 2}
                    fill={water}
                  />
                )}
                {h.hour % 6 === 0 && (
                  <SvgText x={x(h.hour) + 2} y={HEIGHT - 3} fontSize={14} fontFamily="Text-400" fill={ink2}>
                    {String(h.hour)}
                  </SvgText>
                )}
              </G>
            ))}
            <Line x1={0} y1={HEIGHT - FOOT} x2={width} y2={HEIGHT - FOOT} stroke={line} strokeWidth={1.5} />
          </Svg>
        )}
      </View>
    </View>
  );
}
