import { useState } from "react";
import { View } from "react-native";
import { placeFromText, type Coordinates } from "@/outing/places/place-from-text";
import { Button } from "@/ui/controls/Button";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { useHere } from "../forms/use-here";
import { Asked } from "./Asked";

interface Props {
  readonly onPlace: (place: Coordinates) => void;
  readonly onRoof: () => void;
}

/** Where it is, for the sun: from the device, or pasted from wherever one has it. A pasted place that is read is taken at once. */
export function WhereAsked({ onPlace, onRoof }: Props) {
  const { ask, asking, trouble } = useHere(({ latitude, longitude }) => onPlace({ latitude, longitude }));
  const [pasted, setPasted] = useState("");
  const found = placeFromText(pasted);
  return (
    <Asked title="Where is it?">
      <Txt>The sun stands differently everywhere. The place stays on this device.</Txt>
      <Button label={asking ? "Finding you" : "Here"} kind="filled" className="h-16" onPress={ask} />
      {trouble && (
        <Txt tone="bracken" role="alert">
          {trouble}
        </Txt>
      )}
      <View className="flex-row">
        <TextField
          label="Or paste it: a map’s link, or two figures"
          value={pasted}
          onChange={setPasted}
          error={
            pasted.trim() !== "" && !found
              ? "No place in this. Paste figures such as 53.2, −1.4, or a map’s link that has them."
              : undefined
          }
        />
      </View>
      {found && (
        <Button
          label={`Take ${found.latitude.toFixed(3)}, ${found.longitude.toFixed(3)}`}
          kind="filled"
          onPress={() => onPlace(found)}
        />
      )}
      <Button label="It is under a roof" kind="plain" className="self-start" onPress={onRoof} />
    </Asked>
  );
}
