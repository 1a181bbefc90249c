import { View } from "react-native";
import { editEvents } from "@/outing/edits";
import { placeOfKey } from "@/outing/programme/event-places";
import { placesToTell, type Placeless } from "@/outing/programme/places-to-tell";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";
import { placeChoices } from "../../brief/programme/place-choices";

/** Where events are that nobody told: the answers that would change the order most, each for all events of its kind. */
export function PlacesToTell() {
  const outing = useOuting((v) => v.outing);
  const open = placesToTell(outing);
  if (open.length === 0) return null;
  return (
    <View role="group" aria-label="Where they are" className="gap-1">
      <Txt weight={700}>{`${countWords(open.length, "answer")} would change the order most`}</Txt>
      {open.map((placeless) => (
        <Ask key={placeless.name} placeless={placeless} />
      ))}
    </View>
  );
}

function Ask({ placeless: { name, ids } }: { placeless: Placeless }) {
  const ground = useOuting((v) => v.outing.ground);
  const told = useToldChange();
  const items = placeChoices(ground).map(({ key, label }) => ({ key, title: label }));
  return (
    <Picker
      label={`Where is: ${name}, ${countWords(ids.length, "event")}`}
      items={items}
      chosen=""
      onChoose={(key) => void told(editEvents(ids, { place: placeOfKey(ground, key) }), `${name} placed`)}
    />
  );
}
