import { useState } from "react";
import { View } from "react-native";
import { alongBearing, bearingTo, boxFrom, boxOutline, type Box, type Obstacle } from "@/core/ground";
import { Button } from "@/ui/controls/Button";
import { LengthField } from "@/ui/controls/LengthField";
import { NumberField } from "@/ui/controls/NumberField";
import { Row } from "@/ui/controls/Row";
import { Segmented } from "@/ui/controls/Segmented";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { metresWords, obstacleWords } from "@/words";
import {
  addObstacle,
  addSpot,
  editObstacle,
  editSpot,
  editVenue,
  movePosition,
  removeObstacle,
  removePosition,
  removeSpot,
  setLit,
} from "../stage/edits";
import { useOuting } from "../stage/outing-context";

const FAR = 5000;

/** The ground itself: names, spots, what stands there, the way it lies, lamps. Folded away until it is wanted. */
export function ChangeGround() {
  const [open, setOpen] = useState(false);
  return (
    <View className="gap-4">
      <Button label={open ? "Done with the ground" : "Change the ground"} onPress={() => setOpen(!open)} />
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

function Title({ children }: { children: string }) {
  return (
    <Txt size={18} weight={700}>
      {children}
    </Txt>
  );
}

/** A name that takes effect on leaving its field; an empty one is not taken. */
function NameField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (name: string) => void;
}) {
  const [draft, setDraft] = useState<string>();
  const text = draft ?? value;
  const wrong = text.trim() === "" || text.length > 80;
  return (
    <View className="flex-row">
      <TextField
        label={label}
        value={text}
        onChange={setDraft}
        error={wrong ? "Type a name of 1 to 80 characters." : undefined}
        onBlur={() => {
          if (draft === undefined || wrong) return;
          onChange(draft.trim());
          setDraft(undefined);
        }}
      />
    </View>
  );
}

function PositionPart() {
  const { shoot, choice, change } = useOuting();
  const place = shoot.ground.positions.find((p) => p.id === choice.positionId);
  if (!place) return null;
  return (
    <View className="gap-2" key={place.id}>
      <Title>{`Position ${place.name}`}</Title>
      <NameField
        label="Name of the position"
        value={place.name}
        onChange={(name) => change(movePosition(place.id, { name }))}
      />
      <Button label={`Remove ${place.name}`} kind="danger" onPress={() => change(removePosition(place.id))} />
    </View>
  );
}

function SpotPart() {
  const { shoot, shot, subject, change } = useOuting();
  const spot = shoot.ground.spots.find((s) => s.id === shot.spotId)!;
  const others = shoot.shots.filter((s) => s.spotId === spot.id).length;
  const unused = shoot.ground.spots.filter((s) => !shoot.shots.some((p) => p.spotId === s.id));
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
          label="Aim above ground"
          value={spot.aimHeight}
          min={0}
          max={60}
          decimals={2}
          onChange={(aimHeight) => change(editSpot(spot.id, { aimHeight }))}
        />
        <NumberField
          label="It faces"
          unit="°"
          value={spot.facing}
          min={0}
          max={359}
          decimals={0}
          onChange={(facing) => change(editSpot(spot.id, { facing }))}
        />
      </View>
      <Button
        label="A spot of its own for this shot"
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
          label={`Remove the spot ${s.name}`}
          kind="danger"
          onPress={() => change(removeSpot(s.id))}
        />
      ))}
    </View>
  );
}

const KINDS: readonly Obstacle["kind"][] = ["stand", "building", "fence", "boards", "trees"];

/** What a thing of a kind measures until somebody has paced it out: length, width, height in metres. */
const USUAL: Readonly<Record<Obstacle["kind"], readonly [number, number, number]>> = {
  stand: [40, 8, 7],
  building: [20, 10, 6],
  fence: [30, 0.2, 1.2],
  boards: [30, 0.2, 0.9],
  trees: [40, 6, 8],
  goal: [4, 1.2, 2.2],
};

/** Metres behind the subject at which a further thing is put. */
const BEHIND = 25;

function ObstaclePart() {
  const { shoot, shot, choice, change } = useOuting();
  const [opened, setOpened] = useState<string>();
  const { obstacles, spots, positions } = shoot.ground;
  const spot = spots.find((s) => s.id === shot.spotId)!;
  const from = positions.find((p) => p.id === choice.positionId)?.at ?? { x: spot.at.x, y: spot.at.y - 10 };
  const add = (kind: Obstacle["kind"]): void => {
    const [length, width, height] = USUAL[kind];
    // Behind the subject, across the view: where something that is missing on the plan matters most.
    const way = bearingTo(from, spot.at);
    const step = alongBearing(way);
    const middle = { x: spot.at.x + step.x * BEHIND, y: spot.at.y + step.y * BEHIND };
    const outline = boxOutline({ middle, length, width, bearing: (way + 90) % 180 });
    change(addObstacle({ kind, height, outline, name: obstacleWords(kind) }));
  };
  return (
    <View className="gap-2">
      <Title>What stands there</Title>
      {obstacles.map((obstacle) => (
        <View key={obstacle.id}>
          <Row
            title={obstacle.name}
            detail={`${obstacleWords(obstacle.kind).toLowerCase()}, ${metresWords(obstacle.height)} high`}
            value={opened === obstacle.id ? "Close" : "Change"}
            onPress={() => setOpened(opened === obstacle.id ? undefined : obstacle.id)}
          />
          {opened === obstacle.id && <ObstacleFields obstacle={obstacle} />}
        </View>
      ))}
      <Txt size={14} tone="ink2">
        Add, across the view behind the subject
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        {KINDS.map((kind) => (
          <Button
            key={kind}
            label={obstacleWords(kind)}
            says={`Add: ${obstacleWords(kind)}`}
            onPress={() => add(kind)}
          />
        ))}
      </View>
    </View>
  );
}

function ObstacleFields({ obstacle }: { obstacle: Obstacle }) {
  const { change } = useOuting();
  const box = boxFrom(obstacle.outline);
  const edit = (what: Parameters<typeof editObstacle>[1]): void => change(editObstacle(obstacle.id, what));
  const reshape = (part: Partial<Box>): void => {
    if (box) edit({ outline: boxOutline({ ...box, ...part }) });
  };
  return (
    <View className="gap-2 border-l-4 border-line py-2 pl-3">
      <NameField label="Its name" value={obstacle.name} onChange={(name) => edit({ name })} />
      <View className="flex-row flex-wrap gap-3">
        <LengthField
          label="Height"
          value={obstacle.height}
          min={0.1}
          max={200}
          onChange={(height) => edit({ height })}
        />
        {box && (
          <>
            <LengthField
              label="Long"
              value={box.length}
              min={0.1}
              max={1000}
              onChange={(length) => reshape({ length })}
            />
            <LengthField
              label="Deep"
              value={box.width}
              min={0.1}
              max={1000}
              onChange={(width) => reshape({ width })}
            />
            <LengthField
              label="Middle east"
              value={box.middle.x}
              min={-FAR}
              max={FAR}
              onChange={(x) => reshape({ middle: { ...box.middle, x } })}
            />
            <LengthField
              label="Middle north"
              value={box.middle.y}
              min={-FAR}
              max={FAR}
              onChange={(y) => reshape({ middle: { ...box.middle, y } })}
            />
            <NumberField
              label="Runs toward"
              unit="°"
              decimals={0}
              value={box.bearing}
              min={0}
              max={180}
              onChange={(bearing) => reshape({ bearing })}
            />
          </>
        )}
      </View>
      <Button
        label={`Remove ${obstacle.name}`}
        kind="danger"
        onPress={() => change(removeObstacle(obstacle.id))}
      />
    </View>
  );
}

function WholePart() {
  const { shoot, change } = useOuting();
  return (
    <View className="gap-2">
      <Title>The ground as it lies</Title>
      <View className="flex-row">
        <NumberField
          label="Its long axis points to"
          unit="°"
          decimals={0}
          value={shoot.ground.venue.bearing}
          min={0}
          max={359}
          onChange={(bearing) => change(editVenue({ bearing }))}
        />
      </View>
      <Segmented
        label="Lamps"
        segments={[
          { key: "dark", label: "No lamps" },
          { key: "lit", label: "It has lamps" },
        ]}
        chosen={shoot.light.lamps ? "lit" : "dark"}
        onChoose={(key) => change(setLit(key === "lit"))}
      />
    </View>
  );
}
