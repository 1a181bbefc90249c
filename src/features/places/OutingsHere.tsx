import { Link } from "expo-router";
import { useState } from "react";
import { Pressable, View } from "react-native";
import type { Outing, Place } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { dateWords } from "@/words";
import { Late } from "../layout/Late";
import { NewOutingHere } from "./NewOutingHere";

const loadSideBySide = async () => (await import("./SideBySide")).SideBySide;

/** The outings of a place, a new one, and two of them set side by side. */
export function OutingsHere({
  place,
  outings,
  today,
  loadBegin,
}: {
  place: Place;
  outings: readonly Outing[];
  today: string;
  loadBegin: () => Promise<typeof import("../forms/begin")>;
}) {
  const here = outings.filter((o) => o.placeId === place.id).toSorted((a, b) => (a.date > b.date ? -1 : 1));
  return (
    <View className="gap-3">
      <NewOutingHere place={place} today={today} subjectId={here[0]?.subjects[0]?.id} loadBegin={loadBegin} />
      <View role="list" aria-label={`Outings at ${place.name}`}>
        {here.map((o) => (
          <View key={o.id} role="listitem" className="border-b border-line">
            <Link href={`/outing/${o.id}/brief`} asChild>
              <Pressable role="link" className="min-h-12 justify-center">
                <Txt weight={600} tone="water">{`${o.name}, ${dateWords(o.date, 0)}`}</Txt>
              </Pressable>
            </Link>
          </View>
        ))}
        {here.length === 0 && <Txt tone="ink2">No outing of it is kept any more.</Txt>}
      </View>
      {here.length > 1 && <Choose outings={here} />}
    </View>
  );
}

function Choose({ outings }: { outings: readonly Outing[] }) {
  const [first, setFirst] = useState(outings[0]!.id);
  const [second, setSecond] = useState(outings[1]!.id);
  const [isOpen, setOpen] = useState(false);
  const items = outings.map((o) => ({ key: o.id, title: o.name, detail: dateWords(o.date, 0) }));
  const pair = [first, second].map((id) => outings.find((o) => o.id === id)!) as [Outing, Outing];
  if (!isOpen) return <Button label="Set two side by side" onPress={() => setOpen(true)} />;
  return (
    <View className="gap-2">
      <Picker label="The one" items={items} chosen={first} onChoose={setFirst} />
      <Picker label="The other" items={items} chosen={second} onChoose={setSecond} />
      <Late load={loadSideBySide} waiting="One moment">
        {(SideBySide) => <SideBySide key={pair.map((o) => o.id).join()} outings={pair} />}
      </Late>
    </View>
  );
}
