import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useBeginning } from "../store/beginning";

/** The very first visit: look at the demo, or begin with one's own. */
export function Welcome({ onOwn }: { onOwn: () => void }) {
  const { begin } = useBeginning();
  return (
    <View className="gap-4 px-4 py-8">
      <Txt size={24} weight={700} role="heading" aria-level={2}>
        Where to stand, what to set
      </Txt>
      <Txt size={18}>
        Four made-up outings show how a ground becomes a field card. Or start with your own ground and a
        generic bag.
      </Txt>
      <View className="gap-3">
        <Button label="Try the demo" kind="filled" className="h-14" onPress={() => void begin("demo")} />
        <Button label="Start my own" className="h-14" onPress={onOwn} />
      </View>
    </View>
  );
}
