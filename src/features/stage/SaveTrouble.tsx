import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { savingFailure } from "@/words";
import { downloadOutingFile } from "../store/file-transfer";
import { useOuting } from "./outing-context";

/** Says that a change is on the screen alone, and what can be done about it. Nothing while all is kept. */
export function SaveTrouble() {
  const { failure, outing, kit, preferences, retry, reload } = useOuting();
  if (!failure) return null;
  const { title, body } = savingFailure(failure);
  return (
    <Message title={title} body={body} tone="danger">
      <View className="flex-row flex-wrap gap-2">
        <Button label="Export to a file" onPress={() => downloadOutingFile({ outing, kit, preferences })} />
        {failure === "overtaken" ? (
          <Button label="Load the saved version" onPress={reload} />
        ) : (
          <Button label="Try again" onPress={retry} />
        )}
      </View>
    </Message>
  );
}
