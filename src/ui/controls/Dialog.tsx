import type { ReactNode } from "react";
import { Modal, Pressable, ScrollView, View } from "react-native";
import { Txt } from "./Txt";

interface Props {
  readonly title: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A question or a list that must be answered before going on. Esc and a press beside it close it. */
export function Dialog({ title, open, onClose, children }: Props) {
  return (
    <Modal visible={open} transparent onRequestClose={onClose} aria-label={title}>
      <View className="flex-1 items-center justify-end sm:justify-center">
        <Pressable
          aria-label="Close"
          tabIndex={-1}
          onPress={onClose}
          className="absolute inset-0 bg-shade opacity-60"
        />
        <View className="max-h-[85%] w-full max-w-[520px] border-t-2 border-water bg-sheet sm:rounded-2xl sm:border-2">
          <ScrollView contentContainerClassName="gap-3 p-5">
            <Txt size={20} weight={700} role="heading" aria-level={2}>
              {title}
            </Txt>
            {children}
          </ScrollView>
        </View>
      </View>
    </Modal>
  );
}
