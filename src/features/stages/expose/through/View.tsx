import { View } from "react-native";
import Svg, { Circle, G, Line, Path, Text as SvgText } from "react-native-svg";
import type { Rail, Settings } from "@/core/exposure";
import type { Timeline } from "@/core/judge";
import { HourMarks } from "@/ui/charts/HourMarks";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { through } from "@/answers/expose/through";
import {
  apertureWords,
  changedWords,
  isoWords,
  momentWords,
  settingsWords,
  shutterWords,
  throughSentence,
} from "@/words";
import { useFound, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";
import { wallOf } from "../../shot/titles";
import { useHours } from "../../shot/use-hours";

const RAILS: readonly { readonly rail: Rail; readonly words: (click: number) => string }[] = [
  { rail: "shutter", words: shutterWords },
  { rail: "aperture", words: apertureWords },
  { rail: "iso", words: isoWords },
];
/** Px of one line, and of the room that its steps have. */
const ROW = 66;
const STEPS = 28;
const AXIS = 22;
const TYPE = 14;
/** Px about the value that is set now. */
const DOT = 5;

/** The three settings through the outing as stepped lines over the hours of the light strip, and each moment at which a limit breaks with what to set then. */
export function ThroughOuting() {
  const { timeline, breaks, worst } = useOuting(through);
  const outing = useOuting((v) => v.outing);
  const settings = useFound((f) => f.settings.settings);
  const { lookAt } = useOpenOuting();
  const said = throughSentence({ breaks, worst }, (at) => wallOf({ outing }, at));
  const then = (at: number): Settings =>
    (timeline.points.find((p) => p.at >= at) ?? timeline.points.at(-1)!).settings;
  return (
    <View className="gap-2">
      <SteppedLines timeline={timeline} />
      {worst ? (
        <SumText of={["worst"]} title="What is amiss at worst" words={said} tone="bracken" />
      ) : (
        <Txt>{said}</Txt>
      )}
      <View role="list" aria-label="Moments of the outing">
        {timeline.moments.map(({ at, code }) => (
          <View key={`${at} ${code}`} role="listitem">
            <Row
              title={`${wallOf({ outing }, at)} ${momentWords(code)}`}
              detail={
                code === "past-ceiling"
                  ? `${settingsWords(then(at))}: from then on the ways out decide, each with its price`
                  : changedWords(settings, then(at)) || "as now"
              }
              onPress={() => lookAt(at, true)}
            />
          </View>
        ))}
      </View>
    </View>
  );
}

function SteppedLines({ timeline: { points, moments } }: { timeline: Timeline }) {
  const [size, onLayout] = useSize();
  const { ink, line, water, bracken } = useTokens();
  const at = useOuting((v) => v.at);
  const { from, until } = useOuting((v) => v.window);
  const hours = useHours();
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || first.at === last.at) return null;
  const width = size?.width ?? 0;
  const height = RAILS.length * ROW + AXIS;
  const x = (t: number): number => ((t - from) / (until - from)) * width;
  const said = RAILS.map(
    ({ rail, words }) => `${words(first.settings[rail])} to ${words(last.settings[rail])}`,
  ).join(", ");
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`Settings through the outing: ${said}`}
      style={{ height }}
    >
      {size && (
        <Svg width={width} height={height} style={{ overflow: "visible" }}>
          {moments.map((m) => (
            <Line
              key={`${m.at} ${m.code}`}
              x1={x(m.at)}
              x2={x(m.at)}
              y1={0}
              y2={height - AXIS}
              stroke={m.code === "past-ceiling" ? bracken : line}
              strokeWidth={1.5}
            />
          ))}
          {RAILS.map(({ rail, words }, i) => {
            const clicks = points.map((p) => p.settings[rail]);
            const [low, high] = [Math.min(...clicks), Math.max(...clicks)];
            const foot = (i + 1) * ROW - 12;
            const y = (click: number): number =>
              foot - (high === low ? STEPS / 2 : ((click - low) / (high - low)) * STEPS);
            const path = points
              .map(
                (p, k) =>
                  `${k === 0 ? "M" : "H"}${x(p.at)}${k === 0 ? ` ${y(p.settings[rail])}` : `V${y(p.settings[rail])}`}`,
              )
              .join("");
            const here = points.findLast((p) => p.at <= at) ?? first;
            return (
              <G key={rail}>
                <SvgText x={0} y={foot - STEPS - 8} fontSize={TYPE} fontFamily="Text-600" fill={ink}>
                  {words(first.settings[rail])}
                </SvgText>
                <SvgText
                  x={width}
                  y={foot - STEPS - 8}
                  fontSize={TYPE}
                  fontFamily="Text-600"
                  fill={ink}
                  textAnchor="end"
                >
                  {words(last.settings[rail])}
                </SvgText>
                <Path d={path} fill="none" stroke={water} strokeWidth={2.5} />
                <Circle
                  cx={Math.min(width - DOT, Math.max(DOT, x(at)))}
                  cy={y(here.settings[rail])}
                  r={DOT}
                  fill={ink}
                />
              </G>
            );
          })}
          <HourMarks hours={hours} x={x} top={height - AXIS} foot={height - 2} />
        </Svg>
      )}
    </View>
  );
}
