import { memo } from "react";
import { View } from "react-native";
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import { useSlider } from "../controls/useSlider";
import { useSize } from "../layout/use-size";
import { labelWidth, overlaps, type Box, type PlacedLabel } from "../plan/labels";
import { evWords } from "@/words";
import { useTokens } from "../theme/theme";
import { HourMarks, type HourMark } from "./HourMarks";

export interface StripMark {
  readonly at: number;
  readonly words: string;
  /** A limit that breaks, a change of the light, or what the sky does, which gives way to both. */
  readonly kind: "danger" | "break" | "sky";
}

const RANK: Readonly<Record<StripMark["kind"], number>> = { danger: 0, break: 1, sky: 2 };

interface Props {
  readonly label: string;
  /** Epoch milliseconds. */
  readonly from: number;
  readonly until: number;
  readonly at: number;
  readonly points: readonly { readonly at: number; readonly ev: number }[];
  /** EV between which the light could be, where a forecast says so. */
  readonly band?: readonly { readonly at: number; readonly low: number; readonly high: number }[];
  /** EV that was measured, and what the model had there and then. */
  readonly measured?: readonly { readonly at: number; readonly ev: number; readonly planned: number }[];
  readonly marks: readonly StripMark[];
  readonly hours: readonly HourMark[];
  /** The time in hand, and what it is called for a screen reader. */
  readonly timeWords: string;
  readonly words: string;
  readonly height: number;
  readonly onChange: (at: number) => void;
  readonly onEnd: (at: number) => void;
}

const MINUTE = 60_000;
const INSET = 16;
const AXIS = 22;
const PILL = { width: 66, height: 28, type: 16 };
const TYPE = 14;

/** EV against the clock, with the moments at which something breaks; dragging along it is the time control. */
export function LightStrip({ label, words, onChange, onEnd, ...drawn }: Props) {
  const { from, until, at, height } = drawn;
  const [size, onLayout] = useSize();
  const slider = useSlider({
    label,
    value: at,
    min: from,
    max: until,
    step: MINUTE,
    page: 15 * MINUTE,
    words,
    inset: INSET,
    onChange,
    onEnd,
  });
  return (
    <View {...slider} style={[slider.style, { height }]} onLayout={onLayout} className="w-full">
      {size && <StripDrawing {...drawn} width={size.width} />}
    </View>
  );
}

/** What lies under the time in hand, in px. */
interface Scale {
  readonly x: (at: number) => number;
  readonly y: (ev: number) => number;
  readonly base: number;
}

function scaleOf({ from, until, points, band = [], measured = [], height, width }: DrawingProps): Scale {
  const base = height - AXIS;
  const top = PILL.height + (isFolded(height) ? 4 : 12);
  const evs = [...points, ...measured].map((p) => p.ev).concat(band.flatMap((b) => [b.low, b.high]));
  const high = Math.max(8, ...evs);
  const low = Math.min(2, ...evs);
  return {
    x: (t) => INSET + ((t - from) / (until - from)) * (width - 2 * INSET),
    y: (ev) => base - 4 - ((ev - low) / (high - low)) * (base - 4 - top),
    base,
  };
}

const isFolded = (height: number): boolean => height < 100;

type DrawingProps = Pick<
  Props,
  "from" | "until" | "points" | "band" | "measured" | "marks" | "hours" | "height"
> & {
  readonly width: number;
};

function StripDrawing({ at, timeWords, ...fixed }: DrawingProps & Pick<Props, "at" | "timeWords">) {
  const tokens = useTokens();
  const { width, height } = fixed;
  const { x, base } = scaleOf(fixed);
  const pillWidth = Math.max(PILL.width, labelWidth(timeWords, PILL.type));
  const pillLeft = Math.min(width - pillWidth - 2, Math.max(2, x(at) - pillWidth / 2));
  const pill: Box = { left: pillLeft, top: 1, width: pillWidth, height: PILL.height };
  return (
    <Svg width={width} height={height} style={{ pointerEvents: "none" }}>
      <Course {...fixed} />
      {!isFolded(height) && <MarkLabels {...fixed} pill={pill} />}
      <Line x1={x(at)} x2={x(at)} y1={PILL.height} y2={base} stroke={tokens.water} strokeWidth={3} />
      <Rect {...rectOf(pill)} rx={PILL.height / 2} fill={tokens.water} />
      <SvgText
        x={pill.left + pill.width / 2}
        y={20.5}
        fontSize={PILL.type}
        fontFamily="Text-700"
        fill={tokens.onWater}
        textAnchor="middle"
      >
        {timeWords}
      </SvgText>
    </Svg>
  );
}

/** The outline of a band, along its upper edge and back along the lower one. */
function bandPath(band: NonNullable<Props["band"]>, x: Scale["x"], y: Scale["y"]): string {
  const upper = band.map((b) => `${x(b.at).toFixed(1)} ${y(b.high).toFixed(1)}`);
  const lower = band.toReversed().map((b) => `${x(b.at).toFixed(1)} ${y(b.low).toFixed(1)}`);
  return `M${[...upper, ...lower].join("L")}Z`;
}

const inkOf = (kind: StripMark["kind"], tokens: ReturnType<typeof useTokens>): string =>
  kind === "danger" ? tokens.bracken : kind === "sky" ? tokens.ink2 : tokens.ink;

/** The light over the outing, its hours and its moments: what a drag of the time leaves as it is. */
const Course = memo(function Course(props: DrawingProps) {
  const { from, until, points, band = [], measured = [], marks, hours, height, width } = props;
  const tokens = useTokens();
  const { x, y, base } = scaleOf(props);
  const line = points
    .map((p, i) => `${i === 0 ? "M" : "L"}${x(p.at).toFixed(1)} ${y(p.ev).toFixed(1)}`)
    .join("");
  return (
    <G>
      {points.length > 1 && (
        <>
          <Path
            d={`${line}L${x(until)} ${base}L${x(from)} ${base}Z`}
            fill={tokens.sunFill}
            fillOpacity={0.45}
          />
          <Path d={line} fill="none" stroke={tokens.sun} strokeWidth={2.5} strokeLinejoin="round" />
        </>
      )}
      {band.length > 1 && <Path d={bandPath(band, x, y)} fill={tokens.sun} fillOpacity={0.3} />}
      <Line x1={INSET} x2={width - INSET} y1={base} y2={base} stroke={tokens.line} />
      {!isFolded(height) && points.length > 1 && <EndLevels points={points} width={width} base={base} />}
      <HourMarks hours={hours} x={x} top={base} foot={height - 3} />
      {measured.map((m) => (
        <MeasuredMark key={m.at} x={x(m.at)} y={y(m.ev)} planned={y(m.planned)} />
      ))}
      {marks.map((mark) => (
        <Circle
          key={mark.at + mark.words}
          cx={x(mark.at)}
          cy={y(evAt(points, mark.at))}
          r={mark.kind === "sky" ? 2.5 : 4.5}
          fill={mark.kind === "sky" ? tokens.ink2 : tokens.paper}
          stroke={inkOf(mark.kind, tokens)}
          strokeWidth={2}
        />
      ))}
    </G>
  );
});

/** A level that was measured, as a lozenge on a stem from where the plan had it. */
function MeasuredMark({
  x,
  y,
  planned,
}: {
  readonly x: number;
  readonly y: number;
  readonly planned: number;
}) {
  const { ink, paper } = useTokens();
  return (
    <G>
      <Line x1={x} x2={x} y1={planned} y2={y} stroke={ink} strokeWidth={1.5} />
      <Line x1={x - 4} x2={x + 4} y1={planned} y2={planned} stroke={ink} strokeWidth={1.5} />
      <Path
        d={`M${x} ${y - 6}L${x + 5} ${y}L${x} ${y + 6}L${x - 5} ${y}Z`}
        fill={paper}
        stroke={ink}
        strokeWidth={2}
      />
    </G>
  );
}

/** The light at both ends of the outing. */
function EndLevels({ points, width, base }: Pick<DrawingProps, "points" | "width"> & { base: number }) {
  const { ink } = useTokens();
  return [points[0]!, points[points.length - 1]!].map((p, i) => (
    <SvgText
      key={p.at}
      x={i === 0 ? INSET + 4 : width - INSET - 4}
      y={base - 8}
      fontSize={TYPE}
      fontFamily="Text-400"
      fill={ink}
      textAnchor={i === 0 ? "start" : "end"}
    >
      {evWords(p.ev)}
    </SvgText>
  ));
}

/** What happens at each moment, where the time in hand leaves room for it. */
function MarkLabels({ pill, ...fixed }: DrawingProps & { pill: Box }) {
  const { points, marks, width } = fixed;
  const { x, y, base } = scaleOf(fixed);
  const wishes = marks
    .map((mark, i) => ({
      id: String(i),
      words: mark.words,
      left: x(mark.at),
      low: y(evAt(points, mark.at)) - 8,
      rank: RANK[mark.kind],
    }))
    .sort((a, b) => a.rank - b.rank);
  const frame: Box = { left: 0, top: 0, width, height: base };
  return placeInRows(wishes, pill, frame).map((label) => {
    const mark = marks[Number(label.id)]!;
    return (
      <MarkLabel
        key={label.id}
        left={label.left}
        top={label.top}
        width={label.width}
        words={label.words}
        kind={mark.kind}
        x={x(mark.at)}
        y={y(evAt(points, mark.at))}
      />
    );
  });
}

interface MarkLabelProps {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly words: string;
  readonly kind: StripMark["kind"];
  /** Where its moment lies on the curve. */
  readonly x: number;
  readonly y: number;
}

const MarkLabel = memo(function MarkLabel({ left, top, width, words, kind, x, y }: MarkLabelProps) {
  const tokens = useTokens();
  const colour = inkOf(kind, tokens);
  return (
    <G>
      <Line x1={x} x2={x} y1={top + ROW - 2} y2={y - 5} stroke={colour} strokeWidth={1.5} />
      <Rect x={left} y={top} width={width} height={ROW} fill={tokens.paper} rx={4} />
      <SvgText
        x={left + width / 2}
        y={top + ROW - 6}
        fontSize={TYPE}
        fontFamily="Text-600"
        fill={colour}
        textAnchor="middle"
      >
        {words}
      </SvgText>
    </G>
  );
});

const evAt = (points: Props["points"], at: number): number => nearest(points, at)?.ev ?? 0;

const rectOf = (box: Box) => ({ x: box.left, y: box.top, width: box.width, height: box.height });

function nearest<T extends { readonly at: number }>(points: readonly T[], at: number): T | undefined {
  let best: T | undefined;
  for (const p of points) if (!best || Math.abs(p.at - at) < Math.abs(best.at - at)) best = p;
  return best;
}

const ROW = TYPE * 1.4;

interface StripWish {
  readonly id: string;
  readonly words: string;
  /** Px of its moment, and of the lowest edge that keeps it above the curve. */
  readonly left: number;
  readonly low: number;
}

/**
 * Labels in three rows from the top, over, right or left of their moment; each takes the first place in which it covers
 * neither the pill, the curve nor another.
 */
function placeInRows(wishes: readonly StripWish[], pill: Box, frame: Box): PlacedLabel[] {
  const placed: PlacedLabel[] = [];
  for (const { id, words, left, low } of wishes) {
    const width = labelWidth(words, TYPE);
    const boxes = [0, 1, 2].flatMap((row) =>
      [left - width / 2, left - 6, left + 6 - width].map((from) => ({
        id,
        words,
        left: Math.min(frame.width - width, Math.max(0, from)),
        top: row * ROW,
        width,
        height: ROW,
      })),
    );
    const fit = boxes.find(
      (box) => box.top + ROW <= low && ![pill, ...placed].some((other) => overlaps(box, other)),
    );
    if (fit) placed.push(fit);
  }
  return placed;
}
