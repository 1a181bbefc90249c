import { View } from "react-native";
import Svg, { G, Line, Rect, Text as SvgText } from "react-native-svg";
import type { Coverage, Stay } from "@/core/schedule";
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

/** The day to scale: a line for each position, walks slanting between them, calls as ticks, being in place, what is shot and, as a frame, what is not. */
export function DayDrawing({ answer: { visits }, events, outing }: Props) {
  const [size, onLayout] = useSize();
  const { ink, line } = useTokens();
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
          {visits.map((v, i) => (
            <StayDrawn
              key={`${v.eventId} ${v.from}`}
              stay={v}
              last={visits[i - 1]}
              event={events.find((e) => e.id === v.eventId)}
              number={i + 1}
              shown={{ from, until }}
              x={x}
              y={y}
            />
          ))}
          <TimeAxis outing={outing} from={from} until={until} x={x} foot={height - 4} />
        </Svg>
      )}
    </View>
  );
}

interface StayProps {
  readonly stay: Stay;
  readonly last: Stay | undefined;
  readonly event: TimedEvent | undefined;
  readonly number: number;
  readonly shown: { readonly from: number; readonly until: number };
  readonly x: (at: number) => number;
  readonly y: (placeId: string) => number;
}

/** One stay: the walk to it, its calls, the time in place before it, and what is shot of its event. */
function StayDrawn({ stay, last, event, number, shown, x, y }: StayProps) {
  const { ink, ink2, moss, sheet, water, sunFill } = useTokens();
  const at = y(stay.placeId);
  const called = event?.called.filter((call) => call >= shown.from && call <= stay.from) ?? [];
  const whole = event && {
    from: Math.max(shown.from, event.starts),
    until: Math.min(shown.until, event.ends),
  };
  return (
    <G>
      {last && last.placeId !== stay.placeId && (
        <Line
          x1={x(Math.max(stay.leave, last.until))}
          y1={y(last.placeId)}
          x2={x(stay.ready)}
          y2={at}
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
          y1={at - (n === 1 ? 9 : 6)}
          y2={at + (n === 1 ? 9 : 6)}
          stroke={ink}
          strokeWidth={n === 1 ? 2 : 1}
        />
      ))}
      {stay.partly && whole && (
        <Rect
          x={x(whole.from)}
          y={at - 9}
          width={Math.max(4, x(whole.until) - x(whole.from))}
          height={18}
          rx={3}
          fill="none"
          stroke={moss}
        />
      )}
      <Rect
        x={x(stay.ready)}
        y={at - 4}
        width={Math.max(1, x(stay.from) - x(stay.ready))}
        height={8}
        fill={sunFill}
      />
      <Rect
        x={x(stay.from)}
        y={at - 9}
        width={Math.max(4, x(stay.until) - x(stay.from))}
        height={18}
        rx={3}
        fill={moss}
        stroke={sheet}
        strokeWidth={1}
      />
      <SvgText x={x(stay.from)} y={at - 10} fontSize={14} fontFamily="Text-600" fill={water}>
        {String(number)}
      </SvgText>
    </G>
  );
}
