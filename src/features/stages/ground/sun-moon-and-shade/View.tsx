import { useMemo, useState } from "react";
import { View } from "react-native";
import { dayOf, shadeOn, skyDay, sunInEyes } from "@/answers/ground/sun-moon-and-shade";
import type { ShadeStretch } from "@/core/light";
import { wallDate, wallTimeOf, type Outing } from "@/data";
import { DayClock, type DayStretch } from "@/ui/charts/DayClock";
import { Button } from "@/ui/controls/Button";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { hourWords, moonWords, spotLightWords, sunEventWords } from "@/words";
import { useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";
import { LookAhead } from "./LookAhead";
import { ShadeOverYear } from "./ShadeOverYear";

const KINDS = { sun: "sun", shaded: "shade", "sun-down": "night" } as const satisfies Record<
  ShadeStretch["state"],
  DayStretch["kind"]
>;

/**
 * The day at the spot and at the position in hand: when in sun, when in shade and by what; what sun and moon do. The outing's
 * own day, or any other that is asked for.
 */
export function SunAndShade() {
  const spot = useOuting((v) => v.spot);
  const position = useOuting((v) => v.position);
  const own = useOuting((v) => v.outing.date);
  const [other, setOther] = useState<string>();
  const date = other ?? own;
  return (
    <View className="gap-4">
      <View className="flex-row flex-wrap items-end gap-3">
        <TextField
          label="The ground on"
          type="date"
          value={date}
          onChange={(day) => {
            if (wallDate.safeParse(day).success) setOther(day === own ? undefined : day);
          }}
        />
        {other !== undefined && (
          <Button label="The outing’s day" kind="plain" onPress={() => setOther(undefined)} />
        )}
      </View>
      <Clock name={spot.name} at={spot.at} height={spot.aimHeight} date={date} />
      {position && (
        <Clock
          name={`Your lens at ${position.name}`}
          at={position.at}
          height={position.lensHeight}
          date={date}
        />
      )}
      {position && <InYourEyes date={date} />}
      <DayEvents date={date} />
      <LookAhead />
    </View>
  );
}

/** When the sun shines into one's eyes and onto the front lens, looking from the position at the spot. */
function InYourEyes({ date }: { date: string }) {
  const outing = useOuting((v) => v.outing);
  const position = useOuting((v) => v.position);
  const spells = useOuting((v) => sunInEyes(v, date));
  const told = spells.map((s) => `from ${wallOf({ outing }, s.from)} to ${wallOf({ outing }, s.until)}`);
  return (
    <Txt>
      {told.length === 0
        ? `The sun never shines into your eyes from ${position?.name} that day.`
        : `The sun shines into your eyes and onto your lens ${told.join(" and ")}: a hood, a cap, or a step aside. Never look at it through the finder.`}
    </Txt>
  );
}

interface ClockProps {
  readonly name: string;
  readonly at: { readonly x: number; readonly y: number };
  /** Metres. */
  readonly height: number;
  /** The day that is looked at. */
  readonly date: string;
}

const HOUR = 3_600_000;

function Clock({ name, at: place, height, date }: ClockProps) {
  const outing = useOuting((v) => v.outing);
  const window = useOuting((v) => v.window);
  const at = useOuting((v) => v.at);
  const { x, y } = place;
  const { timeZone } = outing;
  // The outing's hours on the day that is looked at.
  const { day, shift } = dayOf(outing, date);
  const stretches = shadeOn(outing, { x, y, z: height }, date);
  const hours = useMemo(
    () =>
      [6, 12, 18].map((hour) => {
        const t = day.from + hour * HOUR;
        return { at: t, words: hourWords(wallTimeOf(t, timeZone)) };
      }),
    [day, timeZone],
  );
  const now = stretches.find((s) => at + shift >= s.from && at + shift < s.until);
  const up = stretches.filter((s) => s.state !== "sun-down");
  const told = up.length === 0 ? "the sun stays down" : up.map((s) => stretchWords(outing, s)).join("; ");
  return (
    <View className="gap-1">
      <Txt weight={700}>
        {now ? `${name}: ${stateWords(outing, now)} until ${wallOf({ outing }, now.until)}` : name}
      </Txt>
      <DayClock
        says={`${name} over the day: ${told}`}
        stretches={stretches.map((s) => ({ from: s.from, until: s.until, kind: KINDS[s.state] }))}
        day={day}
        window={{ from: window.from + shift, until: window.until + shift }}
        at={at + shift}
        hours={hours}
      />
      <Txt size={14} tone="ink2">
        {told}
      </Txt>
      <ShadeOverYear key={`${x} ${y} ${height}`} name={name} point={{ x, y, z: height }} kinds={KINDS} />
    </View>
  );
}

const stateWords = (outing: Outing, { state, by }: ShadeStretch): string =>
  spotLightWords(state, outing.ground.obstacles.find((o) => o.id === by)?.name);

const stretchWords = (outing: Outing, stretch: ShadeStretch): string =>
  `${wallOf({ outing }, stretch.from)} to ${wallOf({ outing }, stretch.until)} ${stateWords(outing, stretch)}`;

/** What sun and moon do from midnight to midnight; what falls into the outing stands out. */
function DayEvents({ date }: { date: string }) {
  const outing = useOuting((v) => v.outing);
  const window = useOuting((v) => v.window);
  const { events, moonLit } = skyDay(outing, date);
  const wordsOf = (code: (typeof events)[number]["code"]): string => {
    if (code === "moonrise") return `Moonrise, ${moonWords(moonLit)}`;
    return code === "moonset" ? "Moonset" : sunEventWords(code);
  };
  return (
    <View role="list" aria-label="Sun and moon of the day">
      {events.map(({ at, code }) => {
        const words = wordsOf(code);
        const isIn = at >= window.from && at <= window.until;
        return (
          <View
            key={`${at} ${words}`}
            role="listitem"
            className="min-h-9 flex-row items-center gap-3 border-b border-line"
          >
            <Txt weight={isIn ? 700 : 400} className="w-[72px]">
              {wallOf({ outing }, at)}
            </Txt>
            <Txt weight={isIn ? 700 : 400} tone={isIn ? "ink" : "ink2"} className="min-w-0 flex-1">
              {words}
            </Txt>
          </View>
        );
      })}
    </View>
  );
}
