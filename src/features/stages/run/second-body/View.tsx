import { View } from "react-native";
import { useShallow } from "zustand/react/shallow";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { useOuting } from "../../../outing/use-outing";
import { bodies, shotsOfOtherBodies } from "./bodies";

const ONE = "one";

/** What the second body hangs ready for: its card then stands beside that of the first. */
export function SecondBody() {
  const shots = useOuting(useShallow(shotsOfOtherBodies));
  const { second, setSecond } = bodies.useSlice((s) => s);
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
        chosen={shots.some((s) => s.id === second) ? second! : ONE}
        onChoose={(key) => setSecond(key === ONE ? undefined : key)}
      />
      <Txt tone="ink2">Both cards are of where you stand.</Txt>
    </View>
  );
}
