import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import type { PanelHelp } from "./panel-help";

/** What a panel answers, from what it is worked out, and what it cannot know. */
export function HelpText({ help }: { help: PanelHelp }) {
  return (
    <View className="gap-1">
      <Txt>{help.answers}</Txt>
      <Txt tone="ink2">{`From: ${help.from}`}</Txt>
      <Txt tone="ink2">{`Limits: ${help.limits}`}</Txt>
    </View>
  );
}
