import { useMemo } from "react";
import { View } from "react-native";
import { ownReadings, readingsAs } from "@/answers/library/light-scale";
import { wallDateOf, wallTimeOf } from "@/data";
import { Stretch } from "@/ui/charts/Stretch";
import { Txt } from "@/ui/controls/Txt";
import { dateWords, evRangeWords, evWords, timeWords } from "@/words";
import { readingsAsWords } from "@/words/library";
import { useOutings } from "../../store/outings";
import { usePlaces } from "../../store/places";
import { LIGHT } from "../scales";
import { Head } from "./Head";

const MOST = 8;

interface Props {
  readonly level: { readonly name: string; readonly evFrom: number; readonly evTo: number };
}

/** A level of the light on the scale from the moon to snow in the sun, with one's own readings that are as bright. */
export function LightDrawn({ level }: Props) {
  const outings = useOutings().data?.outings;
  const places = usePlaces();
  const here = useMemo(() => readingsAs(ownReadings(outings ?? [], places), level), [outings, places, level]);
  return (
    <View className="gap-2">
      <Head>On the scale</Head>
      <Stretch
        scale={LIGHT}
        bands={[{ from: level.evFrom, until: level.evTo, tone: "sunFill" }]}
        dots={here.map((r) => r.ev)}
        isWritten
        says={`${level.name}: ${evRangeWords(level.evFrom, level.evTo)}. ${readingsAsWords(here.length)}`}
      />
      <Txt tone="ink2">{readingsAsWords(here.length)}</Txt>
      {here.length > 0 && (
        <View role="list" aria-label="Your readings">
          {here.slice(0, MOST).map(({ id, ev, at, place, zone, timeZone }) => (
            <View key={id} role="listitem">
              <Txt>
                {`${evWords(ev)}: ${place}, ${zone}, ${dateWords(wallDateOf(at, timeZone), 0)} ${timeWords(wallTimeOf(at, timeZone))}`}
              </Txt>
            </View>
          ))}
        </View>
      )}
    </View>
  );
}
