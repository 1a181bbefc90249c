import { useEffect, useRef, useState } from "react";
import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { absentSentence } from "@/words/device";
import type { Absent } from "@/words/device";
import type { Speaking } from "../../../device/port";
import { useDevice } from "../../../device/use-device";
import { useTagging } from "./use-tagging";

/** Seconds that a spoken note lasts at most. */
const MOST = 20;

/** A press begins to listen, another one keeps what was said; it ends by itself after twenty seconds. */
export function VoiceNote() {
  const device = useDevice();
  const tagging = useTagging();
  const [absent, setAbsent] = useState<Absent>();
  const [since, setSince] = useState<number>();
  const [left, setLeft] = useState(MOST);
  const speaking = useRef<Speaking>(undefined);
  const begin = async (): Promise<void> => {
    setAbsent(undefined);
    const begun = await device.speak();
    if (!begun.ok) return setAbsent(begun.reason);
    speaking.current = begun.speaking;
    setLeft(MOST);
    setSince(Date.now());
  };
  const end = async (): Promise<void> => {
    const [mine, began] = [speaking.current, since];
    speaking.current = undefined;
    setSince(undefined);
    if (!mine || began === undefined) return;
    const seconds = Math.min(MOST, (Date.now() - began) / 1000);
    const sound = await mine.end().catch(() => undefined);
    if (sound) await tagging({ kind: "voice", names: [], seconds: Math.round(seconds * 10) / 10 }, sound);
    else setAbsent("refused");
  };
  useEffect(() => {
    if (since === undefined) return undefined;
    const timer = setInterval(() => {
      const rest = MOST - (Date.now() - since) / 1000;
      setLeft(Math.max(0, Math.ceil(rest)));
      if (rest <= 0) void end();
    }, 250);
    return () => clearInterval(timer);
    // The note ends by its own clock: what it ends with is read then.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [since]);
  // Who leaves the screen while speaking leaves the microphone, too.
  useEffect(() => () => speaking.current?.drop(), []);
  return (
    <View className="min-w-[140px] flex-1 gap-1">
      {since === undefined ? (
        <Button label="Speak" says="Speak a note" className="h-16" onPress={() => void begin()} />
      ) : (
        <Button label={`Keep it, ${left} s left`} kind="filled" className="h-16" onPress={() => void end()} />
      )}
      {absent && (
        <Txt tone="bracken" role="alert">
          {absentSentence("speech", absent)}
        </Txt>
      )}
    </View>
  );
}
