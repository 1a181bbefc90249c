import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { backgroundWords, percentWords, softnessSentence } from "@/words";
import { useFound, useOuting } from "../../outing/use-outing";
import { DepthRuler } from "./DepthRuler";
import { DepthWished } from "./DepthWished";

/** The zone that is sharp, on a ruler from the lens to the background, and the pixels that are left of the crop. */
export function Depth() {
  const view = useOuting((v) => v.frame);
  const ordered = useOuting((v) => v.shot.deliveredLongEdgePx);
  const found = useFound((f) => f);
  if (!view) return null;
  const { background, frame } = found.sighting;
  return (
    <View className="gap-2">
      <DepthRuler view={view} found={found} />
      <DepthWished />
      <Txt>{softnessSentence(background, backgroundWords(background))}</Txt>
      <Txt tone="ink2">
        {`${percentWords(frame.kept)} of each side is left after the crop: ${frame.keptLongEdgePx} px for ${ordered} ordered.`}
      </Txt>
    </View>
  );
}
