import { Link } from "expo-router";
import { useState } from "react";
import { Pressable, View } from "react-native";
import { comingUp } from "@/answers/places/year";
import { idFromName, type Place } from "@/data";
import { belongsTo } from "@/outing/edits";
import { differsFrom, withGiven, type PlacePart } from "@/outing/places/given";
import { placeOf } from "@/outing/places/place-of";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { comingWords, differingWords } from "@/words/place-kept";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useEditPlace, useEditPlaces, usePlaces } from "../../../store/places";

/** The place of the outing: kept across outings, given what is other today, opened with its years. */
export function ThePlace() {
  const placeId = useOuting((v) => v.outing.placeId);
  const { places } = usePlaces();
  const place = places.find((p) => p.id === placeId);
  return place ? <KeptPlace place={place} /> : <KeepPlace />;
}

function KeepPlace() {
  const { store } = useOpenOuting();
  const { places } = usePlaces();
  const edit = useEditPlaces();
  const commit = useCommit();
  const name = useOuting((v) => v.outing.place);
  const keep = async (): Promise<void> => {
    const { outing } = store.getState().view;
    const id = idFromName(outing.place, places, "place");
    if (await edit((now) => ({ ...now, places: [...now.places, placeOf(outing, id)] })))
      await commit(belongsTo(id));
  };
  return (
    <View className="gap-2">
      <Txt tone="ink2">
        A place that is kept gives its ground, what worked, its light and its years to the next outing there.
      </Txt>
      <Button label={`Keep ${name}`} kind="filled" onPress={() => void keep()} />
      {places.length > 0 && (
        <Picker
          label="Or this outing is at"
          items={places.map((p) => ({ key: p.id, title: p.name }))}
          chosen=""
          onChoose={(id) => void commit(belongsTo(id))}
        />
      )}
    </View>
  );
}

function KeptPlace({ place }: { place: Place }) {
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  const edit = useEditPlace(place.id);
  const places = usePlaces();
  const toast = useToast();
  const differs = differsFrom(place, outing);
  const [without, setWithout] = useState<readonly PlacePart[]>([]);
  const given = differs.map((d) => d.part).filter((part) => !without.includes(part));
  const give = async (): Promise<void> => {
    if (await edit((now) => withGiven(now, outing, given)))
      toast({ words: `Given to ${place.name}`, undo: () => void edit(() => place) });
  };
  return (
    <View className="gap-2">
      {comingUp(places, outing.date)
        .filter((c) => c.place.id === place.id)
        .slice(0, 3)
        .map((c) => (
          <Txt key={c.sighting.id} tone={c.keepOff === undefined ? "ink" : "bracken"}>
            {comingWords(c)}
          </Txt>
        ))}
      {differs.length === 0 ? (
        <Txt>{`${place.name} has all that this outing knows of it.`}</Txt>
      ) : (
        <>
          <Txt weight={600}>{`Other here than ${place.name} has it`}</Txt>
          {differs.map((one) => {
            const { title, detail } = differingWords(one);
            return (
              <CheckRow
                key={one.part}
                title={title}
                detail={detail}
                checked={!without.includes(one.part)}
                onChange={(on) =>
                  setWithout(on ? without.filter((p) => p !== one.part) : [...without, one.part])
                }
              />
            );
          })}
          <Button
            label="Give to the place"
            kind="filled"
            disabled={given.length === 0}
            onPress={() => void give()}
          />
        </>
      )}
      <View className="flex-row flex-wrap items-center gap-x-4">
        <Link href={`/place/${place.id}`} asChild>
          <Pressable role="link" className="min-h-12 justify-center">
            <Txt weight={600} tone="water">{`Open ${place.name}`}</Txt>
          </Pressable>
        </Link>
        <Button label="Not at this place" kind="plain" onPress={() => void commit(belongsTo(undefined))} />
      </View>
    </View>
  );
}
