import { useEffect, useState } from "react";
import { Modal, Pressable, View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { useOuting } from "../../../outing/use-outing";

const clockOf = (at: number, timeZone: string): string =>
  new Intl.DateTimeFormat("en-GB", {
    timeZone,
    hour: "2-digit",
    minute: "2-digit",
    second: "2-digit",
  }).format(at);

/** Milliseconds until the second changes. */
const toNext = (): number => 1000 - (Date.now() % 1000);

/** The time by this device with its seconds, as large as the screen: a picture of it sets a camera's clock. */
export function LargeClock({ onClose }: { onClose: () => void }) {
  // In the zone in which a time that is read off its picture is taken.
  const zone = useOuting((v) => v.outing.timeZone);
  const [at, setAt] = useState(Date.now);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const tick = (): void => {
      setAt(Date.now());
      timer = setTimeout(tick, toNext());
    };
    timer = setTimeout(tick, toNext());
    return () => clearTimeout(timer);
  }, []);
  return (
    <Modal visible onRequestClose={onClose} transparent={false}>
      <Pressable
        role="button"
        aria-label="Close the large clock"
        onPress={onClose}
        className="flex-1 items-center justify-center gap-6 bg-paper p-4"
      >
        <View role="timer" aria-label={`It is ${clockOf(at, zone)}`}>
          <Txt weight={700} size={64}>
            {clockOf(at, zone)}
          </Txt>
        </View>
        <Txt size={16} tone="ink2">
          Photograph this with each camera, then press anywhere.
        </Txt>
      </Pressable>
    </Modal>
  );
}
