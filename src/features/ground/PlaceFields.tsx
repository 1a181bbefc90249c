import { View } from "react-native";
import { NumberField } from "@/ui/controls/NumberField";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { editChoice, movePosition } from "../stage/edits";
import { useOuting } from "../stage/outing-context";

/** Which position serves the shot, and where exactly it is: the typed twin of the drag. */
export function PlaceFields() {
  const { shoot, shot, choice, change } = useOuting();
  const { positions } = shoot.ground;
  const place = positions.find((p) => p.id === choice.positionId);
  return (
    <View className="gap-3">
      <Segmented
        label={`Position for ${shot.name}`}
        segments={positions.map((p) => ({ key: p.id, label: p.name }))}
        chosen={choice.positionId ?? ""}
        onChoose={(positionId) => change(editChoice(shot.id, { positionId }))}
      />
      {place && (
        <View className="flex-row gap-3" key={place.id}>
          <NumberField
            label="East"
            unit="m"
            value={place.at.x}
            min={-5000}
            max={5000}
            onChange={(x) => change(movePosition(place.id, { at: { ...place.at, x } }))}
          />
          <NumberField
            label="North"
            unit="m"
            value={place.at.y}
            min={-5000}
            max={5000}
            onChange={(y) => change(movePosition(place.id, { at: { ...place.at, y } }))}
          />
          <NumberField
            label="Lens height"
            unit="m"
            value={place.lensHeight}
            min={0.05}
            max={60}
            onChange={(lensHeight) => change(movePosition(place.id, { lensHeight }))}
          />
        </View>
      )}
      <Txt size={14} tone="ink2">
        From the middle of the pitch, east and north.
      </Txt>
    </View>
  );
}
