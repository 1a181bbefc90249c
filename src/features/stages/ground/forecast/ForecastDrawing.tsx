import { View } from "react-native";
import Svg, { Line, Path, Rect, Text as SvgText } from "react-native-svg";
import type { Forecast } from "@/outing/forecast/forecast";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { useOuting } from "../../../outing/use-outing";
import { TimeAxis } from "../../shot/TimeAxis";

const HEIGHT = 140;
const LEFT = 44;
const TOP = 14;
const FOOT = 24;
const RAIN = 26;

/** Cloud as a band from the lowest to the highest tenth with its middle, and under it how likely rain is, hour by hour. */
export function ForecastDrawing({ forecast: { hours } }: { forecast: Forecast }) {
  const outing = useOuting((v) => v.outing);
  const [size, onLayout] = useSize();
  const { ink, ink2, line, water, built } = useTokens();
  const [from, until] = [hours[0]!.at, hours.at(-1)!.at + 1];
  const width = size?.width ?? 0;
  const base = HEIGHT - FOOT - RAIN;
  const x = (at: number): number => LEFT + ((at - from) / Math.max(1, until - from)) * (width - LEFT - 8);
  const y = (eighths: number): number => base - (eighths / 8) * (base - TOP);
  const path = (of: (h: (typeof hours)[number]) => number, back = false): string =>
    (back ? hours.toReversed() : hours).map((h) => `L${x(h.at).toFixed(1)} ${y(of(h)).toFixed(1)}`).join("");
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`Cloud and rain over ${hours.length} hours as a band`}
      style={{ height: HEIGHT }}
    >
      {size && (
        <Svg width={width} height={HEIGHT}>
          {[0, 4, 8].map((eighths) => (
            <Line key={eighths} x1={LEFT} x2={width - 8} y1={y(eighths)} y2={y(eighths)} stroke={line} />
          ))}
          <SvgText x={2} y={y(8) + 5} fontSize={14} fontFamily="Text-400" fill={ink2}>
            cloud
          </SvgText>
          <SvgText x={2} y={y(0) + 5} fontSize={14} fontFamily="Text-400" fill={ink2}>
            clear
          </SvgText>
          <Path
            d={`M${path((h) => h.cloud[0]).slice(1)}${path((h) => h.cloud[2], true)}Z`}
            fill={built}
            fillOpacity={0.7}
          />
          <Path d={`M${path((h) => h.cloud[1]).slice(1)}`} fill="none" stroke={ink} strokeWidth={2.5} />
          <SvgText x={2} y={base + RAIN - 2} fontSize={14} fontFamily="Text-400" fill={ink2}>
            rain
          </SvgText>
          {hours.map((h) => (
            <Rect
              key={h.at}
              x={x(h.at) - 3}
              y={base + 4 + (1 - h.rain.share) * (RAIN - 4)}
              width={6}
              height={h.rain.share * (RAIN - 4)}
              fill={water}
            />
          ))}
          <TimeAxis outing={outing} from={from} until={until - 1} x={x} foot={HEIGHT - 4} />
        </Svg>
      )}
    </View>
  );
}
