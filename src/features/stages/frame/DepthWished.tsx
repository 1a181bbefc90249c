import { View } from "react-native";
import { fNumberEndToEnd } from "@/core/judge";
import { depthWishFor, type DepthWish } from "@/core/scene";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { depthSentence, depthWords, fNumberWords } from "@/words";
import { editShot } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../outing/use-outing";
import { SlabDrawing } from "./SlabDrawing";

const KINDS: readonly DepthWish["kind"][] = ["eye", "face", "plane", "whole"];
/** Degrees by which a plane is turned unless said (common practice). */
const USUAL_TURN = 5;
/** What is to be sharp, chosen here as in the brief, drawn from above with the slab that is sharp; a plane is turned by the finger. */
export function DepthWished() {
  const shot = useOuting((v) => v.shot);
  const subject = useOuting((v) => v.subject);
  const found = useFound((f) => f);
  const input = useOuting((v) => v.input);
  const { sighting } = found;
  const { depth } = found.settings;
  const commit = useCommit();
  const wish = shot.depth ?? depthWishFor(subject, shot);
  const length = subject.length ?? subject.span ?? subject.height;
  const turnDeg = wish.kind === "plane" ? wish.turnDeg : 90 - sighting.faceTurn;
  const set = (to: DepthWish): void => void commit(editShot(shot.id, { depth: to }));
  const choose = (kind: DepthWish["kind"]): void => {
    if (kind === "plane") set({ kind, turnDeg: USUAL_TURN });
    else if (kind !== "two-things") set({ kind });
  };
  if (!input) return null;
  const forAll = fNumberEndToEnd(input, found, Math.abs(turnDeg));
  return (
    <View className="gap-2">
      <Segmented
        label="Sharp from front to back"
        segments={KINDS.map((key) => ({ key, label: depthWords(key) }))}
        chosen={wish.kind}
        onChoose={choose}
      />
      <SlabDrawing
        near={sighting.depth.near - sighting.distance.value}
        far={sighting.depth.far === "unbounded" ? "unbounded" : sighting.depth.far - sighting.distance.value}
        length={wish.kind === "face" ? depth.asked : length}
        width={wish.kind === "plane" ? 0 : subject.depth}
        turnDeg={wish.kind === "face" ? 90 : turnDeg}
        onTurn={wish.kind === "plane" ? (degrees) => set({ kind: "plane", turnDeg: degrees }) : undefined}
      />
      <Txt>{depthSentence(depth)}</Txt>
      {wish.kind !== "face" && forAll >= 1 && (
        <Txt tone="ink2">{`${fNumberWords(forAll)} would hold it from end to end, focused on the eye.`}</Txt>
      )}
    </View>
  );
}
