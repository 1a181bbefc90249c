import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { intentWords } from "@/words";
import { useOuting } from "../../../outing/use-outing";
import { ShotInHand } from "../../shot/ShotInHand";

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
