import { scaleLinear, scaleLog } from "d3-scale";
import { View } from "react-native";
import Svg, { Circle, G, Line, Rect, Text as SvgText } from "react-native-svg";
import { useSize } from "../layout/use-size";
import { useTokens } from "../theme/theme";

export interface StretchScale {
  readonly kind: "linear" | "log";
  /** What stands at the left and at the right end. */
  readonly from: number;
  readonly until: number;
  readonly ticks: readonly { readonly at: number; readonly words: string }[];
}

export interface StretchBand {
  readonly from: number;
  readonly until: number;
  readonly tone: "water" | "sunFill" | "ink2";
}

interface Props {
  readonly scale: StretchScale;
  readonly bands: readonly StretchBand[];
  /** What is marked on it: readings, a usual start. */
  readonly dots?: readonly number[];
  /** Ticks are written under it; else they are lines alone, for a row of many. */
  readonly isWritten?: boolean;
  /** What is read out; a row that says it already leaves it out. */
  readonly says?: string;
}

const BAR = 12;
const FOOT = 22;
const INSET = 4;
const LEAST = 4;

/** From where to where something goes, on a scale that all of its kind share. */
export function Stretch(props: Props) {
  const [size, onLayout] = useSize();
  const { says, isWritten } = props;
  return (
    <View
      onLayout={onLayout}
      role={says ? "img" : undefined}
      aria-label={says}
      aria-hidden={says ? undefined : true}
      className="w-full"
      style={{ height: BAR + 6 + (isWritten ? FOOT : 0) }}
    >
      {size && <Drawing {...props} width={size.width} />}
    </View>
  );
}

/** Where a value stands, in px; past the ends of the scale at its end. */
function alongScale({ kind, from, until }: StretchScale, width: number): (value: number) => number {
  const range = [INSET, width - INSET];
  const scale =
    kind === "log"
      ? scaleLog([from, until], range).clamp(true)
      : scaleLinear([from, until], range).clamp(true);
  // Nought stands nowhere on a logarithm.
  return (value) => scale(kind === "log" ? Math.max(value, 1e-9) : value);
}

function Drawing({ scale, bands, dots = [], isWritten, width }: Props & { width: number }) {
  const tokens = useTokens();
  const x = alongScale(scale, width);
  const middle = 3 + BAR / 2;
  return (
    <Svg width={width} height={BAR + 6 + (isWritten ? FOOT : 0)}>
      <Line x1={INSET} x2={width - INSET} y1={middle} y2={middle} stroke={tokens.line} strokeWidth={2} />
      {scale.ticks.map(({ at, words }, i) => (
        <G key={at}>
          <Line
            x1={x(at)}
            x2={x(at)}
            y1={middle - 5}
            y2={middle + 5}
            stroke={tokens.line}
            strokeWidth={1.5}
          />
          {isWritten && (
            <SvgText
              x={x(at)}
              y={BAR + FOOT}
              fontSize={14}
              fontFamily="Text-400"
              fill={tokens.ink2}
              textAnchor={i === 0 ? "start" : i === scale.ticks.length - 1 ? "end" : "middle"}
            >
              {words}
            </SvgText>
          )}
        </G>
      ))}
      {bands.map(({ from, until, tone }, i) => {
        const [left, right] = [x(from), x(until)].toSorted((a, b) => a - b) as [number, number];
        const wide = Math.max(LEAST, right - left);
        return (
          <Rect
            key={i}
            x={Math.min(left, width - INSET - wide)}
            y={3}
            width={wide}
            height={BAR}
            rx={3}
            fill={tokens[tone]}
          />
        );
      })}
      {dots.map((at, i) => (
        <Circle
          key={i}
          cx={x(at)}
          cy={middle}
          r={5}
          fill={tokens.sheet}
          stroke={tokens.ink}
          strokeWidth={2}
        />
      ))}
    </Svg>
  );
}
