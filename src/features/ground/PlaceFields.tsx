import { View } from "react-native";
import { LengthField } from "@/ui/controls/LengthField";
import { Button } from "@/ui/controls/Button";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { addPosition, editChoice, movePosition } from "@/outing/edits";
import { useOuting } from "../stage/outing-context";

/** Which position serves the shot, and where exactly it is: the typed twin of the drag. */
export function PlaceFields() {
  const { outing, shot, choice, change } = useOuting();
  const { positions } = outing.ground;
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
          <LengthField
            label="East"
            value={place.at.x}
            min={-5000}
            max={5000}
            onChange={(x) => change(movePosition(place.id, { at: { ...place.at, x } }))}
          />
          <LengthField
            label="North"
            value={place.at.y}
            min={-5000}
            max={5000}
            onChange={(y) => change(movePosition(place.id, { at: { ...place.at, y } }))}
          />
          <LengthField
            label="Lens height"
            value={place.lensHeight}
            min={0.05}
            max={60}
            onChange={(lensHeight) => change(movePosition(place.id, { lensHeight }))}
          />
        </View>
      )}
      <Txt size={14} tone="ink2">
        From the middle of the ground, east and north.
      </Txt>
      <Button
        label="Add a position"
        onPress={() => {
          const beside = place?.at ?? outing.ground.spots[0]?.at ?? { x: 0, y: 0 };
          change(addPosition({ x: beside.x + 4, y: beside.y }));
        }}
      />
    </View>
  );
}
