import { View } from "react-native";
import Svg, { Circle, G, Line, Path, Text as SvgText } from "react-native-svg";
import type { Sweep, SweepPoint } from "@/core/judge";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";

const HEIGHT = 190;
const MARGIN = { x: 44, y: 26 };
const TYPE = 14;

/** The sweep to scale, the photographer below: the way, where it is picked up, taken and let run out, and what hides it. */
export function SweepDrawing({ sweep }: { sweep: Sweep }) {
  const [size, onLayout] = useSize();
  const { ink, ink2, water, bracken, sunFill, line } = useTokens();
  const width = size?.width ?? 0;
  const view = fitted(sweep, width);
  const at = (p: SweepPoint) => view.to(p);
  const foot = view.camera;
  const [a, b] = [at(sweep.pickUp), at(sweep.release)];
  const mark = (p: SweepPoint, words: string, colour: string, strong = false) => {
    const { x, y } = at(p);
    return (
      <G key={words}>
        <Line
          x1={foot.x}
          y1={foot.y}
          x2={x}
          y2={y}
          stroke={colour}
          strokeWidth={strong ? 2.5 : 1.5}
          strokeDasharray={strong ? undefined : "4 4"}
        />
        <Circle cx={x} cy={y} r={strong ? 6 : 4} fill={colour} />
        <SvgText
          x={Math.min(width - 34, Math.max(34, x))}
          y={y - 10}
          fontSize={TYPE}
          fontFamily="Text-600"
          fill={colour}
          textAnchor="middle"
        >
          {words}
        </SvgText>
      </G>
    );
  };
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label="The sweep of the camera to scale: pick-up, picture, let run out"
      style={{ height: HEIGHT }}
    >
      {size && (
        <Svg width={width} height={HEIGHT}>
          <Path d={`M${foot.x} ${foot.y}L${a.x} ${a.y}L${b.x} ${b.y}Z`} fill={sunFill} fillOpacity={0.25} />
          <Line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke={line} strokeWidth={6} strokeLinecap="round" />
          {sweep.hidden.map((h) => (
            <Line
              key={`${h.by} ${h.from.along}`}
              x1={at(h.from).x}
              y1={at(h.from).y}
              x2={at(h.to).x}
              y2={at(h.to).y}
              stroke={bracken}
              strokeWidth={6}
              strokeLinecap="round"
            />
          ))}
          {mark(sweep.pickUp, "pick up", ink2)}
          {mark(sweep.release, "let run", ink2)}
          {mark(sweep.picture, "picture", water, true)}
          <Circle cx={foot.x} cy={foot.y} r={7} fill={ink} />
        </Svg>
      )}
    </View>
  );
}

/** Px of places along the way, with the way across the drawing and the camera below its nearest point; one scale for both. */
function fitted({ pickUp, release, nearest }: Sweep, width: number) {
  const [from, to] = [Math.min(pickUp.along, 0), Math.max(release.along, 0)];
  const px = Math.min((width - 2 * MARGIN.x) / (to - from), (HEIGHT - 2 * MARGIN.y) / nearest);
  const left = (width - px * (to - from)) / 2;
  // What goes to the left as seen from the camera is drawn so.
  const turned = ((release.bearing - pickUp.bearing + 540) % 360) - 180 < 0;
  const x = (along: number): number => {
    const drawn = left + px * (along - from);
    return turned ? width - drawn : drawn;
  };
  const way = MARGIN.y + Math.max(0, (HEIGHT - 2 * MARGIN.y - px * nearest) / 2);
  return {
    to: ({ along }: SweepPoint) => ({ x: x(along), y: way }),
    camera: { x: x(0), y: way + px * nearest },
  };
}
