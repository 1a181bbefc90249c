import { View } from "react-native";
import Svg, { G, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import type { Forecast } from "@/outing/forecast/forecast";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { useOuting } from "../../../outing/use-outing";
import { TimeAxis } from "../../shot/TimeAxis";

type Hour = Forecast["hours"][number];

const LEFT = 62;
const RIGHT = 8;
const TOP = 14;
const FOOT = 24;
const RAIN = 26;
const GAP = 20;
const CLOUD = 76;
const LOW = 52;
const HEIGHT = TOP + CLOUD + RAIN + 2 * (GAP + LOW) + FOOT;

/** Cloud, wind and temperature as bands from the lowest to the highest tenth with their middle, and how likely rain is, hour by hour. */
export function ForecastDrawing({ forecast: { hours } }: { forecast: Forecast }) {
  const outing = useOuting((v) => v.outing);
  const [size, onLayout] = useSize();
  const [from, until] = [hours[0]!.at, hours.at(-1)!.at + 1];
  const width = size?.width ?? 0;
  const x = (at: number): number => LEFT + ((at - from) / Math.max(1, until - from)) * (width - LEFT - RIGHT);
  const winds = scaleOf(
    hours.flatMap((h) => h.wind),
    2,
  );
  const degrees = scaleOf(
    hours.flatMap((h) => h.temperature),
    5,
  );
  const rainFoot = TOP + CLOUD + RAIN;
  const windTop = rainFoot + GAP;
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`Cloud, rain, wind and temperature over ${hours.length} hours as bands`}
      style={{ height: HEIGHT }}
    >
      {size && (
        <Svg width={width} height={HEIGHT}>
          <Band
            hours={hours}
            x={x}
            of={(h) => h.cloud}
            scale={[0, 8]}
            frame={{ top: TOP, foot: TOP + CLOUD, right: width - RIGHT }}
            ends={["clear", "cloud"]}
          />
          <Rain hours={hours} x={x} foot={rainFoot} />
          <Band
            hours={hours}
            x={x}
            of={(h) => h.wind}
            scale={winds}
            frame={{ top: windTop, foot: windTop + LOW, right: width - RIGHT }}
            ends={[`${winds[0]}`, `${winds[1]} m/s`]}
          />
          <Band
            hours={hours}
            x={x}
            of={(h) => h.temperature}
            scale={degrees}
            frame={{ top: windTop + LOW + GAP, foot: windTop + 2 * LOW + GAP, right: width - RIGHT }}
            ends={degrees.map((d) => `${d} °C`.replace("-", "−")) as [string, string]}
          />
          <TimeAxis outing={outing} from={from} until={until - 1} x={x} foot={HEIGHT - 4} />
        </Svg>
      )}
    </View>
  );
}

/** Whole steps that hold all values, at least one step apart. */
function scaleOf(values: readonly number[], step: number): readonly [number, number] {
  const low = Math.floor(Math.min(...values) / step) * step;
  return [low, Math.max(low + step, Math.ceil(Math.max(...values) / step) * step)];
}

interface BandProps {
  readonly hours: readonly Hour[];
  readonly x: (at: number) => number;
  /** The lowest tenth, the middle and the highest tenth. */
  readonly of: (hour: Hour) => readonly [number, number, number];
  readonly scale: readonly [number, number];
  /** Px of the drawing. */
  readonly frame: { readonly top: number; readonly foot: number; readonly right: number };
  /** What is written at the low and at the high end. */
  readonly ends: readonly [string, string];
}

function Band({ hours, x, of, scale: [low, high], frame: { top, foot, right }, ends }: BandProps) {
  const { ink, ink2, line, built } = useTokens();
  const y = (value: number): number => foot - ((value - low) / (high - low)) * (foot - top);
  const path = (value: (h: Hour) => number, back = false): string =>
    (back ? hours.toReversed() : hours)
      .map((h) => `L${x(h.at).toFixed(1)} ${y(value(h)).toFixed(1)}`)
      .join("");
  return (
    <G>
      {[low, (low + high) / 2, high].map((value) => (
        <Line key={value} x1={LEFT} x2={right} y1={y(value)} y2={y(value)} stroke={line} />
      ))}
      {ends.map((words, i) => (
        <SvgText
          key={words}
          x={LEFT - 6}
          y={(i === 0 ? foot : top) + 5}
          fontSize={14}
          fontFamily="Text-400"
          fill={ink2}
          textAnchor="end"
        >
          {words}
        </SvgText>
      ))}
      <Path
        d={`M${path((h) => of(h)[0]).slice(1)}${path((h) => of(h)[2], true)}Z`}
        fill={built}
        fillOpacity={0.7}
        stroke={ink2}
      />
      <Path d={`M${path((h) => of(h)[1]).slice(1)}`} fill="none" stroke={ink} strokeWidth={2.5} />
    </G>
  );
}

/** How likely rain is, a bar to each hour. */
function Rain({ hours, x, foot }: Pick<BandProps, "hours" | "x"> & { readonly foot: number }) {
  const { ink2, water } = useTokens();
  const tall = RAIN - 4;
  return (
    <G>
      <SvgText x={LEFT - 6} y={foot - 2} fontSize={14} fontFamily="Text-400" fill={ink2} textAnchor="end">
        rain
      </SvgText>
      {hours.map(({ at, rain }) => (
        <Rect
          key={at}
          x={x(at) - 3}
          y={foot - rain.share * tall}
          width={6}
          height={rain.share * tall}
          fill={water}
        />
      ))}
    </G>
  );
}
