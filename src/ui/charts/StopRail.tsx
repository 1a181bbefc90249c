import LockIcon from "lucide-react-native/icons/lock";
import OpenIcon from "lucide-react-native/icons/lock-open";
import { useId, type ReactNode } from "react";
import { View } from "react-native";
import Svg, { G, Line, Path, Rect, Text as SvgText } from "react-native-svg";
import { IconButton } from "../controls/Button";
import { Txt } from "../controls/Txt";
import { useSlider } from "../controls/useSlider";
import { useTokens } from "../theme/theme";
import { LABEL_PADDING, labelWidth } from "../plan/labels";
import { Hatch } from "./Hatch";

export interface RailTick {
  readonly click: number;
  readonly words: string;
}

interface Props {
  readonly label: string;
  readonly note: string;
  readonly words: string;
  /** First and last click drawn. */
  readonly first: number;
  readonly last: number;
  readonly at: number;
  readonly from: number;
  readonly to: number;
  /** First and last click that lens and body have: the knob goes no further. */
  readonly least: number;
  readonly most: number;
  /** Why it goes no further, while it stands there. */
  readonly stopWords?: string;
  readonly fromWords: string;
  readonly toWords: string;
  readonly inside: boolean;
  /** Px per click, the same on every rail of a screen. */
  readonly pxPerClick: number;
  readonly ticks: readonly RailTick[];
  readonly wordsAt: (click: number) => string;
  /** Whether it is held by hand, and what a press on its lock does. */
  readonly held: boolean;
  readonly onHold: () => void;
  readonly onChange: (click: number) => void;
  /** Makes the figure something that a press opens. */
  readonly pressed: (figure: ReactNode) => ReactNode;
}

const INSET = 14;
const BAR = { top: 8, height: 22 };
const TICKS = BAR.top + BAR.height;
const HEIGHT = 82;

/**
 * One rail of stops: what is allowed is solid, what is not is hatched, and under each end stands the reason that makes
 * it. The knob slides in clicks; past a limit it says so.
 */
export function StopRail(props: Props) {
  const { first, last, at, from, to, inside, pxPerClick, label, words, least, most, stopWords } = props;
  const tokens = useTokens();
  const Lock = props.held ? LockIcon : OpenIcon;
  const hatch = `rail-${useId().replace(/\W/g, "")}`;
  const slider = useSlider({
    label,
    value: at,
    min: Math.max(first, props.least),
    max: Math.min(last, Math.max(props.most, props.least)),
    step: 1,
    page: 3,
    words: [
      inside
        ? props.wordsAt(at)
        : `${props.wordsAt(at)}, past ${at < from ? props.fromWords : props.toWords}`,
      stopWords,
    ]
      .filter(Boolean)
      .join(", "),
    inset: INSET,
    onChange: props.onChange,
  });
  const x = (click: number): number => INSET + (Math.min(last, Math.max(first, click)) - first) * pxPerClick;
  const width = 2 * INSET + (last - first) * pxPerClick;
  const colour = inside ? tokens.ink : tokens.bracken;
  return (
    <View>
      <View className="flex-row items-center gap-1">
        <IconButton
          label={`${props.held ? "Let go of" : "Hold"} ${label}`}
          onPress={props.onHold}
          className="-ml-3"
        >
          <Lock size={22} color={props.held ? tokens.ink : tokens.water} />
        </IconButton>
        <Txt tone="ink2" className="min-w-0 flex-1">
          {`${label}${props.note}${stopWords ? `. ${stopWords}` : ""}`}
        </Txt>
        {props.pressed(
          <Txt size={32} weight={700} tone={inside ? "ink" : "bracken"}>
            {words}
          </Txt>,
        )}
      </View>
      <View {...slider} style={[slider.style, { width, height: HEIGHT, marginLeft: -INSET }]}>
        <Svg width={width} height={HEIGHT} style={{ pointerEvents: "none" }}>
          <Hatch id={hatch} ink={tokens.ink2} opacity={0.55} />
          <Rect
            x={x(least)}
            y={BAR.top}
            width={Math.max(0, x(most) - x(least))}
            height={BAR.height}
            rx={3}
            fill={`url(#${hatch})`}
            stroke={tokens.line}
          />
          <Rect
            x={x(from)}
            y={BAR.top}
            width={Math.max(0, x(to) - x(from))}
            height={BAR.height}
            rx={3}
            fill={tokens.mossFill}
          />
          {legible(props.ticks, x, width).map((tick) => (
            <G key={tick.click}>
              <Line
                x1={x(tick.click)}
                x2={x(tick.click)}
                y1={TICKS}
                y2={TICKS + 5}
                stroke={tokens.ink2}
                strokeWidth={1.5}
              />
              {tick.words ? (
                <SvgText
                  x={tick.middle}
                  y={TICKS + 18}
                  fontSize={14}
                  fontFamily="Text-400"
                  fill={tokens.ink2}
                  textAnchor="middle"
                >
                  {tick.words}
                </SvgText>
              ) : null}
            </G>
          ))}
          <EndReasons {...props} x={x} width={width} past={inside ? undefined : at < from ? "from" : "to"} />
          <Rect
            x={x(at) - 7}
            y={2}
            width={14}
            height={BAR.height + 11}
            rx={4}
            fill={tokens.sheet}
            stroke={colour}
            strokeWidth={3.5}
          />
        </Svg>
      </View>
    </View>
  );
}

/** Px between two words on a scale. */
const BETWEEN = 4;

/** Ticks with the middle of their words inside the drawing; a word that would touch the one before it is left out. */
function legible(
  ticks: readonly RailTick[],
  x: (click: number) => number,
  width: number,
): (RailTick & { readonly middle: number })[] {
  let right = -Infinity;
  return ticks.map((tick) => {
    const half = labelWidth(tick.words, 14) / 2 - LABEL_PADDING;
    const middle = Math.min(width - half, Math.max(half, x(tick.click)));
    const fits = tick.words !== "" && middle - half > right + BETWEEN;
    if (fits) right = middle + half;
    return { ...tick, words: fits ? tick.words : "", middle };
  });
}

interface EndProps extends Props {
  readonly x: (click: number) => number;
  readonly width: number;
  readonly past: "from" | "to" | undefined;
}

/** The reasons under the two ends; the one that is broken comes first, the other gives way when both do not fit. */
function EndReasons({ from, to, fromWords, toWords, x, width, past }: EndProps) {
  const tokens = useTokens();
  const ends = [
    { key: "from" as const, at: x(from), words: fromWords },
    { key: "to" as const, at: x(to), words: toWords },
  ];
  const place = (end: (typeof ends)[number]) => {
    const half = labelWidth(end.words, 14) / 2 + 8;
    const middle = Math.min(width - half, Math.max(half, end.at));
    return { ...end, left: middle - half, right: middle + half, middle };
  };
  const [a, b] = ends.map(place) as [ReturnType<typeof place>, ReturnType<typeof place>];
  const clash = a.right > b.left;
  const shown = !clash ? [a, b] : past === "to" ? [b] : [a];
  return shown.map((end) => {
    const colour = end.key === past ? tokens.bracken : tokens.ink;
    return (
      <G key={end.key}>
        <Path d={`M${end.at} ${TICKS + 23}l5 8h-10z`} fill={colour} />
        <SvgText
          x={end.middle}
          y={TICKS + 44}
          fontSize={14}
          fontFamily="Text-600"
          fill={colour}
          textAnchor="middle"
        >
          {end.words}
        </SvgText>
      </G>
    );
  });
}
