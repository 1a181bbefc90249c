import { View } from "react-native";
import { GroundSketch } from "../../../outing/GroundSketch";
import { useOuting } from "../../../outing/use-outing";

/** The ground in outline, as it stands in the list. */
export function Sketch() {
  const outing = useOuting((v) => v.outing);
  return (
    <View className="items-center">
      <GroundSketch outing={outing} scale={2.6} />
    </View>
  );
}
