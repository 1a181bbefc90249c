import { scaleLinear } from "d3-scale";
import { View } from "react-native";
import Svg, { Circle, Line, Rect, Text as SvgText } from "react-native-svg";
import { useSize } from "../layout/use-size";
import { labelWidth } from "../plan/labels";
import { percentWords } from "@/words";
import { useTokens } from "../theme/theme";

export interface IntervalRow {
  readonly key: string;
  readonly label: string;
  /** 0 … 1. */
  readonly share: number;
  readonly low: number;
  readonly high: number;
  /** Behind the row: what the share rests on. */
  readonly note: string;
}

interface Props {
  readonly label: string;
  readonly rows: readonly IntervalRow[];
}

const ROW = 44;
const LEFT = 78;
const MOST_LEFT = 150;
const TYPE = 16;
const RIGHT = 84;
const AXIS = 24;

/** Shares with the interval in which the true one lies: a dot on a bar a row, on a common scale from 0 to 100 %. */
export function IntervalChart({ label, rows }: Props) {
  const [size, onLayout] = useSize();
  const { ink, ink2, water, built, line } = useTokens();
  const height = rows.length * ROW + AXIS;
  const width = size?.width ?? 0;
  const named = Math.max(0, ...rows.map((r) => labelWidth(r.label, TYPE)));
  const left = Math.min(MOST_LEFT, Math.max(LEFT, named + 14));
  const x = scaleLinear([0, 1], [left, width - RIGHT]);
  const said = rows.map(
    (r) =>
      `${r.label}: ${percentWords(r.share)}, between ${percentWords(r.low)} and ${percentWords(r.high)}, ${r.note}`,
  );
  return (
    <View onLayout={onLayout} role="img" aria-label={`${label}. ${said.join(". ")}`} style={{ height }}>
      {size && (
        <Svg width={width} height={height}>
          {x.ticks(2).map((share) => (
            <Line
              key={share}
              x1={x(share)}
              x2={x(share)}
              y1={0}
              y2={rows.length * ROW}
              stroke={line}
              strokeWidth={1}
            />
          ))}
          {rows.map((row, i) => {
            const y = i * ROW + ROW / 2;
            return [
              <SvgText
                key={`${row.key} label`}
                x={0}
                y={y + 6}
                fontSize={TYPE}
                fontFamily="Text-700"
                fill={ink}
              >
                {row.label}
              </SvgText>,
              <Rect
                key={`${row.key} bar`}
                x={x(row.low)}
                y={y - 7}
                width={Math.max(2, x(row.high) - x(row.low))}
                height={14}
                rx={7}
                fill={built}
              />,
              <Circle key={`${row.key} dot`} cx={x(row.share)} cy={y} r={8} fill={water} />,
              <SvgText
                key={`${row.key} note`}
                x={width}
                y={y + 5}
                fontSize={14}
                fontFamily="Text-400"
                fill={ink2}
                textAnchor="end"
              >
                {row.note}
              </SvgText>,
            ];
          })}
          {x.ticks(2).map((share) => (
            <SvgText
              key={share}
              x={x(share)}
              y={height - 6}
              fontSize={14}
              fontFamily="Text-400"
              fill={ink2}
              textAnchor="middle"
            >
              {percentWords(share)}
            </SvgText>
          ))}
        </Svg>
      )}
    </View>
  );
}
