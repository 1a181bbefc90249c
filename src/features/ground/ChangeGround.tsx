import { useState } from "react";
import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { LengthField } from "@/ui/controls/LengthField";
import { NumberField } from "@/ui/controls/NumberField";
import { Segmented } from "@/ui/controls/Segmented";
import {
  addSpot,
  editSpot,
  editVenue,
  movePosition,
  removePosition,
  removeSpot,
  setLit,
  setCover,
  setSurface,
} from "@/outing/edits";
import { SURFACES } from "@/core/ground";
import { surfaceWords } from "@/words";
import { useOuting } from "../stage/outing-context";
import { FAR, NameField, Title } from "./ground-fields";
import { ObstaclePart } from "./ObstaclePart";

/** The ground itself: names, spots, what stands there, the way it lies, lamps. Folded away until it is wanted. */
export function ChangeGround() {
  const [open, setOpen] = useState(false);
  return (
    <View className="gap-4">
      <Button label={open ? "Done" : "Edit the ground"} onPress={() => setOpen(!open)} />
      {open && (
        <>
          <PositionPart />
          <SpotPart />
          <ObstaclePart />
          <WholePart />
        </>
      )}
    </View>
  );
}

function PositionPart() {
  const { outing, choice, change } = useOuting();
  const place = outing.ground.positions.find((p) => p.id === choice.positionId);
  if (!place) return null;
  return (
    <View className="gap-2" key={place.id}>
      <Title>{`Position ${place.name}`}</Title>
      <NameField
        label="Name of the position"
        value={place.name}
        onChange={(name) => change(movePosition(place.id, { name }))}
      />
      <Button label={`Delete ${place.name}`} kind="danger" onPress={() => change(removePosition(place.id))} />
    </View>
  );
}

function SpotPart() {
  const { outing, shot, subject, change } = useOuting();
  const spot = outing.ground.spots.find((s) => s.id === shot.spotId)!;
  const others = outing.shots.filter((s) => s.spotId === spot.id).length;
  const unused = outing.ground.spots.filter((s) => !outing.shots.some((p) => p.spotId === s.id));
  return (
    <View className="gap-2" key={spot.id}>
      <Title>{`Spot of “${shot.name}”`}</Title>
      <NameField
        label="Name of the spot"
        value={spot.name}
        onChange={(name) => change(editSpot(spot.id, { name }))}
      />
      <View className="flex-row flex-wrap gap-3">
        <LengthField
          label="Spot east"
          value={spot.at.x}
          min={-FAR}
          max={FAR}
          onChange={(x) => change(editSpot(spot.id, { at: { ...spot.at, x } }))}
        />
        <LengthField
          label="Spot north"
          value={spot.at.y}
          min={-FAR}
          max={FAR}
          onChange={(y) => change(editSpot(spot.id, { at: { ...spot.at, y } }))}
        />
        <LengthField
          label="Aim height"
          value={spot.aimHeight}
          min={0}
          max={60}
          decimals={2}
          onChange={(aimHeight) => change(editSpot(spot.id, { aimHeight }))}
        />
        <NumberField
          label="Faces"
          unit="°"
          value={spot.facing}
          min={0}
          max={359}
          decimals={0}
          onChange={(facing) => change(editSpot(spot.id, { facing }))}
        />
      </View>
      <Button
        label="New spot for this shot"
        onPress={() =>
          change(
            addSpot({
              ...spot,
              name: shot.name.slice(0, 80),
              at: others > 1 ? spot.at : { x: spot.at.x + 5, y: spot.at.y },
              aimHeight: Math.max(0.05, Math.round(50 * subject.height) / 100),
            }),
          )
        }
      />
      {unused.map((s) => (
        <Button
          key={s.id}
          label={`Delete spot ${s.name}`}
          kind="danger"
          onPress={() => change(removeSpot(s.id))}
        />
      ))}
    </View>
  );
}

/** Daylight factor of a hall with few windows, and of a wood (common practice). */
const HALL_DAYLIGHT = 0.01;
const WOOD_DAYLIGHT = 0.03;
const WOODS = [
  { key: "0.1", label: "Open wood" },
  { key: "0.03", label: "Wood" },
  { key: "0.005", label: "Forest gloom" },
];

function WholePart() {
  const { outing, change } = useOuting();
  const { roof, leaves } = outing.light;
  const cover = roof ? "roof" : leaves ? "leaves" : "open";
  return (
    <View className="gap-2">
      <Title>Ground and light</Title>
      <View className="flex-row">
        <NumberField
          label="Long axis, bearing"
          unit="°"
          decimals={0}
          value={outing.ground.venue.bearing}
          min={0}
          max={359}
          onChange={(bearing) => change(editVenue({ bearing }))}
        />
      </View>
      <Segmented
        label="Surface"
        segments={SURFACES.map((key) => ({ key, label: surfaceWords(key) }))}
        chosen={outing.ground.surface ?? "grass"}
        onChoose={(surface) => change(setSurface(surface))}
      />
      <Segmented
        label="Overhead"
        segments={[
          { key: "open", label: "Open sky" },
          { key: "leaves", label: "Under leaves" },
          { key: "roof", label: "Under a roof" },
        ]}
        chosen={cover}
        onChoose={(key) => change(setCover(key, key === "leaves" ? WOOD_DAYLIGHT : HALL_DAYLIGHT))}
      />
      {leaves && (
        <Segmented
          label="How dense the wood is"
          segments={WOODS}
          chosen={String(leaves.daylightShare)}
          onChoose={(key) => change(setCover("leaves", Number(key)))}
        />
      )}
      {roof && (
        <View className="flex-row">
          <NumberField
            label="Daylight let through"
            unit="%"
            value={100 * roof.daylightShare}
            min={0}
            max={100}
            onChange={(percent) => change(setCover("roof", percent / 100))}
          />
        </View>
      )}
      <Segmented
        label="Lamps"
        segments={[
          { key: "dark", label: "No lamps" },
          { key: "lit", label: "Lamps" },
        ]}
        chosen={outing.light.lamps ? "lit" : "dark"}
        onChoose={(key) => change(setLit(key === "lit"))}
      />
    </View>
  );
}
