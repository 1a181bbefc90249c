import type { ReactNode } from "react";
import { Pressable, ScrollView, View } from "react-native";
import UpIcon from "lucide-react-native/icons/chevron-up";
import DownIcon from "lucide-react-native/icons/chevron-down";

import { Txt } from "../controls/Txt";
import { useTokens } from "../theme/theme";

interface Props {
  readonly title: string;
  /** Beside the title, quieter. */
  readonly note: string;
  readonly raised: boolean;
  readonly onRaise: (raised: boolean) => void;
  /** Always in view. */
  readonly peek: ReactNode;
  /** In view while raised. */
  readonly children: ReactNode;
}

/** How much sooner what is raised gives way than what peeks, where both find no room. */
const GIVES_WAY = 1000;

/** A sheet under the drawing that peeks and rises; it pushes the drawing up instead of covering it. */
export function Drawer({ title, note, raised, onRaise, peek, children }: Props) {
  const { water } = useTokens();
  const Icon = raised ? DownIcon : UpIcon;
  return (
    <View className="max-h-[54%] shrink border-t border-line bg-sheet">
      <Pressable
        role="button"
        aria-expanded={raised}
        aria-label={`${note ? `${title}, ${note}` : title}. ${raised ? "Less" : "More"}`}
        onPress={() => onRaise(!raised)}
        className="min-h-12 flex-row items-center justify-between gap-2 px-4 active:opacity-70"
      >
        <View className="min-w-0 flex-1 flex-row flex-wrap items-baseline gap-x-2">
          <Txt size={20} weight={700}>
            {title}
          </Txt>
          <Txt tone="ink2">{note}</Txt>
        </View>
        <Icon size={26} color={water} />
      </Pressable>
      <ScrollView className="grow-0" contentContainerClassName="px-4 pb-3">
        {peek}
      </ScrollView>
      {raised && (
        <ScrollView
          className="border-t border-line"
          style={{ flexShrink: GIVES_WAY }}
          contentContainerClassName="gap-4 p-4"
        >
          {children}
        </ScrollView>
      )}
    </View>
  );
}
