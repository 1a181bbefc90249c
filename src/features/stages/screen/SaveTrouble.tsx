import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { faultWords, savingFailure } from "@/words";
import { downloadOutingFile } from "../../store/file-transfer";
import { useOpenOuting, useSaving } from "../../outing/use-outing";

const MOST_FAULTS = 3;

/** Says that a change was not made, or is on the screen alone, and what can be done about it. Nothing while all is kept. */
export function SaveTrouble() {
  const { failure, refused } = useSaving();
  const { store, retry, reload, accept } = useOpenOuting();
  if (refused)
    return (
      <Message
        title="That change was not made"
        body={refused.slice(0, MOST_FAULTS).map(faultWords).join("\n")}
        tone="danger"
      >
        <Button label="OK" onPress={accept} />
      </Message>
    );
  if (!failure) return null;
  const { title, body } = savingFailure(failure);
  return (
    <Message title={title} body={body} tone="danger">
      <View className="flex-row flex-wrap gap-2">
        <Button label="Export to a file" onPress={() => downloadOutingFile(store.getState().view)} />
        {failure === "overtaken" ? (
          <Button label="Load the saved version" onPress={() => void reload()} />
        ) : (
          <Button label="Try again" onPress={retry} />
        )}
      </View>
    </Message>
  );
}
