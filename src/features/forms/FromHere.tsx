import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import type { FormHand } from "../forms/RecordForm";
import { useHere } from "./use-here";

/** Puts where the device is into the fields `latitude` and `longitude`. */
export function FromHere({ set }: Pick<FormHand, "set">) {
  const { ask, asking, trouble } = useHere(({ latitude, longitude }) => {
    set("latitude", String(latitude));
    set("longitude", String(longitude));
  });
  return (
    <View className="gap-2">
      <Button label={asking ? "Finding you" : "Use my location"} onPress={ask} />
      {trouble && (
        <Txt tone="bracken" role="alert">
          {trouble}
        </Txt>
      )}
    </View>
  );
}
