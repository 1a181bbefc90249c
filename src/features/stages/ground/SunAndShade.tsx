import { useMemo } from "react";
import { View } from "react-native";
import { moonAt, moonDay, shadeOverDay, sunDay, type ShadeStretch } from "@/core/light";
import { localDay, wallTimeOf, type Outing } from "@/data";
import { DayClock, type DayStretch } from "@/ui/charts/DayClock";
import { Txt } from "@/ui/controls/Txt";
import { hourWords, moonWords, spotLightWords, sunEventWords } from "@/words";
import { useOuting } from "../../outing/use-outing";
import { wallOf } from "../shot/titles";
import { LookAhead } from "./LookAhead";
import { ShadeOverYear } from "./ShadeOverYear";

const KINDS = { sun: "sun", shaded: "shade", "sun-down": "night" } as const satisfies Record<
  ShadeStretch["state"],
  DayStretch["kind"]
>;

/** The day at the spot and at the position in hand: when in sun, when in shade and by what; what sun and moon do. */
export function SunAndShade() {
  const spot = useOuting((v) => v.spot);
  const position = useOuting((v) => v.position);
  return (
    <View className="gap-4">
      <Clock name={spot.name} at={spot.at} height={spot.aimHeight} />
      {position && (
        <Clock name={`Your lens at ${position.name}`} at={position.at} height={position.lensHeight} />
      )}
      <DayEvents />
      <LookAhead />
    </View>
  );
}

interface ClockProps {
  readonly name: string;
  readonly at: { readonly x: number; readonly y: number };
  /** Metres. */
  readonly height: number;
}

const HOUR = 3_600_000;

function Clock({ name, at: place, height }: ClockProps) {
  const outing = useOuting((v) => v.outing);
  const window = useOuting((v) => v.window);
  const at = useOuting((v) => v.at);
  const { anchor, obstacles } = outing.ground;
  const { x, y } = place;
  const { date, timeZone } = outing;
  const day = useMemo(() => localDay({ date, timeZone }), [date, timeZone]);
  const stretches = useMemo(
    () => shadeOverDay({ point: { x, y, z: height }, place: anchor, obstacles, ...day }),
    [x, y, height, anchor, obstacles, day],
  );
  const hours = useMemo(
    () =>
      [6, 12, 18].map((hour) => {
        const t = day.from + hour * HOUR;
        return { at: t, words: hourWords(wallTimeOf(t, timeZone)) };
      }),
    [day, timeZone],
  );
  const now = stretches.find((s) => at >= s.from && at < s.until);
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
        window={window}
        at={at}
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
function DayEvents() {
  const outing = useOuting((v) => v.outing);
  const window = useOuting((v) => v.window);
  const place = outing.ground.anchor;
  const { date, timeZone } = outing;
  const events = useMemo(() => {
    const day = localDay({ date, timeZone });
    const sun = sunDay({ place, ...day });
    const moon = moonDay({ place, ...day });
    const lit = moonWords(moonAt((day.from + day.until) / 2, place).litShare);
    return [
      ...sun.events.map(({ at, code }) => ({ at, words: sunEventWords(code) })),
      ...moon.rises.map((at) => ({ at, words: `Moonrise, ${lit}` })),
      ...moon.sets.map((at) => ({ at, words: "Moonset" })),
    ].toSorted((a, b) => a.at - b.at);
  }, [place, date, timeZone]);
  return (
    <View role="list" aria-label="Sun and moon of the day">
      {events.map(({ at, words }) => {
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
