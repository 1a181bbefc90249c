import { useState } from "react";
import { View } from "react-native";
import { alongBearing, bearingTo, boxFrom, boxOutline, type Box, type Obstacle } from "@/core/ground";
import { Button } from "@/ui/controls/Button";
import { LengthField } from "@/ui/controls/LengthField";
import { NumberField } from "@/ui/controls/NumberField";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { metresWords, obstacleWords } from "@/words";
import { addObstacle, editObstacle, removeObstacle } from "@/outing/edits";
import { WhileRoom } from "../../forms/WhileRoom";
import { useCommit, useOuting } from "../../outing/use-outing";
import { FAR, NameField } from "./ground-fields";

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

/** What stands on the ground: listed, added across the view, shaped by its measures. */
export function Obstacles() {
  const obstacles = useOuting((v) => v.outing.ground.obstacles);
  const spot = useOuting((v) => v.spot);
  const position = useOuting((v) => v.position);
  const commit = useCommit();
  const [opened, setOpened] = useState<string>();
  const from = position?.at ?? { x: spot.at.x, y: spot.at.y - 10 };
  const add = (kind: Obstacle["kind"]): void => {
    const [length, width, height] = USUAL[kind];
    // Behind the subject, across the view: where something that is missing on the plan matters most.
    const way = bearingTo(from, spot.at);
    const step = alongBearing(way);
    const middle = { x: spot.at.x + step.x * BEHIND, y: spot.at.y + step.y * BEHIND };
    const outline = boxOutline({ middle, length, width, bearing: (way + 90) % 180 });
    commit(addObstacle({ kind, height, outline, name: obstacleWords(kind) }));
  };
  return (
    <View className="gap-2">
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
      <WhileRoom things="obstacles" count={obstacles.length}>
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
      </WhileRoom>
    </View>
  );
}

function ObstacleFields({ obstacle }: { obstacle: Obstacle }) {
  const commit = useCommit();
  const box = boxFrom(obstacle.outline);
  const edit = (what: Parameters<typeof editObstacle>[1]): void =>
    void commit(editObstacle(obstacle.id, what));
  const reshape = (part: Partial<Box>): void => {
    if (box) edit({ outline: boxOutline({ ...box, ...part }) });
  };
  return (
    <View className="gap-2 border-l-4 border-line py-2 pl-3">
      <NameField label="Name" value={obstacle.name} onChange={(name) => edit({ name })} />
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
              label="Length"
              value={box.length}
              min={0.1}
              max={1000}
              onChange={(length) => reshape({ length })}
            />
            <LengthField
              label="Depth"
              value={box.width}
              min={0.1}
              max={1000}
              onChange={(width) => reshape({ width })}
            />
            <LengthField
              label="Centre east"
              value={box.middle.x}
              min={-FAR}
              max={FAR}
              onChange={(x) => reshape({ middle: { ...box.middle, x } })}
            />
            <LengthField
              label="Centre north"
              value={box.middle.y}
              min={-FAR}
              max={FAR}
              onChange={(y) => reshape({ middle: { ...box.middle, y } })}
            />
            <NumberField
              label="Long side points to"
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
        label={`Delete ${obstacle.name}`}
        kind="danger"
        onPress={() => commit(removeObstacle(obstacle.id))}
      />
    </View>
  );
}
