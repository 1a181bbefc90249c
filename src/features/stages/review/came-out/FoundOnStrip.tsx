import { scaleLinear } from "d3-scale";
import { View } from "react-native";
import Svg, { Circle, G, Line, Path, Text as SvgText } from "react-native-svg";
import type { Found } from "@/answers/review/frames/came-out";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { isoWords } from "@/words";
import { useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";

const HALF = 84;
const LABELS = 20;
const LEFT = 70;

interface Course {
  readonly name: string;
  readonly planned: readonly { readonly at: number; readonly value: number }[];
  readonly found: readonly { readonly at: number; readonly value: number }[];
  readonly words: (value: number) => string;
}

/** EV and ISO of each burst as dots over the day, the plan of the shot in hand as a line behind them. */
export function FoundOnStrip({ found }: { found: readonly Found[] }) {
  const [size, onLayout] = useSize();
  const outing = useOuting((v) => v.outing);
  const window = useOuting((v) => v.window);
  const shot = useOuting((v) => v.shot);
  const points = useOuting((v) => v.timeline.points);
  const settings = useOuting((v) => v.found?.settings.settings);
  const tokens = useTokens();
  const times = [...found.map((f) => f.at), window.from, window.until];
  const [from, until] = [Math.min(...times), Math.max(...times)];
  const width = size?.width ?? 0;
  const x = scaleLinear([from, until], [LEFT, Math.max(LEFT + 1, width - 8)]);
  const courses: readonly Course[] = [
    {
      name: "EV",
      planned: points.map((p) => ({ at: p.at, value: p.ev })),
      found: found.map((f) => ({ at: f.at, value: f.ev })),
      words: (value) => `EV ${Math.round(value)}`,
    },
    {
      name: "ISO",
      planned: settings ? [from, until].map((at) => ({ at, value: settings.iso })) : [],
      found: found.map((f) => ({ at: f.at, value: f.iso })),
      words: (value) => isoWords(Math.round(value)),
    },
  ];
  const height = courses.length * HALF + LABELS;
  return (
    <View>
      <View
        onLayout={onLayout}
        role="img"
        aria-label={`EV and ISO of ${found.length} bursts from ${wallOf({ outing }, from)} to ${wallOf({ outing }, until)}, the plan behind`}
        style={{ height }}
      >
        {size && (
          <Svg width={width} height={height}>
            {courses.map((course, i) => (
              <CourseDrawn key={course.name} course={course} top={i * HALF} x={x} width={width} />
            ))}
            <SvgText x={LEFT} y={height - 4} fontSize={14} fontFamily="Text-400" fill={tokens.ink2}>
              {wallOf({ outing }, from)}
            </SvgText>
            <SvgText
              x={width - 8}
              y={height - 4}
              fontSize={14}
              fontFamily="Text-400"
              fill={tokens.ink2}
              textAnchor="end"
            >
              {wallOf({ outing }, until)}
            </SvgText>
          </Svg>
        )}
      </View>
      <Txt size={14} tone="ink2">{`Dots: each burst. Line: the plan of ${shot.name}.`}</Txt>
    </View>
  );
}

function CourseDrawn({
  course,
  top,
  x,
  width,
}: {
  course: Course;
  top: number;
  x: (at: number) => number;
  width: number;
}) {
  const { ink, ink2, water, line } = useTokens();
  const values = [...course.planned, ...course.found].map((p) => p.value);
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const y = scaleLinear([low, Math.max(low + 1, high)], [top + HALF - 14, top + 12]);
  const path = course.planned.map((p, i) => `${i === 0 ? "M" : "L"}${x(p.at)} ${y(p.value)}`).join("");
  return (
    <G>
      <Line x1={LEFT} x2={width} y1={top + HALF - 4} y2={top + HALF - 4} stroke={line} />
      <SvgText x={0} y={y(high) + 5} fontSize={14} fontFamily="Text-400" fill={ink}>
        {course.words(high)}
      </SvgText>
      {high - low > 0.5 && (
        <SvgText x={0} y={y(low) + 5} fontSize={14} fontFamily="Text-400" fill={ink}>
          {course.words(low)}
        </SvgText>
      )}
      {path && <Path d={path} stroke={ink2} strokeWidth={2} strokeDasharray="6 4" fill="none" />}
      {course.found.map((p, i) => (
        <Circle key={i} cx={x(p.at)} cy={y(p.value)} r={3.5} fill={water} opacity={0.75} />
      ))}
    </G>
  );
}
