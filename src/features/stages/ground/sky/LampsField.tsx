import { View } from "react-native";
import type { LampClass } from "@/core/light";
import { lampLux } from "@/answers/ground/lamps";
import { Segmented } from "@/ui/controls/Segmented";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { setLamps } from "@/outing/edits";
import { lampClassWords } from "@/words";
import { useCommit, useOuting } from "../../../outing/use-outing";

const CLASSES: readonly LampClass[] = ["broadcast", "I", "II", "III"];

/** The class of the ground's lamps, and when they are alight. Nothing where there are none. */
export function LampsField() {
  const lamps = useOuting((v) => v.outing.light.lamps);
  const lux = useOuting(lampLux);
  const commit = useCommit();
  if (!lamps) return null;
  return (
    <View className="gap-2">
      <Txt size={14} tone="ink2">
        {`${lampClassWords(lamps.class)}: about ${lux} lx on the ground`}
      </Txt>
      <Segmented
        label="Lamp class"
        segments={CLASSES.map((key) => ({ key, label: lampClassWords(key) }))}
        chosen={lamps.class}
        onChoose={(chosen) => commit(setLamps({ class: chosen }))}
      />
      <View className="flex-row gap-4">
        {(["from", "until"] as const).map((end) => (
          <TextField
            key={end}
            label={end === "from" ? "Lit from" : "Lit until"}
            type="time"
            value={lamps[end] ?? ""}
            onChange={(time) => {
              if (time !== "") commit(setLamps({ [end]: time }));
              else if (end === "until") commit(setLamps({ until: undefined }));
            }}
          />
        ))}
      </View>
    </View>
  );
}
