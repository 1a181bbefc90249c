import { View } from "react-native";
import type { OutingView } from "@/outing/outing-view";
import { LengthField } from "@/ui/controls/LengthField";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { distanceOnPlan } from "@/answers/ground/distance-on-plan";
import { addPosition, movePosition, removePosition, standOff } from "@/outing/edits";
import { newPosition } from "@/outing/begin/new-position";
import { metresWords } from "@/words";
import { WhileRoom } from "../../../forms/WhileRoom";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { StandAt } from "../../shot/ShotInHand";
import { FAR, NameField } from "../draw/fields/ground-fields";

/** Metres east of the place in hand at which a further position is put. */
const BESIDE = 4;

/** Where one stands, in a line. */
export const positionAnswer = ({ position, outing }: OutingView): string =>
  position
    ? `${position.name}, lens at ${metresWords(position.lensHeight)}; ${outing.ground.positions.length} in all`
    : "none yet";

/** Which position is looked from, and where exactly it is: the typed twin of the drag. */
export function PositionFields() {
  const place = useOuting((v) => v.position);
  const spot = useOuting((v) => v.spot);
  const distance = useOuting(distanceOnPlan);
  const count = useOuting((v) => v.outing.ground.positions.length);
  const { store, standAt } = useOpenOuting();
  const commit = useCommit();
  const add = (): void => {
    const { outing, position } = store.getState().view;
    const beside = position?.at ?? outing.ground.spots[0]?.at ?? { x: 0, y: 0 };
    const added = newPosition(outing, { x: beside.x + BESIDE, y: beside.y });
    commit(addPosition(added));
    standAt(added.id);
  };
  return (
    <View className="gap-3">
      <StandAt />
      {place && (
        <View className="gap-3" key={place.id}>
          <View className="flex-row flex-wrap gap-3">
            <LengthField
              label="East"
              value={place.at.x}
              min={-FAR}
              max={FAR}
              onChange={(x) => commit(movePosition(place.id, { at: { ...place.at, x } }))}
            />
            <LengthField
              label="North"
              value={place.at.y}
              min={-FAR}
              max={FAR}
              onChange={(y) => commit(movePosition(place.id, { at: { ...place.at, y } }))}
            />
            <LengthField
              label={`From ${spot.name}`}
              value={distance}
              min={0.2}
              max={FAR}
              onChange={(metres) => commit(standOff(place.id, spot.at, metres))}
            />
            <LengthField
              label="Lens height"
              value={place.lensHeight}
              min={0.05}
              max={60}
              onChange={(lensHeight) => commit(movePosition(place.id, { lensHeight }))}
            />
          </View>
          <Txt size={14} tone="ink2">
            East and north of the middle of the ground; over the ground from the spot.
          </Txt>
          <NameField
            label="Name of the position"
            value={place.name}
            onChange={(name) => commit(movePosition(place.id, { name }))}
          />
        </View>
      )}
      <View className="flex-row flex-wrap gap-2">
        <WhileRoom things="positions" count={count}>
          <Button label="Add a position" onPress={add} />
        </WhileRoom>
        {place && (
          <Button
            label={`Delete ${place.name}`}
            kind="danger"
            onPress={() => commit(removePosition(place.id))}
          />
        )}
      </View>
    </View>
  );
}
