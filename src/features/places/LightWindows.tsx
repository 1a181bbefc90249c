import { useState } from "react";
import { View } from "react-native";
import Svg, { G, Line, Rect, Text as SvgText } from "react-native-svg";
import { scaleLinear } from "d3-scale";
import { dayInYear } from "@/answers/places/year";
import { windowsAsked } from "@/answers/places/windows";
import type { LightWindow } from "@/core/year";
import { fileNameOf, wallDateOf, wallTimeOf, type Place } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Picker } from "@/ui/controls/Picker";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { useTokens } from "@/ui/theme/theme";
import { MONTH_STARTS, windowWords } from "@/words/place-kept";
import { useRun } from "../outing/use-run";
import { downloadText } from "../store/file-transfer";

const SIDES = [
  { key: "front", label: "From the front" },
  { key: "side", label: "From the side" },
  { key: "back", label: "From behind" },
] as const;
const HEIGHTS = [
  { key: "first", label: "0–6°", range: [0, 6] },
  { key: "low", label: "4–15°", range: [4, 15] },
  { key: "mid", label: "12–35°", range: [12, 35] },
] as const;

type Side = (typeof SIDES)[number]["key"];
interface Props {
  readonly place: Place;
  /** YYYY-MM-DD. */
  readonly today: string;
}

/** When within a year the light falls on a spot as it is wished, the best first; as a calendar to take along. */
export function LightWindows({ place, today }: Props) {
  const { spots, positions } = place.ground;
  const [spotId, setSpotId] = useState(spots[0]?.id ?? "");
  const [positionId, setPositionId] = useState(positions[0]?.id ?? "");
  const [side, setSide] = useState<Side>("front");
  const [height, setHeight] = useState<(typeof HEIGHTS)[number]["key"]>("low");
  const { state, start, stop } = useRun<readonly LightWindow[]>();
  const altitudes = HEIGHTS.find((h) => h.key === height)!.range;
  const asked = windowsAsked(place, { spotId, side, altitudes, ...(positionId && { positionId }) }, today);
  if (!asked)
    return (
      <Txt tone="ink2">
        The sun reaches nothing under a roof, and hangs on where a place lies: tell its coordinates in an
        outing first.
      </Txt>
    );
  const anew =
    <T,>(set: (value: T) => void) =>
    (value: T): void => {
      set(value);
      stop();
    };
  return (
    <View className="gap-2">
      <Picker
        label="Light on"
        items={spots.map((s) => ({ key: s.id, title: s.name }))}
        chosen={spotId}
        onChoose={anew(setSpotId)}
      />
      {positions.length > 0 && (
        <Picker
          label="Seen from"
          items={positions.map((p) => ({ key: p.id, title: p.name }))}
          chosen={positionId}
          onChoose={anew(setPositionId)}
        />
      )}
      <Segmented label="Side of the light" segments={SIDES} chosen={side} onChoose={anew(setSide)} />
      <Segmented label="Height of the sun" segments={HEIGHTS} chosen={height} onChoose={anew(setHeight)} />
      {state.kind === "running" ? (
        <View className="flex-row items-center gap-3">
          <Txt className="min-w-0 flex-1">{`Looking at the year: ${Math.round(100 * state.share)} %`}</Txt>
          <Button label="Stop" kind="plain" onPress={stop} />
        </View>
      ) : (
        <Button
          label="Find the windows of a year"
          onPress={() => void start("lightWindows", asked, (found) => found)}
        />
      )}
      {state.kind === "failed" && (
        <Txt tone="bracken">This browser works nothing out beside the page. Try another one.</Txt>
      )}
      {state.kind === "done" && <Found place={place} windows={state.value} today={today} />}
    </View>
  );
}

/** Windows in words before one asks for the rest. */
const FIRST = 6;

function Found({ place, windows, today }: Props & { windows: readonly LightWindow[] }) {
  const [isAll, setAll] = useState(false);
  const { timeZone } = place;
  const clock = {
    date: (at: number) => wallDateOf(at, timeZone),
    time: (at: number) => wallTimeOf(at, timeZone),
  };
  const take = async (): Promise<void> => {
    const { windowsCalendar } = await import("@/outing/places/windows-calendar");
    const text = windowsCalendar(place.name, windows, Date.now());
    downloadText(fileNameOf({ name: place.name, date: today }, "light.ics"), text, "text/calendar");
  };
  if (windows.length === 0)
    return <Txt>The sun never comes there so within a year. Try another side, or another height.</Txt>;
  return (
    <View className="gap-2">
      <WindowsDrawn windows={windows} timeZone={timeZone} today={today} />
      <View role="list" aria-label="Windows of the year, the best first">
        {windows.slice(0, isAll ? windows.length : FIRST).map((w) => (
          <View key={w.from} role="listitem" className="border-b border-line py-2">
            <Txt>{windowWords(w, clock)}</Txt>
          </View>
        ))}
      </View>
      <View className="flex-row flex-wrap gap-2">
        {windows.length > FIRST && !isAll && (
          <Button
            label={`All ${windows.length}`}
            kind="plain"
            className="-ml-4"
            onPress={() => setAll(true)}
          />
        )}
        <Button label="As a calendar" says="The windows as a calendar file" onPress={() => void take()} />
      </View>
    </View>
  );
}

const HEIGHT = 150;
const FOOT = 20;

/** Windows over the year: months across, the hour of the day upwards, the better the stronger. */
function WindowsDrawn({
  windows,
  timeZone,
  today,
}: {
  windows: readonly LightWindow[];
  timeZone: string;
  today: string;
}) {
  const [size, onLayout] = useSize();
  const { sun, line, ink2, bracken } = useTokens();
  const width = size?.width ?? 0;
  const x = scaleLinear([1, 367], [30, Math.max(31, width)]);
  const hour = (at: number): number => {
    const time = wallTimeOf(at, timeZone);
    return Number(time.slice(0, 2)) + Number(time.slice(3, 5)) / 60;
  };
  const first = Math.max(0, Math.floor(Math.min(...windows.map((w) => hour(w.from)))) - 1);
  const last = Math.min(24, Math.ceil(Math.max(...windows.map((w) => hour(w.until)))) + 1);
  const y = scaleLinear([first, last], [HEIGHT - FOOT, 10]);
  const hours = Array.from({ length: last - first + 1 }, (_, i) => first + i).filter(
    (h) => (h - first) % Math.ceil((last - first) / 6) === 0,
  );
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`${windows.length} windows over the year by month and hour`}
      style={{ height: HEIGHT }}
    >
      {size && (
        <Svg width={width} height={HEIGHT}>
          {hours.map((h) => (
            <G key={h}>
              <Line x1={30} y1={y(h)} x2={width} y2={y(h)} stroke={line} strokeWidth={1} />
              <SvgText x={2} y={y(h) + 5} fontSize={14} fontFamily="Text-400" fill={ink2}>
                {String(h)}
              </SvgText>
            </G>
          ))}
          {MONTH_STARTS.filter((_, i) => i % 2 === 0).map(({ name, day }) => (
            <SvgText key={name} x={x(day)} y={HEIGHT - 4} fontSize={14} fontFamily="Text-400" fill={ink2}>
              {name}
            </SvgText>
          ))}
          {windows.map((w) => (
            <Rect
              key={w.from}
              x={x(dayInYear(wallDateOf(w.from, timeZone))) - 2}
              y={y(hour(w.until))}
              width={4}
              height={Math.max(3, y(hour(w.from)) - y(hour(w.until)))}
              fill={sun}
              opacity={0.35 + 0.65 * w.fit}
            />
          ))}
          <Line
            x1={x(dayInYear(today))}
            y1={0}
            x2={x(dayInYear(today))}
            y2={HEIGHT - FOOT}
            stroke={bracken}
            strokeWidth={2}
          />
        </Svg>
      )}
    </View>
  );
}
