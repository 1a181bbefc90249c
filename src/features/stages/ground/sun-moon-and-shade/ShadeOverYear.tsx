import { useMemo } from "react";
import { View } from "react-native";
import type { ShadeStretch, SpotLight } from "@/core/light";
import type { Vector } from "@/core/ground";
import { daysAfter, daysBetween, localDay, wallTimeOf } from "@/data";
import type { DayStretch } from "@/ui/charts/DayClock";
import { YearClock } from "@/ui/charts/YearClock";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { dateWords, hourWords, percentWords, timeWords } from "@/words";
import { useOuting } from "../../../outing/use-outing";
import { useRun } from "../../../outing/use-run";

/** Days between two that are looked at. */
const EVERY = 3;
const HOUR = 3_600_000;
const HOURS = [0, 6, 12, 18];
const MONTHS = ["J", "F", "M", "A", "M", "J", "J", "A", "S", "O", "N", "D"];

interface Year {
  readonly dates: readonly string[];
  readonly days: readonly { readonly from: number; readonly until: number }[];
  readonly shades: readonly (readonly ShadeStretch[])[];
}

interface Props {
  readonly name: string;
  readonly point: Vector;
  /** How a state of the shade is drawn. */
  readonly kinds: Readonly<Record<SpotLight, DayStretch["kind"]>>;
}

/** Sun and shade of a place through the year of the outing, day against hour, when it is asked for. */
export function ShadeOverYear({ name, point, kinds }: Props) {
  const outing = useOuting((v) => v.outing);
  const { state, start: begin, stop } = useRun<Year>();
  const { date, timeZone, ground } = outing;
  const start = (): void => {
    const first = `${date.slice(0, 4)}-01-01`;
    const count = Math.ceil(daysBetween(first, daysAfter(`${date.slice(0, 4)}-12-31`, 1)) / EVERY);
    const dates = Array.from({ length: count }, (_, i) => daysAfter(first, i * EVERY));
    const days = dates.map((d) => localDay({ date: d, timeZone }));
    const { anchor: place, obstacles } = ground;
    void begin("shadeOverYear", { point, place, obstacles, days }, (shades) => ({ dates, days, shades }));
  };
  if (state.kind === "running")
    return (
      <View className="flex-row">
        <Button label={`Stop, ${percentWords(state.share)} done`} onPress={stop} />
      </View>
    );
  if (state.kind !== "done")
    return (
      <View className="flex-row">
        {state.kind === "failed" && <Txt tone="bracken">This browser could not work it out.</Txt>}
        <Button label="Through the year" says={`${name} through the year`} onPress={start} />
      </View>
    );
  return <Drawn name={name} year={state.value} kinds={kinds} onClose={stop} />;
}

interface DrawnProps extends Pick<Props, "name" | "kinds"> {
  readonly year: Year;
  readonly onClose: () => void;
}

function Drawn({ name, year, kinds, onClose }: DrawnProps) {
  const { date, timeZone, starts } = useOuting((v) => v.outing);
  const window = useOuting((v) => v.window);
  const { dates, days, shades } = year;
  const told = useMemo(() => {
    const lit = days.map((day, i) => stateAt(shades[i]!, hourOn(day, starts)) === "sun");
    return rangesWords(dates, lit);
  }, [dates, days, shades, starts]);
  const today = localDay({ date, timeZone });
  const hourOf = (at: number): number => Math.min(24, Math.max(0, (at - today.from) / HOUR));
  const sentence = `At ${timeWords(starts)} in sun ${told}, if the sky is clear.`;
  return (
    <View className="gap-1">
      <YearClock
        says={`${name} through the year. ${sentence}`}
        days={days.map((day, i) => ({
          ...day,
          stretches: shades[i]!.map((s) => ({ from: s.from, until: s.until, kind: kinds[s.state] })),
        }))}
        months={MONTHS.map((words, month) => ({
          index: dates.findIndex((d) => Number(d.slice(5, 7)) === month + 1),
          words,
        }))}
        hours={HOURS.map((hour) => ({
          hour,
          words: hourWords(wallTimeOf(today.from + hour * HOUR, timeZone)),
        }))}
        marked={{
          index: daysBetween(dates[0]!, date) / EVERY,
          from: hourOf(window.from),
          until: hourOf(window.until),
        }}
      />
      <Txt size={14} tone="ink2">
        {sentence}
      </Txt>
      <View className="flex-row">
        <Button label="Fold the year" kind="plain" onPress={onClose} />
      </View>
    </View>
  );
}

/** The instant of a wall time HH:MM on a day, by the hours since its midnight. */
const hourOn = ({ from }: { from: number }, time: string): number =>
  from + (Number(time.slice(0, 2)) * 60 + Number(time.slice(3))) * 60_000;

const stateAt = (day: readonly ShadeStretch[], at: number): SpotLight | undefined =>
  day.find((s) => at >= s.from && at < s.until)?.state;

/** The spells of days for which something holds: "from Mar 4 to Oct 12". Days between two that were looked at count with them. */
function rangesWords(dates: readonly string[], holds: readonly boolean[]): string {
  if (holds.every(Boolean)) return "all year";
  if (!holds.some(Boolean)) return "never";
  const shown = (date: string): string => dateWords(date).split(" ").slice(1).join(" ");
  const spells: string[] = [];
  let began: number | undefined;
  holds.forEach((held, i) => {
    if (held && began === undefined) began = i;
    if (began === undefined || (held && i < holds.length - 1)) return;
    spells.push(`from ${shown(dates[began]!)} to ${shown(dates[held ? i : i - 1]!)}`);
    began = undefined;
  });
  return spells.join(" and ");
}
