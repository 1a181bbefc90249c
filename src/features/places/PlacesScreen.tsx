import { formatISO } from "date-fns/formatISO";
import { Link } from "expo-router";
import { useState } from "react";
import { Pressable, View } from "react-native";
import type { Outing } from "@/data";
import { keptFrom } from "@/outing/places/kept-from";
import { Button } from "@/ui/controls/Button";
import { matching } from "@/ui/controls/matching";
import { Message } from "@/ui/controls/Message";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { countWords, kindWords } from "@/words";
import { RecordHistory } from "../history/RecordHistory";
import { HomeFrame } from "../layout/HomeFrame";
import { UnreadableRecord } from "../layout/UnreadableRecord";
import { GroundSketch } from "../outing/GroundSketch";
import { useMinuteClock } from "../outing/use-minute-clock";
import { useKept } from "../store/kept";
import { useChangeStored, useOutings } from "../store/outings";
import { useEditPlaces, usePlaces } from "../store/places";
import { ComingUp } from "./ComingUp";

const NONE: readonly Outing[] = [];
const MANY = 12;

/** Places that are kept across outings, what comes round at them, and outings whose place is not kept yet. */
export function PlacesScreen() {
  const { data } = useKept("places");
  const { places, sightings } = usePlaces();
  const outings = useOutings().data?.outings ?? NONE;
  const today = formatISO(useMinuteClock(), { representation: "date" });
  const [search, setSearch] = useState("");
  const found = matching(
    places.map((place) => ({ key: place.id, title: place.name, detail: kindWords(place.kind), place })),
    search,
  );
  return (
    <HomeFrame place="places" title="Places">
      {data && !data.ok && data.reason === "unreadable" && (
        <UnreadableRecord name="places" stored={data.unreadable} />
      )}
      <ComingUp today={today} />
      {places.length > MANY && (
        <View className="flex-row px-4 pb-2">
          <TextField label="Search by name or kind" value={search} onChange={setSearch} />
        </View>
      )}
      <View role="list" aria-label="Places that are kept" className="pt-2">
        {found.map(({ place }) => {
          const here = outings.filter((o) => o.placeId === place.id).length;
          const seen = sightings.filter((s) => s.placeId === place.id).length;
          return (
            <View key={place.id} role="listitem" className="border-t border-line px-4 py-2">
              <Link href={`/place/${place.id}`} asChild>
                <Pressable
                  role="link"
                  aria-label={place.name}
                  className="flex-row items-center justify-between gap-2 active:opacity-70"
                >
                  <View className="min-w-0 flex-1">
                    <Txt size={20} weight={700} role="heading" aria-level={2}>
                      {place.name}
                    </Txt>
                    <Txt>{kindWords(place.kind)}</Txt>
                    <Txt tone="ink2">
                      {[countWords(here, "outing"), seen > 0 && countWords(seen, "sighting")]
                        .filter(Boolean)
                        .join(", ")}
                    </Txt>
                  </View>
                  <GroundSketch outing={place} scale={0.8} />
                </Pressable>
              </Link>
            </View>
          );
        })}
      </View>
      {data?.ok && places.length === 0 && (
        <Message
          title="No place is kept yet"
          body="A place keeps its ground, what worked there, its light and its years, and gives them to the next outing. Keep one of an outing below, or in Brief."
        />
      )}
      <NotKeptYet outings={outings} />
      <View className="px-4">
        <RecordHistory name="places" />
      </View>
    </HomeFrame>
  );
}

/** Places of outings that are not kept: one press keeps one, with every outing that was there. */
function NotKeptYet({ outings }: { outings: readonly Outing[] }) {
  const places = usePlaces();
  const edit = useEditPlaces();
  const changeStored = useChangeStored();
  const free = keptFrom(outings, places.places);
  if (free.length === 0) return null;
  const keep = async ({ place, outingIds }: (typeof free)[number]): Promise<void> => {
    if (!(await edit((now) => ({ ...now, places: [...now.places, place] })))) return;
    for (const id of outingIds) await changeStored(id, (o) => ({ ...o, placeId: place.id }));
  };
  return (
    <View role="region" aria-label="Not kept yet" className="px-4 pt-4">
      <Txt size={20} weight={700} role="heading" aria-level={2}>
        Of your outings, not kept yet
      </Txt>
      {free.map((one) => (
        <View key={one.place.id} className="flex-row items-center gap-2 border-t border-line py-1">
          <View className="min-w-0 flex-1">
            <Txt weight={600}>{one.place.name}</Txt>
            <Txt size={14} tone="ink2">
              {countWords(one.outingIds.length, "outing")}
            </Txt>
          </View>
          <Button label="Keep" says={`Keep ${one.place.name}`} onPress={() => void keep(one)} />
        </View>
      ))}
    </View>
  );
}
