import { View } from "react-native";
import { backgroundWords, percentWords, softnessSentence } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";
import { DepthRuler } from "./DepthRuler";
import { DepthWished } from "./DepthWished";

/** The zone that is sharp, on a ruler from the lens to the background, and the pixels that are left of the crop. */
export function Depth() {
  const view = useOuting((v) => v.frame);
  const ordered = useOuting((v) => v.shot.deliveredLongEdgePx);
  const found = useFound((f) => f);
  if (!view) return null;
  const { background, frame } = found.sighting;
  const cropped = `${percentWords(frame.kept)} of each side is left after the crop: ${frame.keptLongEdgePx} px for ${ordered} ordered.`;
  const soft = softnessSentence(background, backgroundWords(background));
  return (
    <View className="gap-2">
      <DepthRuler view={view} found={found} />
      <DepthWished />
      <SumText
        of={background.smoothness === "plain" ? "beyond" : "softness"}
        title="Softness of the background"
        words={soft}
      />
      <SumText of="kept" title="Left after the crop" words={cropped} tone="ink2" />
    </View>
  );
}
