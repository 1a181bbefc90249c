import { View } from "react-native";
import { useShallow } from "zustand/react/shallow";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { useOuting } from "../../../outing/use-outing";
import { shotsOfOtherBodies, useBodies } from "./bodies";

const ONE = "one";

/** What the second body hangs ready for: its card then stands beside that of the first. */
export function SecondBody() {
  const id = useOuting((v) => v.outing.id);
  const shots = useOuting(useShallow(shotsOfOtherBodies));
  const { second, setSecond } = useBodies();
  if (shots.length === 0)
    return (
      <Txt tone="ink2">
        Every shot is planned with the body in hand. Choose another body for one of them in Frame, and its
        card can stand beside this one.
      </Txt>
    );
  return (
    <View className="gap-2">
      <Segmented
        label="The second body is ready for"
        segments={[{ key: ONE, label: "One card" }, ...shots.map((s) => ({ key: s.id, label: s.name }))]}
        chosen={shots.some((s) => s.id === second[id]) ? second[id]! : ONE}
        onChoose={(key) => setSecond(id, key === ONE ? undefined : key)}
      />
      <Txt tone="ink2">Both cards are of where you stand.</Txt>
    </View>
  );
}
