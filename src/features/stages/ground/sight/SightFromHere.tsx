import { useMemo } from "react";
import { View } from "react-native";
import { aimOf, alongBearing, detailOf, lensOf, type Obstacle, type Position } from "@/core/ground";
import {
  faceShares,
  sidedBy,
  skyBehind,
  waysOutOfFrame,
  waysToClear,
  type Assessment,
  type AssessInput,
  type WaysToClear,
} from "@/core/judge";
import { turnBetween } from "@/core/units";
import { movePosition } from "@/outing/edits";
import { toCentimetre } from "@/outing/rounded";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { evWords, metresWords, obstacleWords, softnessWords, swatchWords } from "@/words";
import { faceShareSentence, levelSentence, skyBehindSentence, wayToClearWords } from "@/words/sight";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";
import { useOnPlan } from "../on-plan";

/** What lies between here and the subject, what stands behind it and how to be rid of it, the sky, and the faces. */
export function SightFromHere() {
  const input = useFound((_, v) => v.input);
  const found = useFound((f) => f);
  const { arrows, setArrows } = useOnPlan();
  if (!input) return null;
  return (
    <View className="gap-4">
      <InTheWay input={input} found={found} />
      <Behind input={input} found={found} />
      <EyeLevel input={input} found={found} />
      <Sky input={input} found={found} />
      <Faces input={input} found={found} />
      <CheckRow title="Show where every position looks" checked={arrows} onChange={setArrows} />
    </View>
  );
}

interface Props {
  readonly input: AssessInput;
  readonly found: Assessment;
}

/** The position after one of the ways was taken. */
function taken(position: Position, bearing: number, way: keyof WaysToClear, by: number): Partial<Position> {
  if (way === "rise" || way === "sink")
    return { lensHeight: Math.round(100 * (position.lensHeight + (way === "rise" ? by : -by))) / 100 };
  const step = alongBearing(bearing + (way === "right" ? 90 : -90));
  return { at: toCentimetre({ x: position.at.x + step.x * by, y: position.at.y + step.y * by }) };
}

/** A little more than the least, so that what grazes is clear: metres. */
const CLEAR = 0.02;

/** The ways that help, shortest first; a press goes there. */
function Ways({ ways, from, none }: { ways: WaysToClear; from: Props; none: string }) {
  const commit = useCommit();
  const toast = useToast();
  const { position } = from.input;
  const { bearing } = from.found.sighting;
  const listed = (["rise", "sink", "left", "right"] as const)
    .flatMap((way) => (ways[way] === undefined ? [] : [{ way, by: ways[way] + CLEAR }]))
    .sort((a, b) => a.by - b.by);
  if (listed.length === 0) return <Txt tone="ink2">{none}</Txt>;
  const go = (way: keyof WaysToClear, by: number): void => {
    const { at, lensHeight } = position;
    commit(movePosition(position.id, taken(position, bearing, way, by)));
    toast({
      words: `${position.name} moved`,
      undo: () => commit(movePosition(position.id, { at, lensHeight })),
    });
  };
  return (
    <View className="flex-row flex-wrap gap-2">
      {listed.map(({ way, by }) => (
        <Button key={way} label={wayToClearWords(way, by)} onPress={() => go(way, by)} />
      ))}
    </View>
  );
}

function InTheWay(props: Props) {
  const { input, found } = props;
  const { blockage } = found.sighting;
  const ways = useMemo(() => (blockage ? waysToClear(input) : undefined), [blockage, input]);
  const name = input.scene.ground.obstacles.find((o) => o.id === blockage?.obstacleId)?.name;
  if (!blockage || !ways) return <Txt>Nothing stands in the way of the subject.</Txt>;
  return (
    <View className="gap-2">
      <Txt
        weight={600}
      >{`${name ?? "Something"} is in the way, ${metresWords(blockage.at)} ahead. To see past it:`}</Txt>
      <Ways
        ways={ways}
        from={props}
        none="No step aside or height up to 12 m clears it. Take another position."
      />
    </View>
  );
}

/** Things whose silhouette stands behind the middle or a corner of the frame. */
function thingsBehind({
  input,
  found,
}: Props): { readonly thing: Obstacle; readonly beyond: number; readonly softness: string }[] {
  const { background, corners } = found.sighting;
  const seen = new Map<string, { beyond: number; softness: string }>();
  for (const behind of [background, ...corners])
    if (behind.obstacleId && !seen.has(behind.obstacleId))
      seen.set(behind.obstacleId, { beyond: behind.beyond, softness: softnessWords(behind) });
  return [...seen].flatMap(([id, rest]) => {
    const thing = input.scene.ground.obstacles.find((o) => o.id === id);
    return thing ? [{ thing, ...rest }] : [];
  });
}

function Behind(props: Props) {
  const { input, found } = props;
  const things = thingsBehind(props);
  const ways = useMemo(
    () => new Map(things.map(({ thing }) => [thing.id, waysOutOfFrame(input, found.sighting, thing)])),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what stands behind follows from the two
    [input, found],
  );
  if (things.length === 0) return <Txt>Nothing built or grown stands behind in the frame.</Txt>;
  return (
    <View className="gap-3">
      {things.map(({ thing, beyond, softness }) => {
        const detail = detailOf(thing);
        const colour = thing.look?.colour ? `, ${swatchWords(thing.look.colour).toLowerCase()}` : "";
        const coarse = detail === undefined ? "no detail" : `detail of ${metresWords(detail)}`;
        return (
          <View key={thing.id} className="gap-2">
            <Txt weight={600}>{`${thing.name} behind, ${metresWords(beyond)} farther: ${softness}`}</Txt>
            <Txt size={14} tone="ink2">
              {`${obstacleWords(thing.kind)}, ${coarse}${colour}. To have it out of the frame:`}
            </Txt>
            <Ways
              ways={ways.get(thing.id) ?? {}}
              from={props}
              none="No step up to 15 m takes it out. Turn to another side."
            />
          </View>
        );
      })}
    </View>
  );
}

function EyeLevel({ input, found }: Props) {
  const { scene, position } = input;
  const { heightAngle } = found.sighting;
  const spot = useOuting((v) => v.spot);
  const { ground } = scene;
  const aim = aimOf(ground, spot).z;
  const here = lensOf(ground, position).z - position.lensHeight;
  const banks = ground.obstacles.filter(
    (o) =>
      (o.kind === "bank" || o.kind === "stand") && "height" in o && o.height >= aim - position.lensHeight,
  );
  return (
    <Txt>{levelSentence({ angle: heightAngle, level: aim - here, from: banks.map((b) => b.name) })}</Txt>
  );
}

function Sky({ input, found }: Props) {
  const sky = skyBehind({ scene: input.scene, sighting: found.sighting });
  if (!sky) return null;
  return <Txt>{skyBehindSentence(sky, evWords(sky.ev))}</Txt>;
}

function Faces({ input, found }: Props) {
  const spot = useOuting((v) => v.spot);
  const by = sidedBy(input.subject);
  if (!by) return null;
  const turn = turnBetween(spot.facing, found.sighting.bearing + 180);
  return (
    <View>
      {faceShares(by, turn).map((share) => (
        <Txt key={share.code}>{faceShareSentence(share)}</Txt>
      ))}
    </View>
  );
}
