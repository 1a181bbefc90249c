import { View } from "react-native";
import Svg, { Circle, G, Line, Path, Text as SvgText } from "react-native-svg";
import { seenFrom } from "@/answers/expose/sweep-seen";
import type { Point } from "@/core/ground";
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
  const wayOf = (points: readonly SweepPoint[]): string =>
    points.map((p) => `${at(p).x} ${at(p).y}`).join("L");
  const way = wayOf(sweep.points);
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
          <Path d={`M${foot.x} ${foot.y}L${way}Z`} fill={sunFill} fillOpacity={0.25} />
          <Path d={`M${way}`} fill="none" stroke={line} strokeWidth={6} strokeLinecap="round" />
          {sweep.hidden.map((h) => (
            <Path
              key={`${h.by} ${h.from.along}`}
              d={`M${wayOf(sweep.points.filter((p) => p.along >= h.from.along && p.along <= h.to.along))}`}
              fill="none"
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

/** Px of places on the plan, the picture straight above the camera; one scale both ways. */
function fitted({ points, picture, camera }: Sweep, width: number) {
  /** Metres to the right of the view and along it. */
  const seen = (place: Point): Point => seenFrom(camera, picture.bearing, place);
  const all = [{ x: 0, y: 0 }, ...points.map((p) => seen(p.at))];
  const [left, right] = [Math.min(...all.map((p) => p.x)), Math.max(...all.map((p) => p.x))];
  const [low, high] = [Math.min(...all.map((p) => p.y)), Math.max(...all.map((p) => p.y))];
  const px = Math.min(
    (width - 2 * MARGIN.x) / Math.max(0.1, right - left),
    (HEIGHT - 2 * MARGIN.y) / Math.max(0.1, high - low),
  );
  const to = (place: Point) => {
    const { x, y } = seen(place);
    return {
      x: width / 2 + px * (x - (left + right) / 2),
      y: HEIGHT / 2 + MARGIN.y / 4 - px * (y - (low + high) / 2),
    };
  };
  return { to: ({ at }: SweepPoint) => to(at), camera: to(camera) };
}
