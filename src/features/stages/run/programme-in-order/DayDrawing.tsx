import { View } from "react-native";
import Svg, { G, Line, Rect, Text as SvgText } from "react-native-svg";
import type { Coverage } from "@/core/schedule";
import type { Outing } from "@/data";
import type { TimedEvent } from "@/outing/programme/event-times";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { TimeAxis } from "../../shot/TimeAxis";

interface Props {
  readonly answer: Coverage;
  readonly events: readonly TimedEvent[];
  readonly outing: Outing;
}

const ROW = 30;
const NAMES = 34;
const AXIS = 20;
/** Px above the first line for the numbers over it. */
const ABOVE = 10;
const TYPE = 14;

/** The day to scale: a line for each position, walks slanting between them, calls as ticks, being in place, and what is shot. */
export function DayDrawing({ answer: { visits }, events, outing }: Props) {
  const [size, onLayout] = useSize();
  const { ink, ink2, line, moss, water, sunFill } = useTokens();
  const places = outing.ground.positions.filter((p) => visits.some((v) => v.placeId === p.id));
  const height = ABOVE + places.length * ROW + AXIS + 8;
  if (visits.length === 0) return null;
  const from = Math.min(...visits.map((v) => v.leave));
  const until = Math.max(...visits.map((v) => v.until));
  const width = size?.width ?? 0;
  const x = (at: number): number => NAMES + ((at - from) / Math.max(1, until - from)) * (width - NAMES - 8);
  const y = (placeId: string): number => places.findIndex((p) => p.id === placeId) * ROW + ROW / 2 + ABOVE;
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`The day to scale: ${visits.length} events from ${places.length} positions`}
      style={{ height }}
    >
      {size && (
        <Svg width={width} height={height}>
          {places.map((p) => (
            <G key={p.id}>
              <SvgText x={2} y={y(p.id) + 5} fontSize={TYPE} fontFamily="Text-600" fill={ink}>
                {p.name.slice(0, 4)}
              </SvgText>
              <Line x1={NAMES} x2={width - 8} y1={y(p.id)} y2={y(p.id)} stroke={line} strokeWidth={1} />
            </G>
          ))}
          {visits.map((v, i) => {
            const last = visits[i - 1];
            const event = events.find((e) => e.id === v.eventId);
            const starts = event?.starts ?? v.ready;
            const called = event?.called.filter((call) => call >= from) ?? [];
            return (
              <G key={v.eventId}>
                {last && last.placeId !== v.placeId && (
                  <Line
                    x1={x(v.leave)}
                    y1={y(last.placeId)}
                    x2={x(v.ready)}
                    y2={y(v.placeId)}
                    stroke={ink2}
                    strokeWidth={2}
                    strokeDasharray="4 4"
                  />
                )}
                {called.map((call, n) => (
                  <Line
                    key={call}
                    x1={x(call)}
                    x2={x(call)}
                    y1={y(v.placeId) - (n === 1 ? 9 : 6)}
                    y2={y(v.placeId) + (n === 1 ? 9 : 6)}
                    stroke={ink}
                    strokeWidth={n === 1 ? 2 : 1}
                  />
                ))}
                <Rect
                  x={x(v.ready)}
                  y={y(v.placeId) - 4}
                  width={Math.max(1, x(starts) - x(v.ready))}
                  height={8}
                  fill={sunFill}
                />
                <Rect
                  x={x(starts)}
                  y={y(v.placeId) - 9}
                  width={Math.max(4, x(v.until) - x(starts))}
                  height={18}
                  rx={3}
                  fill={moss}
                />
                <SvgText x={x(starts)} y={y(v.placeId) - 10} fontSize={12} fontFamily="Text-600" fill={water}>
                  {String(i + 1)}
                </SvgText>
              </G>
            );
          })}
          <TimeAxis outing={outing} from={from} until={until} x={x} foot={height - 4} />
        </Svg>
      )}
    </View>
  );
}
