import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { cautionSentence, intentWords } from "@/words";
import { useFound, useOuting } from "../../outing/use-outing";
import { Judgements } from "../reasons/Judgements";
import { ShotInHand } from "../shot/ShotInHand";

/** The shot in hand and what kind of picture it is. */
export function PositionHead() {
  const kind = useOuting(({ shot }) => `${intentWords(shot.intent)}, ${shot.part}, ${shot.orientation}`);
  return (
    <View>
      <ShotInHand />
      <Txt tone="ink2">{kind}</Txt>
    </View>
  );
}

/** What is to be watched here short of a veto, which the figures say. */
export function WatchHere() {
  const judgement = useFound((found) => found.judgement);
  return <Judgements items={judgement.filter((j) => j.weight !== "veto")} />;
}

const MOST_CAUTIONS = 2;

/** The outing's gravest cautions, said where one chooses where to stand. */
export function CautionsHere() {
  const cautions = useOuting((v) => v.outing.cautions);
  return cautions.slice(0, MOST_CAUTIONS).map((code) => (
    <Txt key={code} size={14} tone="ink2">
      {cautionSentence(code)}
    </Txt>
  ));
}
