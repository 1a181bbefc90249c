import { View } from "react-native";
import { bodyInDepth } from "@/answers/frame/body-in-depth";
import { depthOf } from "@/answers/frame/depth";
import { bodyAbove } from "@/answers/frame/figure-of";
import type { DepthWish } from "@/core/scene";
import { Picker } from "@/ui/controls/Picker";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { bodyInDepthSentence, depthWords, fNumberWords, metresWords } from "@/words";
import { editShot } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";
import { DepthSaid } from "../../reasons/DepthSaid";
import { SlabDrawing } from "./SlabDrawing";

const KINDS: readonly DepthWish["kind"][] = ["eye", "face", "plane", "whole"];
const TWO = "two-things";
/** Degrees by which a plane is turned unless said (common practice). */
const USUAL_TURN = 5;
/** What is to be sharp, chosen here as in the brief, drawn from above with the slab that is sharp; a plane is turned by the finger. */
export function DepthWished() {
  const shot = useOuting((v) => v.shot);
  const found = useFound((f) => f);
  const answer = useOuting(depthOf);
  const { sighting } = found;
  const inDepth = useOuting(bodyInDepth);
  const body = useOuting(bodyAbove);
  const commit = useCommit();
  const set = (to: DepthWish): void => void commit(editShot(shot.id, { depth: to }));
  const choose = (kind: DepthWish["kind"]): void => {
    if (kind === "plane") set({ kind, turnDeg: USUAL_TURN });
    else if (kind === TWO) set({ kind, otherSpotId: answer!.others[0]!.id });
    else set({ kind });
  };
  if (!answer) return null;
  const { wish, length, turnDeg, forAll, others } = answer;
  return (
    <View className="gap-2">
      <Segmented
        label="Sharp from front to back"
        segments={[...KINDS, ...(others.length > 0 ? ([TWO] as const) : [])].map((key) => ({
          key,
          label: depthWords(key),
        }))}
        chosen={wish.kind}
        onChoose={choose}
      />
      {wish.kind === TWO && (
        <Picker
          label="Second thing to keep sharp"
          items={others.map(({ id, name, beyond }) => ({
            key: id,
            title: name,
            detail: `${metresWords(Math.abs(beyond))} ${beyond < 0 ? "in front" : "behind"}`,
          }))}
          chosen={wish.otherSpotId}
          onChoose={(otherSpotId) => set({ kind: TWO, otherSpotId })}
        />
      )}
      <SlabDrawing
        near={sighting.depth.near - sighting.distance}
        far={sighting.depth.far === "unbounded" ? "unbounded" : sighting.depth.far - sighting.distance}
        length={length}
        body={wish.kind === "plane" ? undefined : body}
        turnDeg={turnDeg}
        onTurn={wish.kind === "plane" ? (degrees) => set({ kind: "plane", turnDeg: degrees }) : undefined}
      />
      {inDepth && wish.kind !== "plane" && <Txt>{bodyInDepthSentence(inDepth)}</Txt>}
      <DepthSaid />
      {wish.kind !== "face" && wish.kind !== TWO && forAll >= 1 && (
        <Txt tone="ink2">{`${fNumberWords(forAll)} would hold it from end to end, focused on the eye.`}</Txt>
      )}
    </View>
  );
}
