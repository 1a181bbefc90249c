import { View } from "react-native";
import Svg, { G, Line, Rect } from "react-native-svg";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { useOuting } from "../../../outing/use-outing";
import { TimeAxis } from "../../shot/TimeAxis";

const LANE = 34;
const AXIS = 22;
/** Lanes of the drawing, each with what would be on there: its begin and end as shares of the outing. */
const LANES: readonly (readonly (readonly [begin: number, end: number])[])[] = [
  [
    [0.04, 0.2],
    [0.42, 0.6],
  ],
  [
    [0.16, 0.38],
    [0.66, 0.94],
  ],
];

/** Before the first event: the outing's own hours, on which the events will stand as blocks. */
export function EventsToCome() {
  const [size, onLayout] = useSize();
  const { ink2, line } = useTokens();
  const outing = useOuting((v) => v.outing);
  const { from, until } = useOuting((v) => v.window);
  const width = size?.width ?? 0;
  const x = (at: number): number => ((at - from) / Math.max(1, until - from)) * width;
  const height = LANES.length * LANE + AXIS;
  return (
    <View className="gap-2">
      <Txt tone="ink2">
        Heats, rounds, classes: put in what is on, and Run orders the day so that the most of it is had.
      </Txt>
      <View onLayout={onLayout} aria-hidden style={{ height }}>
        {size && (
          <Svg width={width} height={height}>
            {LANES.map((blocks, lane) => (
              <G key={lane}>
                <Line
                  x1={0}
                  x2={width}
                  y1={(lane + 1) * LANE - 4}
                  y2={(lane + 1) * LANE - 4}
                  stroke={line}
                  strokeWidth={1}
                />
                {blocks.map(([begin, end]) => (
                  <Rect
                    key={begin}
                    x={begin * width}
                    y={lane * LANE + 6}
                    width={(end - begin) * width}
                    height={LANE - 10}
                    fill="none"
                    stroke={ink2}
                    strokeDasharray="4 4"
                  />
                ))}
              </G>
            ))}
            <TimeAxis outing={outing} from={from} until={until} x={x} foot={height - 4} />
          </Svg>
        )}
      </View>
    </View>
  );
}
