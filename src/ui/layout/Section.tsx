import DownIcon from "lucide-react-native/icons/chevron-down";
import UpIcon from "lucide-react-native/icons/chevron-up";
import { useState, type ReactNode } from "react";
import { Pressable, View } from "react-native";
import { Txt } from "../controls/Txt";
import { useTokens } from "../theme/theme";

interface Props {
  readonly title: string;
  /** Said beside the title while it is folded. */
  readonly line?: string;
  readonly isOpen?: boolean;
  readonly children: ReactNode;
}

/** A part of a screen under a head that opens and folds it. */
export function Section({ title, line, isOpen = false, children }: Props) {
  const [open, setOpen] = useState(isOpen);
  const { water } = useTokens();
  const Icon = open ? UpIcon : DownIcon;
  return (
    <View role="region" aria-label={title} className="border-t border-line">
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={title}
        onPress={() => setOpen(!open)}
        className="min-h-14 flex-row items-center justify-between gap-2 active:opacity-70"
      >
        <View className="min-w-0 flex-1">
          <Txt size={20} weight={700}>
            {title}
          </Txt>
          {!open && line ? <Txt tone="ink2">{line}</Txt> : null}
        </View>
        <Icon size={24} color={water} />
      </Pressable>
      {open && <View className="gap-3 pb-3">{children}</View>}
    </View>
  );
}
