import { View } from "react-native";
import type { RecordName } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { savingFailure } from "@/words";
import { useKeptChange } from "../store/kept";
import { useUnsaved } from "../store/unsaved";

const NAMES: Readonly<Record<RecordName, string>> = {
  kit: "Your kit",
  library: "Your library",
  preferences: "Your preferences",
  places: "Your places",
  practice: "What you practised",
};

const ON_SCREEN_ALONE =
  "What you changed last is on this screen alone; what was saved before is safe. Make room and try again, or export everything under Preferences.";

/** What of kit, library and preferences is on the screen alone, and what can be done about it. */
export function NotKept() {
  const records = useUnsaved((s) => s.records);
  return (
    <View className="w-full max-w-[860px] self-center">
      {[...records.keys()].map((name) => (
        <OneNotKept key={name} name={name} />
      ))}
    </View>
  );
}

function OneNotKept({ name }: { name: RecordName }) {
  const { failure, retry, drop } = useKeptChange(name);
  if (!failure) return null;
  const { title, body } = savingFailure(failure);
  return (
    <Message
      tone="danger"
      title={`${NAMES[name]}: ${title}`}
      body={failure === "unreadable" ? body : ON_SCREEN_ALONE}
    >
      <View className="flex-row flex-wrap gap-2">
        <Button label="Try again" kind="filled" onPress={retry} />
        <Button label="Drop the change" onPress={drop} />
      </View>
    </Message>
  );
}
