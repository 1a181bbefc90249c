import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { LengthField } from "@/ui/controls/LengthField";
import { NumberField } from "@/ui/controls/NumberField";
import { addSpot, editSpot, removeSpot } from "@/outing/edits";
import { WhileRoom } from "../../../forms/WhileRoom";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { FAR, NameField } from "../draw/fields/ground-fields";

/** Where the subject of the shot in hand will be, how high it is aimed at, and which way it faces. */
export function SpotFields() {
  const outing = useOuting((v) => v.outing);
  const shot = useOuting((v) => v.shot);
  const subject = useOuting((v) => v.subject);
  const commit = useCommit();
  const spot = useOuting((v) => v.spot);
  const others = outing.shots.filter((s) => s.spotId === spot.id).length;
  const unused = outing.ground.spots.filter((s) => !outing.shots.some((p) => p.spotId === s.id));
  return (
    <View className="gap-2" key={spot.id}>
      <NameField
        label="Name of the spot"
        value={spot.name}
        onChange={(name) => commit(editSpot(spot.id, { name }))}
      />
      <View className="flex-row flex-wrap gap-3">
        <LengthField
          label="Spot east"
          value={spot.at.x}
          min={-FAR}
          max={FAR}
          onChange={(x) => commit(editSpot(spot.id, { at: { ...spot.at, x } }))}
        />
        <LengthField
          label="Spot north"
          value={spot.at.y}
          min={-FAR}
          max={FAR}
          onChange={(y) => commit(editSpot(spot.id, { at: { ...spot.at, y } }))}
        />
        <LengthField
          label="Aim height"
          value={spot.aimHeight}
          min={0}
          max={60}
          decimals={2}
          onChange={(aimHeight) => commit(editSpot(spot.id, { aimHeight }))}
        />
        <NumberField
          label="Faces"
          unit="°"
          value={spot.facing}
          min={0}
          max={359}
          decimals={0}
          onChange={(facing) => commit(editSpot(spot.id, { facing }))}
        />
      </View>
      <WhileRoom things="spots" count={outing.ground.spots.length}>
        <Button
          label="New spot for this shot"
          onPress={() =>
            commit(
              addSpot(
                {
                  ...spot,
                  name: shot.name.slice(0, 80),
                  at: others > 1 ? spot.at : { x: spot.at.x + 5, y: spot.at.y },
                  aimHeight: Math.max(0.05, Math.round(50 * subject.height) / 100),
                },
                shot.id,
              ),
            )
          }
        />
      </WhileRoom>
      {unused.map((s) => (
        <Button
          key={s.id}
          label={`Delete spot ${s.name}`}
          kind="danger"
          onPress={() => commit(removeSpot(s.id))}
        />
      ))}
    </View>
  );
}
