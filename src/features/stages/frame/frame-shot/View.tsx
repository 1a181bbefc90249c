import { View } from "react-native";
import type { JudgementCode } from "@/core/judge";
import { focalWords, metresWords } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";
import { Judgements } from "../../reasons/Judgements";
import { withPicture } from "../../screen/panel";
import { NoPicture, ShotInHand } from "../../shot/ShotInHand";

/** What is said beside the picture; light and movement have stages of their own. */
const FRAMING: readonly JudgementCode[] = [
  "blocked",
  "partly-hidden",
  "out-of-reach",
  "does-not-fit",
  "pixels-short",
  "background-busy",
  "sun-in-frame",
];

/** The shot in hand, what the lens makes of it, and what speaks against the framing. */
export function FrameHead() {
  const picture = useOuting(withPicture);
  return (
    <View className="gap-1">
      <ShotInHand />
      {picture ? <Framing /> : <NoPicture />}
    </View>
  );
}

function Framing() {
  const sighting = useFound((found) => found.sighting);
  const judgement = useFound((found) => found.judgement);
  const { frame, distance } = sighting;
  const words = `${focalWords(frame.focalLengthMm)} from ${metresWords(distance)}: the frame is ${metresWords(frame.frameAcross)} by ${metresWords(frame.frameUp)} there.`;
  return (
    <>
      <SumText of="fill" title="The size in the frame" words={words} tone="ink2" />
      <Judgements items={judgement.filter((j) => FRAMING.includes(j.code))} />
    </>
  );
}
