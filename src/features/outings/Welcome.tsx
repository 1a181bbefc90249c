import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";

interface Props {
  readonly onDemo: () => void;
  readonly onOwn: () => void;
}

/** The very first visit: look at the demo, or begin with one's own. */
export function Welcome({ onDemo, onOwn }: Props) {
  return (
    <View className="gap-4 px-4 py-8">
      <Txt size={24} weight={700} role="heading" aria-level={2}>
        Where to stand, what to set
      </Txt>
      <Txt size={18}>
        Made-up outings show how a ground becomes a field card. Or start with your own ground and a generic
        bag.
      </Txt>
      <View className="gap-3">
        <Button label="Try the demo" kind="filled" className="h-14" onPress={onDemo} />
        <Button label="Start my own" className="h-14" onPress={onOwn} />
      </View>
    </View>
  );
}
