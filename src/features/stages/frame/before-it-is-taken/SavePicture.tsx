import { useState } from "react";
import { View } from "react-native";
import { keptPicture, type Previews } from "@/answers/frame/before-it-is-taken";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { downloadBlob } from "../../../store/file-transfer";
import { useRun } from "../../../outing/use-run";
import { computedJpeg } from "./save-picture";

/** Keeps the picture large as a file that says what it is: computed, with what it would be taken, and not where. */
export function SavePicture({ asked }: { asked: Previews }) {
  const { state, start } = useRun<void>();
  const [fault, setFault] = useState(false);
  const save = (): void => {
    setFault(false);
    const { picture, taken } = keptPicture(asked);
    void start("pictures", [picture], ([made]) => {
      computedJpeg(made!, taken)
        .then((blob) => downloadBlob("computed-picture.jpg", blob))
        .catch(() => setFault(true));
    });
  };
  return (
    <View className="flex-row flex-wrap items-center gap-3">
      <Button
        label={state.kind === "running" ? "Making it large" : "Save as a picture"}
        kind="plain"
        className="-ml-4"
        onPress={save}
      />
      <Txt size={14} tone={fault || state.kind === "failed" ? "bracken" : "ink2"} className="min-w-0 flex-1">
        {fault || state.kind === "failed"
          ? "This browser could not write the picture. Take one of the screen instead."
          : "A JPEG that says of itself that it is computed, with its settings and without a place."}
      </Txt>
    </View>
  );
}
