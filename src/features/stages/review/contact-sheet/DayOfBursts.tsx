import { scaleLinear } from "d3-scale";
import { View } from "react-native";
import Svg, { Line, Rect, Text as SvgText } from "react-native-svg";
import type { MatchedBurst } from "@/outing/frames/matched";
import { timedProgramme } from "@/outing/programme/event-times";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";

const HEIGHT = 64;
const AXIS = 18;

/** The day's strip: a column for each px in which frames were taken, kept ones solid; a press goes to that burst. */
export function DayOfBursts({
  bursts,
  onGoTo,
}: {
  bursts: readonly MatchedBurst[];
  onGoTo: (burstId: string) => void;
}) {
  const [size, onLayout] = useSize();
  const { ink, ink2, water, built, line } = useTokens();
  const outing = useOuting((v) => v.outing);
  const width = size?.width ?? 0;
  const [first, last] = [bursts[0]!, bursts.at(-1)!];
  const x = scaleLinear([first.from, Math.max(first.from + 60_000, last.until)], [2, Math.max(3, width - 2)]);
  const columns = columnsOf(bursts, x);
  const most = Math.max(1, ...columns.map((c) => c.frames));
  const base = HEIGHT - AXIS;
  const goTo = (at: number): void => {
    const nearest = bursts.reduce((a, b) => (Math.abs(x(b.from) - at) < Math.abs(x(a.from) - at) ? b : a));
    onGoTo(nearest.id);
  };
  return (
    <View onLayout={onLayout} style={{ height: HEIGHT }}>
      {size && (
        <div
          role="img"
          aria-label={`Frames from ${wallOf({ outing }, first.from)} to ${wallOf({ outing }, last.until)}, by the minute`}
          onClick={(event) => goTo(event.clientX - event.currentTarget.getBoundingClientRect().left)}
          style={{ cursor: "pointer" }}
        >
          <Svg width={width} height={HEIGHT}>
            {timedProgramme(outing).map((e) => (
              <Rect
                key={e.id}
                x={Math.max(0, x(e.starts))}
                y={0}
                width={Math.max(0, Math.min(width, x(e.ends)) - Math.max(0, x(e.starts)))}
                height={base}
                fill={built}
              />
            ))}
            {columns.map(({ at, frames, kept }) => [
              <Rect
                key={at}
                x={at}
                y={base - 4 - ((base - 8) * frames) / most}
                width={2.4}
                height={4 + ((base - 8) * frames) / most}
                fill={ink2}
                opacity={0.55}
              />,
              kept > 0 && (
                <Rect
                  key={`${at} kept`}
                  x={at}
                  y={base - 2 - ((base - 8) * kept) / most}
                  width={2.4}
                  height={2 + ((base - 8) * kept) / most}
                  fill={water}
                />
              ),
            ])}
            <Line x1={0} x2={width} y1={base} y2={base} stroke={line} />
            <SvgText x={2} y={HEIGHT - 3} fontSize={14} fontFamily="Text-400" fill={ink}>
              {wallOf({ outing }, first.from)}
            </SvgText>
            <SvgText
              x={width - 2}
              y={HEIGHT - 3}
              fontSize={14}
              fontFamily="Text-400"
              fill={ink}
              textAnchor="end"
            >
              {wallOf({ outing }, last.until)}
            </SvgText>
          </Svg>
        </div>
      )}
    </View>
  );
}

/** Px of a column. */
const COLUMN = 3;

function columnsOf(bursts: readonly MatchedBurst[], x: (at: number) => number) {
  const found = new Map<number, { at: number; frames: number; kept: number }>();
  for (const { from, frames } of bursts) {
    const at = COLUMN * Math.floor(x(from) / COLUMN);
    const own = found.get(at) ?? { at, frames: 0, kept: 0 };
    own.frames += frames.length;
    own.kept += frames.filter((f) => f.mark === "keep").length;
    found.set(at, own);
  }
  return [...found.values()];
}
