import { scaleLog } from "d3-scale";
import { View } from "react-native";
import Svg, { G, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import type { Assessment, FrameView } from "@/core/judge";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { labelWidth } from "@/ui/plan/labels";
import { useTokens } from "@/ui/theme/theme";
import { SumText } from "../../reasons/SumText";
import {
  apertureWords,
  lengthUnit,
  metresFrom,
  metresRangeWords,
  metresWords,
  roundLengthWords,
} from "@/words";

const HEIGHT = 74;
const BAR = { top: 30, height: 14 };
const INSET = 8;
const TYPE = 14;
/** Round lengths in the user's unit; below one, those that are whole centimetres and whole inches. */
const STEPS = [1, 2, 3, 5, 7, 10, 15, 20, 30, 40, 50, 70, 100, 150, 200, 300, 400, 600, 1000];
const SMALL = { m: [0.1, 0.2, 0.3, 0.5], ft: [0.25, 0.5] };

/** From the lens to the background on a scale of doublings, with what is sharp on it. */
export function DepthRuler({ view, found }: { view: FrameView; found: Assessment }) {
  const [size, onLayout] = useSize();
  const { near, far } = view.depth;
  const title =
    far === "unbounded" ? `Sharp from ${metresWords(near)} on` : `Sharp from ${metresRangeWords(near, far)}`;
  return (
    <View>
      <View className="flex-row items-center justify-between">
        <SumText
          of={far === "unbounded" ? "near" : "sharp"}
          title="What is sharp"
          words={title}
          size={20}
          weight={700}
        />
        <Txt tone="ink2">{apertureWords(found.settings.settings.aperture)}</Txt>
      </View>
      <View
        onLayout={onLayout}
        role="img"
        aria-label={`${title} at ${apertureWords(found.settings.settings.aperture)}`}
      >
        {size && <Ruler width={size.width} view={view} />}
      </View>
    </View>
  );
}

function Ruler({ width, view }: { width: number; view: FrameView }) {
  const { built, water, ink, ink2 } = useTokens();
  const { near, far } = view.depth;
  const first = Math.min(near * 0.6, view.subjectDistance * 0.5);
  const last = Math.max(view.backgroundDistance, view.subjectDistance * 2) * 1.15;
  const x = scaleLog([first, last], [INSET, width - INSET]).clamp(true);
  const sharpTo = far === "unbounded" ? last : far;
  const marks = apart(
    [
      { at: x(view.subjectDistance), words: "subject" },
      { at: x(view.backgroundDistance), words: "behind it" },
      ...view.things.map((t) => ({ at: x(t.distance), words: t.name })),
    ],
    width,
  );
  return (
    <Svg width={width} height={HEIGHT}>
      <Rect x={INSET} y={BAR.top} width={width - 2 * INSET} height={BAR.height} rx={3} fill={built} />
      <Rect
        x={x(near)}
        y={BAR.top - 5}
        width={Math.max(4, x(sharpTo) - x(near))}
        height={BAR.height + 10}
        rx={2}
        fill={water}
      />
      {marks.map(({ at, words, left }) => (
        <G key={words + at}>
          <Path d={`M${at} ${BAR.top - 4}l-5 -7h10Z`} fill={ink} />
          <SvgText x={left} y={13} fontSize={TYPE} fontFamily="Text-600" fill={ink}>
            {words}
          </SvgText>
        </G>
      ))}
      {ticks(first, last, x, width).map(({ metres, written }) => (
        <G key={written}>
          <Line
            x1={x(metres)}
            x2={x(metres)}
            y1={BAR.top + BAR.height}
            y2={BAR.top + BAR.height + 6}
            stroke={ink2}
            strokeWidth={1.4}
          />
          <SvgText
            x={x(metres)}
            y={HEIGHT - 8}
            fontSize={TYPE}
            fontFamily="Text-400"
            fill={ink2}
            textAnchor="middle"
          >
            {roundLengthWords(written)}
          </SvgText>
        </G>
      ))}
    </Svg>
  );
}

interface Mark {
  readonly at: number;
  readonly words: string;
}

/** Marks whose words do not touch; earlier ones go first. */
function apart(marks: readonly Mark[], width: number): (Mark & { readonly left: number })[] {
  const placed: (Mark & { readonly left: number; readonly right: number })[] = [];
  for (const mark of marks) {
    const length = labelWidth(mark.words, TYPE);
    const left = Math.max(0, Math.min(width - length, mark.at - length / 2));
    const free = placed.every((p) => left > p.right || left + length < p.left);
    if (free) placed.push({ ...mark, left, right: left + length });
  }
  return placed;
}

interface Tick {
  readonly metres: number;
  /** In the user's unit. */
  readonly written: number;
}

/** Px between two ticks, and between a tick and an end, that leave room for their words. */
const BETWEEN = 46;
const FROM_END = 22;

/** Round distances with room for their words between them. */
function ticks(first: number, last: number, x: (metres: number) => number, width: number): Tick[] {
  const kept: Tick[] = [];
  let right = -Infinity;
  for (const written of [...SMALL[lengthUnit()], ...STEPS]) {
    const metres = metresFrom(written);
    const at = x(metres);
    if (metres <= first || metres >= last || at < FROM_END || at > width - FROM_END) continue;
    if (at - right < BETWEEN) continue;
    kept.push({ metres, written });
    right = at;
  }
  return kept;
}
