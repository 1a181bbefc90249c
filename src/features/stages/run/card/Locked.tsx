import { useState } from "react";
import { Modal, Pressable, View } from "react-native";
import { Txt } from "@/ui/controls/Txt";

/** Milliseconds that the bar is held: longer than a glove brushes over it. */
const HOLD = 1000;

/** Nothing on the screen answers until the bar at its foot is held; what stands behind stays legible. */
export function Locked({ onUnlock }: { onUnlock: () => void }) {
  const [held, setHeld] = useState(false);
  return (
    <Modal visible transparent onRequestClose={onUnlock} aria-label="Locked">
      <View className="flex-1 justify-end">
        <Pressable
          role="button"
          aria-label="Locked. Hold to unlock"
          delayLongPress={HOLD}
          onPressIn={() => setHeld(true)}
          onPressOut={() => setHeld(false)}
          onLongPress={onUnlock}
          className="h-[104px] items-center justify-center border-t-4 border-water bg-sheet"
        >
          <Txt size={20} weight={700} tone="water">
            {held ? "Hold on …" : "Locked: hold here to unlock"}
          </Txt>
        </Pressable>
      </View>
    </Modal>
  );
}
