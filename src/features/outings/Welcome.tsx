import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";

interface Props {
  readonly onDemo: () => void;
  readonly onOwn: () => void;
  readonly onFirst: () => void;
}

/** The very first visit: look at the demo, or begin with one's own. */
export function Welcome({ onDemo, onOwn, onFirst }: Props) {
  return (
    <View className="gap-4 px-4 py-8">
      <Txt size={24} weight={700} role="heading" aria-level={2}>
        Where to stand, what to set
      </Txt>
      <Txt size={18}>
        Four questions, a press each, give you the settings for what is in front of you. Or see on made-up
        outings how a ground becomes a field card.
      </Txt>
      <View className="gap-3">
        <Button label="What do I set?" kind="filled" className="h-16" onPress={onFirst} />
        <Button label="Try the demo" className="h-14" onPress={onDemo} />
        <Button label="Plan my own outing" className="h-14" onPress={onOwn} />
      </View>
    </View>
  );
}
