import { useState } from "react";
import { View } from "react-native";
import { peopleOf } from "@/outing/people/people-of";
import { nameMarked } from "@/outing/people/refused";
import { coloursOf, lanesOf, namesOfColour, namesOfLane, peopleFor } from "@/outing/tags/tagging";
import { Button } from "@/ui/controls/Button";
import { Segmented } from "@/ui/controls/Segmented";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { useTyped } from "../../../forms/use-typed";
import { useOuting } from "../../../outing/use-outing";
import { HeatWatch } from "./HeatWatch";
import { TagList } from "./TagList";
import { useTagsRead } from "./tag-store";
import { Unkept } from "./Unkept";
import { useEventNow, useTagging } from "./use-tagging";
import { VoiceNote } from "./VoiceNote";

/** People that stand as keys before one asks for all. */
const KEYS = 8;

const WAYS = [
  { key: "people", label: "People" },
  { key: "lanes", label: "Lanes" },
  { key: "colours", label: "Colours" },
  { key: "word", label: "A word" },
] as const;
type Way = (typeof WAYS)[number]["key"];

/** Who was that? One press names the frames just taken: a person, a lane, a colour, a word, a spoken note, a whole heat. */
export function TagPad() {
  useTagsRead();
  const people = useOuting(peopleOf);
  const event = useEventNow();
  const [way, setWay] = useState<Way>(people.length > 0 ? "people" : "lanes");
  return (
    <View className="gap-3">
      <Txt tone="ink2">{event ? `On: ${event.name}` : "No event of the programme is on."}</Txt>
      <Segmented label="Tag by" segments={WAYS} chosen={way} onChoose={setWay} />
      {way === "people" && <PeopleKeys />}
      {way === "lanes" && <LaneKeys />}
      {way === "colours" && <ColourKeys />}
      {way === "word" && <Word />}
      <View className="flex-row flex-wrap gap-2">
        <VoiceNote />
        <HeatWatch />
      </View>
      <Unkept />
      <TagList />
    </View>
  );
}

function PeopleKeys() {
  const people = useOuting(peopleOf);
  const event = useEventNow();
  const tagging = useTagging();
  const [all, setAll] = useState(false);
  if (people.length === 0)
    return <Txt tone="ink2">Nobody is among your people yet: tick them in the start lists under Brief.</Txt>;
  const sorted = peopleFor(event, people);
  return (
    <View role="group" aria-label="People" className="flex-row flex-wrap gap-2">
      {(all ? sorted : sorted.slice(0, KEYS)).map((person) => (
        <Button
          key={person.id}
          label={nameMarked(person.name, people)}
          className="min-h-14 flex-auto"
          onPress={() => void tagging({ kind: "person", names: [person.name] })}
        />
      ))}
      {sorted.length > KEYS && (
        <Button label={all ? "Fewer" : `All ${sorted.length}`} kind="plain" onPress={() => setAll(!all)} />
      )}
    </View>
  );
}

function LaneKeys() {
  const people = useOuting(peopleOf);
  const event = useEventNow();
  const tagging = useTagging();
  return (
    <View role="group" aria-label="Lanes" className="flex-row flex-wrap gap-2">
      {lanesOf(event).map((lane) => {
        const names = namesOfLane(lane, event, people);
        return (
          <Button
            key={lane}
            label={lane}
            says={`Lane ${lane}${names.length > 0 ? `: ${names.map((n) => nameMarked(n, people)).join(", ")}` : ""}`}
            className="h-16 min-w-[72px] flex-1"
            onPress={() => void tagging({ kind: "lane", words: lane, names })}
          />
        );
      })}
    </View>
  );
}

function ColourKeys() {
  const people = useOuting(peopleOf);
  const event = useEventNow();
  const tagging = useTagging();
  return (
    <View role="group" aria-label="Colours" className="flex-row flex-wrap gap-2">
      {coloursOf(event, people).map((colour) => (
        <Button
          key={colour}
          label={colour}
          className="min-h-14 flex-auto"
          onPress={() =>
            void tagging({ kind: "colour", words: colour, names: namesOfColour(colour, event, people) })
          }
        />
      ))}
    </View>
  );
}

function Word() {
  const tagging = useTagging();
  const [word, setWord] = useTyped(`tag ${useOuting((v) => v.outing.id)}`);
  const keep = async (): Promise<void> => {
    await tagging({ kind: "word", names: [], words: word.trim().slice(0, 200) });
    setWord("");
  };
  return (
    <View className="flex-row items-end gap-2">
      <TextField label="What was it" value={word} onChange={setWord} />
      <Button label="Tag" kind="filled" disabled={word.trim() === ""} onPress={() => void keep()} />
    </View>
  );
}
