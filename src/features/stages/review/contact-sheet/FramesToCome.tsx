import { View } from "react-native";
import Svg, { G, Line, Rect } from "react-native-svg";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { CELL_SHAPE } from "./Cell";

/** Frames of the bursts that are drawn. */
const BURSTS = [4, 2] as const;
const HEAD = 22;
const GAP = 6;

/** Before the first picture: the frames as they will lie, each burst under its head; of cells as wide as these or wider. */
export function FramesToCome({ least }: { least: number }) {
  const [size, onLayout] = useSize();
  const { ink2, line } = useTokens();
  const width = size?.width ?? 0;
  const columns = Math.max(1, Math.floor(width / least));
  const cell = Math.min(width / columns, 1.5 * least);
  const row = HEAD + CELL_SHAPE * cell;
  const height = BURSTS.length * row;
  return (
    <View onLayout={onLayout} aria-hidden style={{ height }}>
      {size && (
        <Svg width={width} height={height}>
          {BURSTS.map((frames, burst) => (
            <G key={burst}>
              <Line
                x1={0}
                x2={width}
                y1={burst * row + HEAD / 2}
                y2={burst * row + HEAD / 2}
                stroke={line}
                strokeWidth={2}
              />
              {Array.from({ length: Math.min(columns, frames) }, (_, i) => (
                <Rect
                  key={i}
                  x={i * cell + 1}
                  y={burst * row + HEAD}
                  width={cell - GAP}
                  height={((cell - GAP) * 2) / 3}
                  fill="none"
                  stroke={ink2}
                  strokeDasharray="4 4"
                />
              ))}
            </G>
          ))}
        </Svg>
      )}
    </View>
  );
}
