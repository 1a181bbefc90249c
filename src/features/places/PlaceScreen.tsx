import { formatISO } from "date-fns/formatISO";
import { useLocalSearchParams, useRouter } from "expo-router";
import { View } from "react-native";
import { sightingsAt } from "@/answers/places/year";
import type { Outing, Place } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { Txt } from "@/ui/controls/Txt";
import { Section } from "@/ui/layout/Section";
import { useToast } from "@/ui/layout/toast";
import { anchorWords, countWords, kindWords } from "@/words";
import { RecordHistory } from "../history/RecordHistory";
import { HomeFrame } from "../layout/HomeFrame";
import { useMinuteClock } from "../outing/use-minute-clock";
import { useKept } from "../store/kept";
import { useOutings } from "../store/outings";
import { useEditPlace, useEditPlaces, usePlaces } from "../store/places";
import { Kept } from "./Kept";
import { LightWindows } from "./LightWindows";
import { OutingsHere } from "./OutingsHere";
import { PlacePictures } from "./PlacePictures";
import { LeaveAndNotes, LightKnown, WhatWorked } from "./WhatIsKnown";
import { Year } from "./Year";

const NONE: readonly Outing[] = [];

/** A place as it is kept across outings. */
export function PlaceScreen({ loadBegin }: Pick<OneProps, "loadBegin">) {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { isPending } = useKept("places");
  const place = usePlaces().places.find((p) => p.id === id);
  if (!place)
    return (
      <HomeFrame place="places" title="Places">
        <Message
          title={isPending ? "One moment" : "There is no such place"}
          {...(!isPending && { body: "It may have been deleted: its earlier states stand under Places." })}
        />
      </HomeFrame>
    );
  return <One key={place.id} place={place} loadBegin={loadBegin} />;
}

interface OneProps {
  readonly place: Place;
  /** Brings what computes a new outing: it comes with the stages. */
  readonly loadBegin: () => Promise<typeof import("../forms/begin")>;
}

function One({ place, loadBegin }: OneProps) {
  const today = formatISO(useMinuteClock(), { representation: "date" });
  const outings = useOutings().data?.outings ?? NONE;
  return (
    <HomeFrame place="places" title={place.name}>
      <View className="gap-1 px-4">
        <Txt tone="ink2">{`${kindWords(place.kind)}, ${anchorWords(place.ground.anchor)}`}</Txt>
        <Section title="Outings here" isOpen>
          <OutingsHere place={place} outings={outings} today={today} loadBegin={loadBegin} />
        </Section>
        <Section title="The year" isOpen>
          <Year place={place} outings={outings} today={today} />
        </Section>
        <Section title="Light as wished" line="the best windows of a year on a spot">
          <LightWindows place={place} today={today} />
        </Section>
        <Section title="What worked" line={countWords(place.worked.length, "count")}>
          <WhatWorked place={place} />
        </Section>
        <Section title="Light as measured" line={countWords(place.light.readings.length, "reading")}>
          <LightKnown place={place} />
        </Section>
        <Section title="Leave, cautions, notes" line={place.access.allowedBy || "nobody told yet"}>
          <LeaveAndNotes place={place} />
        </Section>
        <Section title="Pictures" line={countWords(place.pictures.length, "picture")}>
          <PlacePictures place={place} />
        </Section>
        <Remove place={place} />
        <RecordHistory name="places" />
      </View>
    </HomeFrame>
  );
}

/** Its name is changed, or it is taken away with what was seen there; its outings stay as they are. */
function Remove({ place }: { place: Place }) {
  const edit = useEditPlaces();
  const editOne = useEditPlace(place.id);
  const { sightings } = usePlaces();
  const router = useRouter();
  const toast = useToast();
  const remove = async (): Promise<void> => {
    const gone = sightingsAt(sightings, place.id);
    const isKept = await edit((now) => ({
      ...now,
      places: now.places.filter((p) => p.id !== place.id),
      sightings: now.sightings.filter((s) => s.placeId !== place.id),
    }));
    if (!isKept) return;
    router.replace("/places");
    toast({
      words: `${place.name} deleted`,
      undo: () =>
        void edit((now) => ({
          ...now,
          places: [...now.places, place],
          sightings: [...now.sightings, ...gone],
        })),
    });
  };
  return (
    <View className="gap-2 border-t border-line py-3">
      <Kept
        label="Name of the place"
        value={place.name}
        most={80}
        onKeep={(name) => void (name.trim() !== "" && editOne((p) => ({ ...p, name: name.trim() })))}
      />
      <Button label="Delete this place" kind="danger" className="self-start" onPress={() => void remove()} />
    </View>
  );
}
