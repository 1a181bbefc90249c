import Svg, { G, Line, Rect, Text as SvgText } from "react-native-svg";
import { scaleLinear } from "d3-scale";
import { View } from "react-native";
import type { YearMark } from "@/answers/places/year";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { markWords, MONTH_STARTS, yearRowWords } from "@/words/place-kept";

/** Px of a row: its name above its marks. */
const ROW = 40;
const HEAD = 22;
const MARK = 14;
/** Days of the year that is drawn. */
const DAYS = 366;

interface Props {
  readonly marks: readonly YearMark[];
  /** Day of the year, 1 to 366. */
  readonly today: number;
}

/** Years over one another along the calendar: a row for each animal and what it did, marks of the latest year filled. */
export function YearCalendar({ marks, today }: Props) {
  const [size, onLayout] = useSize();
  const { ink, ink2, line, water, paper, bracken } = useTokens();
  const all = [...new Set(marks.map((m) => m.row))];
  const others = marks.find((m) => m.what === "others")?.row;
  const rows = [...all.filter((row) => row !== others), ...all.filter((row) => row === others)];
  const latest = Math.max(...marks.flatMap((m) => m.years));
  const width = size?.width ?? 0;
  const height = HEAD + rows.length * ROW;
  const x = scaleLinear([1, DAYS + 1], [1, Math.max(2, width - 1)]);
  const said = marks.map((m) => `${yearRowWords(m.name, m.what)} ${markWords(m)}`).join("; ");
  return (
    <View onLayout={onLayout} role="img" aria-label={`The year: ${said}`} style={{ height }}>
      {size && (
        <Svg width={width} height={height}>
          {MONTH_STARTS.map(({ name, day }, i) => (
            <G key={name}>
              <Line x1={x(day)} y1={HEAD - 4} x2={x(day)} y2={height} stroke={line} strokeWidth={1} />
              {(width > 560 || i % 2 === 0) && (
                <SvgText x={x(day) + 2} y={14} fill={ink2} fontSize={14} fontFamily="Text-400">
                  {name}
                </SvgText>
              )}
            </G>
          ))}
          {rows.map((row, i) => {
            const own = marks.filter((m) => m.row === row);
            const top = HEAD + i * ROW;
            return (
              <G key={row}>
                <SvgText x={4} y={top + 15} fill={ink} fontSize={14} fontFamily="Text-400">
                  {`${i + 1} ${yearRowWords(own[0]!.name, own[0]!.what)}`}
                </SvgText>
                {own.map((mark) => {
                  const isLatest = mark.years[0] === latest;
                  return (
                    <Rect
                      key={mark.from}
                      x={x(mark.from)}
                      y={top + 20}
                      width={Math.max(6, x(mark.until + 1) - x(mark.from))}
                      height={MARK}
                      rx={3}
                      fill={isLatest ? water : paper}
                      stroke={water}
                      strokeWidth={2}
                    />
                  );
                })}
              </G>
            );
          })}
          <Line x1={x(today)} y1={HEAD - 4} x2={x(today)} y2={height} stroke={bracken} strokeWidth={2} />
        </Svg>
      )}
    </View>
  );
}
