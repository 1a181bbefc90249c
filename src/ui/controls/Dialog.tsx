import CloseIcon from "lucide-react-native/icons/x";
import type { ReactNode } from "react";
import { Modal, Pressable, ScrollView, View } from "react-native";
import { useTokens } from "../theme/theme";
import { IconButton } from "./Button";
import { useCountDialog } from "./dialogs";
import { Txt } from "./Txt";

interface Props {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A question or a list that must be answered before going on. Its button, Esc and a press beside it close it. */
export function Dialog({ title, open, onClose, children }: Props) {
  const { water } = useTokens();
  useCountDialog(open);
  return (
    <Modal visible={open} transparent onRequestClose={onClose} aria-label={title}>
      <View className="flex-1 items-center justify-end sm:justify-center">
        <Pressable
          aria-hidden
          tabIndex={-1}
          onPress={onClose}
          className="absolute inset-0 bg-scrim opacity-70"
        />
        <View className="max-h-[85%] w-full max-w-[520px] border-t-2 border-water bg-sheet sm:rounded-2xl sm:border-2">
          <ScrollView contentContainerClassName="gap-3 p-5">
            <View className="-mr-3 -mt-2 flex-row items-start justify-between gap-2">
              <Txt size={20} weight={700} role="heading" aria-level={2} className="min-w-0 flex-1 pt-2">
                {title}
              </Txt>
              <IconButton label="Close" onPress={onClose}>
                <CloseIcon size={24} color={water} />
              </IconButton>
            </View>
            {children}
          </ScrollView>
        </View>
      </View>
    </Modal>
  );
}
